'use client';

import { styled } from 'styled-components';
import { formatClock } from '@/core/clock';
import type { Athlete, LikelySwap, Still } from '@/core/round';
import { Button } from '@/ui/primitives';
import { color, font, size, space } from '@/ui/tokens/tokens';
import type { HeaderAthlete } from '../../ReviewHeader';
import { SidePanel } from '../../SidePanel';
import { StillPicture } from './StillPicture';

const Panel = styled(SidePanel)`
  .athlete { display: grid; grid-template-columns: 112px 1fr; gap: ${space(4)}; align-items: start; border-left: 4px solid ${color.other}; padding-left: ${space(3)}; }
  .athlete[data-focus] { border-color: ${color.focus}; }
  .still { width: 112px; height: 112px; background: ${color.sunken}; display: grid; place-items: center; color: ${color.quiet}; font-size: ${size.small}; }
  .still img { width: 100%; height: 100%; object-fit: contain; }
  .about { display: flex; flex-direction: column; gap: ${space(2)}; align-items: flex-start; }
  .name { font-family: ${font.serif}; font-size: ${size.large}; }
  .quiet { color: ${color.quiet}; font-size: ${size.small}; }
  .swap { border-top: 1px solid ${color.rule}; padding-top: ${space(4)}; display: flex; flex-direction: column; gap: ${space(3)}; align-items: flex-start; }
  .warning { color: ${color.focusText}; }
`;

export interface WhoPanelProps {
  readonly athletes: Readonly<Record<Athlete, HeaderAthlete>>;
  readonly stills: Readonly<Partial<Record<Athlete, Still>>>;
  readonly drawing: Athlete | undefined;
  readonly filmed: boolean;
  readonly likelySwap: LikelySwap | undefined;
  readonly startSeconds: number;
  readonly problem?: string;
  readonly onDraw: (athlete: Athlete | undefined) => void;
  readonly onForget: (athlete: Athlete) => void;
  readonly onSwapFrom: (seconds: number) => void;
  readonly now: () => number;
  readonly onLook: (seconds: number) => void;
  readonly onLeave: () => void;
}

/** Who is who on the screen, and what to do when the two were taken for each other. */
export function WhoPanel(props: WhoPanelProps) {
  const { athletes, stills, drawing, filmed, likelySwap, startSeconds, problem, onDraw, onForget, onLook } = props;
  return (
    <Panel title="Who is who" onLeave={props.onLeave}>
      {problem ? <p className="doubt">{problem}</p> : null}
      {(['a', 'b'] as const).map((slot) => {
        const still = stills[slot];
        const { name, toldApartBy } = athletes[slot];
        return (
          <div key={slot} className="athlete" data-focus={slot === 'a' || undefined}>
            <div className="still">
              {still ? <StillPicture still={still} of={`${name} in the footage`} side={112} /> : 'no picture yet'}
            </div>
            <div className="about">
              <span className="name">{name}</span>
              <span className="quiet">{toldApartBy || 'Nothing noted on the card to tell them apart.'}</span>
              {filmed ? (
                <Button onPress={() => onDraw(drawing === slot ? undefined : slot)} aria-pressed={drawing === slot}>
                  {drawing === slot ? 'Leave it' : still ? 'Take another picture' : 'Take a picture'}
                </Button>
              ) : null}
              {still ? (
                <span className="quiet">
                  from{' '}
                  <Button look="plain" onPress={() => onLook(still.atSeconds)}>
                    {formatClock(still.atSeconds - startSeconds)}
                  </Button>{' '}
                  ·{' '}
                  <Button look="plain" onPress={() => onForget(slot)}>
                    Forget it
                  </Button>
                </span>
              ) : null}
            </div>
          </div>
        );
      })}
      <div className="swap">
        {likelySwap ? (
          <>
            <span className="warning" role="status">
              They may have been taken for each other from {formatClock(likelySwap.fromSeconds - startSeconds)} on:
              exchanged, {wordsOf(likelySwap)}
            </span>
            <Button look="lead" onPress={() => props.onSwapFrom(likelySwap.fromSeconds)}>
              Exchange them from {formatClock(likelySwap.fromSeconds - startSeconds)} on
            </Button>
          </>
        ) : (
          <span className="quiet">
            If they were taken for each other, exchange them: the marks follow, left and right stay with the body you
            saw.
          </span>
        )}
        <Button onPress={() => props.onSwapFrom(startSeconds)}>Exchange them in the whole round</Button>
        <Button onPress={() => props.onSwapFrom(props.now())}>Exchange them from this moment on</Button>
        <span className="quiet">Z takes it back.</span>
      </div>
    </Panel>
  );
}

function wordsOf({ contradictionsNow, contradictionsAfter }: LikelySwap): string {
  const now = contradictionsNow === 1 ? 'the one contradiction is' : `${contradictionsNow} contradictions become`;
  if (contradictionsAfter === 0)
    return `${contradictionsNow === 1 ? now : `all ${contradictionsNow} contradictions are`} gone.`;
  return `${now} ${contradictionsAfter}.`;
}
