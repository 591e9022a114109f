import type { Library } from '~~/core/model/reference';

/** The reference library, fetched once. */
export const useLibraryStore = defineStore('library', () => {
  const library = shallowRef<Library | null>(null);
  let fetching: Promise<void> | null = null;

  async function load() {
    if (library.value) return;
    fetching ??= callApi<{ library: Library }>('GET', '/api/library')
      .then((answer) => {
        library.value = answer.library;
      })
      .finally(() => {
        fetching = null;
      });
    await fetching;
  }
  return { library, load };
});
