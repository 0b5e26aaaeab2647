'use client';

import { useState } from 'react';
import { styled } from 'styled-components';
import type { ClipInput } from '@/server/language/clipInput';
import { Quiet, Section } from '@/ui/layout/Page';
import { Button } from '@/ui/primitives';
import { space } from '@/ui/tokens/tokens';
import { ClipDialog } from './ClipDialog';
import { ClipPlayer } from './ClipPlayer';

export type ShownClip = ClipInput;

const Shelf = styled.div`
  display: grid; grid-template-columns: repeat(auto-fill, minmax(300px, 1fr)); gap: ${space(5)};
  figure { margin: 0; display: flex; flex-direction: column; gap: ${space(1)}; }
  figcaption { display: flex; gap: ${space(3)}; align-items: baseline; justify-content: space-between; }
`;

/** Pieces of own footage that show how it is done, slowed and with what was drawn on them. */
export function Clips({ conceptId, clips }: { readonly conceptId: string; readonly clips: readonly ShownClip[] }) {
  const [open, setOpen] = useState<ShownClip>();
  return (
    <Section>
      <h2>Reference clips</h2>
      <div className="note">From your own footage, slowed, with what you drew on it.</div>
      <div className="matter">
        {clips.length === 0 ? <p>None yet: choose “Keep as reference” beside a mark below.</p> : null}
        <Shelf>
          {clips.map((clip) => (
            <figure key={clip.id}>
              <ClipPlayer clip={clip} />
              <figcaption>
                <span>
                  {clip.caption || 'No caption'} <Quiet>{clip.speed}×</Quiet>
                </span>
                <Button look="plain" onPress={() => setOpen(clip)}>
                  Change
                </Button>
              </figcaption>
            </figure>
          ))}
        </Shelf>
      </div>
      {open ? (
        <ClipDialog
          clip={open}
          kept={clips.some((clip) => clip.id === open.id && clip.conceptId === conceptId)}
          onClose={() => setOpen(undefined)}
        />
      ) : null}
    </Section>
  );
}
