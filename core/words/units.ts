import { quantity, UNITS, type UnitSystem } from '../model/units';

/** How sentences write quantities, in one system throughout. All arguments are SI, money in hundredths. */
export interface Units {
  system: UnitSystem;
  /** m² */
  area(m2: number): string;
  /** litres */
  volume(l: number): string;
  /** cm */
  length(cm: number): string;
  /** A length that is advice rather than a measurement (cm): whole inches or centimetres. */
  about(cm: number): string;
  /** A small measure, of wings and flower tubes (mm); a range where two are given. */
  fine(mm: number, to?: number): string;
  /** m */
  distance(m: number): string;
  /** mm */
  rain(mm: number): string;
  /** kg */
  weight(kg: number): string;
  /** °C */
  temperature(c: number): string;
  /** hundredths of the currency */
  money(minor: number): string;
}

/** The words for quantities in a system of units and a currency (three letters). */
export function unitsOf(system: UnitSystem, currency = 'USD'): Units {
  const unit = UNITS[system];
  const coin = new Intl.NumberFormat('en-US', { style: 'currency', currency });
  return {
    system,
    area: (m2) => quantity(m2, unit.area),
    volume: (l) => quantity(l, unit.volume),
    length: (cm) => quantity(cm, unit.length),
    about: (cm) => `${Math.round(cm * unit.length.perSi)} ${unit.length.label}`,
    fine(mm, to = mm) {
      const one = (of: number) => (system === 'us' ? Number((of / 25.4).toFixed(of < 25.4 ? 2 : 1)) : of);
      return `${to === mm ? one(mm) : `${one(mm)}–${one(to)}`} ${system === 'us' ? 'in' : 'mm'}`;
    },
    distance: (m) => quantity(m, unit.distance),
    rain: (mm) => quantity(mm, unit.rain),
    weight: (kg) => quantity(kg, unit.weight),
    temperature: (c) => (system === 'us' ? `${Math.round(c * 1.8 + 32)} °F` : `${Math.round(c)} °C`),
    money: (minor) => coin.format(minor / 100),
  };
}
