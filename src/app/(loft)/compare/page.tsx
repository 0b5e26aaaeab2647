import type { Metadata } from 'next';
import { NothingHere } from '@/features/account/NothingHere';
import { ComparePage } from '@/features/compare/ComparePage';
import { loadCompare } from '@/server/rounds/loadCompare';
import { HouseProvider } from '@/terms/HouseContext';

export const metadata: Metadata = { title: 'Compare' };

interface Address {
  readonly searchParams: Promise<{ left?: string; at?: string; right?: string; rightAt?: string }>;
}

export default async function Compare({ searchParams }: Address) {
  const { left, at, right, rightAt } = await searchParams;
  const { pieces, house } = await loadCompare();
  const first = pieces.find((one) => one.key === left) ?? pieces[0];
  if (!first) return <NothingHere />;
  return (
    <HouseProvider house={house}>
      <ComparePage
        pieces={pieces}
        leftKey={first.key}
        rightKey={right}
        atSeconds={Number(at) || undefined}
        rightAtSeconds={Number(rightAt) || undefined}
      />
    </HouseProvider>
  );
}
