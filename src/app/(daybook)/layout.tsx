import type { ReactNode } from 'react';
import { DaybookFrame } from '@/features/account/DaybookFrame';
import { requireCoach } from '@/server/accounts/currentCoach';
import { loadHouse } from '@/server/language/loadHouse';
import { HouseProvider } from '@/terms/HouseContext';

export default async function DaybookLayout({ children }: { children: ReactNode }) {
  const coach = await requireCoach();
  return (
    <HouseProvider house={await loadHouse()}>
      <DaybookFrame coachName={coach.displayName}>{children}</DaybookFrame>
    </HouseProvider>
  );
}
