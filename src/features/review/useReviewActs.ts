import { useRouter } from 'next/navigation';
import { useKeyCommands } from '@/ui/keys/useKeyCommands';
import { reviewCommands } from './reviewCommands';
import { type ReviewCommand, reviewKeys } from './reviewKeys';
import type { ReviewDeskParts } from './useReviewDesk';

/** The desk with the verb by which keys and buttons work it. */
export interface ReviewDesk extends ReviewDeskParts {
  readonly act: (command: ReviewCommand, key: string) => void;
}

/** Lets keys and buttons work the desk. */
export function useReviewActs(parts: ReviewDeskParts): ReviewDesk {
  const router = useRouter();
  const commands = reviewCommands(parts, (path) => router.push(path));
  const act = (command: ReviewCommand, key: string) => {
    // What was said is answered by going on, but for what still runs.
    if (!parts.stopwatch.running && !parts.moves.linkFrom) parts.setSaid(undefined);
    commands[command](key);
  };
  useKeyCommands(reviewKeys, act);
  return { ...parts, act };
}
