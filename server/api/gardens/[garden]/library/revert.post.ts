import { z } from 'zod';
import { revertOwnRows } from '../../../../database/records/own-rows';
import { label } from '../../../../http/bodies';
import { mustStand } from '../../../../http/own-rows';
import { change } from '../../../../http/route';

const Body = z.object({ label, ids: z.array(z.string()).min(1).max(10_000) });

export default change(
  { does: 'Goes back to the shipped library for the own rows named.', body: Body },
  ({ db, body, store, records, gardenId }) => {
    const gone = new Set(body.ids);
    mustStand(
      store.library,
      records.own.filter((row) => !gone.has(row.id)),
      records,
    );
    revertOwnRows(db, gardenId, [...gone], body.label);
  },
);
