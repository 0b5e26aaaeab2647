/** What the tables of a package hold, in a coach's words; those of one kind are told together. */
const kinds: readonly (readonly [words: string, tables: readonly string[]])[] = [
  ['people', ['person']],
  ['rounds', ['round']],
  ['marks', ['mark', 'second_mark']],
  ['films', ['footage']],
  [
    'classes',
    ['academy_class', 'class_plan', 'class_note', 'class_clock', 'class_drilled', 'class_attendee', 'holiday', 'unit'],
  ],
  ['reviews and answers', ['closing', 'signed_review', 'student_answer']],
  [
    'words of the house',
    ['own_word', 'house_name', 'house_alias', 'hidden_concept', 'school_choice', 'call_correction', 'house_rule_set'],
  ],
  ['reels', ['reel', 'packet', 'reference_clip']],
];

export interface Counts {
  readonly fresh: number;
  readonly newer: number;
  readonly same: number;
  readonly conflict: number;
  readonly bad: number;
}

export interface CountLine extends Counts {
  readonly words: string;
}

/** How the rows of a package stand to what is here, by kinds that a coach knows; kinds without rows are left out. */
export function countLines(counts: Readonly<Record<string, Counts>>): readonly CountLine[] {
  const named = new Set(kinds.flatMap(([, tables]) => tables));
  const rest = Object.keys(counts).filter((table) => !named.has(table));
  return [...kinds, ['what belongs to them', rest] as const].flatMap(([words, tables]) => {
    const sum = tables
      .flatMap((table) => counts[table] ?? [])
      .reduce<Counts>(
        (all, one) => ({
          fresh: all.fresh + one.fresh,
          newer: all.newer + one.newer,
          same: all.same + one.same,
          conflict: all.conflict + one.conflict,
          bad: all.bad + one.bad,
        }),
        { fresh: 0, newer: 0, same: 0, conflict: 0, bad: 0 },
      );
    return sum.fresh + sum.newer + sum.same + sum.conflict + sum.bad === 0 ? [] : [{ words, ...sum }];
  });
}

const refusals: Readonly<Record<string, string>> = {
  'no-zip': 'This is no ZIP file, or its end is missing. Choose a package that this program made.',
  'no-package': 'This ZIP is no package of this program.',
  newer: 'This package was made by a newer version of this program. Bring this one up to date first.',
  broken: 'This package is damaged. Make it again where it comes from, or copy it once more.',
  'too-large': 'This file is larger than this academy takes.',
  'no-room': 'There is no room on the disk for it.',
  'signed-out': 'You are signed out. Sign in, then try again.',
  'head-coach-only': 'Only the head coach can do this.',
};

/** Why a package was not taken. */
export const refusalWords = (code: string): string =>
  refusals[code] ?? 'The package did not arrive. Check the connection, then try again.';
