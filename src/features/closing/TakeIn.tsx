'use client';

import { useMemo } from 'react';
import { errors } from '@/core/vocabulary';
import { AddByName } from '@/forms/AddByName';
import { useWordOf } from '@/terms/HouseContext';
import { Quiet, Row, Stack } from '@/ui/layout/Page';
import { Button } from '@/ui/primitives';
import { entryOf, ownPoint, type WorkPoint } from './closingReducer';

export interface OtherPoint {
  readonly kind: 'error' | 'symptom' | 'chance' | 'principle';
  readonly point: WorkPoint;
}

const kindWords: Readonly<Record<OtherPoint['kind'], string>> = {
  error: 'More errors',
  symptom: 'What only followed',
  chance: 'Chances that were there',
  principle: 'What several have in common',
};
/** Of each kind; the rest is found by name. */
const SHOWN = 6;

export interface TakeInProps {
  readonly others: readonly OtherPoint[];
  readonly points: readonly WorkPoint[];
  readonly onTake: (point: WorkPoint) => void;
}

/** What else could be worked on: from the marks, any error by its name, or the coach's own words. */
export function TakeIn({ others, points, onTake }: TakeInProps) {
  const wordOf = useWordOf();
  const taken = new Set(points.map(entryOf));
  const left = others.filter((one) => !taken.has(entryOf(one.point)));
  const named = useMemo(() => errors.map(({ id }) => ({ id, name: wordOf(id) })), [wordOf]);
  const takeNamed = (errorId: string) =>
    onTake(
      left.find((one) => one.point.errorId === errorId)?.point ?? { ...ownPoint, errorId, title: wordOf(errorId) },
    );
  return (
    <Stack $gap={2}>
      {(Object.keys(kindWords) as OtherPoint['kind'][]).map((kind) => {
        const own = left.filter((one) => one.kind === kind).slice(0, SHOWN);
        return own.length === 0 ? null : (
          <Row key={kind}>
            <Quiet>{kindWords[kind]}:</Quiet>
            {own.map(({ point }) => (
              <Button key={entryOf(point)} onPress={() => onTake(point)}>
                {point.title}
              </Button>
            ))}
          </Row>
        );
      })}
      <Row style={{ alignItems: 'flex-end' }}>
        <AddByName label="Any other error" options={named} onChoose={takeNamed} />
        <Button onPress={() => onTake(ownPoint)}>In your own words</Button>
      </Row>
    </Stack>
  );
}
