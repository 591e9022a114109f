import type { ThingKind } from '~~/core/model/yard';
import { halfMonthName } from '~~/core/model/half-month';
import { CLEARING } from '../choices';

/** How a trait of a thing is asked for. */
export interface TraitField {
  key: string;
  label: string;
  as: 'metres' | 'number' | 'choice' | 'yes' | 'species';
  hint?: string;
  step?: number;
  choices?: { value: string | number; words: string }[];
  /** Asked only where another trait has this value. */
  only?: [key: string, value: string];
}

const HALF_MONTHS = Array.from({ length: 24 }, (_, h) => ({ value: h, words: halfMonthName(h) }));
const height: TraitField = { key: 'height_m', label: 'Height', as: 'metres' };
const lets: TraitField = {
  key: 'lets_through',
  label: 'Light let through',
  as: 'number',
  step: 0.05,
  hint: '0 solid, 0.4 slats, 0.8 wire.',
};
const species: TraitField = { key: 'plant', label: 'Species', as: 'species' };
const crown: TraitField[] = [
  species,
  height,
  { key: 'crown_m', label: 'Crown radius', as: 'metres' },
  { key: 'clear_m', label: 'Lowest branches', as: 'metres' },
  {
    key: 'leaf',
    label: 'Leaves',
    as: 'choice',
    choices: [
      { value: 'deciduous', words: 'loses its leaves' },
      { value: 'evergreen', words: 'evergreen' },
    ],
  },
  { key: 'leaf_out', label: 'Leaf-out', as: 'choice', choices: HALF_MONTHS, only: ['leaf', 'deciduous'] },
  { key: 'leaf_fall', label: 'Leaf-fall', as: 'choice', choices: HALF_MONTHS, only: ['leaf', 'deciduous'] },
  { key: 'lets_through', label: 'Light through leaves', as: 'number', step: 0.05, hint: '0.1 dense, 0.3 light.' },
  { key: 'grows_m', label: 'Grows a year', as: 'metres' },
  { key: 'grown_m', label: 'Grown height', as: 'metres' },
];

/** What is asked of each kind of thing: no more than a calculation needs. */
export const TRAITS: Record<ThingKind, TraitField[]> = {
  building: [
    height,
    { key: 'base_m', label: 'Underside', as: 'metres', hint: '0 stands on the ground; a roof or awning is above it.' },
    lets,
  ],
  fence: [height, lets],
  tree: crown,
  shrub: crown,
  path: [
    { key: 'width_m', label: 'Width', as: 'metres' },
    { key: 'paved', label: 'paved', as: 'yes' },
  ],
  tap: [{ key: 'hose_m', label: 'Hose', as: 'metres' }],
  slope: [
    { key: 'fall_pct', label: 'Fall (%)', as: 'number' },
    { key: 'faces_deg', label: 'Faces (degrees)', as: 'number', hint: '0 north, 90 east, 180 south.' },
  ],
  invader: [species, { key: 'state', label: 'How far', as: 'choice', choices: CLEARING as { value: string; words: string }[] }],
};
