import pino from 'pino';

/** The server's log, one JSON line each; OUTWASH_LOG sets its level. */
export const log = pino({
  level: process.env.OUTWASH_LOG ?? 'info',
  serializers: { error: pino.stdSerializers.err },
});
