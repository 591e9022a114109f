import { unpacked, type LibraryPart, type PartOfLibrary } from '~~/core/library/packed';
import type { Library } from '~~/core/model/reference';

/** The shipped library, fetched once: first its places, which are small, then all that grows and flies. */
export const useLibraryStore = defineStore('library', () => {
  const places = shallowRef<PartOfLibrary<'places'> | null>(null);
  const library = shallowRef<Library | null>(null);
  let ofPlaces: Promise<void> | null = null;
  let ofAll: Promise<void> | null = null;

  async function fetchPart<P extends LibraryPart>(part: P): Promise<PartOfLibrary<P>> {
    // The page says where the version is that it was made for.
    const { content } = document.querySelector<HTMLMetaElement>('meta[name=library]')!;
    return (await inSlices(unpacked<P>(await callApi<string>('GET', `${content}/${part}`))))!;
  }
  /** Asks for what is not there yet; a fault is thrown, and the next who asks tries again. */
  function loadPlaces() {
    return (ofPlaces ??= fetchPart('places')
      .then((found) => {
        places.value = found;
      })
      .catch((fault) => {
        ofPlaces = null;
        throw fault;
      }));
  }
  function load() {
    return (ofAll ??= Promise.all([fetchPart('living'), loadPlaces()])
      .then(([living]) => {
        library.value = { ...places.value!, ...living };
      })
      .catch((fault) => {
        ofAll = null;
        throw fault;
      }));
  }
  return { places, library, loadPlaces, load };
});
