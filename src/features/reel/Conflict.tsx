'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { styled } from 'styled-components';
import type { SavedReel } from '@/core/reel';
import { useNewId } from '@/forms/useNewId';
import { whyNot } from '@/forms/whyNot';
import { saveReel } from '@/server/reels/reelActions';
import { Row } from '@/ui/layout/Page';
import { Button } from '@/ui/primitives';
import { color, space } from '@/ui/tokens/tokens';
import type { Keeping } from './useReelEditing';

const Over = styled.div`
  position: absolute; z-index: 2; left: ${space(4)}; right: ${space(4)}; top: ${space(4)}; background: ${color.ground}; border: 1px solid ${color.focus}; padding: ${space(4)}; display: flex; flex-direction: column; gap: ${space(3)};
`;

/** Another coach changed the same reel: nothing of either is lost. */
export function Conflict({
  reelId,
  draft,
}: {
  readonly reelId: string;
  readonly draft: { readonly name: string; readonly content: SavedReel };
}) {
  const router = useRouter();
  const fresh = useNewId();
  const [problem, setProblem] = useState<string>();
  const keepMine = async () => {
    const id = fresh.id();
    const name = `${draft.name.slice(0, 110)}, mine`;
    const outcome = await saveReel({ name, content: draft.content }, { id, version: 0 }).catch(() => undefined);
    setProblem(whyNot(outcome));
    if (outcome?.ok) router.push(`/reels/${id}`);
  };
  return (
    <Over role="alert">
      <p>Another coach changed this reel meanwhile. What you changed since is on this page only.</p>
      {problem ? <p>{problem}</p> : null}
      <Row>
        <Button look="lead" onPress={() => void keepMine()}>
          Keep mine as another reel
        </Button>
        <Button onPress={() => window.location.assign(`/reels/${reelId}`)}>Take theirs</Button>
      </Row>
    </Over>
  );
}

/** Whether the reel is kept, as it stands beside its name. */
export function keepingWords(keeping: Keeping): string {
  if (typeof keeping === 'object') return keeping.why;
  const words = {
    kept: 'kept',
    changed: 'keeping …',
    away: 'the server is away: it is kept with the next change',
    conflict: 'not kept',
  };
  return words[keeping];
}
