/** What somebody answered, in one line: the chosen answer, then their own words. */
export function answerWords(
  answer: { readonly kind: string; readonly said: string; readonly choice?: number; readonly isDone?: boolean },
  choices: readonly { readonly text: string }[] = [],
): string {
  const chosen = answer.choice === undefined ? undefined : choices[answer.choice]?.text;
  const done = answer.kind === 'homework' ? (answer.isDone ? 'done' : 'not done') : undefined;
  return [done ?? chosen, answer.said && `“${answer.said}”`].filter(Boolean).join(', ');
}
