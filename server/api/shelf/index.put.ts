import { z } from 'zod';
import { withOwn } from '../../../core/library/own';
import { OwnRowFields } from '../../../core/model/garden';
import { layShelf } from '../../database/open';
import { putOnShelf, readShelf } from '../../database/shelf';
import { date } from '../../../core/model/fields';
import { mustLay, mustStandEverywhere } from '../../http/own-rows';
import { route } from '../../http/route';
import { inTransaction } from '../../database/transaction';

export default route(
  {
    does: 'Puts rows of the library on the shelf, for all gardens of this installation; all or none.',
    body: z.object({ rows: z.array(OwnRowFields).min(1).max(2000), day: date }),
    answers: 'the rows on the shelf, and the digest that names the library as it is now',
  },
  ({ db, body, store }) => {
    inTransaction(db, () => {
      mustLay(store.library, body.rows);
      mustStandEverywhere(db, withOwn(store.library, body.rows));
      putOnShelf(db, body.rows, body.day);
    });
    layShelf(store);
    return { shelf: readShelf(db), digest: store.digest };
  },
);
