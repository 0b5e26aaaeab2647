'use client';

import { useState } from 'react';
import { ComboField } from '@/ui/primitives';

export interface AddByNameProps {
  readonly label: string;
  readonly options: readonly { readonly id: string; readonly name: string }[];
  readonly onChoose: (id: string) => void;
  /** What to type; a name unless it says otherwise. */
  readonly placeholder?: string;
}

const MOST_OFFERED = 8;

/** Adds one of many by its name, one after the other: after a choice the field is empty, closed and still has the focus. */
export function AddByName({ label, options, onChoose, placeholder = 'a name' }: AddByNameProps) {
  const [text, setText] = useState('');
  const [chosen, setChosen] = useState(0);
  const wanted = text.trim().toLowerCase();
  const offered = options
    .filter((one) => wanted !== '' && one.name.toLowerCase().includes(wanted))
    .slice(0, MOST_OFFERED);
  return (
    <ComboField
      // The package would open its list again for the emptied field.
      key={chosen}
      autoFocus={chosen > 0}
      label={label}
      text={text}
      onText={setText}
      options={offered.map(({ id, name }) => ({ id, label: name }))}
      onChoose={(id) => {
        setText('');
        setChosen(chosen + 1);
        onChoose(id);
      }}
      placeholder={placeholder}
    />
  );
}
