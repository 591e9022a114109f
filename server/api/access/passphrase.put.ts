import { z } from 'zod';
import { ROLES } from '../../../core/model/installation';
import { isWide } from '../../access/listening';
import { Passphrase, passphrasesOf, provenBy, savePassphrase } from '../../access/passphrase';
import { beginSession } from '../../access/sessions';
import { giveCookie, visitorOf } from '../../access/visitor';
import { Fault } from '../../database/faults';
import { inTransaction } from '../../database/transaction';
import { accessHere } from '../../http/access';
import { route } from '../../http/route';

export default route(
  {
    does: 'Sets a passphrase, or (null) takes it away. Whoever was signed in with it has to sign in again.',
    body: z.object({ role: z.enum(ROLES), passphrase: Passphrase.nullable() }),
    answers: 'who may come in then',
    most: 2000,
  },
  async (request) => {
    const { event, body } = request;
    const { role, passphrase } = body;
    const set = new Set(passphrasesOf(request.db).map((row) => row.role));
    if (role === 'read' && passphrase !== null && !set.has('change'))
      throw new Fault(422, 'Set the passphrase to change things first: without it nobody could.');
    if (role === 'change' && passphrase === null && set.has('read'))
      throw new Fault(422, 'Take the passphrase to look away first.');
    if (role === 'change' && passphrase === null && isWide())
      throw new Fault(422, 'This server listens wider than its own machine: it needs a passphrase as long as it does.');
    const proven = passphrase === null ? null : await provenBy(passphrase);
    const { db } = request;
    const now = new Date();
    const begun = inTransaction(db, () => {
      savePassphrase(db, role, proven, now.toISOString());
      // Whoever sets it is in.
      return role === 'change' && proven ? beginSession(db, role, visitorOf(event), now) : null;
    });
    if (begun) giveCookie(event, begun);
    return accessHere(db, event);
  },
);
