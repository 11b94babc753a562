import type { Metadata } from 'next';
import { PartsScreen } from '@/features/parts';

export const metadata: Metadata = { title: 'Parts' };

export default function Page() {
  return <PartsScreen />;
}
