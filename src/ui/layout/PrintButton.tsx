'use client';

import { Button, type ButtonProps } from '../primitives';

/** Prints the page as it is; `look` is the button's: leading where printing is what the page is for. */
export function PrintButton({ look = 'lead' }: { readonly look?: ButtonProps['look'] }) {
  return (
    <Button look={look} onPress={() => window.print()}>
      Print
    </Button>
  );
}
