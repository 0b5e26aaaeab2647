'use client';

import { Fragment, useEffect, useRef } from 'react';
import { styled } from 'styled-components';
import { formatClock } from '@/core/clock';
import { type Athlete, type Mark, swapAthletes } from '@/core/round';
import { useWordOf } from '@/terms/HouseContext';
import { Button, FileDrop } from '@/ui/primitives';
import { color, font, size, space } from '@/ui/tokens/tokens';
import { MarkSign } from '../../MarkSign';
import { markWords, type Names } from '../../reviewView';
import type { CommentaryAction, CommentaryWork } from './commentaryState';
import { namesNobody, otherText, type ProposalLine, remarkSentence, surenessOf, tieWords } from './commentaryView';

const Panel = styled.section`
  display: flex; flex-direction: column; min-height: 0; flex: 1; outline: none;
  header { padding: ${space(3)} ${space(4)} ${space(2)}; border-bottom: 1px solid ${color.rule}; display: flex; flex-direction: column; gap: ${space(1.5)}; }
  header h2 { font-family: ${font.serif}; font-size: ${size.large}; font-weight: 500; }
  .quiet { color: ${color.quiet}; font-size: ${size.small}; }
  .trouble { color: ${color.harm}; font-size: ${size.small}; padding: ${space(3)} ${space(4)}; }
  .row { display: flex; gap: ${space(3)}; align-items: center; flex-wrap: wrap; font-size: ${size.small}; }
  .row button { min-height: 26px; padding: 0 ${space(2)}; font-size: ${size.small}; }
  details p { margin: ${space(1)} 0 0; }
  summary { cursor: pointer; }
  kbd { font: inherit; border: 1px solid ${color.rule}; padding: 0 5px; border-radius: 2px; font-size: ${size.small}; color: ${color.quiet}; }
  .who[data-athlete='a'] { color: ${color.focusText}; }
  .who[data-athlete='b'] { color: ${color.other}; }
`;

const List = styled.ol`
  list-style: none; margin: 0; padding: ${space(1)} 0 ${space(6)}; overflow-y: auto; flex: 1; min-height: 0;
`;
const Line = styled.li`
  display: grid; grid-template-columns: 46px minmax(0, 1fr); padding-right: ${space(3)}; cursor: pointer; content-visibility: auto; contain-intrinsic-size: auto 48px;
  .at { text-align: right; padding: ${space(1)} ${space(2)} 0 0; color: ${color.quiet}; font-size: ${size.small}; border-right: 1px solid ${color.rule}; line-height: 22px; }
  .matter { padding: ${space(1)} 0 ${space(1)} ${space(2)}; line-height: 20px; }
  .mark { display: flex; gap: ${space(1.5)}; align-items: flex-start; }
  .quote { font-family: ${font.serif}; font-style: italic; color: ${color.quiet}; font-size: 14.5px; }
  &[aria-selected='true'] { background: ${color.focusWash}; }
  &[data-state='dropped'] .what, &[data-state='marked'] .what, &[data-state='outside'] .what { color: ${color.quiet}; }
  &[data-state='dropped'] .what { text-decoration: line-through; }
  .others { color: ${color.quiet}; font-size: ${size.small}; gap: ${space(1)} ${space(3)}; }
  .state { margin-left: auto; font-size: ${size.small}; color: ${color.quiet}; white-space: nowrap; }
  &[data-state='accepted'] .state { color: ${color.good}; }
`;

const Head = styled.li`
  padding: ${space(2)} ${space(4)} 0 54px; font-size: ${size.small}; color: ${color.quiet}; font-family: ${font.serif}; font-style: italic;
  button { min-height: 24px; padding: 0; font-size: ${size.small}; }
`;

const surenessWords = {
  sure: 'Sure: most such cards were right',
  likely: 'Likely',
  unsure: 'Unsure: look before you mark',
} as const;

