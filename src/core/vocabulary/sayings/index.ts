import { errorSayings as shortErrors } from './errors';
import { errorsAsTold } from './errorsAsTold';
import { strengthSayings as shortStrengths } from './strengths';
import { strengthsAsTold } from './strengthsAsTold';

type Sayings = Readonly<Record<string, readonly string[]>>;

/** The short sayings first, then how it is told. */
const together = (short: Sayings, told: Sayings): Sayings => Object.fromEntries(Object.keys({ ...short, ...told }).map((id) => [id, [...new Set([...(short[id] ?? []), ...(told[id] ?? [])])]]));

/** Every way in which an error, or something done well, is called; by its id. */
export const errorSayings = together(shortErrors, errorsAsTold);
export const strengthSayings = together(shortStrengths, strengthsAsTold);
export { heardSayings, misheardWords } from './heard';
