import type { ReactNode } from 'react';
import { StyleRegistry } from '@/ui/tokens/StyleRegistry';
import { AcademyZone } from '../AcademyZone';

export default function Layout({ children }: { children: ReactNode }) {
  return (
    <StyleRegistry>
      <AcademyZone>{children}</AcademyZone>
    </StyleRegistry>
  );
}