export interface CommentaryPanelProps {
  readonly work: CommentaryWork | undefined;
  /** A long talk is still being read. */
  readonly isReading: boolean;
  readonly problem: string | undefined;
  readonly lines: readonly ProposalLine[];
  /** Those that are gone through, in their order. */
  readonly shown: readonly ProposalLine[];
  readonly withUnsure: boolean;
  readonly inEnglish: boolean;
  readonly open: readonly number[];
  readonly names: Names;
  readonly startSeconds: number;
  readonly onRead: (file: File) => void;
  readonly onAct: (action: CommentaryAction) => void;
  readonly onAccept: (lines: readonly ProposalLine[]) => void;
  readonly onDrop: (line: ProposalLine) => void;
  readonly onCorrect: (line: ProposalLine) => void;
  readonly onTakeBack: () => void;
  readonly onLook: (line: ProposalLine) => void;
  readonly onUnsure: () => void;
  /** Talks that were recorded here, and the recorder. */
  readonly talkRows?: React.ReactNode;
  readonly onLeave: () => void;
  readonly onForget: () => void;
}

const stateWords = {
  accepted: 'marked',
  dropped: 'dropped',
  marked: 'in the ledger',
  outside: 'outside the round',
} as const;

const stateOf = (line: ProposalLine): keyof typeof stateWords | undefined =>
  line.decision ?? (line.outside ? 'outside' : line.marked ? 'marked' : undefined);

/** The proposals of a spoken commentary, gone through by keyboard. */
export function CommentaryPanel(props: CommentaryPanelProps) {
  const { work, problem, lines, open, names, onRead, onAct, onLeave, onForget } = props;
  const panel = useRef<HTMLElement>(null);
  const hasWork = work !== undefined;
  // biome-ignore lint/correctness/useExhaustiveDependencies: the keys belong to the panel as soon as there is something to decide
  useEffect(() => panel.current?.focus({ preventScroll: true }), [hasWork]);
  const remarks = work ? remarkSentence(work.remarks) : undefined;
  return (
    <Panel
      ref={panel}
      tabIndex={-1}
      data-own-keys="arrowdown arrowup enter x delete e w a s u z 2 3 4 [ ] h escape"
      aria-label="Spoken commentary"
      onKeyDown={(event) => press(event, props)}
    >
      {work ? (
        <>
          <header>
            <div className="row">
              <h2>{work.fileName}</h2>
              <span className="quiet" role="status">
                {props.isReading ? 'reading the talk …' : `${open.length} to decide of ${props.shown.length}`}
              </span>
              <Button look="plain" onPress={onLeave} style={{ marginLeft: 'auto' }}>
                To the ledger
              </Button>
            </div>
            <WhoRow
              asks="Spoken by"
              nobody="somebody else"
              chosen={work.speaks}
              names={names}
              onChoose={(athlete) => onAct({ kind: 'speaks', athlete })}
            />
            {work.speaks ? null : (
              <WhoRow
                asks="“You” is"
                nobody="who was just named"
                chosen={work.you}
                names={names}
                onChoose={(athlete) => onAct({ kind: 'you', athlete })}
              />
            )}
            <div className="row quiet">
              <span>
                <kbd>Enter</kbd> marks · <kbd>X</kbd> drops · <kbd>E</kbd> corrects · <kbd>W</kbd> the other one ·{' '}
                <kbd>S</kbd> all sure ones · <kbd>Z</kbd> back
              </span>
            </div>
            <details>
              <summary className="quiet">More keys; {tieWords(work)}</summary>
              <p className="quiet">
                <kbd>2</kbd>–<kbd>4</kbd> another reading · <kbd>A</kbd> all of its kind · <kbd>U</kbd>{' '}
                {props.withUnsure ? 'folds the unsure' : 'unfolds the unsure'} · <kbd>[</kbd> <kbd>]</kbd> a second
                earlier or later · <kbd>H</kbd> the footage stood here 5 s
              </p>
            </details>
            {remarks ? <div className="quiet">{remarks}</div> : null}
            {props.inEnglish ? null : (
              <div className="quiet" role="alert">
                These words do not look English: nothing is proposed. The reader knows English only; bring a translation
                with the same times, or mark by hand.
              </div>
            )}
            {namesNobody(lines) ? (
              <div className="quiet">
                These words hardly ever name {names.a} or {names.b}. Is this the right round?
              </div>
            ) : null}
            {lines.some((line) => line.outside) ? (
              <div className="quiet">
                {lines.filter((line) => line.outside).length} lie outside the round: move the commentary with [ and ].
              </div>
            ) : null}
          </header>
          <Lines {...props} work={work} />
          <div style={{ padding: '8px 16px', display: 'flex', flexDirection: 'column', gap: 8 }}>
            {props.talkRows}
            <Button
              look="plain"
              onPress={onForget}
              style={{ alignSelf: 'flex-start', fontSize: 14, minHeight: 24, padding: 0 }}
            >
              Put this commentary away
            </Button>
          </div>
        </>
      ) : (
        <div style={{ padding: 16, display: 'flex', flexDirection: 'column', gap: 12 }}>
          <FileDrop
            words="Drop a spoken commentary"
            hint="WebVTT, SRT, lines like “[2:05] ana passes”, or a table (CSV) with a time and words in each row. Nothing is marked before you say so."
            choose="Choose a file"
            accept={[
              '.vtt',
              '.srt',
              '.txt',
              '.csv',
              '.tsv',
              'text/vtt',
              'text/plain',
              'text/csv',
              'application/x-subrip',
            ]}
            onFiles={(files) => files[0] && onRead(files[0])}
          />
          {props.talkRows}
          <Button look="plain" onPress={onLeave}>
            Back to the ledger
          </Button>
        </div>
      )}
      {problem ? (
        <p className="trouble" role="alert">
          {problem}
        </p>
      ) : null}
    </Panel>
  );
}

