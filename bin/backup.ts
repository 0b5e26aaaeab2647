import path from 'node:path';
import { pool } from '../src/data/client';
import { doBackup } from '../src/server/backup/doBackup';
import { verifyBackups } from '../src/server/backup/verifyBackups';
import { findKept, stopApplication } from './application';
import { academyCluster, ensureDatabase, startCluster } from './cluster';
import { placeOf } from './places';
import { restoreBackup } from './restore';
import type { Running } from './running';
import { ensureDebianPackages, Stop, say } from './steps';

const wordsAfterVerb = (): readonly string[] => {
  const words = process.argv.slice(3);
  return words.filter((word, at) => !word.startsWith('--') && words[at - 1] !== '--backup');
};
const isAsked = (option: string): boolean => process.argv.includes(option);
const after = (option: string): string | undefined =>
  isAsked(option) ? process.argv[process.argv.indexOf(option) + 1] : undefined;

async function modeMeant(): Promise<Running['mode']> {
  return isAsked('--demo') ? 'demo' : ((await findKept())?.mode ?? 'academy');
}

/** Where the backups of an academy lie, said on the command line or as usual. */
const folderMeant = (mode: Running['mode']): string =>
  path.resolve(wordsAfterVerb()[0] ?? process.env.OWL_BACKUP_FOLDER ?? placeOf(mode).backups);

/** A backup of the academy, also while it runs. */
export async function backup(): Promise<void> {
  await ensureDebianPackages(['postgresql']);
  const mode = await modeMeant();
  const { database, folder } = placeOf(mode);
  const cluster = await startCluster(academyCluster);
  process.env.OWL_DATABASE_URL = await ensureDatabase(cluster, database);
  process.env.OWL_DATA_FOLDER = folder;
  process.env.OWL_BACKUP_FOLDER = folderMeant(mode);
  const stopping = new AbortController();
  process.once('SIGINT', () => stopping.abort());
  try {
    const made = await doBackup(stopping.signal);
    if (!made.ok) throw new Stop(problemWords[made.problem.code]);
    const { name, manifest, newBytes } = made.value;
    say(`${name}: ${manifest.files.length} files and the database, ${sizeWords(newBytes)} of it new, all read back.`);
    say(`it lies in ${process.env.OWL_BACKUP_FOLDER}`);
  } finally {
    await pool().end();
  }
}

const problemWords = {
  'disk-full': 'There is no room for it. Make room, or name a folder on another disk: bin/owl backup FOLDER',
  'not-reachable':
    'The folder cannot be written to. Is the disk there, and yours? Or name another: bin/owl backup FOLDER',
  'not-readable': 'What was written cannot be read back: that disk is failing. Name a folder on another one.',
  'broken-off': 'It was broken off.',
  underway: 'Another backup is being made right now.',
} as const;

/** Reads every byte of the backups. */
export async function verify(): Promise<void> {
  await ensureDebianPackages(['postgresql']);
  const folder = folderMeant(await modeMeant());
  const verdicts = await verifyBackups(folder, (name) => say(`reading ${name} …`)).catch(
    (error: NodeJS.ErrnoException) => {
      throw new Stop(
        error.code === 'ENOENT' ? `There are no backups in ${folder}` : `${folder} cannot be read: ${error.message}`,
      );
    },
  );
  if (verdicts.length === 0) throw new Stop(`There are no backups in ${folder}`);
  for (const { name, faults, bytes } of verdicts) {
    say(faults.length === 0 ? `${name}: whole, ${sizeWords(bytes)}` : `${name}: NOT WHOLE`);
    for (const fault of faults) say(`  ${fault}`);
  }
  const bad = verdicts.filter((one) => one.faults.length > 0).length;
  if (bad > 0) throw new Stop(`${bad} of ${verdicts.length} backups cannot be restored as they are.`);
}

/** Puts the academy back as a backup has it. */
export async function restore(): Promise<void> {
  await ensureDebianPackages(['postgresql', 'ffmpeg']);
  const mode = isAsked('--demo') ? 'demo' : 'academy';
  const { database, folder } = placeOf(mode);
  if (await findKept()) {
    say('stopping the application …');
    await stopApplication();
  }
  const manifest = await restoreBackup({
    ...{ cluster: await startCluster(academyCluster), database, dataFolder: folder, folder: folderMeant(mode) },
    ...{ name: after('--backup'), replaces: isAsked('--replace'), say },
  });
  say(`the academy is as it was on ${manifest.madeAt}. Start it: bin/owl ${mode === 'demo' ? 'demo' : 'start'}`);
  say(
    'Everybody signs in again, and links to reviews are closed. A consent that was withdrawn since then must be withdrawn again.',
  );
}

function sizeWords(bytes: number): string {
  if (bytes < 1e6) return `${Math.ceil(bytes / 1e3)} kB`;
  return bytes < 1e9 ? `${(bytes / 1e6).toFixed(1)} MB` : `${(bytes / 1e9).toFixed(1)} GB`;
}
