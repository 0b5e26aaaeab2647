'use client';

import { Choice, Select, TextField } from '@/ui/primitives';
import type { FieldOf } from './fieldOf';

export type Worn = 'gi' | 'no-gi';
export const WornField = ({ value, onChange }: FieldOf<Worn>) => (
  <Choice
    label="Worn"
    value={value}
    onChange={onChange}
    options={[
      { value: 'gi', label: 'Gi' },
      { value: 'no-gi', label: 'No-gi' },
    ]}
  />
);

export type Occasion = 'sparring' | 'positional' | 'competition';
export const occasionOptions: readonly { readonly value: Occasion; readonly label: string }[] = [
  { value: 'sparring', label: 'Sparring' },
  { value: 'positional', label: 'Positional' },
  { value: 'competition', label: 'Competition' },
];

export const RulesField = ({
  ruleSets,
  value,
  onChange,
}: FieldOf<string> & { readonly ruleSets: readonly { readonly id: string; readonly name: string }[] }) => (
  <Select
    label="Rules"
    value={value}
    onChange={onChange}
    options={ruleSets.map((one) => ({ value: one.id, label: one.name }))}
  />
);

export const LengthField = (field: FieldOf<string>) => (
  <TextField label="Length asked for" unit="min" inputMode="decimal" {...field} />
);

export const ThemeField = ({ hint, ...field }: FieldOf<string> & { readonly hint: string }) => (
  <TextField label="Theme or intent" hint={hint} {...field} />
);
