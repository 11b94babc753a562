import type { Metadata } from 'next';
import { MachineScreen } from '@/features/weigh-up';

export const metadata: Metadata = { title: 'Under load' };

export default function Page() {
  return <MachineScreen />;
}
