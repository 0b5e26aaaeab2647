import { readdirSync } from 'node:fs';
import path from 'node:path';
import { build } from './application';
import { stopCluster, testCluster } from './cluster';
import { type HeardRun, runHeard } from './heardRun';
import { ensureDebianPackages, projectFolder, runForCode, Stop, say } from './steps';

interface Check {
  readonly name: string;
  readonly run: () => Promise<HeardRun>;
}

const npx = (...args: string[]) => runHeard('npx', ['--no-install', ...args]);

/** Checks that are run one after the other. Those of one stage are run side by side: one that mostly waits beside those that reckon. */
const stages: readonly (readonly (readonly Check[])[])[] = [
  // It plants files into the project: nothing else may read them meanwhile.
  [[{ name: 'import rules', run: () => npx('vitest', 'run', '--project', 'rules') }]],
  [[{ name: 'build', run: () => build().then(() => ({ code: 0, last: '' })) }]],
  [
    [{ name: 'kills and faults', run: () => npx('vitest', 'run', '--project', 'faults') }],
    [
      {
        name: 'core and interface',
        run: () => npx('vitest', 'run', '--project', 'core', '--project', 'interface', '--passWithNoTests'),
      },
      { name: 'types', run: () => npx('tsc', '--noEmit') },
      { name: 'lint and format', run: () => npx('biome', 'check', '.') },
      {
        name: 'nothing unused',
        run: () => npx('knip', '--no-progress', '--include', 'files,dependencies,unlisted'),
      },
    ],
  ],
  // Its films and connections wait for nobody: beside the kills a slow machine keeps them waiting too long.
  [[{ name: 'real database and files', run: () => npx('vitest', 'run', '--project', 'database') }]],
  [[{ name: 'journeys in the browser', run: () => npx('playwright', 'test') }]],
];
const checks = stages.flat(2);

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

/** The check of this name, else every test whose file has it in its path: those in the browser on a build of now. */
async function runSome(name: string): Promise<void> {
  const check = checks.find((one) => one.name === name);
  const files = ['src', 'tests', 'demo']
    .flatMap((folder) =>
      readdirSync(path.join(projectFolder, folder), { recursive: true, encoding: 'utf8' }).map(
        (file) => `${folder}/${file}`,
      ),
    )
    .filter((file) => file.includes(name));
  const units = files.filter((file) => /\.test\.tsx?$/.test(file));
  const journeys = files.filter((file) => file.endsWith('.spec.ts'));
  if (!check && units.length + journeys.length === 0)
    throw new Stop(
      `No check and no test file is called “${name}”. Checks: ${checks.map((one) => one.name).join(', ')}; anything else is looked for in the paths of tests.`,
    );
  const runs = check ? [await check.run()] : [];
  if (!check && units.some((file) => file.startsWith('tests/faults/'))) await build();
  if (!check && units.length > 0) runs.push(await npx('vitest', 'run', ...units));
  if (!check && journeys.length > 0) {
    await build();
    runs.push(await npx('playwright', 'test', ...journeys));
  }
  if (runs.some(({ code }) => code !== 0)) throw new Stop('Not all of it passed: see above.');
}

/** Runs one check and says how it went; answers what it said last where it failed. */
async function runCheck({ name, run }: Check): Promise<{ name: string; last: string }[]> {
  say(`checking: ${name} …`);
  const at = Date.now();
  const { code, last } = await run();
  say(`${name}: ${code === 0 ? 'passed' : 'FAILED'} in ${Math.round((Date.now() - at) / 1000)} s`);
  return code === 0 ? [] : [{ name, last }];
}

/** Everything that must hold; all of it is run, also after something fails. With a name only what bears it. */
export async function runTests(): Promise<void> {
  await ensureDebianPackages(['postgresql', 'ffmpeg', 'chromium']);
  const name = process.argv[3];
  if (name === 'faults') return build().then(runManyKills);
  if (name !== undefined) return runSome(name);
  const failed: { readonly name: string; readonly last: string }[] = [];
  const began = Date.now();
  // Types of routes are made by the build; without them a fresh clone would miss them in the first check.
  await runForCode('npx', ['--no-install', 'next', 'typegen']);
  for (const lanes of stages)
    await Promise.all(
      lanes.map(async (lane) => {
        for (const check of lane) failed.push(...(await runCheck(check)));
      }),
    );
  await stopCluster(testCluster.name);
  say(`all checks took ${Math.round((Date.now() - began) / 1000)} s`);
  // Checks speak at once and long: why one failed is told again where it is looked for.
  for (const { name, last } of failed) say(`the last of “${name}”:\n${last}`);
  console.log(`${checks.length - failed.length} passed, ${failed.length} failed`);
  if (failed.length > 0) throw new Stop(`These checks failed: ${failed.map(({ name }) => name).join(', ')}.`);
}
