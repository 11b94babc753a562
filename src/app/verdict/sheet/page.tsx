import type { Metadata } from 'next';
import { SheetScreen } from '@/features/verdict';

export const metadata: Metadata = { title: 'Sheet' };

export default function Page() {
  return <SheetScreen />;
}
