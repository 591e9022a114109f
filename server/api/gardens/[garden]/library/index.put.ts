import { z } from 'zod';
import { problemsOfOwn, withOwn } from '../../../../../core/library/own';
import { OwnRowFields } from '../../../../../core/model/garden';
import { Fault } from '../../../../database/faults';
import { saveOwnRows } from '../../../../database/records/own-rows';
import { label } from '../../../../http/bodies';
import { mustStand } from '../../../../http/own-rows';
import { change } from '../../../../http/route';

const Rows = z
  .array(OwnRowFields)
  .min(1)
  .max(200)
  .superRefine((rows, context) => {
    const seen = new Set<string>();
    rows.forEach(({ file, key }, index) => {
      if (seen.has(`${file} ${key}`))
        context.addIssue({ code: 'custom', path: [index, 'key'], message: `The row “${key}” of ${file} is named twice.` });
      seen.add(`${file} ${key}`);
    });
  });

export default change(
  {
    does: 'Corrects, adds or strikes out rows of the library for one garden; all or none.',
    body: z.object({ label, rows: Rows }),
  },
  ({ db, body, here, store, gardenId }) => {
    let { library } = here;
    body.rows.forEach((row, index) => {
      const problems = problemsOfOwn(library, row);
      const [first] = Object.values(problems);
      if (first)
        throw new Fault(422, first, {
          fields: Object.fromEntries(Object.entries(problems).map(([column, message]) => [`${index}.${column}`, message])),
        });
      library = withOwn(library, [row]);
    });
    const own = new Map([...here.records.own, ...body.rows].map((row) => [`${row.file} ${row.key}`, row]));
    mustStand(store.library, [...own.values()], here.records);
    saveOwnRows(db, gardenId, body.rows, body.label);
  },
);
