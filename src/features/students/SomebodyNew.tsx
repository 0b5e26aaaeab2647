'use client';

import { type ReactNode, useState } from 'react';
import type { WeightUnit } from '@/core/kernel';
import { Button, type ButtonProps } from '@/ui/primitives';
import { PersonDialog } from './PersonDialog';

/** The button that writes somebody down. */
export function SomebodyNew({
  unit,
  look,
  children,
}: {
  readonly unit: WeightUnit;
  readonly look?: ButtonProps['look'];
  readonly children: ReactNode;
}) {
  const [adding, setAdding] = useState(false);
  return (
    <>
      <Button look={look} onPress={() => setAdding(true)}>
        {children}
      </Button>
      <PersonDialog isOpen={adding} onClose={() => setAdding(false)} unit={unit} />
    </>
  );
}
