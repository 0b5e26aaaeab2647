'use client';

import Link from 'next/link';
import { styled } from 'styled-components';
import { formatClock } from '@/core/clock';
import type { MarkLine } from '@/core/search';
import { markAddress, reelAddress } from '@/terms/addresses';
import { dayWords } from '@/terms/dayWords';
import { ActionLink, Quiet, Section } from '@/ui/layout/Page';
import { PieceFoot, type PieceFootProps } from '@/ui/layout/PieceFoot';
import { color, size, space } from '@/ui/tokens/tokens';

const Shelf = styled.ol`
  list-style: none; margin: ${space(3)} 0 0; padding: 0; display: grid; grid-template-columns: repeat(auto-fill, minmax(280px, 1fr)); gap: ${space(3)} ${space(6)};
  li { display: grid; grid-template-columns: 112px minmax(0, 1fr); gap: ${space(3)}; align-items: start; font-size: ${size.small}; }
  .still { width: 112px; aspect-ratio: 16 / 9; background: ${color.sunken}; display: grid; place-items: center; color: ${color.quiet}; overflow: hidden; }
  .still img { width: 100%; height: 100%; object-fit: cover; display: block; }
  .words { font-size: ${size.body}; line-height: 1.25; display: block; }
`;

export interface MomentsProps {
  readonly title: string;
  readonly lines: readonly MarkLine[];
  readonly foot: PieceFootProps;
  /** What was asked, as the title of the reel. */
  readonly text: string;
  /** The page of this search. */
  readonly address: string;
  /** Those that were followed by what the question asks for; absent where it does not ask. */
  readonly followedIds?: readonly string[];
}

/** What was found on the footage, newest first, each with a still where it was filmed; all play in a row. */
export function Moments({ title, lines, foot, text, address, followedIds }: MomentsProps) {
  if (lines.length === 0) return null;
  const filmed = lines.filter((line) => line.footageId !== undefined);
  return (
    <Section>
      <h2>{title}</h2>
      <div className="note">
        {foot.more ? `The newest ${lines.length} places` : lines.length === 1 ? 'One place' : `${lines.length} places`}{' '}
        on the footage, newest first.
      </div>
      <div className="matter">
        {filmed.length > 0 ? (
          <ActionLink
            href={reelAddress({ title: text, moments: lines.map(({ markId }) => ({ markId })), back: address })}
          >
            {filmed.length === 1 ? 'Play it' : `Play ${filmed.length} in a row`}
          </ActionLink>
        ) : null}
        <Shelf aria-label={title}>
          {lines.map((line) => (
            <li key={line.markId}>
              <Still line={line} />
              <div>
                <Link className="words" href={markAddress(line)}>
                  {line.words}
                </Link>
                {dayWords(line.heldOn)}, {formatClock(line.roundSeconds)}
                <br />
                <Quiet>
                  {line.a} with {line.b}, {line.uniform}
                  {followedIds ? `, ${followedIds.includes(line.markId) ? 'followed' : 'not followed'}` : ''}
                </Quiet>
              </div>
            </li>
          ))}
        </Shelf>
        <PieceFoot {...foot} />
      </div>
    </Section>
  );
}

function Still({ line }: { readonly line: MarkLine }) {
  if (line.footageId === undefined) return <span className="still">not filmed</span>;
  return (
    <Link className="still" href={markAddress(line)} tabIndex={-1} aria-hidden>
      {/* biome-ignore lint/performance/noImgElement: a still of the coach's own footage, made on the server and never optimised further */}
      <img
        src={`/api/footage/${line.footageId}/picture?at=${line.mediaSeconds.toFixed(1)}`}
        alt=""
        loading="lazy"
        width="112"
        height="63"
      />
    </Link>
  );
}
