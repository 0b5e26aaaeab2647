export interface Counts {
  readonly rounds: number;
  readonly notes: number;
  readonly reviews: number;
  readonly answers: number;
  readonly links: number;
  readonly messages: number;
  readonly talks: number;
  readonly clips: number;
  readonly films: number;
}

const many = (count: number, one: string, several: string): string | undefined =>
  count === 0 ? undefined : count === 1 ? `one ${one}` : `${count} ${several}`;

/** What of somebody goes, a line each. */
export const goesWords = (counts: Counts): readonly string[] =>
  [
    'name, birthday, weights, belts by day, e-mail, injuries, notes, consents',
    many(counts.reviews, 'signed review with its homework', 'signed reviews with their homework'),
    many(counts.answers, 'answer', 'answers'),
    many(counts.links, 'open link', 'open links'),
    many(counts.messages, 'message of the outbox', 'messages of the outbox'),
    many(counts.talks, 'recorded talk over their rounds', 'recorded talks over their rounds'),
    many(counts.clips, 'rendered clip that shows them', 'rendered clips that show them'),
    many(counts.notes, 'remark loses their name', 'remarks lose their name'),
  ].filter((words) => words !== undefined);
