'use client';

import { memo, useSyncExternalStore } from 'react';
import { styled } from 'styled-components';
import type { Contradiction, Mark } from '@/core/round';
import type { Store } from '@/session/store';
import { useWordOf } from '@/terms/HouseContext';
import { color, font, size, space } from '@/ui/tokens/tokens';
import { useCaution } from '../CautionContext';
import { MarkSign } from '../MarkSign';
import { contradictionText, markWords, type Names } from '../reviewView';
import type { LinePlace } from './linePlace';

const Line = styled.li`
  display: grid; grid-template-columns: 46px minmax(0, 1fr); cursor: pointer; padding-right: ${space(3)}; content-visibility: auto; contain-intrinsic-size: auto 26px;
  .at { text-align: right; padding: 2px ${space(2)} 2px 0; color: ${color.quiet}; font-size: ${size.small}; border-right: 1px solid ${color.rule}; line-height: 22px; }
  .matter { display: flex; gap: ${space(1.5)}; align-items: flex-start; padding: 2px 0 2px ${space(2)}; line-height: 22px; }
  .matter svg { margin-top: 3px; }
  .stem { border-left: 1px solid ${color.strongRule}; border-bottom: 1px solid ${color.strongRule}; width: 10px; height: 12px; flex: none; }
  .who { color: ${color.quiet}; }
  .who[data-athlete='a'] { color: ${color.focusText}; }
  .who[data-athlete='b'] { color: ${color.other}; }
  .how { color: ${color.quiet}; }
  .how[data-harm] { color: ${color.harm}; }
  .note { font-family: ${font.serif}; font-style: italic; color: ${color.quiet}; }
  &[data-kind='position'] .what { font-family: ${font.serif}; font-size: 17px; }
  .at[data-now] { box-shadow: inset -3px 0 0 ${color.focus}; color: ${color.ink}; }
  &[aria-selected='true'] { background: ${color.focusWash}; }
  &[aria-selected='true'] .at { color: ${color.ink}; }
  .doubt { grid-column: 2; padding: 0 0 ${space(1)} ${space(2)}; color: ${color.focusText}; font-size: ${size.small}; }
  .cost { white-space: nowrap; }
`;

export interface LedgerLineProps {
  readonly mark: Mark;
  readonly depth: number;
  readonly at: string;
  readonly names: Names;
  readonly selected: boolean;
  /** Which mark is the last one at or before the moment that is looked at. */
  readonly now: Store<string | undefined>;
  readonly linking: boolean;
  readonly doubts: readonly Contradiction[] | undefined;
  /** What hangs from it cost; undefined for next to nothing. */
  readonly cost: number | undefined;
  /** `more` chooses it besides what is chosen already. */
  /** In a long ledger, where the line lies. */
  readonly place?: LinePlace;
  readonly onSelect: (mark: Mark, more: boolean) => void;
}

/** One mark in the ledger. It renders anew only when something of its own changes, so that long ledgers stay quick. */
export const LedgerLine = memo(function LedgerLine(props: LedgerLineProps) {
  const { mark, depth, at, names, selected, now, linking, doubts, cost, place, onSelect } = props;
  const wordOf = useWordOf();
  const words = markWords(mark, names, wordOf);
  const caution = useCaution()(mark);
  return (
    <Line
      ref={place?.measure}
      data-index={place?.index}
      aria-posinset={place && place.index + 1}
      aria-setsize={place?.of}
      style={place && { position: 'absolute', top: 0, left: 0, right: 0, transform: `translateY(${place.top}px)` }}
      role="option"
      tabIndex={-1}
      aria-selected={selected}
      data-kind={mark.kind}
      data-mark={mark.kind}
      onClick={(event) => onSelect(mark, event.shiftKey || event.ctrlKey || event.metaKey)}
    >
      <LineTime markId={mark.id} at={at} now={now} />
      <span className="matter" style={{ paddingLeft: 8 + depth * 16 }}>
        {depth > 0 ? <span className="stem" aria-hidden /> : null}
        <MarkSign mark={mark} />
        <span>
          {words.who ? (
            <span className="who" data-athlete={words.athlete}>
              {words.who}{' '}
            </span>
          ) : null}
          <span className="what">{mark.kind === 'position' && words.who ? `· ${words.what}` : words.what}</span>
          {words.how ? (
            <span className="how" data-harm={mark.kind === 'error' && mark.punished === 'yes' ? true : undefined}>
              {' '}
              · {words.how}
            </span>
          ) : null}
          {caution ? (
            <span className="how" data-harm title={caution}>
              {' '}
              · above their belt
            </span>
          ) : null}
          {cost !== undefined ? (
            <span className="how cost" title="Points given away, plus better placement lost, per minute; 8 for a tap">
              {' '}
              · cost {cost.toFixed(1)}
            </span>
          ) : null}
          {mark.kind !== 'note' && mark.note && !words.saysNote ? <span className="note"> — {mark.note}</span> : null}
          {mark.drawing ? <span className="how"> · drawn on</span> : null}
          {linking ? <strong> led to …</strong> : null}
        </span>
      </span>
      {doubts?.map((one) => (
        <span key={one.code} className="doubt">
          ⚠ {words.who ?? ''} {contradictionText(one)}
        </span>
      ))}
    </Line>
  );
}, samePlaces);

/** The time of a line; lit while the moment that is looked at is at its mark. It watches that by itself: the rest of the line stays as it is. */
function LineTime({
  markId,
  at,
  now,
}: {
  readonly markId: string;
  readonly at: string;
  readonly now: LedgerLineProps['now'];
}) {
  const isNow = useSyncExternalStore(
    now.subscribe,
    () => now.get() === markId,
    () => false,
  );
  return (
    <span className="at" data-now={isNow || undefined}>
      {at}
    </span>
  );
}

/** A place is made anew with each scroll: it is the same when the line stays where it was. */
function samePlaces(before: LedgerLineProps, after: LedgerLineProps): boolean {
  const keys = Object.keys({ ...before, ...after }) as (keyof LedgerLineProps)[];
  return keys.every((key) =>
    key === 'place'
      ? before.place?.top === after.place?.top &&
        before.place?.of === after.place?.of &&
        before.place?.index === after.place?.index
      : Object.is(before[key], after[key]),
  );
}
