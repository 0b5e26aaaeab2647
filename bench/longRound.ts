import { randomUUID } from 'node:crypto';
import { chromium, type Page } from '@playwright/test';
import { demoId } from '../demo/academy/marksOfRound';
import { openReview, signIn } from '../tests/support/pages';
import type { TestServer } from '../tests/support/server';
import { launchOptions } from './browser';
import { largeRound } from './core';
import { type BenchLine, median } from './line';

// Text, not functions: the script loader's helpers do not exist in the page.
const PRESS_AND_WATCH = `new Promise((resolve) => {
  const list = document.querySelector('[role="listbox"]');
  const count = () => Number(list.dataset.marks ?? list.children.length);
  const before = count();
  const began = performance.now();
  const watch = () => requestAnimationFrame(() => (count() > before ? resolve(performance.now() - began) : watch()));
  document.activeElement.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', bubbles: true, cancelable: true }));
  watch();
})`;
/** Pictures that the page draws in two seconds, while it scrolls or plays. */
const countFrames = (each: string) => `new Promise((resolve) => {
  const list = document.querySelector('[role="listbox"]');
  const until = performance.now() + 2000;
  let frames = 0;
  const tick = (now) => { frames += 1; ${each}; if (now < until) requestAnimationFrame(tick); else resolve(frames / 2); };
  requestAnimationFrame(tick);
})`;

/** A round with 2,000 marks in Review against the same page with the demo's fifty: key press to mark, playback, scrolling. */
export async function measureLongRound(server: TestServer): Promise<BenchLine[]> {
  const roundId = demoId('round', 'open-mat-1');
  const { rows } = await server.query('select start_seconds, end_seconds from round where id = $1', [roundId]);
  const { start_seconds: start, end_seconds: end } = rows[0];
  const ids = new Map<string, string>();
  const idOf = (id: string) => ids.get(id) ?? ids.set(id, randomUUID()).get(id)!;
  for (const mark of largeRound(2000)) {
    const atSeconds = start + (mark.atSeconds / 600) * (end - start);
    const moved = { ...mark, id: idOf(mark.id), atSeconds };
    const content = moved.kind === 'error' ? { ...moved, ledTo: moved.ledTo.map(idOf) } : moved;
    await server.query(
      'insert into mark (id, round_id, kind, at_seconds, content, change_id) values ($1, $2, $3, $4, $5, $6)',
      [content.id, roundId, content.kind, atSeconds, content, randomUUID()],
    );
  }
  const browser = await chromium.launch(launchOptions);
  try {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    await signIn(page, server.url);
    const few = await measureReview(page, `${server.url}/rounds/${demoId('round', 'ana-marek')}`);
    const many = await measureReview(page, `${server.url}/rounds/${roundId}`);
    const line = (what: string, key: keyof typeof few, unit: string, goal?: string): BenchLine => ({
      what: `Review with 2,000 marks: ${what}`,
      measured: `${many[key].toFixed(0)} ${unit} (${(many[key] / few[key]).toFixed(2)} × that with fifty)`,
      goal,
    });
    return [
      line('Enter in the call line to its mark in the ledger', 'press', 'ms', '50 ms'),
      line('pictures a second while playing', 'playing', '', 'as with fifty'),
      line('pictures a second while scrolling the ledger', 'scrolling', '', 'as with fifty'),
    ];
  } finally {
    await browser.close();
  }
}

async function measureReview(page: Page, address: string) {
  await openReview(page, address);
  await page.waitForTimeout(1500);
  const presses: number[] = [];
  for (let turn = 0; turn < 7; turn += 1) {
    await page.keyboard.press('Enter');
    await page.keyboard.type('note x');
    presses.push(Number(await page.evaluate(PRESS_AND_WATCH)));
    await page.waitForTimeout(400);
  }
  await page.keyboard.press(' ');
  const playing = Number(await page.evaluate(countFrames('')));
  await page.keyboard.press(' ');
  const scrolling = Number(await page.evaluate(countFrames('list.scrollTop += 37')));
  return { press: median(presses), playing, scrolling };
}
