import type { Garden, GardenTarget, Planting } from '../model/garden';
import type { DayNumber } from '../model/days';
import type { Almanac } from '../model/here';
import type { CauseBook } from '../library/causes';
import type { Case } from '../model/why';
import type { Care, Library } from '../model/reference';
import type { CareAction } from '../model/vocabulary';
import type { Measure, Thing } from '../model/yard';
import type { Coverage } from '../coverage/types';
import type { MeasuredSite } from '../place/survey/measured';
import type { YearPlace } from '../almanac/anchors';
import type { GardenRaising } from '../raise/garden-raising';
import type { StepKind } from '../raise/steps';

/** What is done in a garden: what its plants want, and what the plan, the survey and the gardener ask for. */
export type TaskAction =
  CareAction | 'plant' | 'sow' | 'cut' | 'measure' | 'clear' | 'own' | 'remedy' | 'follow-up' | RaiseAction;
/** A step of raising. */
export type RaiseAction = `raise-${Exclude<StepKind, 'flower'>}`;

/** Where a task comes from. */
type TaskSource = 'care' | 'plan' | 'season' | 'survey' | 'water' | 'own' | 'raise' | 'why';

/** What the young on a plant ask of a cut: nothing, a look first, to leave what carries them, or to wait. */
export type Heed = 'none' | 'look' | 'leave-part' | 'waited';

/** Young that a task has to do with. */
export interface YoungNote {
  target: string;
  plant: string;
  stage: 'feeding' | 'wintering' | 'below';
}

/** Something of which a task needs so much. */
export interface Amount {
  amount: number;
  unit: string;
}

/** A task of a garden with its window, as it follows from plan, place, school and weather. */
export interface Task {
  /** The same for the same task of the same year, however its days move: what was said of it is found by it. */
  key: string;
  action: TaskAction;
  source: TaskSource;
  /** Null for what concerns the whole garden. */
  site_id: string | null;
  /** The plantings it is for, and how many plants of each kind. */
  plantings: string[];
  plants: { plant: string; count: number }[];
  /** What of a bed it is for, where it is no plant. */
  feature: string | null;
  from: DayNumber;
  until: DayNumber;
  /** Days until it is due again within its window; null: once. */
  every: number | null;
  minutes: number;
  amounts: Amount[];
  tools: string;
  steps: string[];
  why: string;
  title: string | null;
  young: YoungNote[];
  heed: Heed;
  /** Life cycles that would open without what it keeps. */
  holds: string[];
  /** Of care: the row it follows. */
  rule: Care | null;
}

/** What the work of a garden is calculated from. */
export interface WorkInput {
  garden: Garden;
  almanac: Almanac;
  library: Pick<Library, 'care' | 'tags' | 'clearing'>;
  sites: readonly MeasuredSite[];
  plantings: readonly Planting[];
  targets: readonly GardenTarget[];
  things: readonly Thing[];
  measures: readonly Measure[];
  covered: Coverage;
  place: YearPlace;
  raising: GardenRaising;
  /** What is wrong by the records, and what it may come from. */
  cases: readonly Case[];
  causes: CauseBook;
}

/** Is a planting in the ground, or sown, so that it is cared for? */
export const isGrowing = ({ state }: Pick<Planting, 'state'>): boolean => state === 'in-ground' || state === 'sown';
