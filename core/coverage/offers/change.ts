import type { Planting } from '../../model/garden';
import { PLANNED } from '../../model/states';
import type { Feature } from '../../model/vocabulary';
import type { CoverageInput } from '../coverage';

/** A change to the garden that would serve a need better, tried out before it is offered. */
export type Change =
  | { kind: 'plant'; plant: string; site_id: string; count: number; sow_on?: string }
  | { kind: 'cut'; planting: string; cut: { on: string; count: number } }
  | { kind: 'feature'; site_id: string; feature: Feature }
  | { kind: 'autumn'; school: 'leave' };

/** The garden with a change made, for trying it out; ids are only used within the trial. */
export function withChange(input: CoverageInput, change: Change): CoverageInput {
  if (change.kind === 'autumn') return { ...input, garden: { ...input.garden, school_autumn: change.school } };
  if (change.kind === 'feature')
    return {
      ...input,
      sites: input.sites.map((site) =>
        site.id === change.site_id ? { ...site, features: [...site.features, change.feature] } : site,
      ),
    };
  if (change.kind === 'cut')
    return {
      ...input,
      plantings: input.plantings.map((row) => (row.id === change.planting ? { ...row, cut: change.cut } : row)),
    };
  const trial: Planting = {
    id: 'trial',
    revision: 0,
    plan_id: 'trial',
    plant: change.plant,
    site_id: change.site_id,
    count: change.count,
    ...PLANNED,
    sow_on: change.sow_on ?? null,
  };
  return { ...input, year: null, plantings: [...input.plantings, trial] };
}
