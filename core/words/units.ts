import { quantity, UNITS, type UnitSystem } from '../model/units';

/** Litres of a cubic foot, in which mix and mulch are sold. */
const CUBIC_FOOT_L = 28.3168;

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

/** Temperatures as they are written, whatever the other units are. */
export type Degrees = 'C' | 'F';
/** The degrees that go with a system of units. */
export const degreesOf = (system: UnitSystem): Degrees => (system === 'us' ? 'F' : 'C');

/** A quantity in the larger of two units from so many of it (SI) on, rounded to whole numbers from ten. */
const larger = (si: number, from: number, perSi: number, label: string, small: string) => {
  if (si < from) return small;
  const value = si * perSi;
  return `${Number(value.toFixed(value < 10 ? 1 : 0))} ${label}`;
};

/**
 * The words for quantities in a system of units and a currency (three letters), with sizes as people say them: inches to a
 * yard and then feet, quarts of mix and then cubic feet; centimetres to three metres, litres to a cubic metre.
 */
export function unitsOf(system: UnitSystem, currency = 'USD', degrees: Degrees = degreesOf(system)): Units {
  const unit = UNITS[system];
  const us = system === 'us';
  const long = (cm: number, small: string) =>
    us ? larger(cm, 36.5 * 2.54, 1 / 30.48, 'ft', small) : larger(cm, 300, 1 / 100, 'm', small);
  const coin = new Intl.NumberFormat('en-US', { style: 'currency', currency });
  return {
    system,
    area: (m2) => quantity(m2, unit.area),
    volume: (l) =>
      us
        ? larger(l, CUBIC_FOOT_L, 1 / CUBIC_FOOT_L, 'cu ft', quantity(l, unit.volume))
        : larger(l, 1000, 1 / 1000, 'm³', quantity(l, unit.volume)),
    length: (cm) => long(cm, quantity(cm, unit.length)),
    about: (cm) => long(cm, `${Math.round(cm * unit.length.perSi)} ${unit.length.label}`),
    fine(mm, to = mm) {
      const one = (of: number) => (system === 'us' ? Number((of / 25.4).toFixed(of < 25.4 ? 2 : 1)) : of);
      return `${to === mm ? one(mm) : `${one(mm)}–${one(to)}`} ${system === 'us' ? 'in' : 'mm'}`;
    },
    distance: (m) => quantity(m, unit.distance),
    rain: (mm) => quantity(mm, unit.rain),
    weight: (kg) => quantity(kg, unit.weight),
    temperature: (c) => (degrees === 'F' ? `${Math.round(c * 1.8 + 32)} °F` : `${Math.round(c)} °C`),
    money: (minor) => coin.format(minor / 100),
  };
}

/** Measures within a sentence: `20 to 45 cm`, `5 °C`, `20 l`. */
const MEASURE = /(-?\d+(?:\.\d+)?)(?: to (-?\d+(?:\.\d+)?))? (cm|°C|l)(?![\w²³])/g;

/** A sentence of the library, which is written in SI, with its measures in the units chosen: `at 8 to 18 in`. */
export function inUnitsOf(text: string, units: Units): string {
  return text.replace(MEASURE, (whole, first: string, last: string | undefined, unit: string) => {
    const one = (value: string) => {
      if (unit === 'cm') return units.about(Number(value));
      if (unit === '°C') return units.temperature(Number(value));
      return fluid(Number(value), units);
    };
    const to = last === undefined ? one(first) : one(last);
    if (last === undefined) return to;
    const from = one(first);
    // Of two in one unit the first goes without it.
    const [number, label] = [/^-?[\d.]+/.exec(from)?.[0] ?? whole, from.replace(/^-?[\d.]+ /, '')];
    return to.endsWith(label) ? `${number} to ${to}` : `${from} to ${to}`;
  });
}

/** Litres as liquids are measured: litres, or quarts and gallons. */
export function fluid(litres: number, { system }: Pick<Units, 'system'>): string {
  const one = (value: number) => (value < 10 ? Number(value.toFixed(1)) : Math.round(value));
  if (system === 'metric') return `${one(litres)} L`;
  return litres < 3.8 ? `${one(litres * 1.05669)} qt` : `${one(litres * 0.264172)} gal`;
}
