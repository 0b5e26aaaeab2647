'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { useAction } from '@/forms/useAction';
import { useNewId } from '@/forms/useNewId';
import { signReview } from '@/server/reviews/closingActions';
import type { ClosingAbout, ReviewContent } from '@/server/reviews/closingInput';
import { Notice, Quiet, Row, Section, Stack } from '@/ui/layout/Page';
import { Button, ConfirmDialog, TextArea } from '@/ui/primitives';
import { aboutKey } from './closingAbout';
import { keysOf, MOST_POINTS } from './closingReducer';
import { GoodEditor, type GoodThing } from './GoodEditor';
import type { Moments } from './moments';
import { PointEditor } from './PointEditor';
import { type OtherPoint, TakeIn } from './TakeIn';
import { useClosingDraft } from './useClosingDraft';

export interface ClosingEditorProps {
  readonly about: ClosingAbout;
  /** Whose draft it is: another coach on this machine does not meet it. */
  readonly coachId: string;
  readonly goods: readonly GoodThing[];
  readonly others: readonly OtherPoint[];
  readonly evidence: Moments;
  readonly start: ReviewContent;
  readonly seenVersion: number;
}

/** The draft of a review, to be edited and signed. */
export function ClosingEditor({ about, coachId, goods, others, evidence, start, seenVersion }: ClosingEditorProps) {
  const router = useRouter();
  const fresh = useNewId();
  const { content, dispatch, forget } = useClosingDraft(
    `owl-closing-${coachId}-${aboutKey(about)}-${seenVersion}`,
    start,
  );
  const { message, pending: signing, run } = useAction();
  const [asking, setAsking] = useState(false);
  const sign = () =>
    run(
      () => signReview(about, seenVersion, content, fresh.id()),
      () => {
        fresh.renew();
        forget();
        router.refresh();
        // What comes next, sharing it, stands at the top.
        window.scrollTo({ top: 0 });
      },
    );
  const keys = keysOf(content.points);
  return (
    <>
      {message ? <Notice role="alert">{message}</Notice> : null}
      <Section>
        <h2>Done well</h2>
        <div className="note">One thing, first. It is said before anything else.</div>
        <div className="matter">
          <GoodEditor
            good={content.good}
            goods={goods}
            evidence={evidence}
            onChange={(good) => dispatch({ kind: 'good', good })}
          />
        </div>
      </Section>
      <Section>
        <h2>To work on</h2>
        <div className="note">
          First causes by what they cost here and what keeps happening, fit for the belt. At most three; fewer is
          better.
        </div>
        <div className="matter">
          <Stack $gap={6}>
            {content.points.map((point, at) => (
              <PointEditor
                key={keys[at]}
                number={at + 1}
                last={at === content.points.length - 1}
                point={point}
                evidence={evidence}
                onChange={(patch) => dispatch({ kind: 'point', at, patch })}
                onMove={(by) => dispatch({ kind: 'move-point', at, by })}
                onDrop={() => dispatch({ kind: 'drop-point', at })}
              />
            ))}
            {content.points.length < MOST_POINTS ? (
              <TakeIn
                others={others}
                points={content.points}
                onTake={(point) => dispatch({ kind: 'take-point', point })}
              />
            ) : (
              <Quiet>Three is the most: leave one out to take another.</Quiet>
            )}
          </Stack>
        </div>
      </Section>
      {about.kind === 'academy' ? null : (
        <Section>
          <h2>Questions</h2>
          <div className="note">
            What only the athlete can say: what they wanted, how it felt. Marks that wait for an answer are asked about
            here.
          </div>
          <div className="matter">
            <Stack>
              {content.questions.map((question, at) => (
                <Row key={question.markId ?? `own-${at}`}>
                  <div style={{ flex: 1 }}>
                    <TextArea
                      label={`Question ${at + 1}`}
                      rows={1}
                      value={question.text}
                      onChange={(text) => dispatch({ kind: 'question', at, text })}
                    />
                    {question.choices.length > 0 ? (
                      <Quiet>To choose from: {question.choices.map((one) => one.text).join(' · ')}</Quiet>
                    ) : null}
                  </div>
                  <Button look="plain" onPress={() => dispatch({ kind: 'drop-question', at })}>
                    Leave it out
                  </Button>
                </Row>
              ))}
              <Row>
                <Button onPress={() => dispatch({ kind: 'add-question' })}>Ask something</Button>
              </Row>
            </Stack>
          </div>
        </Section>
      )}
      <Section>
        <h2>A last word</h2>
        <div className="matter">
          <TextArea
            label="In your own words"
            value={content.remark}
            onChange={(text) => dispatch({ kind: 'remark', text })}
          />
        </div>
      </Section>
      <Row>
        <Button look="lead" onPress={() => setAsking(true)} isDisabled={signing}>
          {signing ? 'Signing …' : 'Sign the review'}
        </Button>
        <Quiet>A signed review stays as it is; opening it again makes a new version.</Quiet>
      </Row>
      <ConfirmDialog
        title="Sign this review?"
        text="It stays readable as you sign it. Opening it again later makes a new version."
        confirm="Sign it"
        isOpen={asking}
        onClose={() => setAsking(false)}
        onConfirm={sign}
      />
    </>
  );
}
