import type { ReactNode } from 'react';
import { DaybookFrame } from '@/features/account/DaybookFrame';
import { requireCoach } from '@/server/accounts/currentCoach';
import { loadHouse } from '@/server/language/loadHouse';
import { loadAnswersWaiting } from '@/server/sharing/loadAnswersWaiting';
import { HouseProvider } from '@/terms/HouseContext';
import { StyleRegistry } from '@/ui/tokens/StyleRegistry';
import { AcademyZone } from '../AcademyZone';

export default async function DaybookLayout({ children }: { children: ReactNode }) {
  const coach = await requireCoach();
  const answersWaiting = await loadAnswersWaiting();
  return (
    <StyleRegistry>
      <HouseProvider house={await loadHouse()}>
        <AcademyZone>
          <DaybookFrame
            coachName={coach.displayName}
            answersWaiting={answersWaiting}
            hasFirstPassword={coach.passwordUntil !== undefined}
          >
            {children}
          </DaybookFrame>
        </AcademyZone>
      </HouseProvider>
    </StyleRegistry>
  );
}
