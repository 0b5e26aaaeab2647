import { phraseMark } from '../callline';
import type { Span } from '../clock';
import { type Athlete, conceptIdOf, linksOf, type Mark } from '../round';
import { conceptName } from '../vocabulary';

/** A mark as one line of a table: what a person and a spreadsheet both can read. Absent fields are empty. */
export interface MarkLine {
  readonly id: string;
  readonly kind: Mark['kind'];
  /** Seconds from the beginning of the round, and of the film. */
  readonly roundSeconds: number;
  readonly filmSeconds: number;
  readonly endRoundSeconds?: number;
  readonly athlete: string;
  /** The entry of the catalogue, by its name and by its id. */
  readonly entry: string;
  readonly entryId: string;
  /** The mark as a call: reading it again gives the same mark. */
  readonly words: string;
  readonly note: string;
  readonly isUnsure: boolean;
  /** What else it says, by the names of its fields. */
  readonly more: Readonly<Record<string, string>>;
  readonly ledTo: readonly string[];
}

const TOLD = new Set([
  'id',
  'kind',
  'atSeconds',
  'endSeconds',
  'athlete',
  'note',
  'unsure',
  'ledTo',
  'drawing',
  'shape',
]);

/** The marks of a round as lines of a table, in reading order as given. `nameOf` names entries of the catalogue. */
export const markLinesOf = (
  marks: readonly Mark[],
  round: Span,
  names: Readonly<Record<Athlete, string>>,
  nameOf: (conceptId: string) => string = conceptName,
): readonly MarkLine[] =>
  marks.map((mark) => {
    const fields = mark as unknown as Readonly<Record<string, unknown>>;
    const entryId = conceptIdOf(mark) ?? '';
    const whose = fields.athlete ?? fields.holder;
    const end = typeof fields.endSeconds === 'number' ? fields.endSeconds : undefined;
    return {
      ...{
        id: mark.id,
        kind: mark.kind,
        filmSeconds: mark.atSeconds,
        roundSeconds: mark.atSeconds - round.startSeconds,
      },
      endRoundSeconds: end === undefined ? undefined : end - round.startSeconds,
      athlete: whose === 'a' || whose === 'b' ? names[whose] : '',
      ...{ entry: entryId && nameOf(entryId), entryId, words: phraseMark(mark, names, nameOf) },
      ...{ note: mark.note ?? '', isUnsure: mark.unsure === true, ledTo: linksOf(mark) },
      more: Object.fromEntries(
        Object.entries(fields).flatMap(([name, value]) =>
          TOLD.has(name) || value === undefined || value === entryId
            ? []
            : [[name, typeof value === 'object' ? JSON.stringify(value) : String(value)]],
        ),
      ),
    };
  });
