'use client';

import { useMemo, useState } from 'react';
import { styled } from 'styled-components';
import {
  type CallContext,
  type CallReading,
  type Concept,
  draftFromChoice,
  type MarkDraft,
  type NextCall,
  phraseMark,
  readCall,
  type VocabularyIndex,
} from '@/core/callline';
import type { Span } from '@/core/clock';
import { formatClockTenths } from '@/core/clock';
import { checkMark, kindCalled, type Mark } from '@/core/round';
import { type Playhead, usePlayheadTime } from '@/player/usePlayhead';
import { useWordOf } from '@/terms/HouseContext';
import { color, font, size, space } from '@/ui/tokens/tokens';
import { useCaution } from './CautionContext';
import { remarkText, sureness, tieWords, unreadWords } from './callWords';
import { markProblemText, markWords, type Names } from './reviewView';

const Box = styled.div`
  border-top: 1px solid ${color.strongRule}; background: ${color.raised}; padding: ${space(2)} ${space(5)} ${space(2)}; display: flex; flex-direction: column; justify-content: center; gap: ${space(1)};
  .line { display: flex; align-items: baseline; gap: ${space(4)}; }
  .at { font-size: ${size.body}; color: ${color.focusText}; min-width: 60px; }
  input { flex: 1; border: 0; background: transparent; outline: none; font-family: ${font.serif}; font-size: 25px; line-height: 34px; padding: 0; color: ${color.ink}; caret-color: ${color.focus}; }
  input::placeholder { color: ${color.quiet}; opacity: 0.75; font-style: italic; }
  .read { min-height: 22px; font-size: ${size.body}; color: ${color.quiet}; display: flex; gap: ${space(4)}; white-space: nowrap; overflow: hidden; }
  .read b { color: ${color.ink}; font-weight: 600; }
  .read .remark { color: ${color.focusText}; }
  .read .problem { color: ${color.harm}; white-space: normal; }
  .which { display: flex; gap: ${space(4)}; align-items: baseline; overflow: hidden; }
  .which button { border: 0; background: none; padding: 0; color: ${color.ink}; cursor: pointer; font: inherit; }
  .which button:hover { color: ${color.focusText}; }
  .others { display: flex; gap: ${space(3)}; overflow: hidden; }
  .others button { border: 0; background: none; padding: 0; color: ${color.quiet}; cursor: pointer; font-size: ${size.small}; }
  .others button[data-on] { color: ${color.focusText}; text-decoration: underline; }
  kbd { font: inherit; border: 1px solid ${color.rule}; padding: 0 5px; border-radius: 2px; font-size: ${size.small}; color: ${color.quiet}; }
  .next { display: flex; flex-wrap: wrap; gap: 0 ${space(5)}; max-height: 60px; overflow: hidden; font-family: ${font.serif}; font-size: 17px; }
  .next button { border: 0; background: none; padding: 2px 0; cursor: pointer; color: ${color.ink}; font-family: inherit; font-size: inherit; }
  .next button:hover { color: ${color.focusText}; }
  .hint { font-size: ${size.small}; color: ${color.quiet}; }
`;

/** Other marks that a call is about, and what its words were read as. */
export interface CallTies extends Pick<CallReading, 'causeId' | 'finishesId' | 'furthersId' | 'endsRound'> {
  /** The words that name what was marked. */
  readonly words?: string;
  /** Another meaning was chosen than the likeliest. */
  readonly meant?: { readonly words: string; readonly conceptId: string };
}

export interface OpenCall {
  readonly atSeconds: number;
  readonly text: string;
  /** The mark that is being changed, if any. */
  readonly editing?: Mark;
}

