import type { Metadata } from 'next';
import { onePlace } from '@/app/onePlace';
import { AcademyPage } from '@/features/academy/AcademyPage';
import { loadAcademy } from '@/server/academy/loadAcademy';

export const metadata: Metadata = { title: 'Academy' };

interface Address {
  readonly searchParams: Promise<{ family?: string | string[]; belt?: string | string[] }>;
}

export default async function Academy({ searchParams }: Address) {
  const { family, belt } = await searchParams;
  return <AcademyPage {...(await loadAcademy(onePlace(family), onePlace(belt)))} />;
}
