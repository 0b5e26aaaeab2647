import type { Instrumentation } from 'next';

/** Every failure that nobody foresaw is one line of the log, with the reference that its page shows. */
export const onRequestError: Instrumentation.onRequestError = async (error, request, context) => {
  if (process.env.NEXT_RUNTIME !== 'nodejs') return;
  const { log } = await import('./log/log');
  const reference = typeof error === 'object' && error !== null && 'digest' in error ? String(error.digest) : undefined;
  // What was asked for stands in an address: only its path is told.
  const path = request.path.split('?')[0];
  log.error({ reference, method: request.method, path, of: context.routeType, err: error }, 'a request failed');
};
