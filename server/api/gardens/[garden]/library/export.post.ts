import { z } from 'zod';
import { csvOf } from '../../../../../core/library/csv';
import { OwnRowFields } from '../../../../../core/model/garden';
import { gardenLibrary } from '../../../../http/garden-library';
import { route } from '../../../../http/route';

/** A table of the library as CSV text, the garden's own rows in it. */
export default route(z.object({ file: OwnRowFields.shape.file }), ({ body, param, ...store }) => ({
  text: csvOf(gardenLibrary(store, param('garden')), body.file),
}));
