import { expose } from 'comlink';
import { gardenHere, type GardenHere } from '~~/core/garden/here';
import type { GardenRecords } from '~~/core/model/garden';
import type { Library } from '~~/core/model/reference';
import { finish } from '~~/core/model/steps';
import { adviceOn, type Advice } from './advice';

let library: Library | null = null;
let here: GardenHere | null = null;

/** Advice on a large garden, beside the page: the library is sent once, the records whenever they have changed. */
const advisor = {
  learn(shipped: Library) {
    library = shipped;
    here = null;
  },
  know(records: GardenRecords, year: number | null, plantsIn: number | null) {
    here = gardenHere(records, library!, { year, plantsIn, before: here?.garden.id === records.garden.id ? here : null });
  },
  forNeed: (...asked: Parameters<Advice['forNeed']>) => finish(adviceOn(here!).forNeed(...asked)),
  bestFor: (...asked: Parameters<Advice['bestFor']>) => finish(adviceOn(here!).bestFor(...asked)),
  purposes: (...asked: Parameters<Advice['purposes']>) => finish(adviceOn(here!).purposes(...asked)),
};
export type Advisor = typeof advisor;

expose(advisor);
