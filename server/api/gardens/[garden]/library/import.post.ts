import { z } from 'zod';
import { OwnRowFields } from '../../../../../core/model/garden';
import { Fault } from '../../../../database/faults';
import { saveOwnRows } from '../../../../database/records/own-rows';
import { readRows } from '../../../../database/tables';
import { checkedTable } from '../../../../http/checked-table';
import { preparedChange } from '../../../../http/route';

const Body = z.object({ file: OwnRowFields.shape.file, text: z.string().min(1, 'The file is empty.') });

export default preparedChange(
  {
    does: 'Imports a table of the library from its CSV text: what differs becomes this garden’s own; all or nothing.',
    body: Body,
    answers:
      'the garden as it is now, how many rows were taken, how many of them are new and how many said the same, and the problems that kept them out (the first 500, and how many there are)',
    most: 12_000_000,
  },
  async (request) => {
    const { own } = request.records;
    return { own, found: await checkedTable(request.store, own, request.body.file, request.body.text) };
  },
  ({ db, body, gardenId }, before) => {
    // It was checked over what the garden said then.
    if (JSON.stringify(readRows(db, 'own_row', gardenId)) !== JSON.stringify(before.own))
      throw new Fault(409, 'The garden’s own rows were changed while the table was checked. Import it once more.');
    const { own, added, same, problems, faults } = before.found;
    if (own.length > 0) saveOwnRows(db, gardenId, own, `Import ${own.length} rows of ${body.file}`);
    return { taken: own.length, added, same, problems, faults };
  },
);
