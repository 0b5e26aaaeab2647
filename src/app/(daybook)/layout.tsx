import type { ReactNode } from 'react';
import { DaybookFrame } from '@/features/account/DaybookFrame';
import { requireCoach } from '@/server/accounts/currentCoach';

export default async function DaybookLayout({ children }: { children: ReactNode }) {
  const coach = await requireCoach();
  return <DaybookFrame coachName={coach.displayName}>{children}</DaybookFrame>;
}