export interface CallLineProps {
  readonly call: OpenCall | undefined;
  readonly index: VocabularyIndex;
  readonly contextAt: (seconds: number) => CallContext;
  readonly span: Span;
  readonly names: Names;
  readonly playhead: Playhead;
  /** What is likely called next at a moment; absent while digits mean something else. */
  readonly nextAt?: (seconds: number) => readonly NextCall[];
  readonly onOpen: (text: string) => void;
  /** `causeId` is the error that the call names as its cause. */
  readonly onCommit: (draft: MarkDraft, editing: Mark | undefined, ties: CallTies) => void;
  readonly onClose: () => void;
  /** A word is missing: it is made without leaving the round. */
  readonly onMissing?: (missing: MissingCall) => void;
}

/** What was written, of which a word is missing. */
export interface MissingCall {
  readonly name: string;
  readonly likeId?: string;
  /** The mark that is being changed, if any. */
  readonly editing?: Mark;
  /** The mark that the call makes once the word is there. */
  readonly draftWith: (concept: Concept) => MarkDraft;
}

export function CallLine(props: CallLineProps) {
  const { call } = props;
  if (call) return <OpenLine key={`${call.atSeconds}/${call.editing?.id ?? ''}`} {...props} call={call} />;
  return (
    <Box>
      <NextCalls {...props} />
    </Box>
  );
}

const noCalls: readonly NextCall[] = [];

/** What is likely called next, and how to write something else. It follows the playhead by itself. */
function NextCalls({ playhead, nextAt, onOpen }: Pick<CallLineProps, 'playhead' | 'nextAt' | 'onOpen'>) {
  const seconds = usePlayheadTime(playhead, 0.5);
  const nextCalls = useMemo(() => nextAt?.(seconds) ?? noCalls, [nextAt, seconds]);
  return (
    <>
      <div className="next">
        {nextCalls.map((next, position) => (
          <button
            key={`${next.athlete}/${next.conceptId}`}
            type="button"
            data-next-call
            onClick={() => onOpen(`${next.text} `)}
          >
            <kbd>{position + 1}</kbd> {next.text}
          </button>
        ))}
      </div>
      <div className="hint">
        <kbd>Enter</kbd> writes a call at this moment
        {nextCalls.length > 0 ? (
          <>
            {' '}
            · <kbd>1</kbd>–<kbd>{nextCalls.length}</kbd> begin a likely one
          </>
        ) : null}{' '}
        · <kbd>Space</kbd> plays · <kbd>?</kbd> all keys
      </div>
    </>
  );
}

