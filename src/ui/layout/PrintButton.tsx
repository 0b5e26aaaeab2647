'use client';

import { Button } from '../primitives';

export function PrintButton() {
  return (
    <Button look="lead" onPress={() => window.print()}>
      Print
    </Button>
  );
}
