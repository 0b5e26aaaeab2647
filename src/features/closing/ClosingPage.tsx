'use client';

import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useEffect, useReducer, useState, useTransition } from 'react';
import { useNewId } from '@/forms/useNewId';
import { whyNot } from '@/forms/whyNot';
import { signReview } from '@/server/reviews/closingActions';
import type { ReviewContent } from '@/server/reviews/closingInput';
import { dayWords } from '@/terms/dayWords';
import { ActionLink, Notice, Page, Quiet, Row, Section, Stack } from '@/ui/layout/Page';
import { Button, ConfirmDialog, TextArea } from '@/ui/primitives';
import { closingReducer, MOST_POINTS, type WorkPoint } from './closingReducer';
import { Evidences, type Moments } from './Evidences';
import { PointEditor } from './PointEditor';
import { SignedReviewView, type SignedVersion } from './SignedReviewView';

export interface ClosingPageProps {
  readonly round: {
    readonly id: string;
    readonly heldOn: string;
    readonly a: string;
    readonly b: string;
    readonly markCount: number;
  };
  readonly slot: 'a' | 'b';
  readonly athleteName: string;
  /** Whose draft it is: another coach on this machine does not meet it. */
  readonly coachId: string;
  readonly draft: ReviewContent;
  readonly candidates: readonly WorkPoint[];
  readonly evidence: Moments;
  /** Newest first. */
  readonly signed: readonly SignedVersion[];
}

/** Closing the review of one athlete: a draft to be edited and signed, or what was signed, to be read, printed and opened again. */
export function ClosingPage(props: ClosingPageProps) {
  const { round, slot, athleteName, signed } = props;
  const [latest] = signed;
  const [reopened, setReopened] = useState(false);
  const other = slot === 'a' ? 'b' : 'a';
  const actions = (
    <>
      <ActionLink href={`/rounds/${round.id}`}>Back to the review</ActionLink>
      <ActionLink href={`/rounds/${round.id}/closing?for=${other}`}>For {round[other]} instead</ActionLink>
    </>
  );
  return (
    <Page
      title={`For ${athleteName}`}
      aside={`What comes of the round with ${round[other]} on ${dayWords(round.heldOn)}, ${round.markCount} marks`}
      actions={actions}
    >
      {latest && !reopened ? (
        <SignedReviewView
          signed={signed}
          roundId={round.id}
          evidence={props.evidence}
          onReopen={() => setReopened(true)}
        />
      ) : round.markCount === 0 ? (
        <Notice data-tone="calm">
          Nothing is marked in this round yet. <Link href={`/rounds/${round.id}`}>Review it first</Link>; the draft is
          made from the marks.
        </Notice>
      ) : (
        <Editor {...props} start={latest?.content ?? props.draft} seenVersion={latest?.version ?? 0} />
      )}
    </Page>
  );
}

function Editor({
  round,
  slot,
  coachId,
  candidates,
  evidence,
  start,
  seenVersion,
}: ClosingPageProps & { readonly start: ReviewContent; readonly seenVersion: number }) {
  const router = useRouter();
  const fresh = useNewId();
  const name = `owl-closing-${coachId}-${round.id}-${slot}-${seenVersion}`;
  const [content, dispatch] = useReducer(closingReducer, start);
  const [message, setMessage] = useState<string>();
  const [signing, startSigning] = useTransition();
  const [asking, setAsking] = useState(false);
  const [restored, setRestored] = useState(false);

  // What was written and not signed is still here after a closed page.
  useEffect(() => {
    try {
      const kept = localStorage.getItem(name);
      if (kept) dispatch({ kind: 'restore', content: JSON.parse(kept) as ReviewContent });
    } catch {
      // Storage may be forbidden: then an unsigned draft lasts as long as the page.
    }
    setRestored(true);
  }, [name]);
  useEffect(() => {
    if (!restored || content === start) return;
    try {
      localStorage.setItem(name, JSON.stringify(content));
    } catch {
      // See above.
    }
  }, [name, content, start, restored]);

  const sign = () =>
    startSigning(async () => {
      const outcome = await signReview(round.id, slot, seenVersion, content, fresh.id()).catch(() => undefined);
      setMessage(whyNot(outcome));
      if (!outcome?.ok) return;
      fresh.renew();
      try {
        localStorage.removeItem(name);
      } catch {
        // See above.
      }
      router.refresh();
    });
  const left = candidates.filter((one) => !content.points.some((point) => point.errorId === one.errorId));
  return (
    <>
      {message ? <Notice role="alert">{message}</Notice> : null}
      <Section>
        <h2>Done well</h2>
        <div className="note">One thing, first. It is said before anything else.</div>
        <div className="matter">
          <TextArea
            label="What was good"
            value={content.good.text}
            onChange={(text) => dispatch({ kind: 'good', text })}
          />
          <Evidences roundId={round.id} markIds={content.good.markIds} evidence={evidence} />
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
                key={point.errorId}
                number={at + 1}
                last={at === content.points.length - 1}
                point={point}
                roundId={round.id}
                evidence={evidence}
                onChange={(patch) => dispatch({ kind: 'point', at, patch })}
                onMove={(by) => dispatch({ kind: 'move-point', at, by })}
                onDrop={() => dispatch({ kind: 'drop-point', at })}
              />
            ))}
            {left.length > 0 && content.points.length < MOST_POINTS ? (
              <Row>
                <Quiet>Take in:</Quiet>
                {left.slice(0, 6).map((point) => (
                  <Button key={point.errorId} onPress={() => dispatch({ kind: 'take-point', point })}>
                    {point.title}
                  </Button>
                ))}
              </Row>
            ) : null}
          </Stack>
        </div>
      </Section>
      <Section>
        <h2>Questions</h2>
        <div className="note">What only the athlete can say. Marks that wait for an answer are asked about here.</div>
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
