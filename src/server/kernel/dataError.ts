/** PostgreSQL says that a value itself is wrong. @source PostgreSQL manual, appendix A, class 22 "Data Exception" */
export const isDataError = (error: unknown): boolean =>
  error instanceof Error && 'code' in error && typeof error.code === 'string' && error.code.startsWith('22');
