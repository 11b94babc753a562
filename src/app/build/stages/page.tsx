import type { Metadata } from 'next';
import { StagesScreen } from '@/features/build';

export const metadata: Metadata = { title: 'Stages' };

export default function Page() {
  return <StagesScreen />;
}
