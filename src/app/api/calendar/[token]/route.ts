import { subscribedCalendar } from '@/server/classes/calendarFile';

/** The classes for a calendar program, which cannot sign in: whoever has the address may read them, and nothing else. */
export const GET = async (_request: Request, { params }: { params: Promise<{ token: string }> }): Promise<Response> =>
  subscribedCalendar((await params).token);
