import { z } from 'zod';
import { Attempts } from '../../access/attempts';
import { roleOf } from '../../access/passphrase';
import { beginSession, logSignIn } from '../../access/sessions';
import { giveCookie, visitorOf } from '../../access/visitor';
import { Fault } from '../../database/faults';
import { inTransaction } from '../../database/transaction';
import { route } from '../../http/route';

const attempts = new Attempts();
/** So many passphrases are looked at together: each takes memory and a processor for a moment. */
const MOST_AT_ONCE = 2;
let looking = 0;

export default route(
  {
    does: 'Signs in with a passphrase. Who fails again and again has to wait longer each time.',
    body: z.object({ passphrase: z.string('Type the passphrase.').min(1, 'Type the passphrase.').max(200) }),
    answers: 'what one may do, and a cookie that proves it',
    most: 2000,
  },
  async (request) => {
    const { event, body } = request;
    const visitor = visitorOf(event);
    const wait = attempts.waitOf(visitor.address, Date.now());
    const refuse = (seconds: number, sentence: string) => {
      request.header('Retry-After', String(seconds));
      return new Fault(429, sentence);
    };
    if (wait > 0) throw refuse(wait, `That was wrong too often. Wait ${wait} seconds, then try again.`);
    if (looking >= MOST_AT_ONCE) throw refuse(2, 'Others are signing in just now. Try again in a moment.');
    // Counted before it is known, so that many at once are not looked at for the price of one.
    attempts.failed(visitor.address, Date.now());
    looking++;
    const role = await roleOf(request.db, body.passphrase).finally(() => looking--);
    const { db } = request;
    const begun = inTransaction(db, () => {
      logSignIn(db, role, visitor, new Date());
      return role && beginSession(db, role, visitor, new Date());
    });
    if (!begun) throw new Fault(401, 'That is not the passphrase.', { fields: { passphrase: 'That is not the passphrase.' } });
    attempts.succeeded(visitor.address);
    giveCookie(event, begun);
    return { closed: true, role };
  },
);
