import { build } from './application';
import { stopCluster, testCluster } from './cluster';
import { ensureDebianPackages, runForCode, Stop, say } from './steps';

interface Check {
  readonly name: string;
  readonly run: () => Promise<number>;
}

const npx = (...args: string[]) => runForCode('npx', ['--no-install', ...args]);

const checks: readonly Check[] = [
  { name: 'types', run: () => npx('tsc', '--noEmit') },
  { name: 'lint and format', run: () => npx('biome', 'check', '.') },
  { name: 'import rules', run: () => npx('vitest', 'run', '--project', 'rules') },
  {
    name: 'core and interface',
    run: () => npx('vitest', 'run', '--project', 'core', '--project', 'interface', '--passWithNoTests'),
  },
  { name: 'real database and files', run: () => npx('vitest', 'run', '--project', 'database') },
  { name: 'build', run: () => build().then(() => 0) },
  { name: 'kills and faults', run: () => npx('vitest', 'run', '--project', 'faults') },
  { name: 'journeys in the browser', run: () => npx('playwright', 'test') },
];

/** Many kills of everything, counted: how many marks and films were lost, doubled or left stuck. */
async function runManyKills(): Promise<void> {
  const kills = process.argv[4] ?? '200';
  const code = await runForCode(
    'npx',
    ['--no-install', 'vitest', 'run', '--project', 'faults', 'tests/faults/faults.test.ts'],
    {
      env: { ...process.env, OWL_KILLS: kills },
    },
  );
  if (code !== 0) throw new Stop('Something was lost, doubled or stuck: the counts stand above.');
}

/** Everything that must hold, one check after the other; all are run, also after one fails. */
export async function runTests(): Promise<void> {
  await ensureDebianPackages(['postgresql', 'ffmpeg', 'chromium']);
  if (process.argv[3] === 'faults') return build().then(runManyKills);
  const failed: string[] = [];
  const began = Date.now();
  // Types of routes are made by the build; without them a fresh clone would miss them in the first check.
  await runForCode('npx', ['--no-install', 'next', 'typegen']);
  for (const { name, run } of checks) {
    say(`checking: ${name} …`);
    const at = Date.now();
    const code = await run();
    say(`${name}: ${code === 0 ? 'passed' : 'FAILED'} in ${Math.round((Date.now() - at) / 1000)} s`);
    if (code !== 0) failed.push(name);
  }
  await stopCluster(testCluster.name);
  say(`all checks took ${Math.round((Date.now() - began) / 1000)} s`);
  console.log(`${checks.length - failed.length} passed, ${failed.length} failed`);
  if (failed.length > 0) throw new Stop(`These checks failed: ${failed.join(', ')}.`);
}
