'use client';

import { useEffect, useState } from 'react';
import { styled } from 'styled-components';
import { z } from 'zod';
import type { Mark } from '@/core/round';
import { momentWords } from '@/terms/dayWords';
import { useWordOf } from '@/terms/HouseContext';
import { useZone } from '@/terms/ZoneContext';
import { Button } from '@/ui/primitives';
import { color, size, space } from '@/ui/tokens/tokens';
import { markWords, type Names } from '../../reviewView';
import { SidePanel } from '../../SidePanel';

const Lines = styled.ol`
  li { border-top: 1px solid ${color.rule}; padding: ${space(2)} 0; display: flex; gap: ${space(2)}; align-items: baseline; flex-wrap: wrap; }
  small { color: ${color.quiet}; font-size: ${size.small}; flex: 0 0 100%; }
  button { margin-left: auto; }
`;

const answerShape = z.object({
  versions: z.array(
    z.object({
      version: z.number(),
      mark: z.custom<Mark>((value) => typeof value === 'object' && value !== null),
      deleted: z.boolean(),
      by: z.string().optional(),
      at: z.string(),
    }),
  ),
});
type Version = z.output<typeof answerShape>['versions'][number];

export interface HistoryPanelProps {
  readonly address: string;
  readonly mark: Mark | undefined;
  readonly names: Names;
  readonly timeOf: (mediaSeconds: number) => string;
  readonly onPutBack: (now: Mark, before: Mark) => void;
  readonly onLeave: () => void;
}

/** Every form that the chosen mark has had, with who made it so and when; an earlier one can be put back. */
export function HistoryPanel({ address, mark, names, timeOf, onPutBack, onLeave }: HistoryPanelProps) {
  const wordOf = useWordOf();
  const zone = useZone();
  const [versions, setVersions] = useState<readonly Version[] | 'away'>();
  useEffect(() => {
    if (!mark) return;
    let left = false;
    const ask = async () => {
      const answer = await fetch(address.replace('{mark}', mark.id)).catch(() => undefined);
      const parsed = answer?.ok ? answerShape.safeParse(await answer.json().catch(() => undefined)) : undefined;
      if (!left) setVersions(parsed?.success ? parsed.data.versions : 'away');
    };
    // A change of one's own is on the server a moment later.
    const timer = setTimeout(() => void ask(), 500);
    return () => {
      left = true;
      clearTimeout(timer);
    };
  }, [address, mark]);
  const wordsOf = (one: Mark) => {
    const { who, what, how, saysNote } = markWords(one, names, wordOf);
    return [
      timeOf(one.atSeconds),
      who,
      what,
      how && `· ${how}`,
      one.note && one.kind !== 'note' && !saysNote && `— ${one.note}`,
    ]
      .filter(Boolean)
      .join(' ');
  };
  return (
    <SidePanel title="History of the mark" onLeave={onLeave}>
      {!mark ? <p>Choose a mark with ↑ and ↓, or in the ledger.</p> : null}
      {mark && versions === undefined ? <p role="status">Looking it up …</p> : null}
      {versions === 'away' ? <p role="alert">The server is away: the history comes when it is back.</p> : null}
      {mark && Array.isArray(versions) ? (
        <Lines aria-label="Forms of the mark">
          {versions.length === 0 ? <li>Not kept on the server yet.</li> : null}
          {versions.map((one: Version, at: number) => (
            <li key={one.version}>
              <span>{one.deleted ? 'deleted' : wordsOf(one.mark)}</span>
              {at > 0 && !one.deleted ? (
                <Button look="plain" onPress={() => onPutBack(mark, one.mark)}>
                  Put back
                </Button>
              ) : null}
              <small>
                {one.by ?? 'somebody'}, {momentWords(one.at, zone)}
                {at === 0 ? ', as it is now' : ''}
              </small>
            </li>
          ))}
        </Lines>
      ) : null}
    </SidePanel>
  );
}
