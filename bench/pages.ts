import { type Browser, chromium, type Page } from '@playwright/test';
import { demoId } from '../demo/academy/marksOfRound';
import { signIn } from '../tests/support/pages';
import { launchOptions } from './browser';
import { type BenchLine, median } from './line';

async function loadOnce(page: Page, address: string): Promise<{ ms: number; kilobytes: number }> {
  let bytes = 0;
  const client = await page.context().newCDPSession(page);
  await client.send('Network.enable');
  client.on('Network.loadingFinished', (event) => {
    bytes += event.encodedDataLength;
  });
  await page.goto(address, { waitUntil: 'load' });
  const ms = await page.evaluate(
    () => (performance.getEntriesByType('navigation')[0] as PerformanceNavigationTiming).loadEventEnd,
  );
  await page.waitForTimeout(300);
  await client.detach();
  return { ms, kilobytes: bytes / 1024 };
}

async function measureLoads(browser: Browser, url: string): Promise<BenchLine[]> {
  const places = [
    ['Footage', '/footage'],
    ['Student', `/students/${demoId('person', 'ana')}`],
    ['Class', `/classes/${demoId('class', 'evening')}`],
  ] as const;
  const lines: BenchLine[] = [];
  for (const [name, address] of places) {
    const context = await browser.newContext();
    const page = await context.newPage();
    await signIn(page, url);
    await page.close();
    const cold = await context.newPage();
    const client = await context.newCDPSession(cold);
    await client.send('Network.clearBrowserCache');
    const first = await loadOnce(cold, url + address);
    const warm: { ms: number; kilobytes: number }[] = [];
    for (let turn = 0; turn < 5; turn += 1) warm.push(await loadOnce(cold, url + address));
    const again = median(warm.map((one) => one.ms));
    lines.push({
      what: `${name}: cold and warm load`,
      measured: `${first.ms.toFixed(0)} ms, ${first.kilobytes.toFixed(0)} kB; warm ${again.toFixed(0)} ms, ${median(warm.map((one) => one.kilobytes)).toFixed(0)} kB`,
    });
    await context.close();
  }
  return lines;
}

// Text, not a function: the script loader's helpers do not exist in the page.
const PRESS_AND_WATCH = `new Promise((resolve) => {
  const list = document.querySelector('[role="listbox"]');
  const before = list.children.length;
  const began = performance.now();
  const watch = () => requestAnimationFrame(() => (list.children.length > before ? resolve(performance.now() - began) : watch()));
  document.activeElement.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', bubbles: true, cancelable: true }));
  watch();
})`;

/** From the press of Enter to the mark in the page, painted. */
async function measureKeyPress(browser: Browser, url: string): Promise<BenchLine> {
  const page = await browser.newPage();
  await signIn(page, url);
  await page.goto(`${url}/rounds/${demoId('round', 'ana-marek')}`);
  await page.waitForTimeout(1500);
  const times: number[] = [];
  for (let turn = 0; turn < 15; turn += 1) {
    await page.keyboard.press('Enter');
    await page.keyboard.type(`at 0:${String(10 + turn)} ana good economy`);
    times.push(await page.evaluate<number>(PRESS_AND_WATCH));
  }
  await page.close();
  return {
    what: 'key press to mark on the screen (51 marks in the ledger)',
    measured: `${median(times).toFixed(0)} ms, slowest of 15: ${Math.max(...times).toFixed(0)} ms`,
    goal: '50 ms',
  };
}

export async function measurePages(url: string): Promise<BenchLine[]> {
  const browser = await chromium.launch(launchOptions);
  try {
    return [await measureKeyPress(browser, url), ...(await measureLoads(browser, url))];
  } finally {
    await browser.close();
  }
}
