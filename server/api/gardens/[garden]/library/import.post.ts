import { z } from 'zod';
import { ownFromCsv } from '../../../../../core/library/csv';
import { OwnRowFields } from '../../../../../core/model/garden';
import { keepOwn, readGarden } from '../../../../database/gardens';
import { gardenLibrary } from '../../../../http/garden-library';
import { route } from '../../../../http/route';

/** Takes a whole table from its CSV text: what differs becomes this garden's own; all or nothing. */
const Body = z.object({ file: OwnRowFields.shape.file, text: z.string().min(1, 'The file is empty.') });

export default route(Body, ({ body, param, ...store }) => {
  const { own, problems } = ownFromCsv(gardenLibrary(store, param('garden')), body.file, body.text);
  if (own.length > 0) keepOwn(store.db, param('garden'), own, `Take ${own.length} rows of ${body.file}`);
  return { taken: own.length, problems, state: readGarden(store.db, param('garden')) };
});
