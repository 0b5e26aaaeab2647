import { type MarkDraft, readGripByPart } from '../callline';
import type { Pointing } from './athletes';
import { hearRuling, hearStop, STOP_SECONDS } from './calledOut';
import { add } from './collect';
import { actorOf, leading } from './doer';
import type { FreeSpeech, Hearer } from './freeSpeech';
import type { Hearing, Said } from './hearing';
import { hearJudgement } from './judgedClause';
import { judgeSpeech } from './judgeSpeech';
import { hearDoing, hearFurther, hearTap } from './plainDoings';
import { hearPlace } from './plainPlaces';
import type { Sentence } from './sentences';

/** In the order in which they are asked: what a clause is, it is nothing else. */
const hearers: readonly Hearer[] = [hearCalledOut, hearTap, hearFurther, hearPlace, hearDoing, hearGrip, hearJudgement];

/**
 * What a clause tells without naming an entry: what is called out, a plain doing ("he just walks around it"), where somebody is, a grip as a verb and what the
 * hand holds, a judgement. `named` are the kinds of marks of which it told by an entry.
 */
export function proposeFree(
  sentence: Sentence,
  pointings: readonly Pointing[],
  named: ReadonlySet<MarkDraft['kind']>,
  hearing: Hearing,
): void {
  const free = freeSpeechOf(sentence, pointings, named, hearing);
  hearers.some((hear) => hear(free, hearing));
}

function freeSpeechOf(
  sentence: Sentence,
  pointings: readonly Pointing[],
  named: ReadonlySet<MarkDraft['kind']>,
  hearing: Hearing,
): FreeSpeech {
  const words = sentence.words.map(({ word }) => word);
  const doer = actorOf(pointings, sentence.words);
  const isOver = /^(?:and |so |then )*over (?:he|she|they|you|we) go/.test(words.join(' '));
  const from = doer?.role === 'doer' && !isOver ? doer.at + 1 : 0;
  const last = words.length - 1;
  const said: Said = {
    mention: {
      concept: { id: '', kind: 'error', name: '', families: [], uniform: 'both' },
      ...{ rivals: [], from: Math.min(from, last), to: last, score: 0 },
    },
    clause: { before: '', after: '', from: 0, to: last },
    words: sentence.words,
    pointings,
    sentence,
    whole: ` ${words.join(' ')} `,
  };
  return {
    ...{ sentence, words, pointings, doer, named },
    told: withoutLeading(words.slice(from)),
    athlete: doer?.athlete ?? hearing.listener.last?.athlete,
    judged: judgeSpeech(withoutLeading(words)),
    atSeconds: sentence.words[0]?.atSeconds ?? 0,
    propose: (draft, near = []) => add(draft, said, hearing, near),
  };
}

/** The bell, a stop, points: whoever the clause is about. */
function hearCalledOut(
  { words, pointings, sentence, doer, atSeconds, propose }: FreeSpeech,
  { lastAttempt }: Hearing,
): boolean {
  const text = words.join(' ');
  const stop = hearStop(text);
  const note = sentence.text;
  if (stop) propose({ kind: 'stoppage', endSeconds: atSeconds + STOP_SECONDS, note, ...stop });
  const ruling = stop
    ? undefined
    : hearRuling(text, pointings.find((one) => one.byName)?.athlete ?? lastAttempt?.athlete);
  if (ruling) propose({ kind: 'ruling', ...ruling, note, sureWho: doer !== undefined });
  return stop !== undefined || ruling !== undefined;
}

/** "has both sleeves": what leads in may be the verb. */
function hearGrip({ words, told, athlete, doer, judged, named, sentence, propose }: FreeSpeech): boolean {
  if (!athlete || judged?.firm || named.has('grip') || named.has('error')) return false;
  const grip = readGripByPart(told) ?? readGripByPart(words.slice(doer?.role === 'doer' ? doer.at + 1 : 0));
  if (!grip) return false;
  const { gripId, outcome } = grip;
  propose({ kind: 'grip', gripId, athlete, outcome, note: sentence.text, sureWho: doer !== undefined });
  return true;
}

function withoutLeading(words: readonly string[]): readonly string[] {
  const at = words.findIndex((word) => !leading.has(word));
  return at < 0 ? [] : words.slice(at);
}
