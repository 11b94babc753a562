import type { Metadata } from 'next';
import { DoubtScreen } from '@/features/weigh-up';

export const metadata: Metadata = { title: 'How sure' };

export default function Page() {
  return <DoubtScreen />;
}
