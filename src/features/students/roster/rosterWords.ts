import type { RosterField, RosterLine, RosterMatch } from '@/core/roster';

const fieldWords: Readonly<Record<RosterField, string>> = {
  name: 'the whole name',
  'first-name': 'the first name',
  'last-name': 'the last name',
  'born-on': 'the birthday',
  belt: 'the belt',
  stripes: 'the stripes',
  weight: 'the weight',
  height: 'the height',
  email: 'the e-mail address',
  division: 'female or male',
  note: 'a note',
};

export const columnOptions = (Object.keys(fieldWords) as RosterField[]).map((value) => ({
  value,
  label: fieldWords[value],
}));

export const matchWords: Readonly<Record<RosterMatch, string>> = {
  new: 'new',
  here: 'is here already',
  namesake: 'the name is here, with another birthday',
  twice: 'stands above already',
  nobody: 'has no name',
};

/** What could not be read of a cell. */
export const problemWords = (field: RosterField, text: string): string =>
  `“${text.slice(0, 40)}” is not read as ${fieldWords[field]}: left empty`;

/** "12 people: 9 new, 2 here already, one row without a name; 3 cells left empty". */
export function countWords(lines: readonly RosterLine[], matches: readonly RosterMatch[]): string {
  const count = (match: RosterMatch) => matches.filter((one) => one === match).length;
  const parts = [
    `${count('new')} new`,
    count('here') > 0 && `${count('here')} here already`,
    count('namesake') > 0 && `${count('namesake')} with the name of somebody here`,
    count('twice') > 0 && `${count('twice')} twice in the list`,
    count('nobody') > 0 && `${count('nobody')} without a name`,
  ].filter(Boolean);
  const unread = lines.reduce((sum, line) => sum + line.problems.length, 0);
  const rows = lines.length === 1 ? 'One row' : `${lines.length} rows`;
  return `${rows}: ${parts.join(', ')}${unread > 0 ? `; ${unread === 1 ? 'one cell is' : `${unread} cells are`} left empty` : ''}.`;
}
