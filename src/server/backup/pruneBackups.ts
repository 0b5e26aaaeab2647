import { readdir, rm } from 'node:fs/promises';
import path from 'node:path';
import { listBackups, storeFolder } from './manifest';

/**
 * Keeps the newest backups and what they hold; everything older goes, and what was broken off. While the list of one cannot be read, nothing of the store
 * goes: it may be needed, once the list is mended. Called while nobody else is at the folder.
 */
export async function pruneBackups(folder: string, most: number): Promise<void> {
  const backups = await listBackups(folder);
  const whole = backups.filter((one) => one.manifest !== undefined);
  const kept = whole.slice(0, Math.max(1, most));
  for (const one of backups)
    if (one.isBrokenOff || (one.manifest && !kept.includes(one)))
      await rm(path.join(folder, one.name), { recursive: true, force: true });
  if (backups.some((one) => !one.isBrokenOff && !one.manifest)) return;
  const needed = new Set(kept.flatMap((one) => one.manifest?.files.map((file) => file.sha256) ?? []));
  for (const shelf of await readdir(storeFolder(folder)).catch(() => []))
    for (const file of await readdir(path.join(storeFolder(folder), shelf)))
      if (!needed.has(file)) await rm(path.join(storeFolder(folder), shelf, file), { force: true });
}
