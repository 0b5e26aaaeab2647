#!/usr/bin/env node
// Compares proposed marks with what a person marked. Usage: score.mjs LABELS.json PROPOSALS.json [LABELS PROPOSALS ...]
// PROPOSALS: [{ "t": seconds, "kind", "id": catalogue id or null, "about": words or null, "athlete": "a"|"b"|"both"|"unknown", "verdict",
//   "others": [{ "kind", "id", "about", "athlete", "verdict" }] (further readings of the same card, optional) }]
// A proposal answers a mark when it lies within -5 s .. +8 s of it, says the same kind (error and chance are one family, so are attempt and position) and
// names it: the same id or an accepted one; where the mark has no id, a word of "about" (5 letters and more, or a body part) and the same verdict.
// Each mark and each proposal is used once, nearest first. "found" counts core marks; "right" counts proposals that answer any mark; "noise" shifts all
// proposals by a third of the length, to say what chance would reach.
import { readFileSync } from 'node:fs';

const family = {
  error: 'error',
  chance: 'error',
  attempt: 'move',
  position: 'move',
  grip: 'grip',
  strength: 'strength',
  stoppage: 'stoppage',
  hazard: 'hazard',
  points: 'points',
  note: 'note',
};
const parts = new Set(
  'arm arms leg legs hip hips head neck hand hands foot feet knee knees elbow elbows back base post hook hooks grip grips'.split(
    ' ',
  ),
);
const wordsOf = (text) =>
  new Set(
    String(text ?? '')
      .toLowerCase()
      .split(/[^a-z]+/)
      .filter((word) => word.length >= 5 || parts.has(word)),
  );
const shares = (one, other) => [...wordsOf(one)].some((word) => wordsOf(other).has(word));

function answers(reading, mark) {
  if (family[reading.kind] !== family[mark.kind]) return false;
  const ids = [mark.id, ...(mark.accept ?? [])].filter(Boolean);
  if (reading.id && ids.includes(reading.id)) return true;
  if (mark.id && reading.id) return false;
  const asSaid = `${reading.about ?? ''} ${String(reading.id ?? '').replaceAll('-', ' ')}`;
  const sameVerdict = (reading.verdict ?? 'neutral') === mark.verdict || family[mark.kind] !== 'error';
  return sameVerdict && shares(asSaid, `${mark.about} ${mark.words}`);
}

function pair(marks, proposals, cards) {
  const pairs = [];
  for (const [m, mark] of marks.entries())
    for (const [p, proposal] of proposals.entries()) {
      const gap = proposal.t - mark.t;
      if (gap < -5 || gap > 8) continue;
      const readings = cards ? [proposal, ...(proposal.others ?? []).slice(0, 3)] : [proposal];
      if (readings.some((reading) => answers(reading, mark))) pairs.push({ m, p, gap: Math.abs(gap) });
    }
  pairs.sort((one, other) => one.gap - other.gap);
  const usedMarks = new Map();
  const usedProposals = new Set();
  for (const { m, p } of pairs)
    if (!usedMarks.has(m) && !usedProposals.has(p)) {
      usedMarks.set(m, p);
      usedProposals.add(p);
    }
  return { usedMarks, usedProposals };
}

const percent = (part, whole) => (whole === 0 ? '–' : `${((100 * part) / whole).toFixed(1)} %`);
const sum = {
  core: 0,
  found: 0,
  head: 0,
  headFound: 0,
  proposals: 0,
  right: 0,
  cardRight: 0,
  cardFound: 0,
  actor: 0,
  actorOf: 0,
  silent: 0,
  noise: 0,
};
for (let index = 2; index + 1 < process.argv.length; index += 2) {
  const label = JSON.parse(readFileSync(process.argv[index], 'utf8'));
  const proposals = JSON.parse(readFileSync(process.argv[index + 1], 'utf8'));
  const shifted = proposals.map((one) => ({ ...one, t: (one.t + label.lengthSeconds / 3) % label.lengthSeconds }));
  const single = pair(label.marks, proposals, false);
  const cards = pair(label.marks, proposals, true);
  const row = { ...Object.fromEntries(Object.keys(sum).map((key) => [key, 0])) };
  for (const [m, mark] of label.marks.entries()) {
    const head = mark.core && ['error', 'chance'].includes(mark.kind);
    if (mark.core) {
      row.core += 1;
      row.found += single.usedMarks.has(m);
      row.cardFound += cards.usedMarks.has(m);
    }
    if (head) {
      row.head += 1;
      row.headFound += single.usedMarks.has(m);
    }
    if (single.usedMarks.has(m) && ['a', 'b'].includes(mark.athlete)) {
      row.actorOf += 1;
      row.actor += proposals[single.usedMarks.get(m)].athlete === mark.athlete;
    }
  }
  row.proposals = proposals.length;
  row.right = single.usedProposals.size;
  row.cardRight = cards.usedProposals.size;
  row.silent = proposals.filter(
    (one, p) => !cards.usedProposals.has(p) && label.silence.some(({ from, to }) => one.t > from + 2 && one.t < to - 2),
  ).length;
  row.noise = label.marks.filter((mark, m) => mark.core && pair(label.marks, shifted, false).usedMarks.has(m)).length;
  for (const key of Object.keys(sum)) sum[key] += row[key];
  print(label.name, row);
}
print('all', sum);

function print(name, row) {
  console.log(
    `${name}: found ${percent(row.found, row.core)} (in cards ${percent(row.cardFound, row.core)}, by chance ${percent(row.noise, row.core)}), errors and chances ${percent(row.headFound, row.head)}, ` +
      `right ${percent(row.right, row.proposals)} of ${row.proposals} (cards ${percent(row.cardRight, row.proposals)}), athlete ${percent(row.actor, row.actorOf)}, in silence ${row.silent}`,
  );
}
