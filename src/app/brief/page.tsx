import type { Metadata } from 'next';
import { BriefScreen } from '@/features/brief';

export const metadata: Metadata = { title: 'Brief' };

export default function Page() {
  return <BriefScreen />;
}
