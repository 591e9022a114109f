import type { PhPlan } from '../place/soil/amend';

/** Why another plant is the wiser choice than so much change of pH. */
export const INSTEAD: Record<NonNullable<PhPlan['instead']>, string> = {
  limy: 'Soil this limy turns sulfur back to gypsum as fast as it is given: choose another plant, or grow this one in a container.',
  far: 'More than one unit does not last: the soil goes back within a few years. Choose another plant.',
};
