'use client';

import Link from 'next/link';
import { useMemo } from 'react';
import { styled } from 'styled-components';
import { AddByName } from '@/forms/AddByName';
import { color, size, space } from '@/ui/tokens/tokens';
import { type Moments, momentAddress } from './moments';

/** Moments of one clip. @source own decision: more than three are not looked at */
const MOST_SHOWN = 3;

const Box = styled.div`
  display: grid; grid-template-columns: minmax(0, 1fr) 220px; gap: ${space(4)}; align-items: end; margin-top: ${space(2)};
  ul { list-style: none; margin: 0; padding: 0; display: flex; flex-wrap: wrap; gap: ${space(2)}; }
  li { display: inline-flex; align-items: center; border: 1px solid ${color.rule}; background: ${color.raised}; }
  li[data-clip] { border-color: ${color.focus}; }
  li a { padding: ${space(1)} ${space(1)} ${space(1)} ${space(2)}; }
  li button { border: 0; background: none; color: ${color.quiet}; cursor: pointer; padding: ${space(1)} ${space(2)}; font: inherit; }
  p { margin: 0; color: ${color.quiet}; font-size: ${size.small}; grid-column: 1 / -1; }
  @media (max-width: 860px) { grid-template-columns: 1fr; }
`;

export interface MomentsFieldProps {
  /** What the moments are of, for readers of the page's names. */
  readonly of: string;
  readonly markIds: readonly string[];
  readonly evidence: Moments;
  readonly onChange: (markIds: string[]) => void;
}

/** The moments that something rests on, each opening there, to be left out and added; the first filmed ones are its clip. */
export function MomentsField({ of, markIds, evidence, onChange }: MomentsFieldProps) {
  const found = markIds.flatMap((id) => evidence[id] ?? []);
  const filmed = found.filter((one) => one.filmed);
  const inClip = new Set(filmed.slice(0, MOST_SHOWN));
  const options = useMemo(
    () =>
      Object.values(evidence)
        .filter((one) => !markIds.includes(one.markId))
        .map((one) => ({ id: one.markId, name: `${one.at} ${one.words}` })),
    [evidence, markIds],
  );
  return (
    <Box>
      <ul aria-label={`Moments: ${of}`}>
        {found.map((moment) => (
          <li key={moment.markId} data-clip={inClip.has(moment) || undefined}>
            <Link href={momentAddress(moment)} title={moment.words}>
              ▸ {moment.at}
            </Link>
            <button
              type="button"
              aria-label={`Leave out ${moment.at}`}
              onClick={() => onChange(markIds.filter((id) => id !== moment.markId))}
            >
              ×
            </button>
          </li>
        ))}
      </ul>
      <AddByName
        label="Add a moment"
        placeholder="a time, a word"
        options={options}
        onChoose={(id) => onChange([id, ...markIds])}
      />
      <p>{clipWords(found.length, filmed.length)}</p>
    </Box>
  );
}

function clipWords(found: number, filmed: number): string {
  if (found === 0) return 'Without a moment there is no clip.';
  if (filmed === 0) return 'Not filmed: there is no clip.';
  if (filmed > MOST_SHOWN) return `The first ${MOST_SHOWN} that are filmed are its clip.`;
  return filmed === 1 ? 'It is the clip.' : 'They are the clip.';
}
