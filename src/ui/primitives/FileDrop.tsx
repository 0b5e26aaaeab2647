'use client';

import { useRef } from 'react';
import { Button as AriaButton } from 'react-aria-components/Button';
import { DropZone } from 'react-aria-components/DropZone';
import { FileTrigger } from 'react-aria-components/FileTrigger';
import { styled } from 'styled-components';
import { color, font, size, space } from '../tokens/tokens';

const Zone = styled(DropZone)`
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

export function FileDrop({ words, hint, choose, accept, onFiles }: FileDropProps) {
  const input = useRef<HTMLInputElement>(null);
  const take = (list: FileList | null) => {
    if (list) onFiles([...list]);
    // Choosing the same file again must be news, too.
    if (input.current) input.current.value = '';
  };
  return (
    <Zone
      aria-label={words}
      onDrop={async (event) => {
        const files = await Promise.all(event.items.flatMap((item) => (item.kind === 'file' ? [item.getFile()] : [])));
        if (files.length > 0) onFiles(files);
      }}
    >
      <div>
        <div className="words">{words}</div>
        <div className="hint">{hint}</div>
      </div>
      <FileTrigger acceptedFileTypes={[...accept]} allowsMultiple ref={input} onSelect={take}>
        <AriaButton>{choose}</AriaButton>
      </FileTrigger>
    </Zone>
  );
}
