'use client';

import { memo, useEffect, useRef } from 'react';
import { styled } from 'styled-components';
import type { Contradiction, Damage, Mark } from '@/core/round';
import { useWordOf } from '@/terms/HouseContext';
import { color, font, size, space } from '@/ui/tokens/tokens';
import { MarkSign } from './MarkSign';
import { contradictionText, markWords, type Names } from './reviewView';

const List = styled.ol`
  list-style: none; margin: 0; padding: ${space(2)} 0 ${space(6)}; overflow-y: auto; flex: 1; min-height: 0;
`;
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
  &[data-now] .at { box-shadow: inset -3px 0 0 ${color.focus}; color: ${color.ink}; }
  &[aria-selected='true'] { background: ${color.focusWash}; }
  &[aria-selected='true'] .at { color: ${color.ink}; }
  .doubt { grid-column: 2; padding: 0 0 ${space(1)} ${space(2)}; color: ${color.focusText}; font-size: ${size.small}; }
  .cost { white-space: nowrap; }
`;

export interface LedgerProps {
  readonly outline: readonly { readonly mark: Mark; readonly depth: number }[];
  /** How the moment of a mark is written: in the time of the round, of the file, or of a clock. */
  readonly timeOf: (mediaSeconds: number) => string;
  readonly names: Names;
  readonly selectedId?: string;
  /** The last mark at or before the moment that is looked at. */
  readonly currentId?: string;
  readonly linkingFromId?: string;
  readonly contradictions: readonly Contradiction[];
  readonly damage: ReadonlyMap<string, Damage>;
  readonly onSelect: (mark: Mark) => void;
}

export const Ledger = memo(function Ledger({
  outline,
  timeOf,
  names,
  selectedId,
  currentId,
  linkingFromId,
  contradictions,
  damage,
  onSelect,
}: LedgerProps) {
  const wordOf = useWordOf();
  const shown = useRef<HTMLLIElement>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: a new choice, a new mark or a new moment is what scrolls
  useEffect(() => {
    // Newer browsers answer with a promise, which must not become the effect's clean-up.
    void shown.current?.scrollIntoView?.({ block: 'nearest' });
  }, [selectedId, currentId, outline.length]);
  return (
    <List role="listbox" aria-label="Marks of the round">
      {outline.map(({ mark, depth }) => {
        const words = markWords(mark, names, wordOf);
        const doubts = contradictions.filter((one) => one.markIds[0] === mark.id);
        const cost = damage.get(mark.id);
        const isSelected = mark.id === selectedId;
        const isShown = mark.id === (currentId ?? selectedId);
        return (
          <Line
            key={mark.id}
            ref={isShown ? shown : undefined}
            role="option"
            tabIndex={-1}
            aria-selected={isSelected}
            data-now={mark.id === currentId || undefined}
            data-kind={mark.kind}
            data-mark={mark.kind}
            onClick={() => onSelect(mark)}
          >
            <span className="at">{timeOf(mark.atSeconds)}</span>
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
                {cost && cost.total >= 0.5 ? (
                  <span
                    className="how cost"
                    title="Points given away, plus better placement lost, per minute; 8 for a tap"
                  >
                    {' '}
                    · cost {cost.total.toFixed(1)}
                  </span>
                ) : null}
                {mark.kind !== 'note' && mark.note ? <span className="note"> — {mark.note}</span> : null}
                {mark.id === linkingFromId ? <strong> led to …</strong> : null}
              </span>
            </span>
            {doubts.map((one) => (
              <span key={one.code} className="doubt">
                ⚠ {words.who ?? ''} {contradictionText(one)}
              </span>
            ))}
          </Line>
        );
      })}
    </List>
  );
});
