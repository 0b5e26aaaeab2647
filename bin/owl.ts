import { existsSync } from 'node:fs';
import path from 'node:path';
import { coaches, DEMO_PASSWORD } from '../demo/academy/people';
import { runCamera } from '../demo/camera';
import { emptyDemo, loadDemo } from '../demo/loadDemo';
import { NewerSchema } from '../src/data/migrate';
import { build, findKept, spawnWorker, startApplication, stopApplication } from './application';
import { backup, restore, verify } from './backup';
import { runBenchmarks } from './bench';
import { academyCluster, ensureDatabase, isClusterRunning, startCluster, stopCluster } from './cluster';
import { develop } from './dev';
import { placeOf } from './places';
import { resetPassword } from './resetPassword';
import type { Running } from './running';
import { dataFolder, ensureDebianPackages, Stop, say } from './steps';
import { runTests } from './test';
import { type Door, doorAt } from './tls';
import { upgrade } from './upgrade';

const databaseOf = (mode: Running['mode']): string => placeOf(mode).database;
const folderOf = (mode: Running['mode']): string => placeOf(mode).folder;

/** The word after an option; undefined without it. */
function optionOf(name: string): string | undefined {
  const at = process.argv.indexOf(name);
  if (at < 0) return undefined;
  const value = process.argv[at + 1];
  if (!value || value.startsWith('--')) throw new Stop(`Say what ${name} is: ${name} VALUE.`);
  return value;
}

/** The door to the network that the command line asks for; undefined where nothing but this machine is to reach it. */
function askedDoor(mode: Running['mode']): Door | undefined {
  const [address, certificate, key] = [optionOf('--address'), optionOf('--certificate'), optionOf('--key')];
  if ((certificate === undefined) !== (key === undefined))
    throw new Stop('A certificate comes with its key: --certificate FILE --key FILE.');
  if (!address && certificate) throw new Stop('Say where it listens as well: --address ADDRESS.');
  if (!address) return undefined;
  if (mode === 'demo') throw new Stop('The demo’s password is known to everybody: it listens on this machine only.');
  const port = Number(process.env.OWL_TLS_PORT ?? 8443);
  return doorAt(address, port, folderOf(mode), certificate && key ? { certificate, key } : undefined);
}

async function launch(mode: Running['mode']): Promise<void> {
  const door = askedDoor(mode);
  await ensureDebianPackages(['postgresql', 'ffmpeg']);
  say('starting the database …');
  const cluster = await startCluster(academyCluster);
  const databaseUrl = await ensureDatabase(cluster, databaseOf(mode));
  if (mode === 'demo' && process.argv.includes('--fresh')) {
    // Whoever is at work on the old demo must not begin on the new one.
    await stopApplication();
    await emptyDemo(databaseUrl);
  }
  if (mode === 'demo') await loadDemo(databaseUrl, folderOf(mode), say, { withTerm: true });
  await build();
  const running = await findKept();
  if (running && running.mode === mode) say('it is already running; starting it anew …');
  else if (running) say(`stopping the ${running.mode} that was running …`);
  await stopApplication();
  say('starting the application …');
  const { port } = await startApplication(mode, databaseUrl, folderOf(mode), door);
  say(`ready: http://127.0.0.1:${port}`);
  for (const url of door?.urls ?? []) say(`ready: ${url}`);
  if (door?.isOwn)
    say(
      `its certificate is of its own making: browsers ask once. It is the right one when they show\n     ${door.fingerprint}`,
    );
  if (mode === 'demo') say(`sign in as "${coaches[0].signInName}" with the password "${DEMO_PASSWORD}"`);
}

async function stop(): Promise<void> {
  say((await stopApplication()) ? 'application stopped.' : 'the application was not running.');
  if (existsSync(dataFolder))
    say(
      (await stopCluster(academyCluster.name)) ? 'database stopped; the data stay.' : 'the database was not running.',
    );
}

async function status(): Promise<void> {
  const running = await findKept();
  if (running) {
    const { mode, port, pid, restarts } = running;
    say(`${mode} runs at http://127.0.0.1:${port} (kept by process ${pid}).`);
    for (const [name, count] of Object.entries(restarts))
      if (count > 0)
        say(
          `its ${name} ended by itself and was started again ${count === 1 ? 'once' : `${count} times`}: see server.log.`,
        );
  } else say('the application is not running.');
  say((await isClusterRunning(academyCluster.name)) ? 'the database is running.' : 'the database is not running.');
  say(`data lie in ${dataFolder}`);
}

/** One more process for the background work, in the foreground: several of them, also on other machines, share what there is to do. */
async function work(): Promise<void> {
  const running = await findKept();
  if (!running) throw new Stop('The application is not running: bin/owl start, or bin/owl demo.');
  const cluster = await startCluster(academyCluster);
  const databaseUrl = await ensureDatabase(cluster, databaseOf(running.mode));
  const env = { ...process.env, OWL_DATABASE_URL: databaseUrl, OWL_DATA_FOLDER: folderOf(running.mode) };
  const child = spawnWorker(env);
  await new Promise((resolve) => child.once('exit', resolve));
}

async function camera(): Promise<void> {
  const running = await findKept();
  if (!running) throw new Stop('The application is not running: bin/owl start, or bin/owl demo.');
  const wanted = Number(process.argv[3] ?? 3);
  if (!Number.isInteger(wanted) || wanted < 1 || wanted > 50)
    throw new Stop('bin/owl camera HOW-MANY: a number from 1 to 50.');
  await runCamera({ inbox: path.join(folderOf(running.mode), 'inbox'), films: wanted, secondsPerFilm: 4, say });
}

/** A new password for somebody who has forgotten theirs: made up here, shown once. */
async function password(): Promise<void> {
  const name = process.argv[3]?.trim().toLowerCase();
  if (!name) throw new Stop('Say whose: bin/owl password SIGN-IN-NAME (add --demo for the demo academy).');
  const running = await findKept();
  const mode = process.argv.includes('--demo') ? 'demo' : (running?.mode ?? 'academy');
  const cluster = await startCluster(academyCluster);
  const made = await resetPassword(await ensureDatabase(cluster, databaseOf(mode)), name);
  if (!made) throw new Stop(`Nobody signs in as “${name}” in the ${mode}. Settings lists the names.`);
  say(`${name} signs in with: ${made}`);
  say('Every device is signed out. It opens for a week: let them make their own under Settings.');
}

const verbs: Readonly<Record<string, () => Promise<void> | void>> = {
  demo: () => launch('demo'),
  start: () => launch('academy'),
  stop,
  status,
  work,
  camera,
  password,
  backup,
  verify,
  restore,
  upgrade,
  dev: develop,
  test: runTests,
  bench: () => runBenchmarks(process.argv[3]),
};

const asksForHelp = process.argv.slice(2).some((word) => word === '-h' || word === '--help');
const verb = asksForHelp ? 'help' : (process.argv[2] ?? 'help');
try {
  const act = Object.hasOwn(verbs, verb) ? verbs[verb] : undefined;
  if (act) await act();
  else {
    await import(new URL('./help.mjs', import.meta.url).href);
    if (verb !== 'help') process.exitCode = 2;
  }
} catch (error) {
  if (!(error instanceof Stop || error instanceof NewerSchema)) throw error;
  console.error(`owl: ${error.message}`);
  process.exitCode = 1;
}
