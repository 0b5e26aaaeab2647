'use client';

import type { SharedStudent } from '@/core/reviewing';
import { dayWords } from '@/terms/dayWords';
import { Owl } from '@/ui/layout/Owl';
import { HomeworkBox } from './HomeworkBox';
import { Sheet } from './sheet';

export interface SharedStudentPageProps extends SharedStudent {
  readonly token: string;
}

/** A student's own page: homework, what to work on, what has become better, and every review that is shared. */
export function SharedStudentPage({ token, academyName, firstName, reviews, workOn, changed }: SharedStudentPageProps) {
  const homework = reviews.flatMap((review) =>
    review.points.filter((point) => point.homework).map((point) => ({ review, point })),
  );
  const better = changed.filter((one) => one.isBetter);
  return (
    <Sheet>
      <header>
        <div className="from">
          <Owl size={22} /> {academyName}
        </div>
        <h1>{firstName}, this is your page</h1>
      </header>
      <section aria-labelledby="now">
        <h2 id="now">Work on now</h2>
        {workOn.length === 0 ? <p>Nothing yet: your coach has to see more of your rounds.</p> : null}
        <ul className="plainly">
          {workOn.map((one) => (
            <li key={one.title}>
              <strong>{one.title}</strong>
              {one.cue ? <p className="cue">{one.cue}</p> : null}
            </li>
          ))}
        </ul>
        {better.length > 0 ? <p>Better than before: {better.map((one) => one.title).join(', ')}.</p> : null}
      </section>
      {homework.length > 0 ? (
        <section data-part="point" aria-labelledby="homework">
          <h2 id="homework">Homework</h2>
          {homework.map(({ review, point }) => (
            <div key={`${review.closingId} ${point.place}`}>
              <h3>{point.title}</h3>
              <HomeworkBox token={token} closingId={review.closingId} point={point} />
            </div>
          ))}
        </section>
      ) : null}
      <section data-part="point" aria-labelledby="reviews">
        <h2 id="reviews">Your reviews</h2>
        {reviews.length === 0 ? <p>Nothing is shared with you yet.</p> : null}
        <ol className="reviews">
          {reviews.map((review) => (
            <li key={review.closingId}>
              <a href={`/s/${token}/${review.closingId}`}>
                <strong>{dayWords(review.lastDay)}</strong>
                <br />
                {review.points.map((point) => point.title).join(' · ') || review.good.text}
              </a>
            </li>
          ))}
        </ol>
      </section>
    </Sheet>
  );
}
