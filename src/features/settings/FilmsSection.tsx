'use client';

import { Quiet, Section, Stack } from '@/ui/layout/Page';
import { sizeWords } from './sizeWords';

export interface FilmsElsewhereLine {
  readonly isLeaving: boolean;
  readonly elsewhere: number;
  readonly bytesElsewhere: number;
  readonly bytesHere: number;
  readonly onlyHere: number;
}

const films = (count: number): string => (count === 1 ? 'One film' : `${count} films`);

/** Where films lie, where a store elsewhere is named. */
export function FilmsSection({ isLeaving, elsewhere, bytesElsewhere, bytesHere, onlyHere }: FilmsElsewhereLine) {
  return (
    <Section>
      <h2>Where films lie</h2>
      <div className="note">
        {isLeaving
          ? 'In the store elsewhere; those that were used last lie here as well.'
          : 'They are on their way home from the store elsewhere.'}
      </div>
      <div className="matter">
        <Stack>
          <p>
            {films(elsewhere)} elsewhere, {sizeWords(bytesElsewhere)}
            {bytesHere > 0 ? `; of that ${sizeWords(bytesHere)} here as well.` : ', none of it here.'}
          </p>
          {onlyHere > 0 ? (
            <Quiet>
              {films(onlyHere)} here only{isLeaving ? ': on the way there, one after the other' : ''}.
            </Quiet>
          ) : null}
        </Stack>
      </div>
    </Section>
  );
}
