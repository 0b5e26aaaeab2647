import { readFileSync } from 'node:fs';
import { proposeFor } from '../tests/language/talks/scoreTalks';
for (const talk of process.argv.slice(2)) {
  const label = JSON.parse(readFileSync(`tests/language/talks/${talk}.json`, 'utf8'));
  const items = [...label.marks.map((m: any) => ({ t: m.t, s: `      ${m.core ? 'L' : 'l'} ${m.kind} ${m.id} ${m.athlete} ${m.verdict} | ${m.about} | ${m.words}` })), ...proposeFor(talk).map((p: any) => { const d = p.draft; return { t: d.atSeconds, s: `P ${d.kind} ${d.positionId ?? d.gripId ?? d.techniqueId ?? d.errorId ?? d.strengthId} ${d.athlete ?? d.holder} ${d.stage ?? ''} | ${p.words.slice(0, 110)}` }; })].sort((a, b) => a.t - b.t);
  console.log('##', talk); for (const i of items) console.log(i.t.toFixed(0), i.s);
}
