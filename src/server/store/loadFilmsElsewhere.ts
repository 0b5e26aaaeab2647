import { pool } from '@/data/client';
import { listElsewhere, listOnlyHere } from '@/data/footage/filmsElsewhere';
import { storedSize } from '../footage/storage';
import { liesElsewhere, storeSettings } from './storeSettings';

/** Where films lie, for Settings. */
export interface FilmsElsewhere {
  /** Whether they are on their way there, or home. */
  readonly isLeaving: boolean;
  readonly elsewhere: number;
  readonly bytesElsewhere: number;
  /** Of those, bytes that lie here as well. */
  readonly bytesHere: number;
  /** Films that lie here only. */
  readonly onlyHere: number;
}

/** Undefined where no store elsewhere is named. */
export async function loadFilmsElsewhere(): Promise<FilmsElsewhere | undefined> {
  if (!storeSettings()) return undefined;
  const [there, onlyHere] = await Promise.all([listElsewhere(pool()), listOnlyHere(pool())]);
  const here = await Promise.all(there.map((one) => storedSize(one.storageName)));
  return {
    isLeaving: liesElsewhere(),
    elsewhere: there.length,
    bytesElsewhere: there.reduce((sum, one) => sum + one.byteLength, 0),
    bytesHere: here.reduce<number>((sum, bytes) => sum + (bytes ?? 0), 0),
    onlyHere: onlyHere.length,
  };
}
