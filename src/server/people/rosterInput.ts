import { z } from 'zod';
import { isPlausibleWeight } from '@/core/partner';
import { personInput } from './personInput';

/** As many as come at once: the largest academies have some hundreds. @source own decision */
export const MOST_ROSTER = 2000;

const { name, division, bornOn, belt, stripes, heightCm, note, email } = personInput.shape;
export const rosterInput = z
  .array(
    z.object({
      ...{ id: z.uuid(), name, division, bornOn, belt, stripes, heightCm, note, email },
      weightKg: z.number().refine(isPlausibleWeight, 'This is not a weight that somebody on the mat has.').optional(),
    }),
  )
  .min(1, 'There is nobody new in this list.')
  .max(MOST_ROSTER, `Bring in at most ${MOST_ROSTER} people at once.`);
