import { spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import path from 'node:path';
import { z } from 'zod';
import { listBackups } from '../src/server/backup/manifest';
import { findKept } from './application';
import { placeOf } from './places';
import { stateFile } from './stateFile';
import { dataFolder, projectFolder, runForCode, Stop, say } from './steps';

/** The way back from the last upgrade. */
const wayBackFile = stateFile(
  path.join(dataFolder, 'upgrade.json'),
  z.object({
    /** The code as it was, and as it became. */
    from: z.string(),
    to: z.string(),
    backup: z.string(),
    backups: z.string(),
    /** What the start was told. */
    words: z.array(z.string()),
  }),
);

function git(...args: string[]): string {
  const done = spawnSync('git', args, { cwd: projectFolder, encoding: 'utf8' });
  if (done.status !== 0) throw new Stop(`git ${args.join(' ')}: ${(done.stderr || done.error?.message || '').trim()}`);
  return done.stdout.trim();
}

/** Runs a verb with the code that lies here now, which is another than the one that runs this. */
const owl = (...words: string[]): Promise<number> => runForCode(path.join(projectFolder, 'bin', 'owl'), words);

/** Where the code is to go: the version that was named, else what its branch has upstream. */
function targetOf(wanted: string | undefined): string {
  if (wanted !== undefined) {
    const known = spawnSync('git', ['rev-parse', '--verify', '--quiet', `${wanted}^{commit}`], {
      cwd: projectFolder,
      encoding: 'utf8',
    });
    if (known.status !== 0) throw new Stop(`There is no version “${wanted}” here. Fetch it first: git fetch --tags`);
    return known.stdout.trim();
  }
  git('fetch', '--quiet', '--tags');
  const upstream = spawnSync('git', ['rev-parse', '@{upstream}'], { cwd: projectFolder, encoding: 'utf8' });
  if (upstream.status !== 0) throw new Stop('Say which version: bin/owl upgrade VERSION (git tag lists them).');
  return upstream.stdout.trim();
}

/**
 * Brings the program forward in one go: a backup that is read back, the other code, its start. Where that start fails, the code and, if the database had
 * been brought forward, the academy are put back as they were.
 */
export async function upgrade(): Promise<void> {
  if (!existsSync(path.join(projectFolder, '.git')))
    throw new Stop(
      'This folder is no git checkout. Unpack the new version beside it, say OWL_HOME, and start that: its start brings the academy forward. Back it up first: bin/owl backup',
    );
  const [wanted] = process.argv.slice(3).filter((word) => !word.startsWith('--'));
  if (process.argv.includes('--back')) return goBack();
  if (git('status', '--porcelain', '--untracked-files=no') !== '')
    throw new Stop('Files of the program were changed by hand here. Commit or put them back, then upgrade.');
  const [from, to] = [git('rev-parse', 'HEAD'), targetOf(wanted)];
  if (from === to) return say('this is that version already.');
  const running = await findKept();
  if (running?.mode === 'demo') throw new Stop('The demo is running. Stop it, then upgrade: bin/owl stop');
  const words = [...(running?.words ?? [])];
  if ((await owl('backup')) !== 0) throw new Stop('No backup could be made, so nothing was changed.');
  // What was marked while that one was made is in a second one, which is quick: nothing is marked any more.
  await owl('stop');
  if ((await owl('backup')) !== 0) {
    if (running) await owl('start', ...words);
    throw new Stop('No second backup could be made, so nothing was changed.');
  }
  const backups = process.env.OWL_BACKUP_FOLDER ?? placeOf('academy').backups;
  const made = (await listBackups(backups)).find((one) => one.manifest);
  if (!made) throw new Stop(`The backup is not in ${backups}, so nothing was changed.`);
  const wayBack = { from, to, backup: made.name, backups, words };
  wayBackFile.write(wayBack);
  git('checkout', '--quiet', '--detach', to);
  if ((await owl('start', ...wayBack.words)) === 0) {
    say(`upgraded to ${nameOf(to)}. The way back, for as long as nothing new is worth keeping: bin/owl upgrade --back`);
    return;
  }
  say('the new version does not start: going back …');
  await putBack(wayBack);
  throw new Stop(`The new version does not start (see above). ${nameOf(from)} runs again, with all that was there.`);
}

/** The code and the academy as they were before the last upgrade. */
async function goBack(): Promise<void> {
  const wayBack = wayBackFile.read();
  if (!wayBack || wayBack.to !== git('rev-parse', 'HEAD'))
    throw new Stop('The last upgrade was not made from here, so there is no way back but a backup: bin/owl restore');
  if (!process.argv.includes('--yes'))
    throw new Stop(
      `This puts the academy back as ${wayBack.backup} has it: what was marked since then is set aside with its database. Add --yes to do it.`,
    );
  await putBack(wayBack);
  say(`${nameOf(wayBack.from)} runs again, the academy as ${wayBack.backup} has it.`);
}

async function putBack({
  from,
  backup,
  backups,
  words,
}: NonNullable<ReturnType<typeof wayBackFile.read>>): Promise<void> {
  await owl('stop');
  git('checkout', '--quiet', '--detach', from);
  if ((await owl('restore', backups, '--backup', backup, '--replace')) !== 0)
    throw new Stop(`The academy could not be put back. Its backup is ${backup} in ${backups}: bin/owl restore`);
  if ((await owl('start', ...words)) !== 0)
    throw new Stop('The old version does not start either: see its server.log.');
  wayBackFile.remove();
}

const nameOf = (commit: string): string => git('describe', '--tags', '--always', commit);
