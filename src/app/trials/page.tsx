import type { Metadata } from 'next';
import { TrialsScreen } from '@/features/trials';

export const metadata: Metadata = { title: 'Trials' };

export default function Page() {
  return <TrialsScreen />;
}
