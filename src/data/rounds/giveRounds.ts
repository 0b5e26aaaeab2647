import type { Database } from '../client';
import { runStatement } from '../rows';

/** Puts one person in the place of another in rounds; those in which both take part stay. Open cards of these rounds are told that somebody changed them. Returns how many. */
export async function giveRounds(
  database: Database,
  fromId: string,
  toId: string,
  roundIds: readonly string[],
): Promise<number> {
  const moved = await runStatement(
    database,
    `update round_athlete a set person_id = $2 where a.person_id = $1 and a.round_id = any($3::uuid[])
       and not exists (select 1 from round_athlete o where o.round_id = a.round_id and o.person_id = $2)`,
    [fromId, toId, roundIds],
  );
  await runStatement(
    database,
    `update round r set version = r.version + 1
     where r.id = any($2::uuid[]) and exists (select 1 from round_athlete a where a.round_id = r.id and a.person_id = $1)`,
    [toId, roundIds],
  );
  return moved;
}

/** Belts and weights that somebody's rounds tell of days of which nothing is known yet. */
export async function takeHistoriesOfRounds(database: Database, personId: string): Promise<void> {
  await runStatement(
    database,
    `insert into belt_step (person_id, since_day, belt, stripes)
     select distinct on (r.held_on) a.person_id, r.held_on, a.belt, a.stripes from round_athlete a join round r on r.id = a.round_id
     where a.person_id = $1 and a.belt is not null order by r.held_on, r.number_in_session desc on conflict do nothing`,
    [personId],
  );
  await runStatement(
    database,
    `insert into weighing (person_id, since_day, weight_kg, source)
     select distinct on (r.held_on) a.person_id, r.held_on, a.weight_kg, coalesce(a.weight_source, 'stated') from round_athlete a join round r on r.id = a.round_id
     where a.person_id = $1 and a.weight_kg is not null order by r.held_on, r.number_in_session desc on conflict do nothing`,
    [personId],
  );
}
