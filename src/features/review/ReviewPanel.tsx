'use client';

import { useMemo } from 'react';
import { CausesPanel } from './causes/CausesPanel';
import { ClocksPanel } from './clocks/ClocksPanel';
import { readable } from './clocks/clockView';
import { CommentaryPanel } from './commentary/CommentaryPanel';
import { FiguresPanel } from './figures/FiguresPanel';
import { HistoryPanel } from './history/HistoryPanel';
import { FilterStrip } from './ledger/FilterStrip';
import { Ledger } from './ledger/Ledger';
import { OvertimePanel } from './overtime/OvertimePanel';
import { ScorePanel } from './score/ScorePanel';
import type { ReviewDesk } from './useReviewActs';
import { WhoPanel } from './who/WhoPanel';

/** What stands at the right of the footage: the panel that is open, else the ledger. */
export function ReviewPanel({ desk }: { readonly desk: ReviewDesk }) {
  const { panel, names, span, playhead, toLedger, reading, round, chains, goTo } = desk;
  const { startSeconds } = span;
  switch (panel) {
    case 'commentary':
      return <Commentary desk={desk} />;
    case 'who':
      return <Who desk={desk} />;
    case 'clocks':
      return <Clocks desk={desk} />;
    case 'score':
      if (!desk.score) break;
      return (
        <ScorePanel {...desk.score} {...{ names, startSeconds, playhead }} onLook={playhead.seek} onLeave={toLedger} />
      );
    case 'overtime':
      if (!desk.overtime.rules) break;
      return (
        <OvertimePanel
          {...{ names, playhead, startSeconds }}
          overtime={desk.overtime}
          clocks={desk.clocks.clocks.flatMap((one) => readable(one, desk.clockGround) ?? [])}
          roundId={round.id}
          onLeave={toLedger}
        />
      );
    case 'causes':
      return (
        <CausesPanel
          {...{ reading, chains, names, startSeconds }}
          roundId={round.id}
          onLook={goTo}
          onWalk={(last) => {
            goTo(last);
            desk.setSaid('The last of the chain. Shift R goes to what led to it.');
          }}
          onLeave={toLedger}
        />
      );
    case 'figures':
      return (
        <FiguresPanel
          {...{ reading, names }}
          tide={desk.tide}
          roundId={round.id}
          homework={desk.homework}
          onLook={playhead.seek}
          onLeave={toLedger}
        />
      );
    case 'history':
      return (
        <HistoryPanel
          address={desk.address.marks.replace('/marks', '/marks/{mark}/history')}
          mark={desk.moves.selected}
          names={names}
          timeOf={desk.face.timeOf}
          onPutBack={desk.marks.replace}
          onLeave={toLedger}
        />
      );
    case 'ledger':
      break;
  }
  return <LedgerPanel desk={desk} />;
}

function LedgerPanel({ desk }: { readonly desk: ReviewDesk }) {
  const { filter, names, marks, moves, reading } = desk;
  const { chosen } = moves;
  const chosenKey = chosen.map((mark) => mark.id).join(' ');
  const chosenIds = useMemo(() => new Set(chosenKey.split(' ')), [chosenKey]);
  if (reading.marks.length === 0) {
    const [a, b] = [names.a.toLowerCase(), names.b.toLowerCase()];
    return (
      <div className="start">
        <p>The ledger is empty.</p>
        <p>
          Play with Space. When something happens press Enter and write it as you would say it: “{a} half guard”, “{b}{' '}
          knee slice finished”, “{a} flat in half guard punished”.
        </p>
      </div>
    );
  }
  return (
    <>
      {filter.open ? (
        <FilterStrip
          filter={filter.filter}
          names={names}
          shown={filter.shown.length}
          all={reading.marks.length}
          onFilter={filter.setFilter}
          onClose={() => filter.setOpen(false)}
        />
      ) : null}
      {filter.shown.length === 0 ? <p className="start">No mark fits. “Show all” shows the others again.</p> : null}
      <Ledger
        outline={filter.lines}
        timeOf={desk.face.timeOf}
        names={names}
        selectedId={marks.state.selectedId}
        chosenIds={chosenIds}
        currentId={desk.currentId}
        linkingFromId={moves.linkFrom}
        contradictions={desk.contradictions}
        damage={desk.chains.damageByRoot}
        onSelect={(mark, more) => (more ? moves.chooseMore(mark) : moves.goTo(mark))}
      />
    </>
  );
}

function Commentary({ desk }: { readonly desk: ReviewDesk }) {
  const { commentary, names, span, accept, calls, takeBack, playhead, toLedger } = desk;
  return (
    <CommentaryPanel
      work={commentary.work}
      isReading={commentary.isReading}
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
  );
}

function Who({ desk }: { readonly desk: ReviewDesk }) {
  const { stills, playhead, round, span } = desk;
  return (
    <WhoPanel
      athletes={round}
      stills={stills.stills}
      drawing={stills.drawing}
      filmed={desk.filmed}
      likelySwap={desk.likelySwap}
      startSeconds={span.startSeconds}
      problem={stills.problem}
      now={playhead.now}
      onDraw={(athlete) => {
        playhead.pause();
        stills.draw(athlete);
      }}
      onForget={stills.forget}
      onSwapFrom={desk.moves.swapAthletes}
      onLook={playhead.seek}
      onLeave={desk.toLedger}
    />
  );
}

function Clocks({ desk }: { readonly desk: ReviewDesk }) {
  const { clocks, playhead, span, clockGround, toLedger } = desk;
  return (
    <ClocksPanel
      clocks={clocks.clocks}
      problem={clocks.problem}
      playhead={playhead}
      round={span}
      ground={clockGround}
      onSave={clocks.save}
      onRemove={clocks.remove}
      onLeave={toLedger}
    />
  );
}
