import type { Metadata } from 'next';
import { RuleSetsPage } from '@/features/settings/RuleSetsPage';
import { loadRuleSets } from '@/server/settings/loadRuleSets';

export const metadata: Metadata = { title: 'Rules' };

export default async function Rules() {
  return <RuleSetsPage {...(await loadRuleSets())} />;
}
