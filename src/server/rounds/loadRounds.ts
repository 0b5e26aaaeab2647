import { pool } from '@/data/client';
import { listRounds, type Round } from '@/data/rounds/rounds';
import { requireCoach } from '../accounts/currentCoach';

/** Rounds of each list that are shown at once. @source own decision: what can be looked through in one list */
const SHOWN = 60;

/** A piece of the rounds that are marked and one of those that are not; only the list that was asked for goes on behind `after`. */
export async function loadRounds(place?: { readonly list: 'waiting' | 'marked'; readonly after: string }) {
  await requireCoach();
  const pieceOf = async (list: 'waiting' | 'marked') => {
    const after = place?.list === list ? place.after : undefined;
    const piece = await listRounds(pool(), { marked: list === 'marked' }, SHOWN, after);
    return { ...piece, rows: piece.rows.map(lineOf) };
  };
  const [waiting, marked] = await Promise.all([pieceOf('waiting'), pieceOf('marked')]);
  return { waiting, marked };
}

const lineOf = (round: Round) => ({
  id: round.id,
  heldOn: round.heldOn,
  numberInSession: round.numberInSession,
  a: round.a.name,
  b: round.b.name,
  uniform: round.uniform,
  theme: round.theme,
  markCount: round.markCount,
  filmed: round.footageId !== undefined,
});
