import { type Coach, listCoaches, listEndedCoaches } from '@/data/accounts/coaches';
import { pool } from '@/data/client';
import { type Academy, getAcademy } from '@/data/people/academy';
import { listErasures } from '@/data/people/erasures';
import { listTrash } from '@/data/trash/trash';
import { requireCoach } from '../accounts/currentCoach';
import { type BackupNews, loadBackups } from '../backup/loadBackups';
import { type FilmsElsewhere, loadFilmsElsewhere } from '../store/loadFilmsElsewhere';
import { TRASH_DAYS } from '../trash/trashDays';
import { type Account, loadAccount } from './loadAccount';

const SHOWN_ERASURES = 10;
const SHOWN_TRASH = 60;

type PublicCoach = Omit<Coach, 'passwordHash'>;

export interface SettingsPage {
  readonly academy: Academy;
  readonly coach: PublicCoach;
  readonly coaches: readonly PublicCoach[];
  readonly trash: Awaited<ReturnType<typeof listTrash>>;
  /** Where this coach is signed in. */
  readonly sessions: Account['sessions'];
  readonly codes: Account['codes'];
  /** For the head coach only. */
  readonly erasures?: Awaited<ReturnType<typeof listErasures>>;
  readonly backups?: BackupNews;
  readonly filmsElsewhere?: FilmsElsewhere;
  readonly endedAccounts?: Awaited<ReturnType<typeof listEndedCoaches>>;
}

const withoutHash = ({ passwordHash: _secret, ...rest }: Coach): PublicCoach => rest;

export async function loadSettings(): Promise<SettingsPage> {
  const coach = await requireCoach();
  return {
    academy: await getAcademy(pool()),
    coach: withoutHash(coach),
    coaches: (await listCoaches(pool())).map(withoutHash),
    trash: await listTrash(pool(), SHOWN_TRASH),
    ...(await loadAccount()),
    erasures: coach.role === 'head' ? await listErasures(pool(), SHOWN_ERASURES) : undefined,
    backups: coach.role === 'head' ? await loadBackups() : undefined,
    filmsElsewhere: coach.role === 'head' ? await loadFilmsElsewhere() : undefined,
    endedAccounts: coach.role === 'head' ? await listEndedCoaches(pool(), TRASH_DAYS) : undefined,
  };
}
