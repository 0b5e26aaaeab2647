import type { ReactNode } from 'react';
import { academyZone } from '@/server/kernel/academyTime';
import { ZoneProvider } from '@/terms/ZoneContext';

/** Shows every time of day below it as the academy's clocks do. */
export const AcademyZone = async ({ children }: { readonly children: ReactNode }) => (
  <ZoneProvider timeZone={await academyZone()}>{children}</ZoneProvider>
);
