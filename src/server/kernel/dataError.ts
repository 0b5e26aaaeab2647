const codeOf = (error: unknown): string =>
  error instanceof Error && 'code' in error && typeof error.code === 'string' ? error.code : '';

/** PostgreSQL says that a value itself is wrong. @source PostgreSQL manual, appendix A, class 22 "Data Exception" */
export const isDataError = (error: unknown): boolean => codeOf(error).startsWith('22');

/** What a row belongs to went while the row was on its way. @source PostgreSQL manual, appendix A, 23503 "foreign_key_violation" */
export const isOwnerGone = (error: unknown): boolean => codeOf(error) === '23503';
