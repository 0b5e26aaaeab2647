import { ICalCalendar, ICalEventStatus } from 'ical-generator';
import { houseNameOf } from '@/core/vocabulary';
import { type AcademyClass, findClass, listClassesFrom } from '@/data/classes/classes';
import { pool } from '@/data/client';
import { getAcademy } from '@/data/people/academy';
import { themeWords } from '@/terms/themeWords';
import { isUuid } from '../kernel/isUuid';
import { refuse } from '../kernel/sameOrigin';
import { loadHouse } from '../language/loadHouse';

/** Classes as a calendar file that any calendar program reads: every one ahead, or one. Undefined for a class that is not there. @source RFC 5545 */
export async function calendarFile(classId?: string): Promise<string | undefined> {
  const [academy, house] = await Promise.all([getAcademy(pool()), loadHouse()]);
  const one = classId !== undefined && isUuid(classId) ? await findClass(pool(), classId) : undefined;
  if (classId !== undefined && !one) return undefined;
  const classes = one ? [one] : await listClassesFrom(pool(), new Date().toISOString());
  const calendar = new ICalCalendar({
    name: academy.name,
    prodId: { company: 'Unhurried Owl', product: 'Classes', language: 'EN' },
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
