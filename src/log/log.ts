import pino from 'pino';

/**
 * The one log: a line of JSON for each failure, each piece of background work, each start and stop, to where the process's output goes.
 * Ids, codes and counts only: never a name, a note, a call or a token. OWL_LOG sets how much (`debug`, `info`, `warn`, `error`, `silent`).
 */
export const log = pino({
  level: process.env.OWL_LOG ?? (process.env.VITEST ? 'silent' : 'info'),
  base: { pid: process.pid },
  // What the database tells of a failure quotes values of the row.
  redact: ['err.detail', 'err.where', 'err.hint', 'err.internalQuery'],
  timestamp: pino.stdTimeFunctions.isoTime,
});
