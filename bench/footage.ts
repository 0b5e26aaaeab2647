import { closeSync, copyFileSync, fsyncSync, ftruncateSync, openSync, readFileSync, rmSync } from 'node:fs';
import path from 'node:path';
import { chromium, type Page } from '@playwright/test';
import { ffmpeg } from '../tests/support/films';
import { signIn } from '../tests/support/pages';
import type { TestServer } from '../tests/support/server';
import { launchOptions } from './browser';
import { type BenchLine, median } from './line';
import { cookieOf, shelved, upload, worked } from './upload';

const MEBI = 1024 ** 2;

/** Resident memory of a process in MiB, now and at its highest. */
function memoryOf(pid: number): { readonly now: number; readonly peak: number } {
  const status = readFileSync(`/proc/${pid}/status`, 'utf8');
  const read = (name: string) => Number(new RegExp(`${name}:\\s+(\\d+)`).exec(status)?.[1] ?? 0) / 1024;
  return { now: read('VmRSS'), peak: read('VmHWM') };
}

function blankFile(file: string, bytes: number): string {
  const handle = openSync(file, 'w');
  ftruncateSync(handle, bytes);
  closeSync(handle);
  return file;
}

function copyAndSync(from: string, to: string): void {
  copyFileSync(from, to);
  const handle = openSync(to, 'r+');
  fsyncSync(handle);
  closeSync(handle);
}

/** Uploading against plain copying of the same bytes, in turns; then the server's memory while 4 GiB come in. */
export async function measureUploads(server: TestServer, scratch: string): Promise<BenchLine[]> {
  const cookie = await cookieOf(server);
  const file = path.join(scratch, 'half.bin');
  blankFile(file, 512 * MEBI);
  const rates = { upload: [] as number[], copy: [] as number[] };
  for (let turn = 0; turn < 3; turn += 1) {
    let began = performance.now();
    await upload(server, cookie, file, 'half.mp4');
    rates.upload.push((512 * 1000) / (performance.now() - began));
    began = performance.now();
    const copy = path.join(scratch, 'copy.bin');
    copyAndSync(file, copy);
    rates.copy.push((512 * 1000) / (performance.now() - began));
    rmSync(copy);
  }
  blankFile(file, 4 * 1024 * MEBI);
  const before = memoryOf(server.pid());
  const began = performance.now();
  await upload(server, cookie, file, 'large.mp4');
  const seconds = (performance.now() - began) / 1000;
  const after = memoryOf(server.pid());
  rmSync(file);
  return [
    {
      what: 'uploading 512 MB by the resumable protocol, against copying the file on the same disk',
      measured: `${median(rates.upload).toFixed(0)} MB/s against ${median(rates.copy).toFixed(0)} MB/s: ${(median(rates.upload) / median(rates.copy)).toFixed(2)} ×`,
    },
    {
      what: 'memory of the server while 4 GiB are uploaded in pieces of 64 MiB',
      measured: `${before.now.toFixed(0)} MB before, ${after.peak.toFixed(0)} MB at most, ${after.now.toFixed(0)} MB after; ${seconds.toFixed(0)} s`,
      goal: 'flat',
    },
  ];
}

// Text, not functions: the script loader's helpers do not exist in the page.
const seekScript = (address: string, moments: readonly number[]) => `(async () => {
  const video = document.createElement('video');
  video.muted = true; video.preload = 'auto'; video.src = ${JSON.stringify(address)};
  document.body.append(video);
  video.style.cssText = 'position:fixed;inset:0;width:640px;z-index:9';
  await new Promise((resolve) => video.addEventListener('loadeddata', resolve, { once: true }));
  const times = [];
  for (const moment of ${JSON.stringify(moments)}) {
    const began = performance.now();
    const shown = new Promise((resolve) => video.requestVideoFrameCallback(resolve));
    video.currentTime = moment;
    await shown;
    times.push(performance.now() - began);
  }
  video.remove();
  return times;
})()`;

async function measureSeeks(page: Page, address: string): Promise<string> {
  const random = [41, 12, 55, 3, 33, 21, 48, 8, 27, 58, 17].map((second) => second + 0.5 / 30);
  const at = (frame: number) => (frame + 0.5) / 30;
  const back = Array.from({ length: 11 }, (_, index) => at(940 - index));
  const on = Array.from({ length: 11 }, (_, index) => at(301 + index));
  const time = async (moments: readonly number[]) =>
    median((await page.evaluate<number[]>(seekScript(address, moments))).slice(1)).toFixed(0);
  return `${await time(random)} / ${await time(on)} / ${await time(back)} ms`;
}

/** What making the copy costs, and what it is good for: seeking and stepping on a phone's file and on its copy. */
export async function measureFootage(server: TestServer, scratch: string): Promise<BenchLine[]> {
  const cookie = await cookieOf(server);
  const file = path.join(scratch, 'phone.mp4');
  const source = 'testsrc2=size=1280x720:rate=30:duration=60,noise=alls=8:allf=t';
  ffmpeg(
    ...['-f', 'lavfi', '-i', source, '-f', 'lavfi', '-i', 'sine=frequency=300:duration=60'],
    ...[
      '-c:v',
      'libx264',
      '-preset',
      'ultrafast',
      '-g',
      '250',
      '-pix_fmt',
      'yuv420p',
      '-b:v',
      '8M',
      '-c:a',
      'aac',
      file,
    ],
  );
  server.startWorker();
  const footageId = await shelved(server, await upload(server, cookie, file, 'phone.mp4'));
  const seconds = await worked(server, footageId);
  const browser = await chromium.launch(launchOptions);
  const page = await browser.newPage();
  await signIn(page, server.url);
  const address = `${server.url}/api/footage/${footageId}/file`;
  const original = await measureSeeks(page, address);
  const copy = await measureSeeks(page, `${address}?as=looking`);
  await browser.close();
  await server.killWorker('SIGTERM');
  return [
    {
      what: 'background work for each minute of 720p footage: filmstrip, sound and movement / the copy for looking',
      measured: `${(seconds.look ?? Number.NaN).toFixed(1)} s / ${(seconds.proxy ?? Number.NaN).toFixed(1)} s`,
    },
    {
      what: 'seek anywhere / one picture on / one picture back, on a phone’s file (250 pictures between key frames)',
      measured: original,
    },
    { what: 'the same on its copy for looking', measured: copy },
  ];
}