/** Which of the two somebody in the talk is, or neither. */
function WhoRow({
  asks,
  nobody,
  chosen,
  names,
  onChoose,
}: {
  readonly asks: string;
  readonly nobody: string;
  readonly chosen: Athlete | undefined;
  readonly names: Names;
  readonly onChoose: (athlete: Athlete | undefined) => void;
}) {
  return (
    <div className="row">
      <span>{asks}</span>
      {([undefined, 'a', 'b'] as const).map((athlete) => (
        <Button
          key={athlete ?? nobody}
          aria-pressed={chosen === athlete}
          look={chosen === athlete ? 'lead' : 'quiet'}
          onPress={() => onChoose(athlete)}
        >
          {athlete ? names[athlete] : nobody}
        </Button>
      ))}
    </div>
  );
}

function Lines({
  work,
  lines,
  shown: cards,
  withUnsure,
  onUnsure,
  names,
  startSeconds,
  onAct,
  onLook,
}: CommentaryPanelProps & { readonly work: CommentaryWork }) {
  const wordOf = useWordOf();
  const shown = useRef<HTMLLIElement>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: a new choice is what scrolls
  useEffect(() => {
    void shown.current?.scrollIntoView?.({ block: 'nearest' });
  }, [work.selected]);
  const folded = lines.length - cards.length;
  if (lines.length === 0)
    return (
      <p className="trouble">Nothing in these words could be read as a mark. They are untouched; the ledger is too.</p>
    );
  return (
    <List role="listbox" aria-label="Proposed marks">
      {cards.map((line, at) => {
        const sureness = surenessOf(line);
        const begins = at === 0 || surenessOf(cards[at - 1]!) !== sureness;
        const words = markWords({ ...line.draft, id: 'proposal' } as Mark, names, wordOf);
        const state = stateOf(line);
        const isSelected = line.place === work.selected;
        return (
          <Fragment key={line.place}>
            {begins ? <Head role="presentation">{surenessWords[sureness]}</Head> : null}
            <Line
              ref={isSelected ? shown : undefined}
              role="option"
              tabIndex={-1}
              aria-selected={isSelected}
              data-state={state}
              data-kind={line.draft.kind}
              onClick={() => {
                onAct({ kind: 'move', to: line.place });
                onLook(line);
              }}
            >
              <span className="at">{formatClock(Math.max(0, line.draft.atSeconds - startSeconds))}</span>
              <span className="matter">
                <span className="mark">
                  <MarkSign mark={{ ...line.draft, id: 'proposal' } as Mark} />
                  <span>
                    {words.who ? (
                      <span className="who" data-athlete={words.athlete}>
                        {words.who}
                        {line.proposal.sureWho ? '' : ' (?)'}{' '}
                      </span>
                    ) : null}
                    <span className="what">{words.what}</span>
                    {words.how ? <span className="quiet"> · {words.how}</span> : null}
                  </span>
                  {state ? <span className="state">{stateWords[state]}</span> : null}
                </span>
                {line.proposal.words === line.draft.note ? null : (
                  <span className="quote">“{line.proposal.words}”</span>
                )}
                {isSelected && !state ? <Others line={line} names={names} /> : null}
              </span>
            </Line>
          </Fragment>
        );
      })}
      {folded > 0 || withUnsure ? (
        <Head role="presentation">
          <Button look="plain" onPress={onUnsure}>
            {withUnsure ? 'Fold the unsure ones' : `${folded} more, unsure`}
          </Button>
        </Head>
      ) : null}
    </List>
  );
}

