import type { Metadata } from 'next';
import { NothingHere } from '@/features/account/NothingHere';
import { ExchangePage } from '@/features/settings/ExchangePage';
import { requireCoach } from '@/server/accounts/currentCoach';
import { loadExchange } from '@/server/exchange/loadExchange';

export const metadata: Metadata = { title: 'Taken along, brought in' };

export default async function Exchange() {
  const coach = await requireCoach();
  if (coach.role !== 'head') return <NothingHere />;
  return <ExchangePage first={await loadExchange()} />;
}
