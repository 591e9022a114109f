import { z } from 'zod';
import { problemsOfOwn, withOwn } from '../../../../../core/library/own';
import { OwnRowFields } from '../../../../../core/model/garden';
import { Fault } from '../../../../database/faults';
import { keepOwn, readGarden } from '../../../../database/gardens';
import { gardenLibrary, mustStand } from '../../../../http/garden-library';
import { route } from '../../../../http/route';

/** Corrects, adds or strikes out rows of the library for one garden; all or none. */
const Body = z.object({ label: z.string().trim().min(1).max(120), rows: z.array(OwnRowFields).min(1).max(200) });

export default route(Body, ({ body, param, ...store }) => {
  const before = readGarden(store.db, param('garden'));
  let library = gardenLibrary(store, param('garden'));
  body.rows.forEach((row, index) => {
    const problems = problemsOfOwn(library, row);
    const [first] = Object.values(problems);
    if (first)
      throw new Fault(422, first, {
        fields: Object.fromEntries(Object.entries(problems).map(([column, message]) => [`${index}.${column}`, message])),
      });
    library = withOwn(library, [row]);
  });
  const kept = new Map([...before.own, ...body.rows].map((row) => [`${row.file} ${row.key}`, row]));
  mustStand(store.library, [...kept.values()], before);
  keepOwn(store.db, param('garden'), body.rows, body.label);
  return readGarden(store.db, param('garden'));
});
