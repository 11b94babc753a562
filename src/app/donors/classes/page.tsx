import type { Metadata } from 'next';
import { ClassesScreen } from '@/features/donors';

export const metadata: Metadata = { title: 'Classes' };

export default function Page() {
  return <ClassesScreen />;
}
