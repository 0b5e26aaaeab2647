import type { ReactNode } from 'react';
import { StyleRegistry } from '@/ui/tokens/StyleRegistry';

/** Pages for students, who have no account: nothing on them leads into the application. */
export default function Layout({ children }: { children: ReactNode }) {
  return (
    <StyleRegistry>
      <div data-light="daybook">{children}</div>
    </StyleRegistry>
  );
}
