import type pg from 'pg';
import { checkLink, checkMark, type Mark, type MarkProblem } from '@/core/round';
import { inTransaction } from '@/data/client';
import {
  findMarkForChange,
  insertMark,
  insertMarkHistory,
  knowsChange,
  listMarks,
  type MarkWrite,
  type StoredMark,
  updateMark,
} from '@/data/marks/marks';
import type { Round } from '@/data/rounds/rounds';
import type { ChangeOutcome, MarkChange } from './marksInput';

/**
 * Stores changes of marks one after the other, each in its own transaction. A change that came before is answered again and stored once;
 * a change made on anything but the latest change is a conflict and changes nothing; every stored one is kept in the history.
 */
export async function applyChanges(
  database: pg.Pool,
  round: Round,
  changes: readonly MarkChange[],
  coachId: string | undefined,
): Promise<ChangeOutcome[]> {
  const outcomes: ChangeOutcome[] = [];
  for (const change of changes) {
    const problems = change.removed ? [] : checkMark(change.mark, round);
    if (problems.length > 0) outcomes.push({ changeId: change.changeId, status: 'refused', problems });
    else outcomes.push(await inTransaction(database, (client) => applyChange(client, round, change, coachId)));
  }
  return outcomes;
}

async function applyChange(
  client: pg.PoolClient,
  round: Round,
  change: MarkChange,
  coachId: string | undefined,
): Promise<ChangeOutcome> {
  const { changeId, mark, baseChangeId, removed } = change;
  const write: MarkWrite = { mark, roundId: round.id, version: 1, changeId, deleted: removed, changedBy: coachId };
  const linkProblems = removed ? [] : await findLinkProblems(client, round.id, mark);
  if (linkProblems.length > 0) return { changeId, status: 'refused', problems: linkProblems };
  if ((await insertMark(client, write)) === 1) {
    await insertMarkHistory(client, write);
    return { changeId, status: 'stored', version: 1 };
  }
  const current = await findMarkForChange(client, mark.id);
  if (!current || current.roundId !== round.id)
    return { changeId, status: 'refused', problems: [{ code: 'belongs-elsewhere' }] };
  if (current.changeId === changeId || (await knowsChange(client, mark.id, changeId))) {
    return { changeId, status: 'stored', version: current.version };
  }
  if (current.changeId !== baseChangeId) return conflict(changeId, current);
  const next = { ...write, version: current.version + 1 };
  await updateMark(client, next);
  await insertMarkHistory(client, next);
  return { changeId, status: 'stored', version: next.version };
}

async function findLinkProblems(
  client: pg.PoolClient,
  roundId: string,
  mark: Mark,
): Promise<(MarkProblem | { code: string })[]> {
  if (mark.kind !== 'error' || mark.ledTo.length === 0) return [];
  const others = (await listMarks(client, roundId)).map((one) => one.mark).filter((one) => one.id !== mark.id);
  const known = new Set(others.map((one) => one.id));
  // A link to a mark that is not there (deleted meanwhile, or not yet sent) is harmless and kept.
  return mark.ledTo
    .filter((id) => known.has(id))
    .flatMap((id) => {
      const checked = checkLink([...others, { ...mark, ledTo: [] }], mark.id, id);
      return checked.ok ? [] : [checked.problem];
    });
}

const conflict = (changeId: string, current: StoredMark): ChangeOutcome => ({
  changeId,
  status: 'conflict',
  current: { mark: current.mark, changeId: current.changeId, removed: current.deleted, by: current.changedByName },
});
