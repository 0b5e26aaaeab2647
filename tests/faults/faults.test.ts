import { expect, it } from 'vitest';
import { countsWords, runFaults } from './faultRun';

/** The short form of every test run; `bin/owl test faults` takes two hundred. */
const kills = Number(process.env.OWL_KILLS ?? 12);

it(`${kills} kills of the server, the worker and the database lose, double and strand nothing`, async () => {
  const counts = await runFaults(kills, (text) => console.log(text));
  console.log(countsWords(counts));
  expect(counts).toMatchObject({ lost: 0, doubled: 0, stuck: 0 });
  expect(counts.acknowledged).toBeGreaterThan(kills * 5);
  expect(counts.asked).toBeGreaterThan(3);
  expect(counts.backups).toBeGreaterThan(0);
}, 3_000_000);
