import type pg from 'pg';
import { checkLinks, checkMark, type LinkProblem, linksOf, type Mark } from '@/core/round';
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
import { UnreadableRow } from '@/data/rows';
import { isDataError } from '../kernel/dataError';
import type { ChangeOutcome, MarkChange } from './marksInput';
import type { MarksPlace } from './marksPlace';

/**
 * Stores changes of marks one after the other, each in its own transaction. A change that came before is answered again and stored once;
 * a change made on anything but the latest one is a conflict and changes nothing; every stored one is kept in the history. A change whose
 * values the database cannot hold, or whose mark lies there in a shape that nobody can read, is refused alone.
 */
export async function applyChanges(
  database: pg.Pool,
  place: MarksPlace,
  changes: readonly MarkChange[],
  coachId: string | undefined,
): Promise<ChangeOutcome[]> {
  const outcomes: ChangeOutcome[] = [];
  const links = linksOfPlace(database, place);
  for (const change of changes) {
    const outcome = await answerChange(database, place, change, coachId, links);
    if (outcome.status === 'stored') links.note(change);
    outcomes.push(outcome);
  }
  return outcomes;
}

async function answerChange(
  database: pg.Pool,
  place: MarksPlace,
  change: MarkChange,
  coachId: string | undefined,
  links: Links,
): Promise<ChangeOutcome> {
  const { changeId, mark, removed } = change;
  const problems = removed ? [] : [...checkMark(mark, place.round), ...(await links.problemsOf(mark))];
  if (problems.length > 0) return { changeId, status: 'refused', problems };
  try {
    return await inTransaction(database, (client) => applyChange(client, place, change, coachId));
  } catch (error) {
    if (isDataError(error)) return { changeId, status: 'refused', problems: [{ code: 'not-storable' }] };
    if (error instanceof UnreadableRow) return { changeId, status: 'refused', problems: [{ code: 'not-readable' }] };
    throw error;
  }
}

async function applyChange(
  client: pg.PoolClient,
  { scopeId, store }: MarksPlace,
  change: MarkChange,
  coachId: string | undefined,
): Promise<ChangeOutcome> {
  const { changeId, mark, baseChangeId, removed } = change;
  const write: MarkWrite = { mark, scopeId, version: 1, changeId, deleted: removed, changedBy: coachId };
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

interface Links {
  /** What is wrong with what a mark is said to have led to. */
  readonly problemsOf: (mark: Mark) => Promise<LinkProblem[]>;
  /** Takes in a change that was stored, for those that follow. */
  readonly note: (change: MarkChange) => void;
}

/** The marks of a place, read once for all changes of a request and only when one of them has links: with them all for each change a request takes minutes. */
function linksOfPlace(database: pg.Pool, { scopeId, store }: MarksPlace): Links {
  let known: Promise<Map<string, Mark>> | undefined;
  const noted: MarkChange[] = [];
  const marks = async (): Promise<Map<string, Mark>> => {
    known ??= listMarks(database, scopeId, store).then((all) => new Map(all.map(({ mark }) => [mark.id, mark])));
    const now = await known;
    for (const { mark, removed } of noted.splice(0)) removed ? now.delete(mark.id) : now.set(mark.id, mark);
    return now;
  };
  return {
    problemsOf: async (mark) => {
      const links = linksOf(mark);
      if (links.length === 0) return [];
      const others = new Map(await marks());
      others.set(mark.id, { ...mark, ledTo: [] } as Mark);
      // A link to a mark that is not there (deleted meanwhile, or not yet sent) is harmless and kept.
      const there = [...new Set(links)].filter((id) => others.has(id));
      return checkLinks([...others.values()], mark.id, there).flatMap((one) => (one.ok ? [] : [one.problem]));
    },
    note: (change) => void noted.push(change),
  };
}

const conflict = (changeId: string, current: StoredMark): ChangeOutcome => ({
  changeId,
  status: 'conflict',
  current: { mark: current.mark, changeId: current.changeId, removed: current.deleted, by: current.changedByName },
});
