import type { Metadata } from 'next';
import { VerdictScreen } from '@/features/verdict';

export const metadata: Metadata = { title: 'Verdict' };

export default function Page() {
  return <VerdictScreen />;
}
