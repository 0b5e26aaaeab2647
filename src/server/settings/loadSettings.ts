import { type Coach, listCoaches } from '@/data/accounts/coaches';
import { pool } from '@/data/client';
import { type Academy, getAcademy } from '@/data/people/academy';
import { requireCoach } from '../accounts/currentCoach';
import { type BackupNews, loadBackups } from '../backup/loadBackups';

type PublicCoach = Omit<Coach, 'passwordHash'>;

export interface SettingsPage {
  readonly academy: Academy;
  readonly coach: PublicCoach;
  readonly coaches: readonly PublicCoach[];
  /** For the head coach only. */
  readonly backups?: BackupNews;
}

const withoutHash = ({ passwordHash: _secret, ...rest }: Coach): PublicCoach => rest;

export async function loadSettings(): Promise<SettingsPage> {
  const coach = await requireCoach();
  return {
    academy: await getAcademy(pool()),
    coach: withoutHash(coach),
    coaches: (await listCoaches(pool())).map(withoutHash),
    backups: coach.role === 'head' ? await loadBackups() : undefined,
  };
}
