import type { Metadata } from 'next';
import { DonorsScreen } from '@/features/donors';

export const metadata: Metadata = { title: 'Donors' };

export default function Page() {
  return <DonorsScreen />;
}
