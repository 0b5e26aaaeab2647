'use client';

import Link from 'next/link';
import { type RefObject, useEffect, useRef } from 'react';
import { styled } from 'styled-components';
import { formatClock } from '@/core/clock';
import type { ReelEdit, SavedPiece } from '@/core/reel';
import { dayWords } from '@/terms/dayWords';
import { Row } from '@/ui/layout/Page';
import { Button, Checkbox } from '@/ui/primitives';
import { color, size, space } from '@/ui/tokens/tokens';
import type { ReelPiece } from './reelPiece';

const Item = styled.li`
  border-left: 3px solid transparent; font-size: ${size.small};
  &[data-current] { border-left-color: ${color.focus}; background: ${color.focusWash}; }
  > button { display: grid; grid-template-columns: 26px minmax(0, 1fr) auto; gap: 0 ${space(2)}; width: 100%; text-align: left; background: none; border: 0; color: ${color.ink}; font: inherit; padding: ${space(2)} ${space(3)}; cursor: pointer; }
  > button:hover { background: ${color.raised}; }
  .number, .lasts { color: ${color.quiet}; font-variant-numeric: lining-nums tabular-nums; text-align: right; }
  .words { grid-column: 2 / -1; color: ${color.quiet}; }
  .edit { display: flex; flex-direction: column; gap: ${space(2)}; padding: 0 ${space(3)} ${space(3)} 46px; }
  textarea { width: 100%; background: ${color.raised}; color: ${color.ink}; border: 0; border-bottom: 1px solid ${color.strongRule}; font: inherit; padding: ${space(1)} ${space(2)}; field-sizing: content; min-height: 34px; resize: none; }
  select, .edit input[type='number'] { background: ${color.raised}; color: ${color.ink}; border: 0; border-bottom: 1px solid ${color.strongRule}; font: inherit; height: 30px; }
  .edit input[type='number'] { width: 62px; padding: 0 ${space(1)}; }
  label.line { display: flex; gap: ${space(2)}; align-items: center; }
`;

const speeds = [0.25, 0.5, 0.75, 1, 1.5, 2] as const;

type Edit = ReelEdit extends infer One ? (One extends { readonly at: number } ? Omit<One, 'at'> : never) : never;

export interface PieceEditorProps {
  readonly number: number;
  readonly piece: ReelPiece & { readonly lasts: number };
  readonly saved: SavedPiece | undefined;
  readonly isCurrent: boolean;
  /** Where it is looked at beside the next moment of the reel; absent where one of the two was not filmed. */
  readonly beside?: string;
  readonly captionField: RefObject<HTMLTextAreaElement | null>;
  readonly onGo: () => void;
  readonly onEdit: (edit: Edit) => void;
}

/** A moment in the list of a reel; the one that is looked at opens to be changed. */
export function PieceEditor(props: PieceEditorProps) {
  const { number, piece, saved, isCurrent, beside, captionField, onGo, onEdit } = props;
  const item = useRef<HTMLLIElement>(null);
  useEffect(() => {
    if (isCurrent) item.current?.scrollIntoView({ block: 'nearest' });
  }, [isCurrent]);
  return (
    <Item ref={item} data-current={isCurrent || undefined}>
      <button type="button" aria-current={isCurrent || undefined} onClick={onGo}>
        <span className="number">{number}</span>
        <span>
          {dayWords(piece.heldOn)}, {formatClock(piece.roundSeconds)}, {piece.names[0]} with {piece.names[1]}
        </span>
        <span className="lasts">{piece.lasts.toFixed(1)} s</span>
        <span className="words">
          {saved?.caption || piece.words}
          {piece.footage ? '' : ' · not filmed'}
        </span>
      </button>
      {isCurrent && saved ? (
        <div className="edit">
          <textarea
            ref={captionField}
            aria-label="What stands below (R)"
            placeholder="What stands below (R)"
            maxLength={300}
            rows={1}
            value={saved.caption}
            onChange={(event) => onEdit({ edit: 'change', change: { caption: event.target.value } })}
            onKeyDown={(event) => event.key === 'Escape' && event.currentTarget.blur()}
          />
          <Row>
            <label className="line">
              Speed
              <select
                value={String(saved.speed)}
                onChange={(event) => onEdit({ edit: 'change', change: { speed: Number(event.target.value) } })}
              >
                {[...new Set([...speeds, saved.speed])].sort().map((speed) => (
                  <option key={speed} value={String(speed)}>
                    {speed}×
                  </option>
                ))}
              </select>
            </label>
            <Checkbox isSelected={saved.sound} onChange={(sound) => onEdit({ edit: 'change', change: { sound } })}>
              Sound
            </Checkbox>
            <Checkbox
              isSelected={saved.reading}
              onChange={(reading) => onEdit({ edit: 'change', change: { reading } })}
            >
              Score and tide
            </Checkbox>
          </Row>
          {saved.freezes.map((freeze, at) => (
            <Row key={freeze.fromMoment}>
              <label className="line">
                Stands still {freezeWords(freeze.fromMoment)}
                <input
                  type="number"
                  min={0.5}
                  max={20}
                  step={0.5}
                  value={freeze.forSeconds}
                  onChange={(event) =>
                    onEdit({ edit: 'stop-for', freeze: at, forSeconds: Number(event.target.value) || 0.5 })
                  }
                />
                s
              </label>
              <Button
                look="plain"
                onPress={() => onEdit({ edit: 'go-on', freeze: at })}
                aria-label="Does not stand still there"
              >
                ×
              </Button>
            </Row>
          ))}
          <Row>
            <Button onPress={() => onEdit({ edit: 'move', by: -1 })} aria-label="Earlier in the reel">
              ↑
            </Button>
            <Button onPress={() => onEdit({ edit: 'move', by: 1 })} aria-label="Later in the reel">
              ↓
            </Button>
            <Button look="plain" onPress={() => onEdit({ edit: 'drop' })}>
              Leave it out
            </Button>
            {beside ? <Link href={beside}>Beside the next</Link> : null}
          </Row>
        </div>
      ) : null}
    </Item>
  );
}

const freezeWords = (fromMoment: number): string => {
  if (Math.abs(fromMoment) < 0.05) return 'at the moment';
  return fromMoment < 0 ? `${(-fromMoment).toFixed(1)} s before` : `${fromMoment.toFixed(1)} s after`;
};
