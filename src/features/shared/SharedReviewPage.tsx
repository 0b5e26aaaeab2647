'use client';

import { useEffect } from 'react';
import type { SharedPoint, SharedReview } from '@/core/reviewing';
import { GENERAL_CAUTION } from '@/core/vocabulary';
import { noteLooked } from '@/server/sharing/studentActions';
import { dayWords } from '@/terms/dayWords';
import { Owl } from '@/ui/layout/Owl';
import { useLookAgain } from '@/ui/layout/useLookAgain';
import { Asked } from './Asked';
import { Feeling } from './Feeling';
import { HomeworkBox } from './HomeworkBox';
import { SharedClip } from './SharedClip';
import { Sheet } from './sheet';

export interface SharedReviewPageProps {
  readonly token: string;
  readonly review: SharedReview;
  /** The last day of the link. */
  readonly until: string;
  /** The student's own page, where they came from there. */
  readonly back?: string;
}

/** What a person does with a page, and a program that only fetches it does not. */
const gestures = ['pointerdown', 'keydown', 'scroll', 'touchstart'] as const;

/** A signed review as its student reads, watches and answers it. */
export function SharedReviewPage({ token, review, until, back }: SharedReviewPageProps) {
  const { closingId, coachName, firstName, good, points, questions, remark } = review;
  const clips = [good.clip, ...points.map((one) => one.clip)];
  useLookAgain(clips.some((one) => one && !one.isReady));
  useEffect(() => {
    const stop = new AbortController();
    const looked = () => {
      stop.abort();
      // Whether it was counted is nothing that a student can do anything about.
      noteLooked(token, {}).catch(() => undefined);
    };
    for (const gesture of gestures) window.addEventListener(gesture, looked, { signal: stop.signal, passive: true });
    return () => stop.abort();
  }, [token]);
  const folder = `/api/shared/${token}/${closingId}`;
  const days =
    review.firstDay === review.lastDay
      ? dayWords(review.firstDay)
      : `${dayWords(review.firstDay)} to ${dayWords(review.lastDay)}`;
  return (
    <Sheet>
      <header>
        <div className="from">
          <Owl size={22} /> {review.academyName}
        </div>
        <h1>
          {firstName}, your {review.isOneRound ? 'round' : 'rounds'} of {days}
        </h1>
        <p className="quiet">
          {coachName ? `Seen and written by ${coachName}` : 'Seen and written by your coach'}
          {back ? (
            <>
              {' · '}
              <a href={back}>all your reviews</a>
            </>
          ) : null}
        </p>
      </header>
      {good.text ? (
        <section data-part="good" aria-labelledby="good">
          <h2 id="good">This was good</h2>
          <p>{good.text}</p>
          {good.clip ? <SharedClip clip={good.clip} folder={folder} of="what was good" /> : null}
        </section>
      ) : null}
      {points.map((point) => (
        <Point key={point.place} token={token} closingId={closingId} point={point} folder={folder} />
      ))}
      {questions.length > 0 ? (
        <section data-part="point" aria-labelledby="asked">
          <h2 id="asked">Your coach asks</h2>
          {questions.map((question) => (
            <Asked key={question.place} token={token} closingId={closingId} question={question} />
          ))}
        </section>
      ) : null}
      <section data-part="point" aria-labelledby="felt">
        <h2 id="felt">How did it feel?</h2>
        <Feeling token={token} closingId={closingId} said={review.feeling} />
      </section>
      {remark ? <p>{remark}</p> : null}
      <p className="quiet">{GENERAL_CAUTION}</p>
      <p className="quiet">
        This page is yours until {dayWords(until)}. Others are in the picture, too: please do not pass the link on.
      </p>
    </Sheet>
  );
}

function Point({
  token,
  closingId,
  point,
  folder,
}: {
  readonly token: string;
  readonly closingId: string;
  readonly point: SharedPoint;
  readonly folder: string;
}) {
  const { place, title, text, cue, instead, branch, drill, homework, clip } = point;
  return (
    <section data-part="point" aria-labelledby={`point-${place}`}>
      <h2 id={`point-${place}`}>
        <span className="number">{place + 1}</span> {title}
      </h2>
      {text ? <p>{text}</p> : null}
      {clip ? <SharedClip clip={clip} folder={folder} of={title} /> : null}
      {cue ? <p className="cue">{cue}</p> : null}
      {instead ? (
        <p>
          <strong>Instead:</strong> {instead}
        </p>
      ) : null}
      {branch ? <p>{branch}</p> : null}
      {drill ? (
        <div>
          <h3>Drill: {drill.name}</h3>
          <p>{drill.start}</p>
          <p className="quiet">Your partner: {drill.counterpart}</p>
        </div>
      ) : null}
      {homework ? <HomeworkBox token={token} closingId={closingId} point={point} /> : null}
    </section>
  );
}
