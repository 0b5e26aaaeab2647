import { findCurrentCoach } from '@/server/accounts/currentCoach';
import { calendarAnswer } from '@/server/classes/calendarFile';
import { refuse } from '@/server/kernel/sameOrigin';

/** One class as a calendar file. */
export const GET = async (_request: Request, context: { params: Promise<{ classId: string }> }): Promise<Response> =>
  (await findCurrentCoach()) ? calendarAnswer((await context.params).classId) : refuse(401, 'signed-out');
