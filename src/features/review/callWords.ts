import type { CallReading, CallRemark } from '@/core/callline';

/** What was not read, and what becomes of it. */
export function unreadWords({ remarks, choices }: CallReading): string {
  const [remark] = remarks;
  const unread =
    remark?.code === 'kept-as-remark' ? `I do not know “${remark.words.join(' ')}”` : 'Not sure what is meant';
  return `${unread}: ${choices.length > 0 ? 'choose with ↓, or ' : ''}Enter keeps it as a note.`;
}

/** With which other mark the call has to do. */
export function tieWords({ draft, causeId, finishesId, furthersId }: CallReading): string {
  if (furthersId) return ' · the attempt that was on came so far';
  if (finishesId) return draft?.kind === 'stoppage' ? ' · ends the stoppage' : ' · ends the attempt that was on';
  if (causeId) return ' · linked with its cause';
  return (draft?.ledTo ?? []).length > 0 ? ' · linked with what it led to' : '';
}

/** How sure the reading is, in words; nothing when it is. @source bounds: own decision, on the list of phrases */
export const sureness = (confidence: number): string =>
  confidence >= 0.85 || confidence === 0 ? '' : confidence >= 0.7 ? 'fairly sure' : 'a guess';

export function remarkText(remark: CallRemark): string {
  switch (remark.code) {
    case 'kept-as-remark':
      return `“${remark.words.join(' ')}” stays as a remark`;
    case 'close-call':
      return `↓ if you mean ${remark.other.name}`;
    case 'own-words':
      return 'kept in your words, to be named later';
    case 'no-name-yet':
      return 'kept without a name: ↓ says which';
    case 'no-such-consequence':
      return `no later mark for “${remark.words}” yet: kept as a remark`;
    case 'no-such-cause':
      return `nothing earlier “${remark.words}”: kept as a remark`;
  }
}
