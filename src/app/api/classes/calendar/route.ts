import { findCurrentCoach } from '@/server/accounts/currentCoach';
import { calendarAnswer } from '@/server/classes/calendarFile';
import { refuse } from '@/server/kernel/sameOrigin';

/** Every class ahead as a calendar file. */
export const GET = async (): Promise<Response> =>
  (await findCurrentCoach()) ? calendarAnswer() : refuse(401, 'signed-out');
