import { endSession } from '../../access/sessions';
import { sessionHere, takeCookie } from '../../access/visitor';
import { route } from '../../http/route';

export default route({ does: 'Signs out.', answers: 'how the one who asks stands then' }, ({ db, event }) => {
  const session = sessionHere(db, event);
  if (session) endSession(db, session.id);
  takeCookie(event);
  return { closed: true, role: null };
});
