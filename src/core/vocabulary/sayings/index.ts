import { errorSayings as shortSayings } from './errors';
import { errorsAsTold } from './errorsAsTold';

/** Every way in which an error is called, the short ones first; by error id. */
export const errorSayings: Readonly<Record<string, readonly string[]>> = Object.fromEntries(Object.keys({ ...shortSayings, ...errorsAsTold }).map((id) => [id, [...new Set([...(shortSayings[id] ?? []), ...(errorsAsTold[id] ?? [])])]]));
export { heardSayings, misheardWords } from './heard';
export { strengthSayings } from './strengths';
