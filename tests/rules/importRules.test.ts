import { execFile } from 'node:child_process';
import { mkdir, readFile, rm, writeFile } from 'node:fs/promises';
import path from 'node:path';
import { promisify } from 'node:util';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';

const run = promisify(execFile);
const project = path.resolve(import.meta.dirname, '../..');

/** One file for each rule that breaks it, in a folder of its own kind that exists only while this test runs. */
const planted: readonly (readonly [rule: string, file: string, text: string])[] = [
  ['core-knows-only-core', 'src/core/planted/outside.ts', "import '../../ui/tokens/tokens';\n"],
  ['core-packages', 'src/core/planted/package.ts', "import 'zod';\n"],
  ['kernel-knows-nothing', 'src/core/kernel/planted.ts', "import '../clock/frames';\n"],
  ['data-knows-core', 'src/data/planted/up.ts', "import '../../server/kernel/environment';\n"],
  ['forms-know-core-terms-ui', 'src/forms/planted.ts', "import '../server/kernel/environment';\n"],
  ['log-knows-nothing', 'src/log/planted.ts', "import '../core/kernel/units';\n"],
  ['log-on-the-server-only', 'src/features/planted/log.ts', "import '../../log/log';\n"],
  ['pg-only-in-data', 'src/server/planted/sql.ts', "import pg from 'pg';\nexport const client = pg;\n"],
  ['server-below-interface', 'src/server/planted/interface.ts', "import '../../ui/tokens/tokens';\n"],
  ['offline-knows-only-core', 'src/offline/planted/interface.ts', "import '../../ui/tokens/tokens';\n"],
  ['session-knows-only-core', 'src/session/planted/page.ts', "import 'react';\n"],
  ['sync-below-pages', 'src/sync/planted/page.ts', "import '../../ui/tokens/tokens';\n"],
  ['ui-knows-no-product', 'src/ui/planted/product.ts', "import '../../core/kernel/units';\n"],
  ['terms-know-only-core', 'src/terms/planted.ts', "import '../ui/tokens/tokens';\n"],
  ['player-knows-core-and-ui', 'src/player/planted/server.ts', "import '../../server/kernel/environment';\n"],
  ['aria-only-in-ui', 'src/features/planted/aria.ts', "import 'react-aria-components/Button';\n"],
  ['features-and-server-doors', 'src/features/planted/server.ts', "import '../../server/kernel/environment';\n"],
  ['features-not-data', 'src/features/planted/data.ts', "import '../../data/client';\n"],
  ['no-feature-knows-another', 'src/features/planted/another.ts', "import '../review/markEdits';\n"],
  ['nothing-knows-app', 'src/features/planted/app.ts', "import '../../app/page';\n"],
  ['app-not-data', 'src/app/planted/data.ts', "import '../../data/client';\n"],
  ['workers-are-doors-to-core', 'src/workers/planted.ts', "import '../ui/tokens/tokens';\n"],
  ['no-cycles', 'src/core/planted/one.ts', "import { two } from './two';\nexport const one = (): unknown => two;\n"],
];
const partner = {
  file: 'src/core/planted/two.ts',
  text: "import { one } from './one';\nexport const two = (): unknown => one;\n",
};

async function cruise(): Promise<{ violations: Set<string>; modules: number }> {
  const args = ['depcruise', 'src', '--config', '.dependency-cruiser.cjs', '--output-type', 'json'];
  const { stdout } = await run('npx', args, { cwd: project, maxBuffer: 256 * 1024 * 1024 }).catch(
    (failed: { stdout: string }) => failed,
  );
  const report = JSON.parse(stdout) as { summary: { violations: { rule: { name: string } }[]; totalCruised: number } };
  return {
    violations: new Set(report.summary.violations.map((one) => one.rule.name)),
    modules: report.summary.totalCruised,
  };
}

const folders = [
  ...new Set([...planted.map(([, file]) => file), partner.file].map((file) => path.dirname(file))),
].filter((folder) => folder.endsWith('planted'));
const clean = async () => {
  for (const folder of folders) await rm(path.join(project, folder), { recursive: true, force: true });
  for (const [, file] of planted) await rm(path.join(project, file), { force: true });
  await rm(path.join(project, 'src/workers'), { recursive: true, force: true });
};

describe('the import rules', () => {
  beforeAll(clean);
  afterAll(clean);

  it('hold in the product, and look at all of it', async () => {
    const { violations, modules } = await cruise();
    expect([...violations]).toEqual([]);
    expect(modules).toBeGreaterThan(150);
  });

  it('hold for statements too: SQL stands only in data', async () => {
    const { stdout } = await run('git', ['ls-files', 'src'], { cwd: project });
    const outside = stdout.split('\n').filter((file) => /\.tsx?$/.test(file) && !file.startsWith('src/data/'));
    const texts = await Promise.all(
      outside.map(async (file) => ({ file, text: await readFile(path.join(project, file), 'utf8').catch(() => '') })),
    );
    const asks = texts.filter(({ text }) => /\.query(<|\()/.test(text)).map(({ file }) => file);
    expect(texts.length).toBeGreaterThan(300);
    expect(asks).toEqual([]);
  });

  it('each find the violation planted for it', async () => {
    for (const { file, text } of [...planted.map(([, file, text]) => ({ file, text })), partner]) {
      await mkdir(path.dirname(path.join(project, file)), { recursive: true });
      await writeFile(path.join(project, file), text);
    }
    const { violations } = await cruise();
    expect([...violations].sort()).toEqual(planted.map(([rule]) => rule).sort());
  });
});
