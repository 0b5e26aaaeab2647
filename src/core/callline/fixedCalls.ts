import { rulings } from '../round';
import { readAthlete } from './callParts';
import type { MarkDraft } from './draftOf';
import type { CallContext } from './readCall';

const stretches: readonly { readonly words: readonly string[]; readonly offCamera?: true }[] = [
  { words: ['stop'] },
  { words: ['stoppage'] },
  { words: ['stopped'] },
  { words: ['off', 'camera'], offCamera: true },
  { words: ['not', 'filmed'], offCamera: true },
  { words: ['out', 'of', 'picture'], offCamera: true },
];

/** "stop 12", "off camera 8": a stretch that is not live, ten seconds unless it says how many. */
export function readStoppage(words: readonly string[], atSeconds: number): MarkDraft | undefined {
  const stretch = stretches.find((one) => one.words.every((word, index) => words[index] === word));
  if (!stretch) return undefined;
  const rest = words.slice(stretch.words.length);
  const seconds = Number(rest[0] ?? '10');
  if (rest.length > 1 || !Number.isFinite(seconds)) return undefined;
  const { offCamera } = stretch;
  return { kind: 'stoppage', atSeconds, endSeconds: atSeconds + seconds, ...(offCamera ? { offCamera } : {}) };
}

/** "ana advantage", "marek penalty": what the referee gave. */
export function readRuling(words: readonly string[], atSeconds: number, context: CallContext): MarkDraft | undefined {
  const ruling = rulings.find((one) => words.at(-1) === one);
  if (!ruling) return undefined;
  const who = readAthlete(words, context);
  return who.named && who.words.length === 1 ? { kind: 'ruling', atSeconds, athlete: who.athlete, ruling } : undefined;
}

/** "board 4 2", "board 4 2 advantages 1 0 penalties 0 1": what the official score says, the athlete in focus first. */
export function readBoard(words: readonly string[], atSeconds: number): MarkDraft | undefined {
  const match =
    /^(?:board|score|scoreboard) (\d+) (\d+)(?: (?:advantages|adv) (\d+) (\d+))?(?: (?:penalties|pen) (\d+) (\d+))?$/.exec(
      words.join(' '),
    );
  if (!match) return undefined;
  const [, points, against, ...more] = match.map((part) => Number(part ?? 0));
  const [advantagesA = 0, advantagesB = 0, penaltiesA = 0, penaltiesB = 0] = more;
  const a = { points: points!, advantages: advantagesA, penalties: penaltiesA };
  const b = { points: against!, advantages: advantagesB, penalties: penaltiesB };
  return { kind: 'board', atSeconds, score: { a, b } };
}