function OpenLine({
  call,
  index,
  contextAt,
  span,
  names,
  onCommit,
  onClose,
  onMissing,
}: CallLineProps & { readonly call: OpenCall }) {
  const [text, setText] = useState(call.text);
  const [chosen, setChosen] = useState(0);
  const [problem, setProblem] = useState<string>();
  const [asked, setAsked] = useState(false);
  const context = useMemo(() => contextAt(call.atSeconds), [contextAt, call.atSeconds]);
  const reading = useMemo(() => readCall(text, index, context), [text, index, context]);
  const options = optionsOf(reading);
  const draftOf = (at: number) => {
    if (options[at]?.key === OWN_WORDS) return reading.ownWords ?? reading.draft;
    const concept = at > 0 ? options[at]?.concept : undefined;
    return concept ? draftFromChoice(text, reading.conceptWords, concept, context) : reading.draft;
  };
  const overridden = chosen > 0 && options[chosen] !== undefined;
  const draft = draftOf(chosen);
  const isDoubtful = reading.doubtful === true && !overridden && options.length > 1;
  const enterWords = isDoubtful ? 'asks which' : call.editing ? 'changes it' : 'marks it';

  const commit = (at: number) => {
    const made = draftOf(at);
    if (!made) return onClose();
    const [first] = checkMark({ ...made, id: 'draft' } as Mark, span);
    if (first) setProblem(markProblemText(first));
    else onCommit(made, call.editing, tiesOf(at));
  };
  const tiesOf = (at: number): CallTies => {
    const words = reading.conceptWords.join(' ');
    const chosenId = at > 0 ? options[at]?.concept?.id : undefined;
    if (chosenId) return { words, meant: { words, conceptId: chosenId } };
    return at > 0 ? { words } : { ...pickTies(reading), words };
  };
  const missing = () =>
    onMissing?.({
      name: reading.conceptWords.join(' ') || text.trim(),
      likeId: reading.choices[chosen]?.concept.id ?? reading.choices[0]?.concept.id,
      editing: call.editing,
      draftWith: (concept) => draftFromChoice(text, reading.conceptWords, concept, context),
    });
  const onKeyDown = (event: React.KeyboardEvent<HTMLInputElement>) => {
    const digit = asked && isDoubtful && /^[1-4]$/.test(event.key) ? Number(event.key) - 1 : undefined;
    if (digit !== undefined && options[digit]) commit(digit);
    // Two readings are about as likely: both are shown, and the second press says which.
    else if (event.key === 'Enter' && event.shiftKey && onMissing && text.trim() !== '') missing();
    else if (event.key === 'Enter' && isDoubtful && !asked) setAsked(true);
    else if (event.key === 'Enter') commit(chosen);
    else if (event.key === 'Escape') onClose();
    else if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
      const count = Math.max(1, options.length);
      setChosen((current) => (current + (event.key === 'ArrowDown' ? 1 : count - 1)) % count);
    } else if (event.key === 'Tab' && completion) complete(completion);
    else return;
    event.preventDefault();
    event.stopPropagation();
  };
  const completion = options[chosen]?.concept?.name ?? reading.choices[0]?.concept.name;
  const complete = (name: string) => {
    const typed = reading.conceptWords.join(' ');
    const at = typed ? text.toLowerCase().indexOf(typed) : -1;
    if (at >= 0) setText(`${text.slice(0, at)}${name} ${text.slice(at + typed.length).trimStart()}`);
    setChosen(0);
  };

  return (
    <Box>
      <div className="line">
        <span className="at">{formatClockTenths((draft?.atSeconds ?? call.atSeconds) - span.startSeconds)}</span>
        <input
          // biome-ignore lint/a11y/noAutofocus: the line opens because the coach pressed a key to write
          autoFocus
          aria-label="Call"
          placeholder={`${names.a.toLowerCase()} half guard · ${names.b.toLowerCase()} knee slice finished · good frame inside`}
          value={text}
          onChange={(event) => {
            setText(event.target.value);
            setChosen(0);
            setProblem(undefined);
            setAsked(false);
          }}
          onKeyDown={onKeyDown}
          autoComplete="off"
          spellCheck={false}
        />
        <span className="hint">
          {asked && isDoubtful ? (
            <>
              <kbd>1</kbd>–<kbd>{Math.min(4, options.length)}</kbd> marks one · <kbd>Enter</kbd> the first ·{' '}
              <kbd>Shift Enter</kbd> a new word
            </>
          ) : (
            <>
              <kbd>Enter</kbd> {enterWords} · <kbd>Tab</kbd> completes · <kbd>↓</kbd> another · <kbd>Shift Enter</kbd> a
              new word
            </>
          )}{' '}
          · <kbd>Esc</kbd>
        </span>
      </div>
      <div className="read" role="status">
        {problem ? (
          <span className="problem">{problem}</span>
        ) : asked && isDoubtful ? (
          <Which options={options.slice(0, 4)} draftOf={draftOf} names={names} onChoose={commit} />
        ) : (
          <Understood reading={reading} draft={draft} names={names} overridden={overridden} />
        )}
        {asked && isDoubtful ? null : (
          <span className="others">
            {options.slice(0, 6).map((option, position) => (
              <button
                key={option.key}
                type="button"
                tabIndex={-1}
                data-on={position === chosen || undefined}
                onClick={() => setChosen(position)}
              >
                {option.name}
              </button>
            ))}
          </span>
        )}
      </div>
    </Box>
  );
}

interface Option {
  readonly key: string;
  readonly name: string;
  /** What it names; absent for the coach's own words and for a note. */
  readonly concept?: Concept;
}