/** What else the words may mean: a digit marks that instead. */
function Others({ line, names }: { readonly line: ProposalLine; readonly names: Names }) {
  const wordOf = useWordOf();
  const { others = [] } = line.proposal;
  if (others.length === 0) return null;
  return (
    <span className="row others">
      {others.slice(0, 3).map((draft, at) => {
        const text = otherText(draft, markWords({ ...draft, id: 'other' } as Mark, names, wordOf).what);
        return (
          <span key={text}>
            <kbd>{at + 2}</kbd> {text}
          </span>
        );
      })}
    </span>
  );
}

const STANDING_SECONDS = 5;

/** The keys of the panel. What it takes, the round's own keys do not get. */
function press(event: React.KeyboardEvent, props: CommentaryPanelProps): void {
  const { work, lines, shown, open, onAct, onAccept, onDrop, onCorrect, onTakeBack, onLook, onLeave, onUnsure } = props;
  if (event.ctrlKey || event.metaKey || event.altKey) return;
  const line = work ? lines[work.selected] : undefined;
  const move = (by: 1 | -1) => {
    if (!work) return;
    const now = shown.findIndex((one) => one.place === work.selected);
    const to = shown[Math.min(shown.length - 1, Math.max(0, now + by))];
    if (!to) return;
    onAct({ kind: 'move', to: to.place });
    onLook(to);
  };
  const free = line && !line.decision && !line.outside;
  const keys: Record<string, () => void> = {
    arrowdown: () => move(1),
    arrowup: () => move(-1),
    enter: () => free && onAccept([line]),
    x: () => line && !line.decision && onDrop(line),
    delete: () => line && !line.decision && onDrop(line),
    e: () => free && onCorrect(line),
    w: () => free && onAccept([{ ...line, draft: swapped(line) }]),
    a: () => line && onAccept(lines.filter((one) => open.includes(one.place) && one.draft.kind === line.draft.kind)),
    s: () => onAccept(lines.filter((one) => open.includes(one.place) && surenessOf(one) === 'sure')),
    u: onUnsure,
    z: onTakeBack,
    ...Object.fromEntries(['2', '3', '4'].map((digit, at) => [digit, () => free && acceptOther(line, at, onAccept)])),
    '[': () => onAct({ kind: 'shift', seconds: -1 }),
    ']': () => onAct({ kind: 'shift', seconds: 1 }),
    h: () => line && onAct({ kind: 'pause', atSeconds: line.proposal.saidAtSeconds, seconds: STANDING_SECONDS }),
    escape: onLeave,
  };
  const key = event.key.toLowerCase();
  if (!work && key !== 'escape') return;
  if (event.target instanceof HTMLElement && event.target.closest('button') && (key === 'enter' || key === ' ')) return;
  if (!Object.hasOwn(keys, key)) return;
  event.preventDefault();
  event.stopPropagation();
  keys[key]!();
}

function acceptOther(line: ProposalLine, at: number, onAccept: CommentaryPanelProps['onAccept']): void {
  const other = line.proposal.others?.[at];
  if (other) onAccept([{ ...line, draft: { ...other, atSeconds: line.draft.atSeconds } }]);
}

/** The same mark for the other athlete: for when the words did not say who was meant. */
const swapped = (line: ProposalLine): ProposalLine['draft'] => {
  const { id: _id, ...draft } = swapAthletes({ ...line.draft, id: '' } as Mark);
  return draft as ProposalLine['draft'];
};
