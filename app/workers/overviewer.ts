import { expose } from 'comlink';
import { gardenHere } from '~~/core/garden/here';
import { unpacked, type LibraryPart, type PartOfLibrary } from '~~/core/library/packed';
import type { GardenState } from '~~/core/model/garden';
import type { Library } from '~~/core/model/reference';
import { finish } from '~~/core/model/steps';
import { withOwnDays, type Weather } from '~~/core/place/weather/weather';
import { isNow } from '~~/core/work/standing';
import { smallBraid, type SmallChannel } from '~~/core/season/small-braid';

/** How a garden stands, as the list of gardens shows it. */
export interface Overview {
  closed: number;
  /** Tasks to be done now. */
  toDo: number;
  channels: SmallChannel[];
}

async function answerOf(url: string): Promise<Response> {
  const answer = await fetch(url);
  if (!answer.ok) throw new Error(`${url} answered ${answer.status}`);
  return answer;
}
const partOf = async <P extends LibraryPart>(at: string, part: P): Promise<PartOfLibrary<P>> =>
  finish(unpacked<P>(await (await answerOf(`${at}/${part}`)).text()));
let library: Promise<Library> | null = null;

/** Calculates how gardens stand, one after the other, beside the page, which it asks for nothing. */
const overviewer = {
  /** `at`: where the library is; `gardens`: ids; `on`: the day it is, for gardens without a clock of their own. */
  async each(at: string, gardens: readonly string[], on: string, take: (id: string, overview: Overview) => void) {
    library ??= Promise.all([partOf(at, 'places'), partOf(at, 'living'), partOf(at, 'tending')]).then(
      ([places, living, tending]) => ({ ...places, ...living, ...tending }),
    );
    for (const id of gardens) {
      const address = `/api/gardens/${encodeURIComponent(id)}`;
      const records = (await (await answerOf(address)).json()) as GardenState;
      const here = gardenHere(records, await library);
      const { targets, closed } = here.covered;
      const weather = (await (await answerOf(`${address}/weather?on=${records.garden.clock ?? on}`)).json()) as Weather;
      const { tasks } = here.work.on(withOwnDays(weather, records.weather), records.work);
      take(id, { closed, toDo: tasks.filter(isNow).length, channels: smallBraid(targets) });
    }
  },
};
export type Overviewer = typeof overviewer;

expose(overviewer);
