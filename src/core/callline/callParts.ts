import { parseClock } from '../clock';
import { present } from '../kernel';
import type { CallContext } from './callContext';

/** A call without its remark: what stands after a dash is free text. */
export function splitNote(text: string): { readonly call: string; readonly note?: string } {
  // One sign before and one behind the dash: patterns that run over white space take forever on pasted text.
  const at = text.search(/\s[-–—]\s/);
  const note = at < 0 ? '' : text.slice(at + 2).trim();
  if (note !== '') return { call: text.slice(0, at).trimEnd(), note };
  const bare = text.trimEnd();
  return { call: /\s[-–—]$/.test(bare) ? bare.slice(0, -1).trimEnd() : text };
}

/** Takes "3 back" or "at 2:41" out of a call and gives the moment that it means; the moment of the call without one. */
export function readTimeShift(
  text: string,
  context: CallContext,
): { readonly text: string; readonly atSeconds: number } {
  const back = /(?:^|\s)(\d{1,3}(?:\.\d)?)\s+back(?:\s|$)/i.exec(text);
  if (back) return { text: text.replace(back[0], ' '), atSeconds: context.atSeconds - Number(back[1]) };
  const at = /(?:^|\s)at\s+(\d{1,3}:\d{2}(?:\.\d+)?)(?:\s|$)/i.exec(text);
  const seconds = at ? parseClock(present(at[1])) : undefined;
  if (at && seconds !== undefined)
    return { text: text.replace(at[0], ' '), atSeconds: context.roundStartSeconds + seconds };
  return { text, atSeconds: context.atSeconds };
}

/** Takes "led to …" or "after …" off a call: words that name the mark it is linked with. */
export function splitLink(text: string): { readonly text: string; readonly ledTo?: string; readonly after?: string } {
  const forward = /^(.*?)\s+(?:led|leads|leading)\s+to\s+(.+)$/is.exec(text);
  if (forward) return { text: present(forward[1]), ledTo: present(forward[2]).trim() };
  const backward = /^(.*?)\s+(?:after|because of)\s+(.+)$/is.exec(text);
  return backward ? { text: present(backward[1]), after: present(backward[2]).trim() } : { text };
}
