import { defineNitroPlugin } from 'nitropack/runtime';
import { LIBRARY_PARTS, type LibraryPart } from '../../core/library/packed';
import { useStore } from '../database/open';

/** Parts of the library that a page begins with; the others are fetched when the browser has nothing else to do. */
const FIRST: Record<'garden' | 'other', LibraryPart[]> = { garden: ['places', 'living'], other: ['places'] };

/**
 * Every page names the version of the library and where its parts are, so that they come while the scripts do, once and
 * never again.
 */
export default defineNitroPlugin((nitro) => {
  nitro.hooks.hook('render:html', (html, { event }) => {
    const { digest } = useStore();
    const first = FIRST[event.path.startsWith('/gardens/') || event.path.startsWith('/new-garden') ? 'garden' : 'other'];
    for (const part of Object.keys(LIBRARY_PARTS) as LibraryPart[]) {
      const how = first.includes(part) ? 'preload' : 'prefetch';
      html.head.push(
        `<link rel="${how}" as="fetch" crossorigin="anonymous" data-library="${part}" href="/api/library/${digest}/${part}">`,
      );
    }
  });
});
