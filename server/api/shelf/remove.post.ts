import { z } from 'zod';
import { withOwn } from '../../../core/library/own';
import { OwnRowFields } from '../../../core/model/garden';
import { layShelf } from '../../database/open';
import { readShelf, takeOffShelf } from '../../database/shelf';
import { mustStandEverywhere } from '../../http/own-rows';
import { route } from '../../http/route';
import { inTransaction } from '../../database/transaction';

const Named = OwnRowFields.pick({ file: true, key: true });

export default route(
  {
    does: 'Takes rows off the shelf: for them the library is again as it was shipped. Refused while a garden needs one.',
    body: z.object({ rows: z.array(Named).min(1).max(10_000) }),
    answers: 'the rows on the shelf, and the digest that names the library as it is now',
  },
  ({ db, body, store }) => {
    inTransaction(db, () => {
      takeOffShelf(db, body.rows);
      mustStandEverywhere(db, withOwn(store.shipped, readShelf(db)));
    });
    layShelf(store);
    return { shelf: readShelf(db), digest: store.digest };
  },
);
