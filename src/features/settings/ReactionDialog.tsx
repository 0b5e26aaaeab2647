'use client';

import { useEffect, useRef, useState } from 'react';
import { styled } from 'styled-components';
import { measureReactionLead } from '@/core/clock';
import { Notice, Quiet, Row, Stack } from '@/ui/layout/Page';
import { Button, Dialog } from '@/ui/primitives';
import { color, font, space } from '@/ui/tokens/tokens';

const Mat = styled.button`
  display: block; width: 100%; border: 1px solid ${color.strongRule}; background: ${color.sunken}; padding: 0; cursor: pointer; touch-action: manipulation;
  svg { display: block; width: 100%; height: 220px; }
  .count { font-family: ${font.serif}; font-size: 22px; fill: ${color.quiet}; }
  padding-bottom: ${space(1)};
`;

/** Ten touches at uneven distances, in seconds: nobody can tap them by rhythm. */
const GAPS = [2.1, 1.7, 2.9, 1.6, 2.4, 3.1, 1.8, 2.6, 1.9, 2.7];
const FALL_SECONDS = 0.28;
const MAT_Y = 176;

/** Measures how long this coach takes from seeing something to pressing a key, on ten small moments. */
export function ReactionDialog({
  onMeasured,
  onClose,
}: {
  readonly onMeasured: (seconds: number) => void;
  readonly onClose: () => void;
}) {
  const [run, setRun] = useState(0);
  return (
    <Dialog title="How long until you press?" isOpen onClose={onClose}>
      <Stack>
        <p>
          A hand drops to the mat ten times. Press <strong>Space</strong> (or tap the picture) each time it touches, as
          you would in Review. Half a minute.
        </p>
        {run === 0 ? (
          <Row>
            <Button look="lead" autoFocus onPress={() => setRun(1)}>
              Begin
            </Button>
            <Button look="plain" onPress={onClose}>
              Not now
            </Button>
          </Row>
        ) : (
          <Touches key={run} onMeasured={onMeasured} onAgain={() => setRun(run + 1)} onClose={onClose} />
        )}
      </Stack>
    </Dialog>
  );
}

function Touches({
  onMeasured,
  onAgain,
  onClose,
}: {
  readonly onMeasured: (seconds: number) => void;
  readonly onAgain: () => void;
  readonly onClose: () => void;
}) {
  const [height, setHeight] = useState(40);
  const [touches, setTouches] = useState(0);
  const [done, setDone] = useState(false);
  const moments = useRef<number[]>([]);
  const presses = useRef<number[]>([]);
  const mat = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    mat.current?.focus();
    const begun = performance.now() / 1000;
    const plan = GAPS.map((_, at) => begun + GAPS.slice(0, at + 1).reduce((sum, gap) => sum + gap, 0));
    let frame = requestAnimationFrame(draw);
    function draw() {
      const now = performance.now() / 1000;
      const next = plan[moments.current.length];
      if (next === undefined) {
        if (now > plan[plan.length - 1]! + 1.6) return setDone(true);
      } else if (now >= next) {
        moments.current.push(now);
        setTouches(moments.current.length);
      }
      setHeight(handHeight(now, plan, moments.current.length));
      frame = requestAnimationFrame(draw);
    }
    return () => cancelAnimationFrame(frame);
  }, []);
  const press = () => presses.current.push(performance.now() / 1000);
  const measured = done ? measureReactionLead(moments.current, presses.current) : undefined;
  if (measured?.ok) {
    const { leadSeconds, spreadSeconds, used } = measured.value;
    return (
      <Stack>
        <p role="status">
          About <strong>{leadSeconds.toFixed(2)} s</strong> after the moment, give or take {spreadSeconds.toFixed(2)} s,
          over {used} presses. In Review that much is taken off while the footage plays.
        </p>
        <Row>
          <Button look="lead" onPress={() => onMeasured(leadSeconds)}>
            Use {leadSeconds.toFixed(2)} s
          </Button>
          <Button onPress={onAgain}>Once more</Button>
          <Button look="plain" onPress={onClose}>
            Leave it as it is
          </Button>
        </Row>
      </Stack>
    );
  }
  if (measured)
    return (
      <Stack>
        <Notice role="alert">
          Only {measured.problem.used} presses came just after a touch; {measured.problem.needed} are needed. Press when
          the hand touches, not before.
        </Notice>
        <Row>
          <Button look="lead" onPress={onAgain}>
            Once more
          </Button>
          <Button look="plain" onPress={onClose}>
            Leave it as it is
          </Button>
        </Row>
      </Stack>
    );
  return (
    <Mat
      ref={mat}
      type="button"
      aria-label="Press when the hand touches the mat"
      data-touches={touches}
      onPointerDown={press}
      onKeyDown={(event) => {
        if (event.key !== ' ' || event.repeat) return;
        event.preventDefault();
        press();
      }}
    >
      <svg viewBox="0 0 560 220" aria-hidden="true">
        <path d={`M0 ${MAT_Y + 14}h560`} stroke={color.strongRule} strokeWidth="3" />
        <path
          d={`M262 ${height - 44}v30M272 ${height - 50}v36M282 ${height - 50}v36M292 ${height - 46}v32`}
          stroke={color.focus}
          strokeWidth="8"
          strokeLinecap="round"
          transform={`translate(0 ${24})`}
        />
        <rect x="256" y={height - 14} width="42" height="28" rx="8" fill={color.focus} />
        <text x="24" y="40" className="count">
          {touches} of {GAPS.length}
        </text>
      </svg>
      <Quiet>Space at every touch</Quiet>
    </Mat>
  );
}

/** Where the hand is: it waits above, drops to the mat in a moment, rests there and rises again. */
function handHeight(now: number, plan: readonly number[], touched: number): number {
  const top = 60;
  const next = plan[touched];
  const last = plan[touched - 1];
  if (last !== undefined && now - last < 0.35) return MAT_Y;
  if (last !== undefined && now - last < 0.85) return MAT_Y - ((now - last - 0.35) / 0.5) * (MAT_Y - top);
  if (next !== undefined && next - now < FALL_SECONDS)
    return top + (1 - (next - now) / FALL_SECONDS) ** 2 * (MAT_Y - top);
  return top;
}
