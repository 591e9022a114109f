import { isSeedMethod, type Way } from '../library/ways';
import { dayNumber, type DayNumber } from '../model/days';
import type { PlantHere } from '../model/here';
import type { Batch, LookFields } from '../model/raise';
import type { RaisePlace } from './place';
import { plantShare, rangeOf, tableShare, withOwn, type OwnFigures, type ShareRange } from './rates';
import { stepsOf, type RaiseStep, type StepKind } from './steps';

/** How far a batch is. */
export type BatchStage = 'planned' | 'waiting' | 'up' | 'potted' | 'planted' | 'over';

/** A batch as it stands. */
export interface BatchHere {
  batch: Batch;
  here: PlantHere;
  /** Null where the library no longer has this way for it. */
  way: Way | null;
  stage: BatchStage;
  /** The day it was begun, or is to be. */
  begin: DayNumber;
  begun: boolean;
  /** The totals of the last look; nothing where there was none. */
  counts: Omit<LookFields, 'on_day' | 'note'>;
  /** Alive and not yet planted or given away. */
  growing: number;
  /** Plants that are still to be expected of it, those that grow included. */
  toCome: number;
  /** More than are wanted, of those that grow. */
  surplus: number;
  /** Share of its units that came up or rooted so far, and what was to be expected. */
  came: number;
  expected: ShareRange | null;
  steps: RaiseStep[];
  /** Steps that are still to be taken. */
  left: RaiseStep[];
}

const NONE = { up: 0, lost: 0, potted: 0, planted: 0, given: 0 };
/** Steps by which a batch is begun, and those that a count shows to be taken. */
const BEGINS: ReadonlySet<StepKind> = new Set(['warm', 'chill', 'sow', 'cut', 'divide', 'layer']);
const POTS: ReadonlySet<StepKind> = new Set(['prick-out', 'pot', 'sever']);

/** Is it a step by which a batch is begun? */
export const isBeginning = ({ kind }: Pick<RaiseStep, 'kind'>): boolean => BEGINS.has(kind);

/** The name of a step of a batch, by which what was said of it is found. */
export const stepKey = (batchId: string, { kind, number }: Pick<RaiseStep, 'kind' | 'number'>): string =>
  `raise ${batchId} ${kind}${number === undefined ? '' : ` ${number}`}`;

/**
 * How a batch stands: begun on the day written with it, or on which its first step was ticked (`doneOn`); its counts by the
 * last look; and the steps that are left.
 */
export function batchHere(
  batch: Batch,
  here: PlantHere,
  way: Way | null,
  halfZone: string,
  place: RaisePlace,
  own: OwnFigures,
  doneOn: (key: string) => DayNumber | null,
): BatchHere {
  const planned = dayNumber(batch.planned_on);
  const plannedSteps = way ? stepsOf(way, here, halfZone, place, planned) : [];
  const first = plannedSteps.find(isBeginning);
  const begunOn = batch.begun_on !== null ? dayNumber(batch.begun_on) : first ? doneOn(stepKey(batch.id, first)) : null;
  const begin = begunOn ?? planned;
  const steps = begin === planned || !way ? plannedSteps : stepsOf(way, here, halfZone, place, begin);
  const last = batch.looks.at(-1);
  const counts = last ? { up: last.up, lost: last.lost, potted: last.potted, planted: last.planted, given: last.given } : NONE;
  const growing = counts.up - counts.lost - counts.planted - counts.given;
  const gone = counts.up > 0 && growing === 0;
  const over = batch.ended || gone;
  const share = way ? withOwn(tableShare(way), own) : null;
  const expected = share && rangeOf(share);
  const becomes = share && way ? rangeOf(plantShare(share, way)).mean : 0;
  const due = Math.round(batch.units * becomes);
  const stage: BatchStage = over
    ? counts.planted > 0 && !batch.ended
      ? 'planted'
      : 'over'
    : begunOn === null
      ? 'planned'
      : counts.up === 0
        ? 'waiting'
        : counts.potted > 0
          ? 'potted'
          : 'up';
  const taken = counts.planted + counts.given;
  const toCome = over ? 0 : counts.up > 0 && !stillComing() ? growing : Math.max(growing, due - counts.lost - taken);
  const looked = batch.looks.map((look) => dayNumber(look.on_day));
  const left = over ? [] : steps.filter((step) => !isTaken(step));
  return {
    batch,
    here,
    way,
    stage,
    begin,
    begun: begunOn !== null,
    counts,
    growing,
    toCome,
    surplus: Math.max(0, growing - Math.max(0, batch.wanted - counts.planted)),
    came: counts.up / batch.units,
    expected,
    steps,
    left,
  };

  /** Is more of it to be expected: was it looked at last before the last usually come? */
  function stillComing(): boolean {
    return last !== undefined && way !== null && isSeedMethod(way.method)
      ? dayNumber(last.on_day) < begin + (way.row.days_to ?? 0)
      : false;
  }
  function isTaken(step: RaiseStep): boolean {
    if (step.kind === 'flower') return true;
    if (doneOn(stepKey(batch.id, step)) !== null) return true;
    // Seed of which the source is known is there.
    if (step.kind === 'buy' && batch.source !== '') return true;
    if (step.kind === 'buy' || isBeginning(step)) return begunOn !== null && !(step.kind === 'sow' && chilledStill(step));
    if (step.kind === 'look') return looked.some((day) => day >= step.from);
    if (POTS.has(step.kind)) return counts.potted > 0 || counts.planted > 0;
    return step.kind === 'harden' && counts.planted > 0;
  }
  /** What was put into the cold first is sown when its days there are over. */
  function chilledStill(step: RaiseStep): boolean {
    return step.from > begin && counts.up === 0;
  }
}

/** How many of a batch's units were sown, came up, were potted and planted: what is drawn as its funnel. */
export function funnelOf({
  batch,
  counts,
}: Pick<BatchHere, 'batch' | 'counts'>): { of: 'begun' | 'up' | 'potted' | 'planted'; count: number }[] {
  return [
    { of: 'begun', count: batch.units },
    { of: 'up', count: counts.up },
    { of: 'potted', count: counts.potted },
    { of: 'planted', count: counts.planted },
  ];
}
