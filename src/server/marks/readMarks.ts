import type { Mark } from '@/core/round';
import { pool } from '@/data/client';
import { listMarks, listVersions, type MarkVersion } from '@/data/marks/marks';
import { houseOf, withMerges } from '../language/loadHouse';
import type { MarksPlace } from './marksPlace';

export { hear as hearMarksChanged, startHearing } from '@/data/notices';

/** All marks as they are now, each with the change that made it so. */
export async function readMarks({ scopeId, store }: MarksPlace): Promise<{ mark: Mark; changeId: string }[]> {
  const house = await houseOf(pool());
  const stored = await listMarks(pool(), scopeId, store);
  return stored.map(({ mark, changeId }) => ({ mark: withMerges(house, mark), changeId }));
}

/** Every form that a mark has had, newest first. */
export const readVersions = ({ scopeId, store }: MarksPlace, markId: string): Promise<MarkVersion[]> =>
  listVersions(pool(), scopeId, markId, store);
