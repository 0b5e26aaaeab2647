import { parseCalendarDate } from '@/core/kernel';
import { partnerGroups, type RoundFilter } from '@/core/patterns';
import { uuidIn } from '../kernel/isUuid';

/** In what two sets of rounds are compared. */
export const divisions = ['day', 'belt', 'injury', 'uniform', 'occasion', 'student'] as const;
export type Division = (typeof divisions)[number];

/** What of a student is looked at. */
export interface StudentQuery {
  readonly filter: RoundFilter;
  readonly side: {
    readonly division: Division;
    /** The day that parts two periods; the beginning of the window where none is given, or the newest belt or injury. */
    readonly day?: string;
    /** The student beside. */
    readonly otherId?: string;
  };
  /** The last round of the piece of the list before. */
  readonly after?: string;
}
export type StudentParameters = Readonly<
  Partial<Record<'with' | 'against' | 'uniform' | 'from' | 'to' | 'side' | 'day' | 'beside' | 'after', string>>
>;

const dayIn = (text: string | undefined) => (text !== undefined && parseCalendarDate(text) ? text : undefined);
const oneOf = <Value extends string>(values: readonly Value[], text: string | undefined) =>
  values.find((one) => one === text);

/** Reads the address of a student's page; what is none of its words does not narrow. */
export const readStudentQuery = (parameters: StudentParameters): StudentQuery => ({
  filter: {
    partnerId: uuidIn(parameters.with),
    against: oneOf(partnerGroups, parameters.against),
    uniform: oneOf(['gi', 'no-gi'], parameters.uniform),
    fromDay: dayIn(parameters.from),
    toDay: dayIn(parameters.to),
  },
  side: {
    division: oneOf(divisions, parameters.side) ?? 'day',
    day: dayIn(parameters.day),
    otherId: uuidIn(parameters.beside),
  },
  after: parameters.after,
});
