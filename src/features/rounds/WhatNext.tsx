'use client';

import Link from 'next/link';
import { useMemo, useState } from 'react';
import { styled } from 'styled-components';
import { formatClock } from '@/core/clock';
import { chooseRounds, type WorthReason } from '@/core/reviewing';
import { dayWords } from '@/terms/dayWords';
import { Section } from '@/ui/layout/Page';
import { Button, TextField } from '@/ui/primitives';
import { color, font, size, space } from '@/ui/tokens/tokens';
import { minutesWords, paceWords, whyLines } from './nextView';

const Ask = styled.div`
  display: flex; align-items: flex-end; gap: ${space(4)}; flex-wrap: wrap;
  .minutes { width: 130px; }
  .sum { font-family: ${font.serif}; font-size: ${size.large}; margin-left: auto; }
`;
const Why = styled.span`
  display: block; color: ${color.quiet}; font-size: ${size.small};
`;
const Chosen = styled.ol`
  list-style: none; margin: ${space(4)} 0 0; padding: 0;
  li { display: grid; grid-template-columns: minmax(0, 1fr) auto; gap: 0 ${space(6)}; padding: ${space(3)} 0; border-bottom: 1px solid ${color.rule}; align-items: baseline; }
  h3 { font-family: ${font.serif}; font-size: 23px; font-weight: 600; line-height: 1.2; margin: 0; }
  .takes { font-family: ${font.serif}; font-size: ${size.large}; white-space: nowrap; }
  .why { grid-column: 1; margin-top: ${space(1)}; }
  li[data-later] { padding: ${space(1.5)} 0; }
  li[data-later] h3 { font-family: ${font.sans}; font-size: ${size.body}; font-weight: 400; }
  li[data-later] .takes { font-family: ${font.sans}; font-size: ${size.small}; color: ${color.quiet}; }
`;
/** Rounds that stand large: what can be kept in mind. */
const LARGE = 3;

export interface WaitingRound {
  readonly roundId: string;
  readonly heldOn: string;
  readonly a: string;
  readonly b: string;
  readonly liveSeconds: number;
  readonly costSeconds: number;
  readonly worth: number;
  readonly reasons: readonly WorthReason[];
}

export interface WhatNextProps {
  readonly ratio: number;
  readonly learnedFrom: number;
  readonly names: Readonly<Record<string, string>>;
  readonly waiting: readonly WaitingRound[];
}

const OFFERED = [20, 40, 60] as const;

/** "I have 40 minutes": which of the waiting rounds to review, and why. */
export function WhatNext({ ratio, learnedFrom, names, waiting }: WhatNextProps) {
  const [text, setText] = useState('40');
  const minutes = Number(text.trim().replace(',', '.'));
  const sensible = Number.isFinite(minutes) && minutes >= 0 && minutes <= 1440;
  const chosen = useMemo(() => (sensible ? chooseRounds(waiting, minutes * 60) : []), [waiting, minutes, sensible]);
  const spent = chosen.reduce((sum, one) => sum + one.costSeconds, 0);
  const left = waiting.length - chosen.length;
  return (
    <Section>
      <h2>What to review next</h2>
      <div className="note">{paceWords(ratio, learnedFrom)}</div>
      <div className="matter">
        <Ask>
          <div className="minutes">
            <TextField
              label="I have"
              unit="minutes"
              inputMode="decimal"
              value={text}
              onChange={setText}
              problem={sensible ? undefined : 'Write minutes, from 0 to 1440.'}
            />
          </div>
          {OFFERED.map((offered) => (
            <Button key={offered} onPress={() => setText(String(offered))} aria-pressed={minutes === offered}>
              {offered}
            </Button>
          ))}
          <span className="sum" role="status">
            {chosen.length === 0
              ? 'No waiting round fits into that.'
              : `${chosen.length === 1 ? 'One round' : `${chosen.length} rounds`}, about ${minutesWords(spent)}`}
          </span>
        </Ask>
        {chosen.length > 0 ? (
          <Chosen aria-label="What to review next">
            {chosen.map((round, place) => (
              <li key={round.roundId} data-later={place >= LARGE || undefined}>
                <h3>
                  <Link href={`/rounds/${round.roundId}`}>
                    {round.a} and {round.b}
                  </Link>
                </h3>
                <span className="takes">about {minutesWords(round.costSeconds)}</span>
                <div className="why">
                  {whyLines(round.reasons, names).map((line) => (
                    <Why key={line}>{line}</Why>
                  ))}
                  <Why>
                    {dayWords(round.heldOn)}, {formatClock(round.liveSeconds)} of footage
                  </Why>
                </div>
              </li>
            ))}
          </Chosen>
        ) : null}
        {left > 0 && chosen.length > 0 ? (
          <Why>{left === 1 ? 'One more waits' : `${left} more wait`} for another evening.</Why>
        ) : null}
      </div>
    </Section>
  );
}
