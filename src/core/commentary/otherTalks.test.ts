import { readFileSync } from 'node:fs';
import path from 'node:path';
import { describe, expect, it } from 'vitest';
import { buildVocabularyIndex, withoutCoarse } from '../callline';
import { conceptIdOf, type Mark } from '../round';
import { type Cue, type Proposal, parseTimedText, readCommentary, speaksEnglish } from './index';

const index = buildVocabularyIndex();
const context = { uniform: 'gi' as const, calledBy: { a: ['ana'], b: ['marek'] } };
const cuesOf = (folder: string, name: string): readonly Cue[] => {
  const parsed = parseTimedText(readFileSync(path.resolve('tests/language', folder, name), 'utf8'));
  if (!('cues' in parsed)) throw new Error(`${name} cannot be read`);
  return parsed.cues;
};
const evening = cuesOf('commentaries', 'coach-evening.txt');
const named = ({ draft }: Proposal): string => conceptIdOf({ ...draft, id: 'x' } as Mark) ?? '';
const spoken = (text: string): Cue[] => [{ startSeconds: 0, endSeconds: 60, text, line: 1 }];

/** What coaches say, by the makers, in four languages that they know. */
const elsewhere: Readonly<Record<string, string>> = {
  german:
    'Ana zieht jetzt in die Halbwache, Marek drückt sie flach auf den Rücken und sie wartet viel zu lange. Da hätte sie den Unterhaken holen müssen, und dann kommt schon der Kreuzgriff. Er schiebt das Knie durch, sie hält noch den Fuß, aber das reicht nicht, und er ist an der Seite. Die Ellenbogen sind wieder offen.',
  portuguese:
    'A Ana puxa para a meia guarda, o Marek deixa ela chapada no chão e ela espera demais. Ali ela tinha que buscar a esgrima por baixo, e depois já vem o braço no rosto. Ele passa o joelho, ela ainda segura o pé, mas não adianta, e ele chega nos cem quilos. Os cotovelos estão abertos outra vez.',
  french:
    'Ana tire en demi garde, Marek la met à plat sur le dos et elle attend beaucoup trop longtemps. Là elle devait chercher le bras dessous, et puis arrive déjà la pression sur le visage. Il passe le genou, elle tient encore le pied, mais cela ne suffit pas, et il est sur le côté. Les coudes sont encore ouverts.',
  spanish:
    'Ana se tira a la media guardia, Marek la deja plana sobre la espalda y ella espera demasiado tiempo. Ahí tenía que buscar el brazo por debajo, y luego ya viene la presión en la cara. Él pasa la rodilla, ella todavía sujeta el pie, pero no alcanza, y él llega al costado. Los codos están abiertos otra vez.',
};

describe('a talk in another language', () => {
  it.each(Object.entries(elsewhere))('%s is known as such, and proposes nothing', (_language, text) => {
    expect(speaksEnglish(spoken(text), index)).toBe(false);
    expect(readCommentary(spoken(text), index, context)).toEqual([]);
  });
  it('is none of those in English, however terse', () => {
    for (const name of ['coach-evening.txt', 'coach-notes-samir.srt'])
      expect(speaksEnglish(cuesOf('commentaries', name), index), name).toBe(true);
    const lines = readFileSync(path.resolve('tests/language/calls/calls.jsonl'), 'utf8').trim().split('\n');
    const calls = lines.map((line) => (JSON.parse(line) as { text: string }).text).join('. ');
    expect(speaksEnglish(spoken(calls), index)).toBe(true);
    expect(speaksEnglish(spoken('Ana passes.'), index)).toBe(true);
  });
});

describe('words that a speech program writes otherwise are heard by rule', () => {
  it.each([
    ['ana with the omaplotta', 'omoplata'],
    ['ana has the cruisifix', 'crucifix'],
    ['marek hits a kimoura', 'kimura'],
    ['ana goes for the toriando', 'toreando'],
    ['marek gets the weezer', 'whizzer'],
    ['ana goes for berim bolo', 'berimbolo'],
    ['marek gets the under hook', 'underhook'],
    ['he tries an arm bar', 'armbar'],
  ])('%s', (text, id) => expect(readCommentary(spoken(text), index, context).map(named)).toContain(id));
});

describe('talks of strange make', () => {
  it('in capitals say the same', () => {
    const loud = evening.map((cue) => ({ ...cue, text: cue.text.toUpperCase() }));
    expect(readCommentary(loud, index, context).map(named)).toEqual(readCommentary(evening, index, context).map(named));
  });
  it('with one word a cue say nearly the same, at their times', () => {
    const single = evening.flatMap((cue) => {
      const words = cue.text.split(/\s+/);
      const step = (cue.endSeconds - cue.startSeconds) / words.length;
      return words.map((text, at) => ({
        text,
        line: cue.line,
        startSeconds: cue.startSeconds + at * step,
        endSeconds: cue.startSeconds + (at + 1) * step,
      }));
    });
    const whole = readCommentary(evening, index, context);
    const heard = readCommentary(single, index, context);
    const again = whole.filter((one) =>
      heard.some((other) => named(other) === named(one) && Math.abs(other.draft.atSeconds - one.draft.atSeconds) < 6),
    );
    expect(again.length / whole.length).toBeGreaterThan(0.85);
  });
  it('whose times jump are read in order', () => {
    const jumping = [...evening.slice(8), ...evening.slice(0, 8)].map(
      ({ startSeconds, text }) =>
        `[${Math.floor(startSeconds / 60)}:${String(Math.floor(startSeconds % 60)).padStart(2, '0')}] ${text}`,
    );
    const parsed = parseTimedText(jumping.join('\n'));
    expect('cues' in parsed && parsed.remarks.some((one) => one.code === 'out-of-order')).toBe(true);
    const times = 'cues' in parsed ? readCommentary(parsed.cues, index, context).map((one) => one.saidAtSeconds) : [];
    expect(times).toEqual([...times].sort((one, other) => one - other));
    expect(times.length).toBeGreaterThan(20);
  });
  it('of thirty thousand cues come to an end, each moment for itself', () => {
    const long = Array.from({ length: 30_000 }, (_, at) => {
      const cue = evening[at % evening.length] as Cue;
      return { ...cue, startSeconds: at * 3, endSeconds: at * 3 + 3 };
    });
    const proposals = readCommentary(long, index, context);
    expect(proposals.length).toBeGreaterThan(10_000);
    expect(proposals.at(-1)?.saidAtSeconds).toBeGreaterThan(80_000);
  });
  it('with coarse words keep them in the coach’s words and in no name', () => {
    const [one] = readCommentary(spoken('And Ana leaves her damn elbows wide open, that is wrong.'), index, context);
    expect(one?.words).toContain('damn');
    expect(withoutCoarse('that fucking flower thing')).toBe('that flower thing');
    expect(withoutCoarse('Shitty, late frames')).toBe('late frames');
    expect(withoutCoarse('cross sleeve')).toBe('cross sleeve');
  });
});
