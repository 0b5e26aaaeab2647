'use client';

import { type WeightUnit, weightUnitNames } from '@/core/kernel';
import { type AnyBelt, beltCloth, beltWords, mostStripes } from '@/core/vocabulary';
import { beltOptions, NOT_SAID, readBelt } from '@/terms/beltChoice';
import { FoldedBelt } from '@/ui/charts/FoldedBelt';
import { Choice, Select, TextField } from '@/ui/primitives';
import type { FieldOf } from './fieldOf';

/** A belt, or that nobody said which. */
export const BeltField = ({ label, value, onChange }: FieldOf<AnyBelt | undefined> & { readonly label: string }) => (
  <Select label={label} options={beltOptions} value={value ?? NOT_SAID} onChange={(belt) => onChange(readBelt(belt))} />
);

/** The stripes that a belt can carry. */
export const StripesField = ({ belt, value, onChange, problem }: FieldOf<number> & { readonly belt?: AnyBelt }) => (
  <Select
    label="Stripes"
    options={Array.from({ length: mostStripes(belt) + 1 }, (_, count) => ({
      value: String(count),
      label: String(count),
    }))}
    value={String(value)}
    onChange={(stripes) => onChange(Number(stripes))}
    problem={problem}
  />
);

/** A belt with its stripes as cloth. */
export const BeltPicture = ({ belt, stripes }: { readonly belt?: AnyBelt; readonly stripes: number }) => (
  <FoldedBelt {...beltCloth(belt)} stripes={stripes} label={beltWords(belt, stripes)} />
);

export interface WeightFieldProps extends FieldOf<string> {
  readonly label?: string;
  readonly unit: WeightUnit;
  readonly hint?: string;
}

/** A weight as it is typed, in the coach's own unit or with another one written behind it. */
export const WeightField = ({ label = 'Weight', unit, ...field }: WeightFieldProps) => (
  <TextField label={label} unit={unit} aria-description={weightUnitNames[unit]} inputMode="decimal" {...field} />
);

export const HeightField = (field: FieldOf<string>) => (
  <TextField label="Height" unit="cm" inputMode="numeric" {...field} />
);

export type Standing = 'student' | 'partner' | 'guest';
export const StandingField = ({ value, onChange }: FieldOf<Standing>) => (
  <Choice
    label="Is a"
    value={value}
    onChange={onChange}
    options={[
      { value: 'student', label: 'Student' },
      { value: 'partner', label: 'Partner' },
      { value: 'guest', label: 'Guest' },
    ]}
  />
);

export type Division = 'male' | 'female';
export const DivisionField = ({
  label = 'Division',
  value,
  onChange,
}: FieldOf<Division | undefined> & { readonly label?: string }) => (
  <Choice
    label={label}
    value={value}
    onChange={onChange}
    onClear={() => onChange(undefined)}
    options={[
      { value: 'female', label: 'Female' },
      { value: 'male', label: 'Male' },
    ]}
  />
);
