import type { Metadata } from 'next';
import { SetUpScreen } from '@/features/set-up';

export const metadata: Metadata = { title: 'Set-up' };

export default function Page() {
  return <SetUpScreen />;
}
