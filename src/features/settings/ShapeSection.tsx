'use client';

import { type ClassShape, shapeNumbers, usualShape } from '@/core/planning';
import { Fields, Row, Section } from '@/ui/layout/Page';
import { Button, TextField } from '@/ui/primitives';

/** The numbers as they are typed. */
export type ShapeFields = Readonly<Record<keyof ClassShape, string>>;
const names = Object.keys(shapeNumbers) as (keyof ClassShape)[];

export const shapeFieldsOf = (shape: ClassShape): ShapeFields =>
  Object.fromEntries(names.map((name) => [name, String(shape[name])])) as ShapeFields;
export const shapeOf = (fields: ShapeFields): ClassShape =>
  Object.fromEntries(
    names.map((name) => [name, fields[name].trim() === '' ? Number.NaN : Number(fields[name])]),
  ) as unknown as ClassShape;

const labels: Readonly<Record<keyof ClassShape, { readonly label: string; readonly unit?: string }>> = {
  warmUpMinutes: { label: 'Warm-up', unit: 'min' },
  roundsMinutes: { label: 'Rounds', unit: 'min' },
  closeMinutes: { label: 'Close', unit: 'min' },
  leastLessonMinutes: { label: 'Shortest lesson', unit: 'min' },
  mostLessonMinutes: { label: 'Longest lesson', unit: 'min' },
  mostLessons: { label: 'Most lessons' },
  twoThemesMinutes: { label: 'Two themes from', unit: 'min' },
};

export interface ShapeSectionProps {
  readonly fields: ShapeFields;
  readonly onChange: (patch: Partial<ShapeFields>) => void;
  readonly isHead: boolean;
  readonly messages: Readonly<Record<string, string>>;
}

/** How the academy builds its classes: each number with why it is usually so. */
export function ShapeSection({ fields, onChange, isHead, messages }: ShapeSectionProps) {
  const usual = shapeFieldsOf(usualShape);
  const isUsual = names.every((name) => fields[name] === usual[name]);
  return (
    <Section>
      <h2>How classes are built</h2>
      <div className="note">Plans made from now on keep to it; those that are there stay.</div>
      <div className="matter">
        <Fields>
          {names.map((name) => (
            <TextField
              key={name}
              {...labels[name]}
              hint={`${shapeNumbers[name].usual} usually: ${shapeNumbers[name].reason}`}
              inputMode="numeric"
              value={fields[name]}
              onChange={(typed) => onChange({ [name]: typed })}
              isDisabled={!isHead}
              problem={messages[`classShape.${name}`]}
            />
          ))}
        </Fields>
        {isHead && !isUsual ? (
          <Row style={{ marginTop: 12 }}>
            <Button look="plain" onPress={() => onChange(usual)}>
              As usual again
            </Button>
          </Row>
        ) : null}
      </div>
    </Section>
  );
}
