'use client';

import { useState } from 'react';
import { styled } from 'styled-components';
import { drillOf, GENERAL_CAUTION } from '@/core/vocabulary';
import type { ReviewContent } from '@/server/reviews/closingInput';
import { dayWords } from '@/terms/dayWords';
import { useHouse } from '@/terms/HouseContext';
import { Notice, Quiet, Row } from '@/ui/layout/Page';
import { Button } from '@/ui/primitives';
import { color, font, size, space } from '@/ui/tokens/tokens';
import { keysOf } from './closingReducer';
import { Evidences } from './Evidences';
import type { Moments } from './moments';

const Sheet = styled.article`
  max-width: 74ch; display: flex; flex-direction: column; gap: ${space(4)}; line-height: 1.5;
  h2 { font-family: ${font.serif}; margin: ${space(3)} 0 0; border-bottom: 1px solid ${color.rule}; }
  h3 { font-family: ${font.serif}; font-size: ${size.large}; margin: 0; }
  ol, ul { margin: 0; padding-left: ${space(6)}; display: flex; flex-direction: column; gap: ${space(4)}; }
  p { margin: 0; } .cue { font-family: ${font.serif}; font-size: ${size.large}; }
  @media print { .screen { display: none; } }
`;

export interface SignedVersion {
  readonly id: string;
  readonly version: number;
  readonly content: ReviewContent;
  readonly signedByName?: string;
  readonly signedAt: string;
}

/** What was signed, as it was signed; earlier versions stay readable. */
export function SignedReviewView({
  signed,
  evidence,
  onReopen,
}: {
  readonly signed: readonly SignedVersion[];
  readonly evidence: Moments;
  readonly onReopen: () => void;
}) {
  const house = useHouse();
  const [shownId, setShownId] = useState(signed[0]?.id);
  const shown = signed.find((one) => one.id === shownId) ?? signed[0];
  if (!shown) return null;
  const { good, points, questions, remark } = shown.content;
  const isLatest = shown === signed[0];
  const keys = keysOf(points);
  return (
    <Sheet>
      <div className="screen">
        <Row>
          <Button onPress={() => window.print()}>Print</Button>
          <Button onPress={onReopen}>Open it again</Button>
          {signed.map((one) => (
            <Button
              key={one.id}
              look="plain"
              aria-pressed={one === shown}
              isDisabled={one === shown}
              onPress={() => setShownId(one.id)}
            >
              version {one.version}
            </Button>
          ))}
        </Row>
      </div>
      {isLatest ? null : <Notice data-tone="calm">An earlier version; version {signed[0]?.version} holds.</Notice>}
      <Quiet>
        Signed by {shown.signedByName ?? 'a coach who is gone'}, {dayWords(shown.signedAt.slice(0, 10))}, version{' '}
        {shown.version}
      </Quiet>
      {good.text ? (
        <>
          <h2>Done well</h2>
          <p>{good.text}</p>
          <Evidences markIds={good.markIds} evidence={evidence} />
        </>
      ) : null}
      {points.length > 0 ? (
        <>
          <h2>To work on</h2>
          <ol>
            {points.map((point, at) => (
              <li key={keys[at]}>
                <h3>{point.title}</h3>
                <p>{point.text}</p>
                {point.cue ? <p className="cue">{point.cue}</p> : null}
                {point.instead ? <p>Instead: {point.instead}</p> : null}
                {point.branch ? <p>{point.branch}</p> : null}
                {point.drillId ? <p>Drill: {drillOf(house, point.drillId)?.name}</p> : null}
                {point.homework ? (
                  <p>
                    <strong>Homework</strong>
                    {point.homeworkDue ? `, checked on ${dayWords(point.homeworkDue)}` : ''}: {point.homework}
                  </p>
                ) : null}
                <Evidences markIds={point.markIds} evidence={evidence} />
              </li>
            ))}
          </ol>
        </>
      ) : null}
      {questions.length > 0 ? (
        <>
          <h2>Questions</h2>
          <ul>
            {questions.map((question) => (
              <li key={question.text}>{question.text}</li>
            ))}
          </ul>
        </>
      ) : null}
      {remark ? <p>{remark}</p> : null}
      <Quiet>{GENERAL_CAUTION}</Quiet>
    </Sheet>
  );
}
