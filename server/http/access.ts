import type { H3Event } from 'h3';
import type { Access, Standing } from '../../core/model/installation';
import { isWide } from '../access/listening';
import { passphrasesOf } from '../access/passphrase';
import { sessionsOf, signInsOf } from '../access/sessions';
import { isSecure, sessionHere, standingOf } from '../access/visitor';
import type { Connection } from '../database/connection';

/** How whoever asks stands, and who may come in where that is for them to know. */
export function accessHere(db: Connection, event: H3Event): Access | Standing {
  const standing = standingOf(db, event);
  if (standing.role !== 'change') return standing;
  const mine = sessionHere(db, event)?.id;
  return {
    ...standing,
    passphrases: passphrasesOf(db),
    sessions: sessionsOf(db, new Date()).map((session) => ({ ...session, mine: session.id === mine })),
    signIns: signInsOf(db),
    wide: isWide(),
    secure: isSecure(event),
  };
}
