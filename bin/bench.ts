import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { cpus, tmpdir } from 'node:os';
import path from 'node:path';
import { measureAcademy } from '../bench/academy/measure';
import { importAsShipped } from '../bench/asShipped';
import { measureClips } from '../bench/clips';
import { measureFootage, measureUploads } from '../bench/footage';
import type { BenchLine } from '../bench/line';
import { measureLongRound } from '../bench/longRound';
import { measurePages } from '../bench/pages';
import { measureRanges } from '../bench/ranges';
import { measureSoak } from '../bench/soak';
import { measureWhilePlanning } from '../bench/whilePlanning';
import { openServer, type TestServer } from '../tests/support/server';
import { build } from './application';
import { ensureDebianPackages, projectFolder, Stop, say } from './steps';

/** Times a fixed piece of work five times: how unsteady the machine is while the benchmarks run. */
function measureNoise(): { fastest: number; slowest: number } {
  const times = Array.from({ length: 5 }, () => {
    const began = performance.now();
    let sum = 0;
    for (let index = 0; index < 60_000_000; index += 1) sum += index % 7;
    return performance.now() - began + (sum > 0 ? 0 : 1);
  });
  return { fastest: Math.min(...times), slowest: Math.max(...times) };
}

/** What is measured together, in one run, by the name under which it can be asked for. */
const parts: Readonly<Record<string, () => Promise<readonly BenchLine[]>>> = {
  language: async () => {
    const { measureCore } = await importAsShipped<typeof import('../bench/core')>('bench/core.ts');
    const { measureLanguage } = await importAsShipped<typeof import('../bench/language')>('bench/language.ts');
    const { measureKeyStrokes } = await importAsShipped<typeof import('../bench/keyStrokes')>('bench/keyStrokes.ts');
    const { measurePatterns } = await importAsShipped<typeof import('../bench/patterns')>('bench/patterns.ts');
    return [...(await measureCore()), ...measureLanguage(), ...measureKeyStrokes(), ...measurePatterns()];
  },
  classes: async () => {
    const { measureRuns } = await importAsShipped<typeof import('../bench/runs')>('bench/runs.ts');
    const { measureWorked } = await importAsShipped<typeof import('../bench/worked')>('bench/worked.ts');
    return [...measureRuns(), ...measureWorked(), ...(await measureWhilePlanning())];
  },
  footage: () =>
    withServer(async (server, scratch) => [
      ...(await measureRanges(server, scratch)),
      ...(await measureUploads(server, scratch)),
      ...(await measureFootage(server, scratch)),
      ...(await measureClips(scratch)),
    ]),
  pages: () => withServer(async (server) => [...(await measurePages(server.url)), ...(await measureLongRound(server))]),
  academy: measureAcademy,
  soak: measureSoak,
};
/** Half an hour by itself: only where it is asked for by name. */
const BY_NAME_ONLY = new Set(['soak']);

async function withServer(
  work: (server: TestServer, scratch: string) => Promise<readonly BenchLine[]>,
): Promise<readonly BenchLine[]> {
  const scratch = mkdtempSync(path.join(tmpdir(), 'owl-bench-'));
  const server = await openServer('bench', true, { mostUploadBytes: 6 * 1024 ** 3 });
  try {
    return await work(server, scratch);
  } finally {
    await server.close();
    rmSync(scratch, { recursive: true, force: true });
  }
}

/** One part of the benchmarks, or all of them but the soak, each written to its file in bench/results. */
export async function runBenchmarks(wanted?: string): Promise<void> {
  if (wanted !== undefined && !parts[wanted])
    throw new Stop(`There is no part “${wanted}” of the benchmarks. Parts: ${Object.keys(parts).join(', ')}.`);
  await ensureDebianPackages(['postgresql', 'ffmpeg', 'chromium']);
  await build();
  for (const [name, measure] of Object.entries(parts)) {
    if (wanted === undefined ? BY_NAME_ONLY.has(name) : name !== wanted) continue;
    say(`measuring: ${name} …`);
    const before = measureNoise();
    const lines = await measure();
    const after = measureNoise();
    const text = report(name, lines, Math.min(before.fastest, after.fastest), Math.max(before.slowest, after.slowest));
    writeFileSync(path.join(projectFolder, 'bench', 'results', `${name}.md`), text);
    console.log(text);
  }
}

/** What the fixed work of `measureNoise` takes where nothing else runs, on the machine of the first results. */
const UNDISTURBED_MS = 57;

const report = (name: string, lines: readonly BenchLine[], fastest: number, slowest: number): string =>
  [
    `# Benchmarks: ${name}`,
    '',
    `${new Date().toISOString().slice(0, 10)}, ${cpus().length} cores, Node.js ${process.version}. Written by \`bin/owl bench ${name}\`.`,
    '',
    `The machine is shared: the same fixed work took between ${fastest.toFixed(0)} and ${slowest.toFixed(0)} ms in this run, a factor of ${(slowest / fastest).toFixed(2)}.`,
    `Undisturbed it takes ${UNDISTURBED_MS} ms: read times as orders of magnitude. The ratios were taken side by side in the same run.`,
    '',
    '| what | measured | goal |',
    '| --- | --- | --- |',
    ...lines.map((line) => `| ${line.what} | ${line.measured} | ${line.goal ?? ''} |`),
    '',
  ].join('\n');
