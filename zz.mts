import { buildVocabularyIndex, readCall, phraseMark } from './src/core/callline';
const index = buildVocabularyIndex();
const ctx = (state: any) => ({ uniform: 'gi' as const, state, calledBy: { a: ['ana'], b: ['samir'] }, atSeconds: 50, roundStartSeconds: 0, marks: [] });
const g = { kind: 'position', positionId: 'closed-guard', holder: 'a' };
for (const t of process.argv[2] ? process.argv.slice(2) : ['choke finished','ana choke finished','samir tired','ana gets tired','samir gassed','ana sweeps old school','old school','ana reverses direction','samir passes','ana passes','passes the guard','ana submits samir','ana taps','samir taps','choke','ana armbar','ana strangle','submission','ana sweeps','ana sweep finished','takedown','samir takes ana down','ana takes the back','ana escapes','ana gets up','samir stalls','samir is stalling','ana loses the underhook','ana crossface','samir gets the crossface','ana shrimps','ana bridges','samir on top','ana in guard','ana opens the guard','samir stands up','samir postures up','ana breaks posture','reset','tap','lock','ana kimura grip','samir knee cut','ana gives up her back','ana turtles','ana lets him pass','samir stack pass','almost passed','ana recovers guard','ana regains half guard','ana retains guard']) {
  const r = readCall(t, index, ctx(g));
  console.log(t.padEnd(28), '|', r.understood ? 'ok ' : 'NO ', r.confidence.toFixed(2), JSON.stringify({ ...r.draft, atSeconds: undefined }), '|', r.choices.slice(0, 4).map((c) => c.concept.id + ' ' + c.confidence.toFixed(2)).join(', '), '|', r.remarks.map((x) => x.code).join(' '));
}
