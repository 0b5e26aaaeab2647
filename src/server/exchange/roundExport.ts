import { captionCues, chapterCues, markLinesOf, toSrt, toVtt, webAnnotationsOf } from '@/core/exchange';
import { shortNamesOf } from '@/core/kernel';
import { readRound } from '@/core/round';
import { houseNameOf } from '@/core/vocabulary';
import { pool } from '@/data/client';
import { findFootage } from '@/data/footage/footage';
import { findRound } from '@/data/rounds/rounds';
import { type Cell, toCsv } from '@/terms/csv';
import { noteDone } from '../accounts/noteDone';
import { today } from '../kernel/academyTime';
import { isUuid } from '../kernel/isUuid';
import { loadHouse } from '../language/loadHouse';
import { whoIsShown, whyNotShown } from '../people/whoIsShown';
import { listBlindRounds } from '../reviews/blindness';
import { marksByRound } from '../rounds/marksByRound';

type Sources = Exclude<Awaited<ReturnType<typeof loadSources>>, undefined | string>;

/** Each file that a round can leave as: its type, and its text. Adding one is an entry here and a line in `RoundFiles`. */
const files: Readonly<Record<string, { readonly type: string; readonly write: (sources: Sources) => string }>> = {
  'marks.csv': { type: 'text/csv; charset=utf-8', write: (sources) => tableOf(sources, false) },
  'marks-excel.csv': { type: 'text/csv; charset=utf-8', write: (sources) => tableOf(sources, true) },
  'captions.vtt': {
    type: 'text/vtt; charset=utf-8',
    write: ({ reading, span, names, nameOf }) => toVtt(captionCues(reading.marks, span, names, nameOf)),
  },
  'chapters.vtt': {
    type: 'text/vtt; charset=utf-8',
    write: ({ reading, names, nameOf }) => toVtt(chapterCues(reading, names, nameOf)),
  },
  'captions.srt': {
    type: 'application/x-subrip; charset=utf-8',
    write: ({ reading, span, names, nameOf }) => toSrt(captionCues(reading.marks, span, names, nameOf)),
  },
  'annotations.jsonld': {
    type: 'application/ld+json',
    write: ({ reading, span, names, nameOf, round, film }) =>
      JSON.stringify(
        webAnnotationsOf(markLinesOf(reading.marks, span, names, nameOf), {
          ...{ roundId: round.id, film, startSeconds: span.startSeconds },
          label: `${round.a.name} and ${round.b.name}, ${round.heldOn}`,
        }),
        null,
        1,
      ),
  },
};

const head = [
  ...['id', 'round_seconds', 'film_seconds', 'end_round_seconds', 'kind', 'athlete', 'entry', 'entry_id', 'words'],
  ...['stage', 'end', 'punished', 'verdict', 'side', 'unsure', 'led_to', 'more', 'note'],
];
const inColumns = ['stage', 'end', 'punished', 'verdict', 'side'];

function tableOf({ reading, span, names, nameOf }: Sources, withMark: boolean): string {
  const rows = markLinesOf(reading.marks, span, names, nameOf).map((line): Cell[] => {
    const more = Object.entries(line.more).filter(([name]) => !inColumns.includes(name));
    const short = (value: number | undefined) => (value === undefined ? undefined : Number(value.toFixed(3)));
    return [
      ...[line.id, short(line.roundSeconds), short(line.filmSeconds), short(line.endRoundSeconds), line.kind],
      ...[line.athlete, line.entry, line.entryId, line.words, ...inColumns.map((name) => line.more[name])],
      ...[line.isUnsure ? 'unsure' : '', line.ledTo.join(' ')],
      ...[more.map(([name, value]) => `${name}: ${value}`).join('; '), line.note],
    ];
  });
  return toCsv(head, rows, withMark);
}

/** What a round's files are made of; a sentence where it shows somebody who is not to be shown, undefined where there is no such round for this coach. */
async function loadSources(roundId: string, coachId: string) {
  if (!isUuid(roundId) || (await listBlindRounds(coachId)).includes(roundId)) return undefined;
  const round = await findRound(pool(), roundId);
  if (!round) return undefined;
  const why = whyNotShown(await whoIsShown(pool(), [round.id], await today()));
  if (why) return why;
  const house = await loadHouse();
  const [footage, marks] = await Promise.all([
    round.footageId === undefined ? undefined : findFootage(pool(), round.footageId),
    marksByRound(pool(), house, [round]),
  ]);
  const span = { startSeconds: round.startSeconds, endSeconds: round.endSeconds };
  const [a = '', b = ''] = shortNamesOf([round.a.name, round.b.name]);
  return {
    ...{ round, span, names: { a, b }, reading: readRound(span, marks.get(round.id) ?? []) },
    film: footage?.originalName ?? `urn:uuid:${round.id}`,
    nameOf: (id: string) => houseNameOf(house, id),
  };
}

export type RoundExport =
  | { readonly kind: 'file'; readonly type: string; readonly name: string; readonly text: string }
  | { readonly kind: 'not-shown'; readonly words: string };

/** A round as a file of an open format; undefined where there is no such round or no such format. */
export async function exportRound(roundId: string, format: string, coachId: string): Promise<RoundExport | undefined> {
  const file = Object.hasOwn(files, format) ? files[format] : undefined;
  if (!file) return undefined;
  const sources = await loadSources(roundId, coachId);
  if (sources === undefined) return undefined;
  if (typeof sources === 'string') return { kind: 'not-shown', words: sources };
  const { round, names } = sources;
  await noteDone(coachId, 'round-taken', round.id);
  const name = `${round.heldOn} ${names.a} ${names.b} ${format}`.replace(/[^\p{L}\p{N}.-]+/gu, '-');
  return { kind: 'file', type: file.type, name, text: file.write(sources) };
}
