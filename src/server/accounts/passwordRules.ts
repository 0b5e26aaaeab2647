export const LEAST_PASSWORD_CHARACTERS = 10;
const LEAST_DIFFERENT_CHARACTERS = 5;

/** Rows of keys and alphabets along which people type. */
const runs = [
  'abcdefghijklmnopqrstuvwxyz',
  '01234567890',
  'qwertyuiop',
  'asdfghjkl',
  'zxcvbnm',
  'qwertzuiop',
  'yxcvbnm',
  'azertyuiop',
];
/** Beginnings of what is tried first. @source lists of the most used passwords agree on them (from memory) */
const favourites = [
  'password',
  'passwort',
  'letmein',
  'iloveyou',
  'welcome',
  'jiujitsu',
  'sparring',
  'qwerty',
  'administrator',
];

/**
 * What is wrong with a password, and what to do; undefined when it may be used. Refused are short ones, repetition, runs of keys, words of the account itself and what
 * everybody tries first; nothing else is asked of it.
 * @source NIST SP 800-63B, 5.1.1.2: length, and a comparison with repetitive or sequential characters, context-specific words and common values; no rules of composition
 */
export function passwordProblem(password: string, names: readonly string[]): string | undefined {
  const text = password.normalize('NFKC').trim().toLowerCase();
  if ([...text].length < LEAST_PASSWORD_CHARACTERS)
    return `Use at least ${LEAST_PASSWORD_CHARACTERS} characters; a short sentence is easiest to keep.`;
  if (new Set(text).size < LEAST_DIFFERENT_CHARACTERS || isRepetition(text))
    return 'The same few characters again and again are guessed at once. A short sentence is easiest to keep.';
  if (isRun(text)) return 'A run along the keyboard is guessed at once. A short sentence is easiest to keep.';
  const rest = names.reduce((left, name) => left.replaceAll(name.trim().toLowerCase() || '\0', ''), text);
  if ([...rest].length < LEAST_PASSWORD_CHARACTERS / 2)
    return 'This is hardly more than your own name, which everybody knows. A short sentence is easiest to keep.';
  if (favourites.some((word) => text.startsWith(word) && text.length < word.length + 5))
    return 'This is one of the first that is tried. A short sentence is easiest to keep.';
  return undefined;
}

/** "owlowlowlowl": one piece several times. */
const isRepetition = (text: string): boolean => (text + text).indexOf(text, 1) < text.length;

function isRun(text: string): boolean {
  const doubled = runs.flatMap((run) => [run + run, [...(run + run)].reverse().join('')]);
  return doubled.some((run) => run.includes(text) || (text.includes(run.slice(0, 10)) && text.length <= 12));
}

/** For so long a password opens that somebody else made up. @source own decision: the next class is within it */
export const FIRST_PASSWORD_DAYS = 7;
