import { pool } from '@/data/client';
import { listRounds } from '@/data/rounds/rounds';
import { requireCoach } from '../accounts/currentCoach';

export async function loadRounds() {
  await requireCoach();
  return (await listRounds(pool())).map((round) => ({
    id: round.id,
    heldOn: round.heldOn,
    numberInSession: round.numberInSession,
    a: round.a.name,
    b: round.b.name,
    uniform: round.uniform,
    theme: round.theme,
    markCount: round.markCount,
    filmed: round.footageId !== undefined,
  }));
}
