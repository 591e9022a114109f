import { z } from 'zod';
import { withOwn } from '../../../../../core/library/own';
import { Fault } from '../../../../database/faults';
import { layShelf } from '../../../../database/open';
import { readGarden } from '../../../../database/records/reading';
import { revertOwnRows } from '../../../../database/records/own-rows';
import { putOnShelf, readShelf } from '../../../../database/shelf';
import { date } from '../../../../../core/model/fields';
import { label } from '../../../../http/bodies';
import { mustLay, mustStandEverywhere } from '../../../../http/own-rows';
import { route } from '../../../../http/route';
import { inTransaction } from '../../../../database/transaction';

const Body = z.object({ label, ids: z.array(z.string()).min(1).max(10_000), day: date });

export default route(
  {
    does: 'Moves own rows of a garden to the shelf, where they hold for all gardens of this installation.',
    body: Body,
    answers: 'the garden as it is now, the rows on the shelf, and the digest that names the library as it is now',
  },
  ({ db, body, store, records, gardenId }) => {
    const ids = new Set(body.ids);
    const rows = records.own.filter((row) => ids.has(row.id)).map(({ file, key, cells }) => ({ file, key, cells }));
    if (rows.length < ids.size) throw new Fault(404, 'Some of these rows are gone: load the page again.');
    inTransaction(db, () => {
      mustLay(store.library, rows);
      putOnShelf(db, rows, body.day);
      revertOwnRows(db, gardenId, body.ids, body.label);
      mustStandEverywhere(db, withOwn(store.shipped, readShelf(db)));
    });
    layShelf(store);
    return { ...readGarden(db, gardenId), shelf: readShelf(db), digest: store.digest };
  },
);