const OWN_WORDS = 'own';
/** Where the coach's own words stand among the readings of a doubtful call, and of one that is only guessed. */
const OWN_PLACE = 3;
const OWN_PLACE_BY_A_GUESS = 1;

/** What the words may mean, the reading itself first. */
function optionsOf({ draft, choices, remarks, ownWords, guessed }: CallReading): Option[] {
  const named: Option[] = choices.map(({ concept }) => ({ key: concept.id, name: concept.name, concept }));
  const place = guessed ? OWN_PLACE_BY_A_GUESS : OWN_PLACE;
  if (ownWords)
    return [
      ...named.slice(0, place),
      { key: OWN_WORDS, name: ownWords.kind === 'note' ? 'a note' : 'your words' },
      ...named.slice(place),
    ];
  if (draft?.kind === 'note') return named.length > 0 ? [{ key: 'note', name: 'a note' }, ...named] : named;
  return remarks.some((one) => one.code === 'own-words') ? [{ key: OWN_WORDS, name: 'your words' }, ...named] : named;
}

/** Readings of which none is sure enough, side by side: a digit takes one, nothing is taken silently. */
function Which({
  options,
  draftOf,
  names,
  onChoose,
}: {
  readonly options: readonly Option[];
  readonly draftOf: (at: number) => MarkDraft | undefined;
  readonly names: Names;
  readonly onChoose: (at: number) => void;
}) {
  const wordOf = useWordOf();
  return (
    <span className="which">
      <b>Which?</b>
      {options.map((option, at) => {
        const draft = draftOf(at);
        const words = draft && markWords({ ...draft, id: 'draft' } as Mark, names, wordOf);
        return (
          <button key={option.key} type="button" tabIndex={-1} onClick={() => onChoose(at)}>
            <kbd>{at + 1}</kbd>{' '}
            {words && option.key !== OWN_WORDS ? [words.who, words.what].filter(Boolean).join(' · ') : option.name}
          </button>
        );
      })}
    </span>
  );
}

function Understood({
  reading,
  draft,
  names,
  overridden,
}: {
  readonly reading: CallReading;
  readonly draft: MarkDraft | undefined;
  readonly names: Names;
  readonly overridden: boolean;
}) {
  const wordOf = useWordOf();
  const cautionOf = useCaution();
  if (!draft) return <span>Write what you would say.</span>;
  if (!reading.understood && !overridden && draft.kind === 'note' && !/^note\b/i.test(draft.note)) {
    return <span>{unreadWords(reading)}</span>;
  }
  const mark = { ...draft, id: 'draft' } as Mark;
  const words = markWords(mark, names, wordOf);
  const caution = cautionOf(mark);
  return (
    <span>
      {kindCalled(draft.kind).one}: <b>{[words.who, words.what].filter(Boolean).join(' · ')}</b>
      {words.how ? `, ${words.how}` : ''}
      {mark.kind !== 'note' && mark.note && !words.saysNote ? ` — ${mark.note}` : ''}
      {overridden ? null : <RemarkWords reading={reading} />}
      {caution ? <span className="problem"> · above their belt: {caution}</span> : null}
    </span>
  );
}

function RemarkWords({ reading }: { readonly reading: CallReading }) {
  const cause = tieWords(reading);
  const words = [sureness(reading.confidence), ...reading.remarks.map(remarkText)].filter(Boolean);
  return words.length > 0 || cause ? (
    <span className="remark">
      {cause} {words.map((one) => `· ${one} `)}
    </span>
  ) : null;
}

const pickTies = ({ causeId, finishesId, furthersId, endsRound }: CallReading): CallTies => ({
  ...{ causeId, finishesId, furthersId, endsRound },
});

export const textOfMark = (mark: Mark, names: Names): string =>
  phraseMark(mark, { a: names.a.toLowerCase(), b: names.b.toLowerCase() });
