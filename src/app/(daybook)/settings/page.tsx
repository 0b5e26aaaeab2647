import type { Metadata } from 'next';
import { SettingsPage } from '@/features/settings/SettingsPage';
import { loadSettings } from '@/server/settings/loadSettings';

export const metadata: Metadata = { title: 'Settings' };

export default async function Settings() {
  return <SettingsPage {...(await loadSettings())} />;
}
