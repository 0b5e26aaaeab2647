import { useRouter } from 'next/navigation';
import { useEffect, useState } from 'react';
import { isWaiting } from './keepView';
import type { useMarks } from './useMarks';

/** Goes on to the closing of the review once the last marks are kept, so that its draft knows them; where they cannot be sent, at the second try. */
export function useToClosing(
  { state, keeping }: Pick<ReturnType<typeof useMarks>, 'state' | 'keeping'>,
  roundId: string,
  say: (words: string) => void,
): () => void {
  const router = useRouter();
  const [isWanted, setWanted] = useState(false);
  const [wasTold, setTold] = useState(false);
  const isKept = state.pending.length === 0;
  const isStuck = isWaiting(keeping);
  useEffect(() => {
    if (!isWanted || !(isKept || isStuck)) return;
    setWanted(false);
    if (isKept || wasTold) return router.push(`/rounds/${roundId}/closing`);
    setTold(true);
    say('The draft does not know the marks that wait here. Once more goes to it all the same.');
  }, [isWanted, isKept, isStuck, wasTold, router, roundId, say]);
  return () => setWanted(true);
}
