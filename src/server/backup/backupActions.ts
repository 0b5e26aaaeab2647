'use server';

import type { Outcome } from '@/core/kernel';
import { defineCommand } from '../kernel/defineCommand';
import { type BackupNews, loadBackups } from './loadBackups';
import { askForBackup } from './nightly';

/** Asks for a backup now. */
export const backUpNow = defineCommand({
  actor: 'head-coach',
  noted: 'backup-asked',
  args: [],
  run: async (): Promise<Outcome> => {
    await askForBackup();
    return { ok: true };
  },
});

/** How it goes. */
export const lookAtBackups = defineCommand({
  actor: 'head-coach',
  args: [],
  run: async (): Promise<Outcome<{ readonly news: BackupNews }>> => ({ ok: true, news: await loadBackups() }),
});
