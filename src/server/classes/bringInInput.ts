import { z } from 'zod';
import { classInput } from './classInput';

const MOST_CLASSES = 2000;
const MOST_VISITS = 40_000;

const { title, startsAt, minutes, uniform } = classInput.shape;
export const bringInInput = z.object({
  classes: z.array(z.object({ id: z.uuid(), title, startsAt, minutes, uniform })).max(MOST_CLASSES),
  visits: z.array(z.object({ classId: z.uuid(), personId: z.uuid(), came: z.boolean() })).max(MOST_VISITS),
});
export const broughtInput = z.object({
  classIds: z.array(z.uuid()).max(MOST_CLASSES),
  visits: z.array(z.object({ classId: z.uuid(), personId: z.uuid(), wasExpected: z.boolean() })).max(MOST_VISITS),
});
