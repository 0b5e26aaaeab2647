import { z } from 'zod';
import { classInput } from './classInput';

const MOST_CLASSES = 2000;
/** Visits that come at once: what one request holds. */
export const MOST_VISITS = 20_000;

const { title, startsAt, minutes, uniform } = classInput.shape;
const ids = z.array(z.uuid()).readonly();

/** Classes to be set up, and who came to which or stayed away; people by class, since each is said by its id alone. */
export const bringInInput = z
  .object({
    classes: z.array(z.object({ id: z.uuid(), title, startsAt, minutes, uniform })).max(MOST_CLASSES),
    visits: z.array(z.object({ classId: z.uuid(), came: ids, away: ids })).max(MOST_CLASSES),
  })
  .refine(({ visits }) => visits.reduce((sum, one) => sum + one.came.length + one.away.length, 0) <= MOST_VISITS, {
    path: ['visits'],
    message: `Bring in at most ${MOST_VISITS} visits at once.`,
  });

/** What was brought in, as the answer told it: who was noted of each class, those who had been expected apart. */
export const broughtInput = z.object({
  classIds: z.array(z.uuid()).max(MOST_CLASSES),
  visits: z.array(z.object({ classId: z.uuid(), expected: ids, others: ids })).max(MOST_CLASSES),
});
export type BroughtIn = z.output<typeof broughtInput>;
