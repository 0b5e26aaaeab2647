import { ICalCalendar, ICalEventStatus } from 'ical-generator';
import { houseNameOf } from '@/core/vocabulary';
import { noteCalendarRead } from '@/data/classes/calendarAddresses';
import { type AcademyClass, findClass, listClassesFrom } from '@/data/classes/classes';
import { pool } from '@/data/client';
import { getAcademy } from '@/data/people/academy';
import { themeWords } from '@/terms/themeWords';
import { hashOfSent } from '../accounts/tokens';
import { isUuid } from '../kernel/isUuid';
import { refuse } from '../kernel/sameOrigin';
import { houseOf } from '../language/loadHouse';

/** How far back a calendar program still sees classes. @source own decision: what was held this month stays in view */
const KEPT_DAYS = 31;
/** How often a calendar program is asked to look again. */
const LOOK_SECONDS = 3600;

/** Classes as a calendar file that any calendar program reads: every one ahead, or one. Undefined for a class that is not there. @source RFC 5545 */
export async function calendarFile(classId?: string): Promise<string | undefined> {
  const one = classId !== undefined && isUuid(classId) ? await findClass(pool(), classId) : undefined;
  if (classId !== undefined && !one) return undefined;
  return write(one ? [one] : await listClassesFrom(pool(), new Date().toISOString()));
}

async function write(classes: readonly AcademyClass[]): Promise<string> {
  const [academy, house] = await Promise.all([getAcademy(pool()), houseOf(pool())]);
  const calendar = new ICalCalendar({
    name: academy.name,
    prodId: { company: 'Unhurried Owl', product: 'Classes', language: 'EN' },
    ttl: LOOK_SECONDS,
  });
  for (const each of classes) calendar.createEvent(eventOf(each, academy.name, (id) => houseNameOf(house, id)));
  return calendar.toString();
}

const eventOf = (one: AcademyClass, place: string, nameOf: (id: string) => string) => {
  const start = new Date(one.startsAt);
  const themes = one.themes.map(themeWords).join(', ');
  return {
    id: `class-${one.id}`,
    start,
    end: new Date(start.getTime() + one.minutes * 60_000),
    summary: themes ? `${one.title}: ${themes}` : one.title,
    description: [...one.lessonIds.map(nameOf), `${one.uniform}, ${one.level}`].join('\n'),
    location: place,
    sequence: one.version + (one.planVersion ?? 0),
    status: ICalEventStatus.CONFIRMED,
  };
};

/** The file as it is sent. */
export async function calendarAnswer(classId?: string): Promise<Response> {
  const text = await calendarFile(classId);
  if (text === undefined) return refuse(404, 'no-such-class');
  return new Response(text, {
    headers: {
      'content-type': 'text/calendar; charset=utf-8',
      'content-disposition': 'attachment; filename="classes.ics"',
      'cache-control': 'no-store',
    },
  });
}

/** What a calendar program gets that reads an address: classes of the last month and all ahead, no names of people. */
export async function subscribedCalendar(token: string): Promise<Response> {
  const hash = hashOfSent(token);
  if (!hash || (await noteCalendarRead(pool(), hash)) === 0) return refuse(404, 'no-such-calendar');
  const since = new Date(Date.now() - KEPT_DAYS * 86_400_000).toISOString();
  return new Response(await write(await listClassesFrom(pool(), since)), {
    headers: { 'content-type': 'text/calendar; charset=utf-8', 'cache-control': 'private, no-store' },
  });
}
