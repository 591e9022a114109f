import { expose } from 'comlink';
import { gardenHere } from '~~/core/garden/here';
import { unpacked, type LibraryPart, type PartOfLibrary } from '~~/core/library/packed';
import type { GardenState } from '~~/core/model/garden';
import type { Library } from '~~/core/model/reference';
import { finish } from '~~/core/model/steps';
import { smallBraid, type SmallChannel } from '~~/core/season/small-braid';

/** How a garden stands, as the list of gardens shows it. */
export interface Overview {
  closed: number;
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
  /** `at`: where the library is; `gardens`: ids. */
  async each(at: string, gardens: readonly string[], take: (id: string, overview: Overview) => void) {
    library ??= Promise.all([partOf(at, 'places'), partOf(at, 'living')]).then(([places, living]) => ({
      ...places,
      ...living,
      // How plants are cared for makes no difference to how a garden stands.
      care: [],
      tags: [],
    }));
    for (const id of gardens) {
      const records = (await (await answerOf(`/api/gardens/${encodeURIComponent(id)}`)).json()) as GardenState;
      const { targets, closed } = gardenHere(records, await library).covered;
      take(id, { closed, channels: smallBraid(targets) });
    }
  },
};
export type Overviewer = typeof overviewer;

expose(overviewer);
