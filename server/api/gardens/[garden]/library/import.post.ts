import { z } from 'zod';
import { ownFromCsv } from '../../../../../core/library/csv';
import { OwnRowFields } from '../../../../../core/model/garden';
import { saveOwnRows } from '../../../../database/records/own-rows';
import { change } from '../../../../http/route';

const Body = z.object({ file: OwnRowFields.shape.file, text: z.string().min(1, 'The file is empty.') });

export default change(
  {
    does: 'Imports a table of the library from its CSV text: what differs becomes this garden’s own; all or nothing.',
    body: Body,
    answers:
      'the garden as it is now, how many rows were taken, how many of them are new and how many said the same, and the problems that kept them out',
  },
  ({ db, body, library, gardenId }) => {
    const { own, added, same, problems } = ownFromCsv(library, body.file, body.text);
    if (own.length > 0) saveOwnRows(db, gardenId, own, `Import ${own.length} rows of ${body.file}`);
    return { taken: own.length, added, same, problems };
  },
);
