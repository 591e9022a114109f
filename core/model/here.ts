import type { DayWindow } from './half-month';
import type { Caution, Host, Occurrence, Plant, PlantStatus, Region, Target } from './reference';
import type { FlightPart, Phenology, PotSchool, SUMMERS, Trade } from './vocabulary';

/**
 * The reference library brought to one garden, as every calculation reads it. These are shapes only: core/almanac makes
 * them.
 */

export interface Frosts {
  /** Average last frost of spring and first of autumn, `MM-DD`; null where none is usual. */
  last_frost: string | null;
  first_frost: string | null;
}

/** What of a garden the fit of a plant depends on. */
export interface FitPlace {
  half_zone: string;
  summer: (typeof SUMMERS)[number];
  humidity: 'dry' | 'moderate' | 'humid';
  school_pots: PotSchool;
}

/** How a plant would do on a site. */
export type FitVerdict = 'thrives' | 'workable' | 'unsuitable';

export interface StatusHere {
  status: PlantStatus['status'];
  /** Native here, protected natives among them. */
  native: boolean;
  /** The row it rests on; null where the library has none for this place. */
  row: PlantStatus | null;
  /** Places, by region or jurisdiction, in which it is listed invasive or noxious. */
  listedIn: string[];
  /** May it be offered here? What nothing is recorded of is not, nor what ran wild here and is listed elsewhere. */
  offered: boolean;
}

/** A day of the year that the gardener’s records settle, and how. */
export interface Settled {
  day: number;
  /** As calculated without the records. */
  calculated: number;
  /** The recorded day of each year, on the scale of the calculated one: it may lie before 1 or beyond 365. */
  years: { year: number; day: number }[];
  /** How far the records move it, 0–1. */
  weight: number;
}

export interface OwnWindow {
  first: Settled | null;
  last: Settled | null;
  window: DayWindow;
}

/** A bloom window stated for a region, moved to this garden. */
export interface MovedStatement {
  region: string;
  stated: DayWindow;
  /** How much it counts beside the other, 0–1. */
  weight: number;
  moved: DayWindow;
}

/** How a bloom window comes about, step by step. */
export interface BloomSteps {
  /** The law by which it is moved. */
  law: Phenology;
  /** What is stated where the climate is nearest, nearest first: one, or two that are blended. */
  from: MovedStatement[];
  moved: DayWindow;
  /** Within this garden’s frosts; null where they leave it no season. */
  bounded: DayWindow | null;
  /** What the gardener wrote down of it. */
  own: Pick<OwnWindow, 'first' | 'last'>;
  window: DayWindow | null;
}

/** How an annual is sown so that it flowers when it does. */
export interface Sowing {
  /** Sown indoors and planted out after the last frost, or in place. */
  indoors: boolean;
  /** Days from sowing to the first flower. */
  toFlower_d: number;
  /** Weeks before the last frost at which it is usually sown (negative: after). */
  weeks: number;
  /** Its usual day, of the year or (below 1) of the one before. */
  usual: number;
}

export interface LarvalPeriod extends DayWindow {
  /** 1 for the first brood; 0 for larvae of last year's eggs feeding in spring. */
  brood: number;
}

/** How far leaf grows back in each half-month of a place, 0–1: by warmth, and by the rain where nobody waters. */
export interface Growing {
  warmth: readonly number[];
  rain: readonly number[];
}

export interface PlantHere {
  readonly plant: Plant;
  readonly growing: Growing;
  readonly bloom: DayWindow | null;
  /** How its bloom window comes about; null for a plant without flowers. */
  readonly bloomSteps: BloomSteps | null;
  /** How it is sown, where it is an annual whose bloom follows its sowing. */
  readonly sowing: Sowing | null;
  /** Share (0–1) of each half-month in bloom, and in leaf. */
  readonly bloomShares: number[];
  readonly foliage: DayWindow;
  readonly foliageShares: number[];
  readonly status: StatusHere;
  /** How it can be had here. */
  readonly trade: Trade;
  readonly cautions: Caution[];
}

/** A part of a creature's year in this garden. */
export interface FlightHere {
  part: FlightPart;
  window: DayWindow;
  broods: number;
  laying: boolean;
}

/** How a creature passes the winter here. */
export interface Wintering {
  as: Target['overwinters_as'];
  in: Target['overwinters_in'];
  larva: Target['winter_larva'];
}

export interface TargetHere {
  target: Target;
  occurrence: Occurrence;
  /** The parts of its year here, in their order; a summer sleep is one of them. */
  flights: FlightHere[];
  /** From its first adult on the wing to its last, all parts taken together. */
  flight: DayWindow;
  /** How the flight comes about: as the region's is, moved here, and as the gardener saw it. */
  flightSteps: {
    stated: DayWindow;
    /** Regions over a border that count as well, by their shares, and how its flight is stated in them. */
    near: { region: string; share: number; stated: DayWindow }[];
    delay_d: number;
    moved: DayWindow;
    own: Pick<OwnWindow, 'first' | 'last'>;
  };
  flightHalfMonths: number[];
  larval: LarvalPeriod[];
  wintering: Wintering;
  /** Host relation by plant id, species before genus before family. */
  hosts: Map<string, Host>;
}

/** The reference library brought to one garden: its own windows, flights, statuses and hosts. */
export interface Almanac {
  region: Region;
  place: FitPlace;
  frosts: Frosts;
  plants: Map<string, PlantHere>;
  /** Targets that occur in the region; others are not offered. */
  targets: Map<string, TargetHere>;
}
