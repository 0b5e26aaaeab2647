import type pg from 'pg';
import { addDays, type CalendarDate } from '../../src/core/kernel';
import type { AnyBelt } from '../../src/core/vocabulary';
import { demoId } from '../academy/marksOfRound';
import { habitsOf } from './habits';
import { WEEKS } from './schedule';

/** What somebody wore until a promotion in the term. */
const promoted: Readonly<Record<string, { belt: AnyBelt; stripes: number; weeksAgo: number }>> = {
  teo: { belt: 'white', stripes: 4, weeksAgo: 10 },
  nadia: { belt: 'white', stripes: 0, weeksAgo: 7 },
  ana: { belt: 'blue', stripes: 1, weeksAgo: 8 },
};
const HURT = 'left shoulder, back after a month';

/** Writes what was worn and what hurt then on the cards of the term's rounds. */
export async function writePastOfPeople(client: pg.PoolClient, today: CalendarDate): Promise<void> {
  for (const [key, { belt, stripes, weeksAgo }] of Object.entries(promoted))
    await client.query(
      `update round_athlete a set belt = $2, stripes = $3 from round r
       where r.id = a.round_id and a.person_id = $1 and r.held_on < $4::date`,
      [demoId('person', key), belt, stripes, addDays(today, -7 * weeksAgo)],
    );
  for (const [key, { hurt }] of Object.entries(habitsOf)) {
    if (!hurt) continue;
    const back = addDays(today, -7 * (WEEKS - hurt[1]));
    await client.query(
      `update round_athlete a set condition = jsonb_build_object('hurt', $2::text)
       from (select r.id from round r join round_athlete mine on mine.round_id = r.id
         where mine.person_id = $1 and r.held_on >= $3::date order by r.held_on, r.number_in_session limit 1) first
       where a.round_id = first.id and a.person_id = $1`,
      [demoId('person', key), HURT, back],
    );
  }
}
