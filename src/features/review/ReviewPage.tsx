'use client';

import dynamic from 'next/dynamic';
import { styled } from 'styled-components';
import { formatClock } from '@/core/clock';
import { BoxDrawer } from '@/player/BoxDrawer';
import { DrawingPane } from '@/player/drawing/DrawingPane';
import { FootagePicture } from '@/player/FootagePicture';
import { dayWords } from '@/terms/dayWords';
import { KeysDialog } from '@/ui/keys/KeysDialog';
import { color } from '@/ui/tokens/tokens';
import { CallLine } from './CallLine';
import { CautionContext, useCautionOf } from './CautionContext';
import { IntoReel } from './IntoReel';
import { readingWords } from './panels/clocks/clockView';
import { ScoreStrip } from './panels/score/ScoreStrip';
import { ReviewHeader } from './ReviewHeader';
import { ReviewSide } from './ReviewSide';
import { reviewKeyGroups } from './reviewKeys';
import { Tide } from './Tide';
import { Transport } from './Transport';
import { useLaterParts } from './useLaterParts';
import { useReviewActs } from './useReviewActs';
import { type ReviewPageProps, useReviewDesk } from './useReviewDesk';
import { useMissingWord } from './words/useMissingWord';

const NewWordDialog = dynamic(() => import('./words/NewWordDialog').then((loaded) => loaded.NewWordDialog));

const Frame = styled.div`
  height: 100vh; min-height: 600px; display: grid; grid-template-columns: minmax(0, 1fr); grid-template-rows: auto minmax(0, 1fr) 108px; overflow: hidden; background: ${color.ground}; color: ${color.ink};
`;
const Body = styled.div`
  display: grid; grid-template-columns: minmax(0, 1fr) minmax(360px, 36%); min-height: 0;
`;
const Left = styled.div`
  display: grid; grid-template-rows: minmax(0, 1fr) auto auto; min-height: 0;
`;

export function ReviewPage(props: ReviewPageProps) {
  useLaterParts();
  const desk = useReviewActs(useReviewDesk(props));
  const { round, span, names, ready, video, source, rate, zoom, setZoom, playhead, marks, reading, tide, score } = desk;
  const { lulls, shownClock, stills, goTo, moves, commentary, index, calls, openCall, act } = desk;
  const { setPanel, keysOpen, setKeysOpen } = desk;
  const { state } = marks;
  const missing = useMissingWord(calls.commit, desk.setSaid);
  const cautionOf = useCautionOf(round);
  return (
    <CautionContext.Provider value={cautionOf}>
      <Frame
        data-light="loft"
        aria-busy={!ready}
        onDragOver={(event) => event.preventDefault()}
        onDrop={(event) => {
          const [file] = event.dataTransfer.files;
          if (!file) return;
          event.preventDefault();
          setPanel('commentary');
          void commentary.read(file);
        }}
      >
        <ReviewHeader
          a={round.a}
          b={round.b}
          stills={stills.stills}
          roundId={round.id}
          facts={[dayWords(round.heldOn), round.uniform, formatClock(span.endSeconds - span.startSeconds), round.theme]
            .filter(Boolean)
            .join(' · ')}
          unit={props.unit}
          keeping={marks.keeping}
          pace={{ spent: desk.spent, playhead, span, marks: reading.marks }}
          second={desk.second}
          notShown={props.notShown}
          waiting={state.pending.length}
          isKeepingCard={desk.isKeepingCard}
          onWho={() => act('open who', '')}
          onKeys={() => setKeysOpen(true)}
          onClosing={desk.toClosing}
        />
        <Body>
          <Left>
            <FootagePicture
              video={video}
              source={props.footage ? source : undefined}
              playhead={playhead}
              zoom={zoom}
              onZoom={setZoom}
              without="No footage with this round. The clock below runs; marks are kept with its time."
            >
              {score ? (
                <ScoreStrip
                  reading={score.reading}
                  names={names}
                  playhead={playhead}
                  rules={score.rules}
                  startSeconds={span.startSeconds}
                  plannedSeconds={score.plannedSeconds}
                  onOpen={() => setPanel('score')}
                />
              ) : null}
              <DrawingPane drawing={desk.drawing} video={video} zoom={zoom} />
              {stills.drawing ? (
                <BoxDrawer
                  video={video}
                  zoom={zoom}
                  words={`Draw a box round ${names[stills.drawing]}`}
                  onBox={stills.take}
                />
              ) : null}
            </FootagePicture>
            <Transport
              playhead={playhead}
              span={span}
              rate={rate}
              hasLulls={lulls.skippable.length > 0}
              clockWords={shownClock && ((at) => readingWords(shownClock, at))}
              onPrevious={() => goTo(moves.neighbour(-1))}
              onNext={() => goTo(moves.neighbour(1))}
            />
            <Tide
              span={span}
              tide={tide}
              marks={reading.marks}
              lulls={lulls.open}
              selectedId={state.selectedId}
              names={names}
              playhead={playhead}
              height={132}
              viewOf={desk.tideOf}
              onView={() => act('tide-view', '')}
            />
          </Left>
          <ReviewSide desk={desk} />
        </Body>
        <CallLine
          call={calls.call}
          index={index}
          contextAt={calls.contextAt}
          span={span}
          names={names}
          playhead={playhead}
          nextAt={desk.secondPass.on || desk.drawing.open ? undefined : calls.nextAt}
          onOpen={(text) => openCall(text)}
          onCommit={calls.commit}
          onClose={calls.close}
          onMissing={missing.ask}
        />
        {missing.missing ? (
          <NewWordDialog missing={missing.missing} index={index} onClose={missing.leave} onMade={missing.made} />
        ) : null}
        <IntoReel desk={desk} />
        <KeysDialog groups={reviewKeyGroups} isOpen={keysOpen} onClose={() => setKeysOpen(false)}>
          <p>
            A call: who, what, how. “ana knee slice control”, “marek elbows flared punished”, “good frame inside”, “stop
            12”, “off camera 8”, “3 back ana mount”, “at 2:41 …”, a remark after a dash.
          </p>
        </KeysDialog>
      </Frame>
    </CautionContext.Provider>
  );
}
