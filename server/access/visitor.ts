import { deleteCookie, getCookie, getRequestHeader, setCookie, type H3Event } from 'h3';
import type { Session, Standing } from '../../core/model/installation';
import type { Connection } from '../database/connection';
import { isClosed } from './passphrase';
import { SESSION_DAYS, sessionOf, type Begun, type Visitor } from './sessions';

const COOKIE = 'outwash-session';

/** Was the server asked by https? A proxy before it is not asked: what it says could be anybody’s. */
export const isSecure = ({ node: { req } }: H3Event): boolean => 'encrypted' in req.socket;

/** By which device and from where somebody asks. */
export const visitorOf = (event: H3Event): Visitor => ({
  device: getRequestHeader(event, 'user-agent') ?? '',
  address: event.node.req.socket.remoteAddress ?? '',
});

/** Lets whoever asks have a session that was begun, at once and from then on. */
export function giveCookie(event: H3Event, { session, token }: Begun) {
  event.context.session = session;
  setCookie(event, COOKIE, token, {
    httpOnly: true,
    sameSite: 'lax',
    secure: isSecure(event),
    path: '/',
    maxAge: SESSION_DAYS * 86_400,
  });
}
export const takeCookie = (event: H3Event) => deleteCookie(event, COOKIE, { path: '/' });

/** The session of whoever asks. */
export function sessionHere(db: Connection, event: H3Event): Session | null {
  const begun = event.context.session as Session | undefined;
  if (begun) return begun;
  const token = getCookie(event, COOKIE);
  return token ? sessionOf(db, token, new Date()) : null;
}

/** How whoever asks stands: without a passphrase everybody may do everything. */
export function standingOf(db: Connection, event: H3Event): Standing {
  if (!isClosed(db)) return { closed: false, role: 'change' };
  return { closed: true, role: sessionHere(db, event)?.role ?? null };
}
