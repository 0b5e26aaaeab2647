'use client';

import Link from 'next/link';
import { styled } from 'styled-components';
import { formatWeight, type WeightUnit } from '@/core/kernel';
import { weightGap } from '@/core/partner';
import type { Still } from '@/core/round';
import { type AnyBelt, beltCloth, beltWords } from '@/core/vocabulary';
import { endSecond } from '@/server/reviews/secondReviewActions';
import type { Keeping } from '@/sync/sender';
import { BalanceBeam } from '@/ui/charts/BalanceBeam';
import { FoldedBelt } from '@/ui/charts/FoldedBelt';
import { Owl } from '@/ui/layout/Owl';
import { color, font, size, space } from '@/ui/tokens/tokens';
import { isWaiting, keepWords } from './keepView';
import { Pace, type PaceProps } from './Pace';
import { StillPicture } from './panels/who/StillPicture';

const Bar = styled.header`
  display: flex; align-items: center; gap: ${space(4)}; height: 46px; padding: 0 ${space(4)}; border-bottom: 1px solid ${color.rule}; white-space: nowrap;
  .home { display: flex; }
  .athlete { display: flex; align-items: center; gap: ${space(2)}; font-family: ${font.serif}; font-size: ${size.large}; padding-bottom: 1px; border-bottom: 2px solid ${color.focus}; }
  .athlete + svg + .athlete, .athlete.other { border-color: ${color.other}; }
  .still { border: 0; padding: 0; background: none; cursor: pointer; display: flex; }
  .still img { height: 34px; width: 34px; object-fit: cover; }
  .quiet { color: ${color.quiet}; font-size: ${size.small}; }
  .end { margin-left: auto; min-width: 0; display: flex; gap: ${space(5)}; align-items: center; font-size: ${size.small}; }
  .facts { overflow: hidden; text-overflow: ellipsis; min-width: 0; }
  .keep { display: flex; gap: ${space(1.5)}; align-items: center; color: ${color.quiet}; }
  .keep[data-waits] { color: ${color.focusText}; font-weight: 600; }
`;

const TextButton = styled.button`
  background: none; border: 0; text-decoration: underline; cursor: pointer; padding: 0; color: inherit; font: inherit;
`;

export interface HeaderAthlete {
  readonly name: string;
  readonly personId: string;
  readonly division?: 'male' | 'female';
  readonly belt?: AnyBelt;
  readonly stripes: number;
  readonly weightKg?: number;
  readonly weightSource?: string;
  readonly toldApartBy: string;
}

export interface ReviewHeaderProps {
  readonly a: HeaderAthlete;
  readonly b: HeaderAthlete;
  readonly roundId: string;
  readonly facts: string;
  readonly unit: WeightUnit;
  readonly keeping: Keeping;
  readonly waiting: number;
  /** Whether a change of the round itself is under way to the server. */
  readonly isKeepingCard: boolean;
  readonly stills: Readonly<Partial<Record<'a' | 'b', Still>>>;
  readonly onWho: () => void;
  readonly onKeys: () => void;
  readonly onClosing: () => void;
  readonly pace: PaceProps;
  readonly second?: { readonly id: string };
  /** Why nothing of the round is shown to anybody but coaches. */
  readonly notShown?: string;
}

function Athlete({
  one,
  other,
  unit,
  still,
  onWho,
}: {
  readonly one: HeaderAthlete;
  readonly still: Still | undefined;
  readonly onWho: () => void;
  readonly other?: boolean;
  readonly unit: WeightUnit;
}) {
  return (
    <span className={other ? 'athlete other' : 'athlete'} title={one.toldApartBy}>
      {still ? (
        <button type="button" className="still" onClick={onWho} title="Who is who (W)">
          <StillPicture still={still} of="" side={34} />
        </button>
      ) : null}
      {one.name}
      <FoldedBelt {...beltCloth(one.belt)} stripes={one.stripes} label={beltWords(one.belt, one.stripes)} />
      {one.weightKg === undefined ? null : (
        <span className="quiet">
          {formatWeight(one.weightKg, unit)}
          {one.weightSource === 'estimated' ? ' (estimated)' : ''}
        </span>
      )}
    </span>
  );
}

export function ReviewHeader(props: ReviewHeaderProps) {
  const { a, b, roundId, facts, unit, stills, keeping, waiting, onWho, onKeys, onClosing, pace, second, notShown } =
    props;
  const gap = a.weightKg !== undefined && b.weightKg !== undefined ? weightGap(a.weightKg, b.weightKg) : undefined;
  const gapWords = gap ? `${Math.abs(gap.ratioOfLighter * 100).toFixed(0)} % of the lighter` : 'weight gap not known';
  return (
    <Bar>
      <Link href="/review" className="home" aria-label="Back to all rounds">
        <Owl size={26} />
      </Link>
      <Athlete one={a} unit={unit} still={stills.a} onWho={onWho} />
      <BalanceBeam lean={(gap?.ratioOfLighter ?? 0) / 0.5} label={`Weight gap: ${gapWords}`} size={46} />
      <Athlete one={b} unit={unit} still={stills.b} onWho={onWho} other />
      <span className="quiet">{gap ? gapWords : ''}</span>
      <div className="end">
        {notShown ? (
          <span className="keep" data-waits title={notShown}>
            Not to be shown
          </span>
        ) : null}
        <span className="quiet facts" title={facts}>
          {second ? 'Blind second review · ' : ''}
          {facts}
          <Pace {...pace} />
        </span>
        <span className="keep" data-waits={isWaiting(keeping) || undefined} role="status">
          {keepWords(keeping, waiting, props.isKeepingCard)}
        </span>
        <Link href="/search" title="Find (F)">
          Find
        </Link>
        <Link href={`/rounds/${roundId}/card`}>Card</Link>
        {second ? (
          <form action={() => void endSecond(roundId, second.id)}>
            <TextButton
              type="submit"
              disabled={waiting > 0}
              title={waiting > 0 ? 'The last marks are being kept' : undefined}
            >
              Done, compare
            </TextButton>
          </form>
        ) : (
          <Link
            href={`/rounds/${roundId}/closing`}
            title="Close the review (Shift Enter)"
            onNavigate={(event) => {
              event.preventDefault();
              onClosing();
            }}
          >
            Close
          </Link>
        )}
        <TextButton
          type="button"
          onClick={(event) => {
            // After the sheet Enter writes a call again, and does not open the sheet once more.
            event.currentTarget.blur();
            onKeys();
          }}
        >
          Keys
        </TextButton>
      </div>
    </Bar>
  );
}
