import type { Metadata } from 'next';
import { CardScreen } from '@/features/verdict';

export const metadata: Metadata = { title: 'Card' };

export default function Page() {
  return <CardScreen />;
}
