/** For so long what was deleted can be brought back. @source own decision: longer than a holiday */
export const TRASH_DAYS = 30;
