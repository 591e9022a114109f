import { createRequire } from 'node:module';

/** A place found by its postal code. */
export interface PostalPlace {
  code: string;
  name: string;
  jurisdiction: string;
  lat: number;
  lon: number;
}
interface Zipcodes {
  lookup(code: string): { latitude: number; longitude: number; city: string; state: string; country: string } | undefined;
}

/** The first letter of a Canadian forward sortation area names its province. */
const PROVINCES: Record<string, string> = {
  A: 'NL',
  B: 'NS',
  C: 'PE',
  E: 'NB',
  G: 'QC',
  H: 'QC',
  J: 'QC',
  K: 'ON',
  L: 'ON',
  M: 'ON',
  N: 'ON',
  P: 'ON',
  R: 'MB',
  S: 'SK',
  T: 'AB',
  V: 'BC',
};
let zipcodes: Zipcodes | undefined;

/** Where a US ZIP code or a Canadian postal code (its first three characters) lies; null for an unknown one. */
export function postalPlace(typed: string): PostalPlace | null {
  // Five megabytes of codes: read when first asked for, and only here on the server.
  zipcodes ??= createRequire(import.meta.url)('zipcodes') as Zipcodes;
  const text = typed.trim().toUpperCase();
  const canadian = /^([A-Z]\d[A-Z])\s*(\d[A-Z]\d)?$/.exec(text)?.[1];
  const us = /^(\d{5})(-\d{4})?$/.exec(text)?.[1];
  const code = canadian ?? us;
  const found = code ? zipcodes.lookup(code) : undefined;
  if (!code || !found) return null;
  const jurisdiction = canadian ? PROVINCES[code[0]!] : found.state;
  if (!jurisdiction) return null;
  return {
    code,
    name: found.city.split(/ \(| \/ | (?:North|South|East|West|Central|Downtown)/)[0]!,
    jurisdiction,
    lat: found.latitude,
    lon: found.longitude,
  };
}
