import type { Metadata } from 'next';
import { WeighUpScreen } from '@/features/weigh-up';

export const metadata: Metadata = { title: 'Weigh-up' };

export default function Page() {
  return <WeighUpScreen />;
}
