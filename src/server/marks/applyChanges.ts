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
  tellMarksChanged,
  updateMark,
} from '@/data/marks/marks';
import type { ChangeOutcome, MarkChange } from './marksInput';
import type { MarksPlace } from './marksPlace';

/**
 * Stores changes of marks one after the other, each in its own transaction. A change that came before is answered again and stored once;
 * a change made on anything but the latest change is a conflict and changes nothing; every stored one is kept in the history.
 */
export async function applyChanges(
  database: pg.Pool,
  place: MarksPlace,
  changes: readonly MarkChange[],
  coachId: string | undefined,
): Promise<ChangeOutcome[]> {
  const outcomes: ChangeOutcome[] = [];
  for (const change of changes) {
    const problems = change.removed ? [] : checkMark(change.mark, place.round);
    if (problems.length > 0) outcomes.push({ changeId: change.changeId, status: 'refused', problems });
    else outcomes.push(await inTransaction(database, (client) => applyChange(client, place, change, coachId)));
  }
  return outcomes;
}

async function applyChange(
  client: pg.PoolClient,
  { scopeId, store }: MarksPlace,
  change: MarkChange,
  coachId: string | undefined,
): Promise<ChangeOutcome> {
  const { changeId, mark, baseChangeId, removed } = change;
  const write: MarkWrite = { mark, scopeId, version: 1, changeId, deleted: removed, changedBy: coachId };
  const linkProblems = removed ? [] : await findLinkProblems(mark, () => listMarks(client, scopeId, store));
  if (linkProblems.length > 0) return { changeId, status: 'refused', problems: linkProblems };
  if ((await insertMark(client, write, store)) === 1) {
    await insertMarkHistory(client, write, store);
    await tellMarksChanged(client, scopeId);
    return { changeId, status: 'stored', version: 1 };
  }
  const current = await findMarkForChange(client, mark.id, store);
  if (!current || current.scopeId !== scopeId)
    return { changeId, status: 'refused', problems: [{ code: 'belongs-elsewhere' }] };
  if (current.changeId === changeId || (await knowsChange(client, mark.id, changeId, store))) {
    return { changeId, status: 'stored', version: current.version };
  }
  if (current.changeId !== baseChangeId) return conflict(changeId, current);
  const next = { ...write, version: current.version + 1 };
  await updateMark(client, next, store);
  await insertMarkHistory(client, next, store);
  await tellMarksChanged(client, scopeId);
  return { changeId, status: 'stored', version: next.version };
}

async function findLinkProblems(
  mark: Mark,
  listAll: () => Promise<readonly StoredMark[]>,
): Promise<(MarkProblem | { code: string })[]> {
  if (mark.kind !== 'error' || mark.ledTo.length === 0) return [];
  const others = (await listAll()).map((one) => one.mark).filter((one) => one.id !== mark.id);
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
