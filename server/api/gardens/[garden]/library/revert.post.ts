import { z } from 'zod';
import { readGarden, revertOwn } from '../../../../database/gardens';
import { mustStand } from '../../../../http/garden-library';
import { route } from '../../../../http/route';

/** Goes back to what the shipped library says, for the own rows named. */
const Body = z.object({ label: z.string().trim().min(1).max(120), ids: z.array(z.string()).min(1).max(10_000) });

export default route(Body, ({ body, param, ...store }) => {
  const before = readGarden(store.db, param('garden'));
  const gone = new Set(body.ids);
  mustStand(
    store.library,
    before.own.filter((row) => !gone.has(row.id)),
    before,
  );
  revertOwn(store.db, param('garden'), body.ids, body.label);
  return readGarden(store.db, param('garden'));
});
