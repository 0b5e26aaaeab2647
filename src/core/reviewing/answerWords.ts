/** What somebody answered, in one line: the chosen answer, then their own words. */
export function answerWords(
  answer: { readonly kind: string; readonly said: string; readonly choice?: number; readonly isDone?: boolean },
  choices: readonly { readonly text: string }[] = [],
): string {
  const chosen = answer.choice === undefined ? undefined : choices[answer.choice]?.text;
  const done = answer.kind === 'homework' ? (answer.isDone ? 'done' : 'not done') : undefined;
  return [done ?? chosen, answer.said && `“${answer.said}”`].filter(Boolean).join(', ');
}

/** Words that turn a name round: "not the triangle", "instead of the armbar". */
const TURNS = /\b(?:no|not|never|instead|rather|than|without|but|before|after)\b|n['’]t\b/i;

/**
 * Which of the offered answers somebody meant: the one they chose, else the only one that they named in their own words.
 * @returns its place, or undefined where they named none, several, or turned one away.
 */
export function choiceMeant(
  answer: { readonly said: string; readonly choice?: number },
  choices: readonly { readonly text: string }[] = [],
): number | undefined {
  if (answer.choice !== undefined) return answer.choice;
  if (TURNS.test(answer.said)) return undefined;
  const wordsOf = (text: string) =>
    ` ${text
      .toLowerCase()
      .replace(/[^\p{L}\p{N}]+/gu, ' ')
      .trim()} `;
  const said = wordsOf(answer.said);
  const named = choices.flatMap(({ text }, place) => (said.includes(wordsOf(text)) ? place : []));
  return named.length === 1 ? named[0] : undefined;
}
