'use client';

import { styled } from 'styled-components';
import { formatClock, type Span } from '@/core/clock';
import { useWordOf } from '@/terms/HouseContext';
import { color, font, size, space } from '@/ui/tokens/tokens';
import { ClocksPanel } from './clocks/ClocksPanel';
import { CommentaryPanel } from './commentary/CommentaryPanel';
import { Ledger } from './Ledger';
import { lullWords } from './lulls/lullView';
import { OvertimePanel } from './overtime/OvertimePanel';
import { QuestionStrip } from './QuestionStrip';
import { markWords } from './reviewView';
import { ScorePanel } from './score/ScorePanel';
import { Troubles } from './Troubles';
import type { ReviewDesk } from './useReviewDesk';
import { WhoPanel } from './who/WhoPanel';

const Right = styled.aside`
  border-left: 1px solid ${color.rule}; display: flex; flex-direction: column; min-height: 0;
  .start { padding: ${space(6)}; font-family: ${font.serif}; font-size: ${size.large}; color: ${color.quiet}; display: flex; flex-direction: column; gap: ${space(3)}; }
  .said { padding: ${space(2)} ${space(4)}; background: ${color.focusWash}; color: ${color.focusText}; font-size: ${size.small}; }
`;

/** The right side of a review: what is in question, then the ledger or the panel that is open. */
export function ReviewSide({ desk }: { readonly desk: ReviewDesk }) {
  const { marks, names, span, said, likelySwap, panel, lull, commentary, accept, calls, takeBack, playhead } = desk;
  const { round, stills, filmed, moves, clocks, stoppages, score, outline, face, currentId, contradictions } = desk;
  const { chains, overtime, goTo, toLedger } = desk;
  const { state } = marks;
  return (
    <Right>
      <Troubles
        conflicts={state.conflicts}
        refusals={state.refusals}
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
      {desk.proposal && panel === 'ledger' ? <LinkQuestion desk={desk} /> : null}
      {lull && !desk.proposal && panel === 'ledger' ? <LullQuestion desk={desk} lull={lull} /> : null}
      {panel === 'commentary' ? (
        <CommentaryPanel
          work={commentary.work}
          problem={commentary.problem}
          lines={commentary.lines}
          open={commentary.open}
          names={names}
          startSeconds={span.startSeconds}
          onRead={(file) => void commentary.read(file)}
          onAct={commentary.act}
          onAccept={accept}
          onCorrect={(line) => calls.correct(line.place, line.draft)}
          onTakeBack={takeBack}
          onLook={(line) => playhead.seek(Math.max(span.startSeconds, line.draft.atSeconds - 1))}
          onLeave={toLedger}
          onForget={commentary.close}
        />
      ) : panel === 'who' ? (
        <WhoPanel
          athletes={round}
          stills={stills.stills}
          drawing={stills.drawing}
          filmed={filmed}
          likelySwap={likelySwap}
          startSeconds={span.startSeconds}
          problem={stills.problem}
          now={playhead.now}
          onDraw={(athlete) => {
            playhead.pause();
            stills.draw(athlete);
          }}
          onForget={stills.forget}
          onSwapFrom={moves.swapAthletes}
          onLook={playhead.seek}
          onLeave={toLedger}
        />
      ) : panel === 'overtime' && overtime.rules ? (
        <OvertimePanel
          {...{ overtime, names, playhead }}
          roundId={round.id}
          startSeconds={span.startSeconds}
          onLeave={toLedger}
        />
      ) : panel === 'score' && score ? (
        <ScorePanel
          {...score}
          names={names}
          startSeconds={span.startSeconds}
          onLook={playhead.seek}
          onLeave={toLedger}
        />
      ) : panel === 'clocks' ? (
        <ClocksPanel
          clocks={clocks.clocks}
          problem={clocks.problem}
          playhead={playhead}
          startSeconds={span.startSeconds}
          stoppages={stoppages}
          onSave={clocks.save}
          onRemove={clocks.remove}
          onLeave={toLedger}
        />
      ) : outline.length === 0 ? (
        <div className="start">
          <p>The ledger is empty.</p>
          <p>
            Play with Space. When something happens press Enter and write it as you would say it: “
            {names.a.toLowerCase()} half guard”, “{names.b.toLowerCase()} knee slice finished”, “{names.a.toLowerCase()}{' '}
            flat in half guard punished”.
          </p>
        </div>
      ) : (
        <Ledger
          outline={outline}
          timeOf={face.timeOf}
          names={names}
          selectedId={state.selectedId}
          currentId={currentId}
          linkingFromId={moves.linkFrom}
          contradictions={contradictions}
          damage={chains.damageByRoot}
          onSelect={goTo}
        />
      )}
    </Right>
  );
}

/** What the chosen error may have led to. */
function LinkQuestion({
  desk: { proposal, marks, names, span, links, confirmLink, goTo },
}: {
  readonly desk: ReviewDesk;
}) {
  const wordOf = useWordOf();
  const target = proposal && marks.state.held.get(proposal.toId)?.mark;
  if (!proposal || !target) return null;
  const { what, who } = markWords(target, names, wordOf);
  return (
    <QuestionStrip
      label="What it led to"
      answers={[
        { words: 'Yes (Y)', onPress: confirmLink },
        { words: 'No (N)', onPress: () => links.wave(proposal) },
        { words: 'Look there', onPress: () => goTo(target), plain: true },
      ]}
    >
      Did it lead to {who ? `${who}: ` : ''}
      {what} at {formatClock(target.atSeconds - span.startSeconds)}?
    </QuestionStrip>
  );
}

/** One lull at a time: was play stopped there, was it off camera, or did they only lie still? */
function LullQuestion({ desk, lull }: { readonly desk: ReviewDesk; readonly lull: Span }) {
  const { lulls, span, markLull, act } = desk;
  const more = lulls.open.length - 1;
  return (
    <QuestionStrip
      label="A lull"
      answers={[
        { words: 'Look (G)', onPress: () => act('lull-look', ''), plain: true },
        { words: 'Play stopped (Y)', onPress: () => markLull(false) },
        { words: 'Off camera (U)', onPress: () => markLull(true) },
        { words: 'They lay still (N)', onPress: () => lulls.wave(lull) },
      ]}
    >
      {lullWords(lull, span.startSeconds)}
      {more > 0 ? ` ${more} more.` : ''}
    </QuestionStrip>
  );
}
