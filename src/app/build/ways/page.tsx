import type { Metadata } from 'next';
import { WaysScreen } from '@/features/build';

export const metadata: Metadata = { title: 'Ways out' };

export default function Page() {
  return <WaysScreen />;
}
