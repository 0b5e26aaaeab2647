'use client';

import { styled } from 'styled-components';
import { formatClock } from '@/core/clock';
import { color, font, size, space } from '@/ui/tokens/tokens';
import { Questions } from './questions/Questions';
import { ReviewPanel } from './ReviewPanel';
import { Troubles, Waiting } from './Troubles';
import type { ReviewDesk } from './useReviewActs';

const Right = styled.aside`
  border-left: 1px solid ${color.rule}; display: flex; flex-direction: column; min-height: 0;
  .start { padding: ${space(6)}; font-family: ${font.serif}; font-size: ${size.large}; color: ${color.quiet}; display: flex; flex-direction: column; gap: ${space(3)}; margin: 0; }
  .said { padding: ${space(2)} ${space(4)}; background: ${color.focusWash}; color: ${color.focusText}; font-size: ${size.small}; }
`;

/** The right side of a review: what is wrong, said or asked, then the ledger or the panel that is open. */
export function ReviewSide({ desk }: { readonly desk: ReviewDesk }) {
  const { marks, names, span, said, likelySwap, panel } = desk;
  const asks = panel === 'ledger' || desk.secondPass.on;
  return (
    <Right>
      <Waiting keeping={marks.keeping} pending={marks.state.pending} isSecond={desk.second !== undefined} />
      <Troubles
        conflicts={marks.state.conflicts}
        refusals={marks.state.refusals}
        names={names}
        onKeepTheirs={marks.keepTheirs}
        onUseMine={marks.useMine}
        onDropRefusal={marks.dropRefusal}
      />
      {said ? (
        <div className="said" role="status">
          {said}
        </div>
      ) : null}
      {likelySwap && panel === 'ledger' ? (
        <div className="said" role="status">
          Were the two taken for each other from {formatClock(likelySwap.fromSeconds - span.startSeconds)} on? W shows
          who is who.
        </div>
      ) : null}
      {asks ? <Questions desk={desk} /> : null}
      <ReviewPanel desk={desk} />
    </Right>
  );
}
