import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { cpus, tmpdir } from 'node:os';
import path from 'node:path';
import { measureAcademy } from '../bench/academy/measure';
import { importAsShipped } from '../bench/asShipped';
import { measureClips } from '../bench/clips';
import { measureFootage, measureUploads } from '../bench/footage';
import { measureLongRound } from '../bench/longRound';
import { measurePages } from '../bench/pages';
import { measureRanges } from '../bench/ranges';
import { measureWhilePlanning } from '../bench/whilePlanning';
import { openServer } from '../tests/support/server';
import { build } from './application';
import { ensureDebianPackages, projectFolder, say } from './steps';

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

/** All benchmarks in one run, written to bench/results.md. */
export async function runBenchmarks(): Promise<void> {
  await ensureDebianPackages(['postgresql', 'ffmpeg', 'chromium']);
  await build();
  const before = measureNoise();
  say('reading, matching, planning …');
  const { measureCore } = await importAsShipped<typeof import('../bench/core')>('bench/core.ts');
  const { measureLanguage } = await importAsShipped<typeof import('../bench/language')>('bench/language.ts');
  const { measureKeyStrokes } = await importAsShipped<typeof import('../bench/keyStrokes')>('bench/keyStrokes.ts');
  const { measurePatterns } = await importAsShipped<typeof import('../bench/patterns')>('bench/patterns.ts');
  const lines = [...(await measureCore()), ...measureLanguage(), ...measureKeyStrokes(), ...measurePatterns()];
  say('half a year of classes in simulated academies …');
  const { measureRuns } = await importAsShipped<typeof import('../bench/runs')>('bench/runs.ts');
  const { measureWorked } = await importAsShipped<typeof import('../bench/worked')>('bench/worked.ts');
  lines.push(...measureRuns(), ...measureWorked());
  const scratch = mkdtempSync(path.join(tmpdir(), 'owl-bench-'));
  const server = await openServer('bench', true, { mostUploadBytes: 6 * 1024 ** 3 });
  try {
    say('ranges of footage against a plain static server …');
    lines.push(...(await measureRanges(server, scratch)));
    say('uploads, one of them of 4 GiB …');
    lines.push(...(await measureUploads(server, scratch)));
    say('the copy for looking, seeking and stepping …');
    lines.push(...(await measureFootage(server, scratch)));
    say('a reel as a film …');
    lines.push(...(await measureClips(scratch)));
    say('pages and key presses in the browser …');
    lines.push(...(await measurePages(server.url)));
    say('a round with 2,000 marks in Review …');
    lines.push(...(await measureLongRound(server)));
  } finally {
    await server.close();
    rmSync(scratch, { recursive: true, force: true });
  }
  say('pages while classes are planned beside them …');
  lines.push(await measureWhilePlanning());
  say('an academy of 300 students, 20,000 rounds and a million marks …');
  lines.push(...(await measureAcademy()));
  const after = measureNoise();
  const noise = Math.max(before.slowest, after.slowest) / Math.min(before.fastest, after.fastest);
  const text = [
    '# Benchmarks',
    '',
    `${new Date().toISOString().slice(0, 10)}, ${cpus().length} cores, Node.js ${process.version}. Written by \`bin/owl bench\`.`,
    '',
    `The machine is shared: the same fixed work took between ${before.fastest.toFixed(0)} and ${Math.max(before.slowest, after.slowest).toFixed(0)} ms in this run, a factor of ${noise.toFixed(2)}.`,
    'Read times as orders of magnitude; the ratios were taken side by side in the same run.',
    '',
    '| what | measured | goal |',
    '| --- | --- | --- |',
    ...lines.map((line) => `| ${line.what} | ${line.measured} | ${line.goal ?? ''} |`),
    '',
  ].join('\n');
  writeFileSync(path.join(projectFolder, 'bench', 'results.md'), text);
  console.log(text);
}
