/** Whether an error says that the database cannot be reached now, rather than that the statement is wrong. @source PostgreSQL manual, appendix A: classes 08, 53 and 57 */
export function isOutage(error: unknown): boolean {
  if (!(error instanceof Error)) return false;
  const code = 'code' in error && typeof error.code === 'string' ? error.code : '';
  return (
    /^(08|53|57P)/.test(code) ||
    ['ECONNREFUSED', 'ECONNRESET', 'EPIPE', 'ETIMEDOUT', 'ENOENT'].includes(code) ||
    /connection terminated|connection timeout|timeout exceeded when trying to connect/i.test(error.message)
  );
}
