'use client';

import Link from 'next/link';
import { useMemo, useState } from 'react';
import { styled } from 'styled-components';
import { formatClock } from '@/core/clock';
import { chooseRounds, type WorthReason } from '@/core/reviewing';
import { dayWords } from '@/terms/dayWords';
import { Section, Table } from '@/ui/layout/Page';
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
const Chosen = styled.div`
  margin-top: ${space(4)};
  td { vertical-align: top; }
  td:not(:nth-child(2)) { white-space: nowrap; }
`;

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
          <Chosen>
            <Table>
              <thead>
                <tr>
                  <th>Round</th>
                  <th>Why</th>
                  <th className="figure">Footage</th>
                  <th className="figure">Takes you</th>
                </tr>
              </thead>
              <tbody>
                {chosen.map((round) => (
                  <tr key={round.roundId}>
                    <td>
                      <Link href={`/rounds/${round.roundId}`}>
                        {round.a} and {round.b}
                      </Link>
                      <Why>{dayWords(round.heldOn)}</Why>
                    </td>
                    <td>
                      {whyLines(round.reasons, names).map((line) => (
                        <Why key={line}>{line}</Why>
                      ))}
                    </td>
                    <td className="figure">{formatClock(round.liveSeconds)}</td>
                    <td className="figure">about {minutesWords(round.costSeconds)}</td>
                  </tr>
                ))}
              </tbody>
            </Table>
          </Chosen>
        ) : null}
        {left > 0 && chosen.length > 0 ? (
          <Why>{left === 1 ? 'One more waits' : `${left} more wait`} for another evening.</Why>
        ) : null}
      </div>
    </Section>
  );
}
