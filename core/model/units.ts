/** SI in the records; what the gardener reads and types may be US customary. */
export type UnitSystem = 'metric' | 'us';

export interface Unit {
  label: string;
  /** Units in one of the SI unit. */
  perSi: number;
  digits: number;
}

export const UNITS: Record<
  UnitSystem,
  Record<'area' | 'volume' | 'elevation' | 'length' | 'distance' | 'rain' | 'weight', Unit>
> = {
  metric: {
    area: { label: 'm²', perSi: 1, digits: 1 },
    volume: { label: 'L', perSi: 1, digits: 0 },
    elevation: { label: 'm', perSi: 1, digits: 0 },
    length: { label: 'cm', perSi: 1, digits: 0 },
    distance: { label: 'm', perSi: 1, digits: 1 },
    rain: { label: 'mm', perSi: 1, digits: 0 },
    weight: { label: 'kg', perSi: 1, digits: 1 },
  },
  us: {
    area: { label: 'sq ft', perSi: 10.7639, digits: 0 },
    // Dry quarts: mix is sold by them.
    volume: { label: 'qt', perSi: 0.908083, digits: 0 },
    elevation: { label: 'ft', perSi: 3.28084, digits: 0 },
    length: { label: 'in', perSi: 0.393701, digits: 0 },
    distance: { label: 'ft', perSi: 3.28084, digits: 0 },
    rain: { label: 'in', perSi: 0.0393701, digits: 1 },
    weight: { label: 'lb', perSi: 2.20462, digits: 1 },
  },
};

/** A quantity in SI, as a number in the chosen unit rounded to its usual digits (one more below 10). */
export function inUnit(si: number, unit: Unit): number {
  const value = si * unit.perSi;
  return Number(value.toFixed(Math.abs(value) < 10 ? unit.digits + 1 : unit.digits));
}

/** A number typed in a unit, in SI. */
export function toSi(value: number, unit: Unit): number {
  return value / unit.perSi;
}

/** A quantity in SI with its unit: `4.2 m²`. */
export function quantity(si: number, unit: Unit): string {
  return `${inUnit(si, unit)} ${unit.label}`;
}
