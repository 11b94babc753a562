import type { Metadata } from 'next';
import { StartScreen } from '@/features/start';

export const metadata: Metadata = { title: 'Start' };

export default function Page() {
  return <StartScreen />;
}
