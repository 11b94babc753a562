import type { Metadata } from 'next';
import { CurveScreen } from '@/features/build';

export const metadata: Metadata = { title: 'Money curve' };

export default function Page() {
  return <CurveScreen />;
}
