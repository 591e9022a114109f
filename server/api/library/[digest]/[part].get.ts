import { LIBRARY_PARTS, type LibraryPart } from '../../../../core/library/packed';
import { Fault } from '../../../database/faults';
import { libraryTag } from '../../../http/library-parts';
import { route } from '../../../http/route';

export default route(
  {
    does: 'Gives one part of one version of the shipped library, packed (core/library/packed.ts): places, living or tending. It never changes.',
    answers: 'lines of JSON, each a list with its columns and rows',
  },
  (request) => {
    const { store } = request;
    if (request.param('digest') !== store.digest)
      throw new Fault(404, 'The library was changed since this page was opened: load the page again.');
    const part = (Object.keys(LIBRARY_PARTS) as LibraryPart[]).find((name) => name === request.param('part'));
    if (!part) throw new Fault(404, 'The library has three parts: places, living and tending.');
    request.header('ETag', libraryTag(store, part));
    request.header('Cache-Control', 'public, max-age=31536000, immutable');
    request.header('Content-Type', 'text/plain; charset=utf-8');
    return store.libraryParts[part];
  },
);
