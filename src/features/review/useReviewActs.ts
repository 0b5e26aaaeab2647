import { useRouter } from 'next/navigation';
import { useKeyCommands } from '@/ui/keys/useKeyCommands';
import { type PanelCommand, panels } from './panels/registry';
import { reviewCommands } from './reviewCommands';
import { type ReviewCommand, reviewKeys } from './reviewKeys';
import type { ReviewDeskParts } from './useReviewDesk';

/** The desk with the verb by which keys and buttons work it. */
export interface ReviewDesk extends ReviewDeskParts {
  readonly act: (command: ReviewCommand, key: string) => void;
}

const isOwnCommand = (command: ReviewCommand): command is Exclude<ReviewCommand, PanelCommand> =>
  !command.startsWith('open ');

/** Opens a panel, or says why there is none of it for this round; its key closes it where it is open. */
function openPanel(desk: ReviewDeskParts, panel: (typeof panels)[number]): void {
  const why = 'refuse' in panel ? panel.refuse?.(desk) : undefined;
  if (why) desk.setSaid(why);
  else desk.setPanel(panel.toggles && desk.panel === panel.id ? 'ledger' : panel.id);
}

/** Lets keys and buttons work the desk. */
export function useReviewActs(parts: ReviewDeskParts): ReviewDesk {
  const router = useRouter();
  const commands = reviewCommands(parts, (path) => router.push(path));
  const act = (command: ReviewCommand, key: string) => {
    // What was said is answered by going on, but for what still runs.
    if (!parts.stopwatch.running && !parts.moves.linkFrom) parts.setSaid(undefined);
    const panel = panels.find(({ id }) => command === `open ${id}`);
    if (panel) openPanel(parts, panel);
    else if (isOwnCommand(command)) commands[command](key);
  };
  useKeyCommands(reviewKeys, act);
  return { ...parts, act };
}
