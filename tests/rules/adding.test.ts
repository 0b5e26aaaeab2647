import { execFile } from 'node:child_process';
import { cp, mkdir, mkdtemp, readFile, rm, symlink, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { promisify } from 'node:util';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';

const run = promisify(execFile);
const project = path.resolve(import.meta.dirname, '../..');
const parts = ['src', 'db', 'package.json', 'tsconfig.json', 'next-env.d.ts'];

/** A change of a file: written anew, or words put behind others that must be there. */
type Edit = { readonly file: string } & ({ readonly text: string } | { readonly behind: string; readonly put: string });
/** What docs/adding.md says is enough; the rule set has a test of its own (`addedRules.test.ts`). */
const changes: Readonly<Record<string, readonly Edit[]>> = {
  'a kind of mark': [
    {
      file: 'src/core/marks/kinds/breath.ts',
      text: `import { z } from 'zod';
import { defineKind } from '../defineKind';
import { athleteSchema, markBase } from '../parts';

const schema = z.strictObject({ ...markBase, kind: z.literal('breath'), athlete: athleteSchema });
export type BreathMark = Readonly<z.output<typeof schema>>;
export const breath = defineKind({ kind: 'breath', schema, called: { one: 'a breath', many: 'Breaths' }, rank: 20 });
`,
    },
    {
      file: 'src/core/marks/kinds/index.ts',
      behind: "import { board } from './board';\n",
      put: "import { breath } from './breath';\n",
    },
    { file: 'src/core/marks/kinds/index.ts', behind: '  board,\n', put: '  breath,\n' },
    {
      file: 'src/core/callline/phraseMark.ts',
      behind: '  switch (mark.kind) {\n',
      put: "    case 'breath':\n      return words(names[mark.athlete], 'breathes');\n",
    },
    {
      file: 'src/features/review/reviewView.ts',
      behind: '  switch (mark.kind) {\n',
      put: "    case 'breath':\n      return { what: 'A breath', who: names[mark.athlete], athlete: mark.athlete, how: how() };\n",
    },
  ],
  'an error of the catalogue': [
    {
      file: 'src/core/vocabulary/errors/mount.ts',
      behind: 'export const mountErrors: readonly CatalogueError[] = [\n',
      put: `  {
    id: 'err-holds-breath',
    title: 'Holds the breath under mount',
    family: 'mount',
    role: 'bottom',
    principles: ['energy'],
    leadsTo: ['high-mount'],
    exposure: { kind: 'time-in', family: 'mount', role: 'bottom' },
    severity: 2,
    belts: ['white'],
    teachable: { white: 0.9, blue: 0.5, purpleAndAbove: 0.2 },
    drillIds: ['drill-elbows-in'],
  },
`,
    },
    {
      file: 'src/core/vocabulary/errors/cues.ts',
      behind: 'Readonly<Record<string, string>> = {\n',
      put: "  'err-holds-breath': 'Breathe out with each frame.',\n",
    },
  ],
  'a panel in Review': [
    {
      file: 'src/features/review/panels/breaths/index.tsx',
      text: `import { shifted } from '@/ui/keys/keyEntry';
import { definePanel } from '../definePanel';

export const breaths = definePanel({
  id: 'breaths',
  key: { shown: 'Shift N', matches: shifted('n'), does: 'every breath' },
  toggles: true,
  Component: ({ desk }) => <p>{desk.reading.marks.length}</p>,
});
`,
    },
    {
      file: 'src/features/review/panels/registry.ts',
      behind: "import { causes } from './causes';\n",
      put: "import { breaths } from './breaths';\n",
    },
    { file: 'src/features/review/panels/registry.ts', behind: 'export const panels = [', put: 'breaths, ' },
  ],
  'a job in the background': [
    {
      file: 'src/server/rounds/countBreaths.ts',
      text: 'export async function countBreaths(roundId: string): Promise<void> {\n  counted.push(roundId);\n}\nexport const counted: string[] = [];\n',
    },
    {
      file: 'src/server/jobs/registry.ts',
      behind: "import { doWork } from './doWork';\n",
      put: "import { countBreaths } from '../rounds/countBreaths';\n",
    },
    {
      file: 'src/server/jobs/registry.ts',
      behind: 'export const jobs: Readonly<Record<string, Job>> = {\n',
      put: "  'count-breaths': defineJob('figures', z.object({ roundId: z.uuid() }), ({ roundId }) => countBreaths(roundId)),\n",
    },
  ],
  'a unit of weight': [
    { file: 'src/core/kernel/units.ts', behind: 'const kilogramsIn = {\n', put: '  st: 6.35029318,\n' },
    { file: 'src/core/kernel/units.ts', behind: "export const weightUnits = ['kg', ", put: "'st', " },
    { file: 'src/core/kernel/units.ts', behind: "= { kg: 'Kilograms', ", put: "st: 'Stone', " },
    {
      file: 'src/core/kernel/units.ts',
      behind: 'const writtenAs: Readonly<Record<WeightUnit, RegExp>> = {\n',
      put: '  st: /^(st|stone)$/,\n',
    },
    {
      file: 'db/migrations/9999_allow_stone.sql',
      text: 'alter table coach drop constraint coach_weight_unit_known;\n',
    },
  ],
};

/** What must hold when all of them are there: the compiler reads it, and the lines below run. */
const probe = `import { kindCalled, markSchema, conceptIdOf, swapFrom, type Mark } from '@/core/round';
import { buildVocabularyIndex, phraseMark } from '@/core/callline';
import { cueOf, findError, listConceptIds, plainHouse } from '@/core/vocabulary';
import { formatWeight, readWeight, toKilograms, weightUnits } from '@/core/kernel';
import type { ReviewCommand } from '@/features/review/reviewKeys';
import { jobs } from '@/server/jobs/registry';
import { counted } from '@/server/rounds/countBreaths';

const opens: ReviewCommand = 'open breaths';
const sent = { kind: 'breath', id: '7b1f3a52-7a1c-4c52-9d0e-2f1f5a6f0c11', atSeconds: 3, athlete: 'a' };
const mark: Mark = markSchema.parse(sent);
const roundId = '7b1f3a52-7a1c-4c52-9d0e-2f1f5a6f0c12';
const ask = async (payload: unknown) =>
  jobs['count-breaths']?.run(payload, { workerNumber: 1, stopping: new AbortController().signal, isLastTry: true });
await ask({ roundId });
const refused = await ask({ roundId: 'x' }).then(() => false, () => true);
console.log(
  JSON.stringify({
    opens,
    called: kindCalled(mark.kind),
    concept: conceptIdOf(mark) ?? null,
    exchanged: swapFrom([mark], 0),
    said: phraseMark(mark, { a: 'ana', b: 'marek' }),
    strange: markSchema.safeParse({ ...sent, extra: 1 }).success,
    cue: cueOf(plainHouse, 'err-holds-breath'),
    listed: listConceptIds(plainHouse, 'error').includes('err-holds-breath'),
    family: findError('err-holds-breath')?.family,
    understood: JSON.stringify([...Object.values(buildVocabularyIndex(plainHouse, {}))]).includes('err-holds-breath'),
    counted,
    refused,
    weight: [readWeight('10 st', 'kg'), formatWeight(toKilograms(10, 'st'), 'st'), weightUnits],
  }),
);
process.exit(0);
`;

/** Tests and benchmarks are compiled with the project itself: here it is the product that must not ask for more. */
const onlyTheProduct = {
  extends: './tsconfig.json',
  compilerOptions: { incremental: false },
  include: ['next-env.d.ts', 'src/**/*.ts', 'src/**/*.tsx', 'probe.ts'],
  exclude: ['node_modules', '**/*.test.ts', '**/*.test.tsx'],
};

let copy: string;
beforeAll(async () => {
  copy = await mkdtemp(path.join(tmpdir(), 'owl-adding-'));
  for (const part of parts) await cp(path.join(project, part), path.join(copy, part), { recursive: true });
  await symlink(path.join(project, 'node_modules'), path.join(copy, 'node_modules'));
  for (const edit of Object.values(changes).flat()) await apply(edit);
  await writeFile(path.join(copy, 'probe.ts'), probe);
  await writeFile(path.join(copy, 'tsconfig.adding.json'), JSON.stringify(onlyTheProduct));
});
afterAll(() => rm(copy, { recursive: true, force: true }));

async function apply(edit: Edit): Promise<void> {
  const file = path.join(copy, edit.file);
  if ('text' in edit) {
    await mkdir(path.dirname(file), { recursive: true });
    return writeFile(file, edit.text);
  }
  const before = await readFile(file, 'utf8');
  if (!before.includes(edit.behind)) throw new Error(`adding: ${edit.file} has no ${edit.behind}`);
  await writeFile(
    file,
    before.replace(edit.behind, () => edit.behind + edit.put),
  );
}

describe('the changes of docs/adding.md', () => {
  it('touch at most four files each', () => {
    for (const [what, edits] of Object.entries(changes))
      expect(new Set(edits.map((one) => one.file)).size, what).toBeLessThanOrEqual(4);
  });
  it('compile, and nothing else asks to be changed', async () => {
    const { stdout } = await run('npx', ['tsc', '--noEmit', '-p', 'tsconfig.adding.json'], { cwd: copy }).catch(
      (error: { stdout: string }) => error,
    );
    expect(stdout).toBe('');
  });
  it('work at once: a mark, an error, a job, a unit', async () => {
    const { stdout } = await run('node', ['--import', 'tsx', 'probe.ts'], { cwd: copy });
    const found = JSON.parse(stdout);
    expect(found).toMatchObject({
      opens: 'open breaths',
      called: { one: 'a breath', many: 'Breaths' },
      concept: null,
      exchanged: [{ kind: 'breath', athlete: 'b' }],
      said: 'ana breathes',
      strange: false,
      cue: 'Breathe out with each frame.',
      listed: true,
      family: 'mount',
      counted: ['7b1f3a52-7a1c-4c52-9d0e-2f1f5a6f0c12'],
      refused: true,
      weight: [{ reading: 10, unit: 'st' }, '10 st', ['kg', 'st', 'lb']],
    });
  });
});
