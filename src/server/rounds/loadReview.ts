import { pool } from '@/data/client';
import { type Footage, findFootage } from '@/data/footage/footage';
import { listMarks, type StoredMark } from '@/data/marks/marks';
import { findRound, type Round } from '@/data/rounds/rounds';
import { requireCoach } from '../accounts/currentCoach';
import { withMerges } from '../language/loadHouse';
import { type Language, loadLanguage } from '../language/loadLanguage';

export interface ReviewPage {
  readonly round: Round;
  readonly footage?: Omit<Footage, 'storageName'>;
  readonly marks: readonly StoredMark[];
  readonly language: Language;
  readonly reactionLeadSeconds: number;
  readonly weightUnit: 'kg' | 'lb';
}

const isUuid = (text: string): boolean => /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/i.test(text);

export { isUuid };

export async function loadReview(roundId: string): Promise<ReviewPage | undefined> {
  const coach = await requireCoach();
  const round = isUuid(roundId) ? await findRound(pool(), roundId) : undefined;
  if (!round) return undefined;
  const footage = round.footageId ? await findFootage(pool(), round.footageId) : undefined;
  const { storageName: _private, ...shown } = footage ?? { storageName: '' };
  const language = await loadLanguage(pool(), round.id);
  const marks = await listMarks(pool(), round.id);
  return {
    round,
    footage: footage ? (shown as Omit<Footage, 'storageName'>) : undefined,
    marks: marks.map((stored) => ({ ...stored, mark: withMerges(language.house, stored.mark) })),
    language,
    reactionLeadSeconds: coach.reactionLeadSeconds,
    weightUnit: coach.weightUnit,
  };
}
