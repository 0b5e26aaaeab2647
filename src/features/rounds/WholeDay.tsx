'use client';

import { useState } from 'react';
import type { Circumstances } from '@/core/round';
import { useAction } from '@/forms/useAction';
import { type CircumstancesBefore, restoreCircumstances, shareCircumstances } from '@/server/rounds/dayActions';
import { Notice, Quiet, Row } from '@/ui/layout/Page';
import { Button } from '@/ui/primitives';

/** What the whole session was like is said once: every other round of the day takes it over, and it can be taken back. */
export function WholeDay({
  roundId,
  circumstances,
}: {
  readonly roundId: string;
  readonly circumstances: Circumstances;
}) {
  const [before, setBefore] = useState<CircumstancesBefore>();
  const { message, pending, run } = useAction();
  const share = () =>
    run(
      () => {
        const { intensity, audience, wallNear, crowdedMat, filmedBy } = circumstances;
        return shareCircumstances(roundId, { intensity, audience, wallNear, crowdedMat, filmedBy });
      },
      (shared) => setBefore(shared.before),
    );
  const takeBack = () =>
    run(
      () => restoreCircumstances(before ?? []),
      () => setBefore(undefined),
    );
  return (
    <>
      {message ? <Notice role="alert">{message}</Notice> : null}
      <Row style={{ paddingTop: 16 }}>
        {before ? (
          <span role="status">
            {before.length === 0
              ? 'There is no other round on this day.'
              : `${before.length === 1 ? 'The other round' : `${before.length} other rounds`} of this day took it over. `}
            {before.length > 0 ? (
              <Button look="plain" onPress={takeBack} isPending={pending}>
                Undo
              </Button>
            ) : null}
          </span>
        ) : (
          <>
            <Button onPress={share} isPending={pending}>
              So it was the whole day
            </Button>
            <Quiet>How hard, who watched, the wall, the mat and the camera, for every round of this day.</Quiet>
          </>
        )}
      </Row>
    </>
  );
}
