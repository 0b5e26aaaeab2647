import { addDays, parseCalendarDate } from '@/core/kernel';
import { pool } from '@/data/client';
import { listRounds } from '@/data/rounds/rounds';
import { requireCoach } from '../accounts/currentCoach';
import { today } from '../kernel/academyTime';
import { isUuid } from '../kernel/isUuid';
import { loadClosing } from './loadClosing';

/** The academy is closed by the week. */
const WEEK_DAYS = 6;

type Asked = string | string[] | undefined;
const dayOf = (asked: Asked): string | undefined =>
  typeof asked === 'string' && parseCalendarDate(asked) ? asked : undefined;

/**
 * Closing somebody's days, or the academy's without a person: the days that are asked for, in either order; else the evening of their newest marked round, or
 * the academy's last seven days.
 */
export async function loadClosingDays(
  personId: string | undefined,
  asked: { readonly from?: Asked; readonly to?: Asked },
) {
  await requireCoach();
  if (personId !== undefined && !isUuid(personId)) return undefined;
  const given = [dayOf(asked.from), dayOf(asked.to)].filter((day) => day !== undefined).sort();
  const [first = await usualFirst(personId)] = given;
  const last = given[1] ?? given[0] ?? (personId === undefined ? await today() : first);
  const page = await loadClosing(
    personId === undefined
      ? { kind: 'academy', firstDay: first, lastDay: last }
      : { kind: 'days', personId, firstDay: first, lastDay: last },
  );
  return page && { ...page, days: `${first} ${last}` };
}

async function usualFirst(personId: string | undefined): Promise<string> {
  const day = await today();
  if (personId === undefined) return addDays(day, -WEEK_DAYS);
  const newest = await listRounds(pool(), { personIds: [personId], marked: true }, 1);
  return newest.rows[0]?.heldOn ?? day;
}
