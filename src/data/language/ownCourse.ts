import { z } from 'zod';
import { belts, bodyParts, type OwnCourse } from '@/core/vocabulary';

const words = (most: number) => z.string().trim().max(most, `Use at most ${most} characters.`);
const needed = (what: string, most: number) => words(most).min(1, `Say ${what}.`);
const ids = z.array(z.string().max(120)).max(20, 'Twenty are enough.');
const minutes = z.number({ error: 'Write whole minutes.' }).int('Write whole minutes.');

const part = z
  .number({ error: 'Write 1 to 9 parts.' })
  .int('Write 1 to 9 parts.')
  .min(1, 'Write 1 to 9 parts.')
  .max(9, 'Write 1 to 9 parts.');

const gameShape = z.object({
  start: needed('where it begins', 300),
  learnerWins: needed('what wins for the learner', 300),
  partnerWins: needed('what wins for the partner', 300),
  restart: needed('what starts it again', 300),
  seconds: z
    .number({ error: 'Write whole seconds.' })
    .int('Write whole seconds.')
    .min(10, 'At least ten seconds.')
    .max(600, 'At most ten minutes.'),
  change: z.enum(['winner-stays', 'bell']),
});

/** A drill's course as it is written, kept and read again. */
export const ownCourseShape: z.ZodType<OwnCourse> = z
  .object({
    targetErrorIds: ids.min(1, 'Name at least one error that it answers.'),
    cue: needed('the one thing to say while it runs', 300),
    branches: z
      .array(z.object({ when: needed('when', 200), answer: needed('what then', 200) }))
      .max(8, 'Eight ways on are enough for one lesson.'),
    constraint: words(300),
    /** Parts of its minutes, where they are not the academy's usual ones. */
    parts: z.object({ static: part, cooperative: part, progressive: part, live: part }).optional(),
    leastMinutes: minutes.min(4, 'At least 4 minutes.').max(60, 'At most 60 minutes.'),
    mostMinutes: minutes.min(4, 'At least 4 minutes.').max(60, 'At most 60 minutes.'),
    sided: z.boolean(),
    lowestBelt: z.enum(belts),
    under16: z.boolean(),
    loads: z.array(z.enum(bodyParts)).max(bodyParts.length),
    needs: ids,
    counterpart: words(300),
    easier: words(300),
    harder: words(300),
    game: gameShape.optional(),
  })
  .refine((course) => course.leastMinutes <= course.mostMinutes, {
    path: ['mostMinutes'],
    message: 'The most is less than the least: exchange them.',
  });
