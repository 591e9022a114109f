import { withOwn } from '../library/own';
import type { GardenRecords } from '../model/garden';
import type { Library } from '../model/reference';
import { GardenHere, type GardenHereOptions } from './garden-here';

export type { GardenHere, GardenHereOptions } from './garden-here';

/** From a garden's records to everything a calculation starts from. `shipped`: the library without the gardener's rows. */
export const gardenHere = (records: GardenRecords, shipped: Library, options: GardenHereOptions = {}): GardenHere =>
  new GardenHere(records, shipped, withOwn, options);
