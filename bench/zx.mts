import { buildVocabularyIndex, readCall } from '../src/core/callline';

const index = buildVocabularyIndex();
for (const t of process.argv.slice(2)) {
  const r = readCall(t, index, {
    uniform: 'gi',
    state: { kind: 'unmarked' },
    calledBy: { a: ['a', 'ana'], b: ['m', 'marek'] },
    atSeconds: 50,
    roundStartSeconds: 0,
  });
  console.log(
    t,
    '=>',
    JSON.stringify(r.draft),
    r.confidence,
    r.choices
      .slice(0, 3)
      .map((c) => c.concept.id + ' ' + c.confidence.toFixed(2))
      .join(', '),
    JSON.stringify(r.remarks),
  );
}
