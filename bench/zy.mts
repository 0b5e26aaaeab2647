import { scoreCalls } from '../tests/language/calls/scoreCalls';

const rows = scoreCalls().filter((o) => !o.apart && o.reading.choices[0] && (o.reading.draft as any).kind !== 'note');
const t: Record<string, Record<string, number>> = {};
for (const o of rows) {
  const d = o.reading.draft as any;
  const k = `${d.kind} ${(Math.floor(Math.min(o.reading.confidence, 0.999) * 20) / 20).toFixed(2)}`;
  t[k] ??= {};
  t[k][o.result] = (t[k][o.result] ?? 0) + 1;
}
for (const k of Object.keys(t).sort()) console.log(k, JSON.stringify(t[k]));
