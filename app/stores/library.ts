import { unpacked, type LibraryPart, type PartOfLibrary } from '~~/core/library/packed';
import type { Library } from '~~/core/model/reference';

/** Work that is done once, for all who ask; its fault is thrown to them, and the next who asks tries again. */
function once(work: () => Promise<void>): () => Promise<void> {
  let done: Promise<void> | null = null;
  return () =>
    (done ??= work().catch((fault) => {
      done = null;
      throw fault;
    }));
}

/** Care stands beside the library, so that all that rests on the library stays when it comes. */
const UNTENDED: PartOfLibrary<'tending'> = { care: [], tags: [], propagation: [], symptoms: [], causes: [], checks: [] };

/**
 * The shipped library, fetched once: first its places, which are small, then all that grows and flies; how it is cared for
 * when somebody asks.
 */
export const useLibraryStore = defineStore('library', () => {
  const places = shallowRef<PartOfLibrary<'places'> | null>(null);
  const library = shallowRef<Library | null>(null);
  const tending = shallowRef<PartOfLibrary<'tending'> | null>(null);

  async function fetchPart<P extends LibraryPart>(part: P): Promise<PartOfLibrary<P>> {
    // The page says where the version is that it was made for.
    const { content } = document.querySelector<HTMLMetaElement>('meta[name=library]')!;
    return (await inSlices(unpacked<P>(await callApi<string>('GET', `${content}/${part}`))))!;
  }
  const loadPlaces = once(async () => {
    places.value = await fetchPart('places');
  });
  const load = once(async () => {
    const [living] = await Promise.all([fetchPart('living'), loadPlaces()]);
    library.value = { ...places.value!, ...living, ...UNTENDED };
  });
  const loadTending = once(async () => {
    tending.value = await fetchPart('tending');
  });
  /** Fetches it again as it is by now: something was put on the shelf of this installation, or taken off. */
  async function renew(digest: string) {
    document.querySelector<HTMLMetaElement>('meta[name=library]')!.content = `/api/library/${digest}`;
    const tended = tending.value !== null;
    const [first, living, rules] = await Promise.all([
      fetchPart('places'),
      fetchPart('living'),
      tended ? fetchPart('tending') : null,
    ]);
    places.value = first;
    library.value = { ...first, ...living, ...UNTENDED };
    if (rules) tending.value = rules;
  }
  return { places, library, tending, loadPlaces, load, loadTending, renew };
});
