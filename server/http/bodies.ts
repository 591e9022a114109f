import { z } from 'zod';
import { id, name } from '../../core/model/fields';
import { PlantingFields } from '../../core/model/garden';
import { MOST_PLANTS, Spot } from '../../core/model/layout';
import { FEATURES } from '../../core/model/vocabulary';

/** Bodies, and parts of them, that several routes take. */
export const label = z.string().trim().min(1, 'Say what is changed.').max(120, 'Keep the label under 120 characters.');

/** Which change is meant, so that one made since in another window is not undone unseen. */
export const Step = z.object({ entry: z.number('Say which change is meant, by its number in the history.').int() });

/** The revision of a record that was seen. */
export const Seen = z.object({ revision: z.number('The revision is missing.').int() });

const out = z.array(id).max(5000);
const plants = z
  .array(PlantingFields.pick({ plant: true, site_id: true, count: true }))
  .max(2000, 'A plan takes no more than 2000 plantings at once.');

export const FurtherPlan = z.object({ name, out: out.default([]), plants: plants.default([]) });

export const Taking = z.object({
  label,
  out,
  plants,
  features: z.array(z.object({ feature: z.enum(FEATURES), site_id: id })).max(100),
});

/** Several plantings as they were seen, and the site they move to; null: they are removed. */
export const Several = z.object({
  plantings: z
    .array(z.object({ id, revision: z.number().int().min(0) }))
    .min(1, 'Choose plantings first.')
    .max(500),
  site_id: id.nullable(),
});

/** Where the plants of some plantings of a bed stand, as the plantings were seen. */
export const Places = z.object({
  label,
  plantings: z
    .array(z.object({ id, revision: z.number().int().min(0), spots: z.array(Spot).max(MOST_PLANTS) }))
    .min(1, 'Say which plants stand where.')
    .max(500),
});
export type Places = z.infer<typeof Places>;
