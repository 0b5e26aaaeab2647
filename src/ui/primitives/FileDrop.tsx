'use client';

import { type DragEvent, useRef, useState } from 'react';
import { styled } from 'styled-components';
import { color, font, size, space } from '../tokens/tokens';

const Zone = styled.div`
  border: 1px dashed ${color.strongRule}; padding: ${space(6)}; display: flex; align-items: center; justify-content: space-between; gap: ${space(4)};
  background: ${color.raised};
  &[data-drop-target] { background: ${color.focusWash}; border-style: solid; border-color: ${color.focus}; }
  .words { font-family: ${font.serif}; font-size: ${size.large}; }
  .hint { color: ${color.quiet}; font-size: ${size.small}; }
  button { min-height: 38px; padding: 0 ${space(4)}; border: 1px solid ${color.ink}; background: ${color.ink}; color: ${color.ground}; font-weight: 600; cursor: pointer; border-radius: 2px; flex: none; }
`;

export interface FileDropProps {
  readonly words: string;
  readonly hint: string;
  readonly choose: string;
  readonly accept: readonly string[];
  readonly onFiles: (files: File[]) => void;
}

/** A place where files are dropped; its button chooses them by keyboard or pointer. */
export function FileDrop({ words, hint, choose, accept, onFiles }: FileDropProps) {
  const input = useRef<HTMLInputElement>(null);
  const [isOver, setOver] = useState(false);
  const drop = (event: DragEvent) => {
    event.preventDefault();
    // The page around it takes files, too: this place is nearer.
    event.stopPropagation();
    setOver(false);
    const files = [...event.dataTransfer.files];
    if (files.length > 0) onFiles(files);
  };
  return (
    <Zone
      role="group"
      aria-label={words}
      data-drop-target={isOver || undefined}
      onDragEnter={() => setOver(true)}
      onDragOver={(event) => event.preventDefault()}
      onDragLeave={(event) => event.currentTarget.contains(event.relatedTarget as Node | null) || setOver(false)}
      onDrop={drop}
    >
      <div>
        <div className="words">{words}</div>
        <div className="hint">{hint}</div>
      </div>
      <input
        ref={input}
        type="file"
        hidden
        multiple
        accept={accept.join(',')}
        onChange={(event) => {
          onFiles([...(event.target.files ?? [])]);
          // Choosing the same file again must be news, too.
          event.target.value = '';
        }}
      />
      <button type="button" onClick={() => input.current?.click()}>
        {choose}
      </button>
    </Zone>
  );
}
