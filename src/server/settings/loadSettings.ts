import { type Coach, listCoaches } from '@/data/accounts/coaches';
import { listOpenSessions } from '@/data/accounts/sessions';
import { pool } from '@/data/client';
import { type Academy, getAcademy } from '@/data/people/academy';
import { listErasures } from '@/data/people/erasures';
import { listTrash } from '@/data/trash/trash';
import { currentSession, requireCoach } from '../accounts/currentCoach';
import { type BackupNews, loadBackups } from '../backup/loadBackups';

const SHOWN_ERASURES = 10;
const SHOWN_TRASH = 60;

type PublicCoach = Omit<Coach, 'passwordHash'>;

export interface SettingsPage {
  readonly academy: Academy;
  readonly coach: PublicCoach;
  readonly coaches: readonly PublicCoach[];
  readonly trash: Awaited<ReturnType<typeof listTrash>>;
  /** Where this coach is signed in. */
  readonly sessions: Awaited<ReturnType<typeof listOpenSessions>>;
  /** For the head coach only. */
  readonly erasures?: Awaited<ReturnType<typeof listErasures>>;
  readonly backups?: BackupNews;
}

const withoutHash = ({ passwordHash: _secret, ...rest }: Coach): PublicCoach => rest;

export async function loadSettings(): Promise<SettingsPage> {
  const coach = await requireCoach();
  return {
    academy: await getAcademy(pool()),
    coach: withoutHash(coach),
    coaches: (await listCoaches(pool())).map(withoutHash),
    trash: await listTrash(pool(), SHOWN_TRASH),
    sessions: await listOpenSessions(pool(), coach.id, await currentSession()),
    erasures: coach.role === 'head' ? await listErasures(pool(), SHOWN_ERASURES) : undefined,
    backups: coach.role === 'head' ? await loadBackups() : undefined,
  };
}
