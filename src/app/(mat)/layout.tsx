import type { ReactNode } from 'react';
import { MatFrame } from '@/features/account/MatFrame';
import { requireCoach } from '@/server/accounts/currentCoach';
import { loadHouse } from '@/server/language/loadHouse';
import { HouseProvider } from '@/terms/HouseContext';
import { StyleRegistry } from '@/ui/tokens/StyleRegistry';
import { AcademyZone } from '../AcademyZone';

export default async function Layout({ children }: { children: ReactNode }) {
  const { displayName, passwordUntil } = await requireCoach('helper');
  return (
    <StyleRegistry>
      <HouseProvider house={await loadHouse()}>
        <AcademyZone>
          <MatFrame name={displayName} hasFirstPassword={passwordUntil !== undefined}>
            {children}
          </MatFrame>
        </AcademyZone>
      </HouseProvider>
    </StyleRegistry>
  );
}
