import type { Metadata } from 'next';
import { GearingScreen } from '@/features/gearing';

export const metadata: Metadata = { title: 'Gearing' };

export default function Page() {
  return <GearingScreen />;
}
