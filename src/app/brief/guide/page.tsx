import type { Metadata } from 'next';
import { GuideScreen } from '@/features/brief';

export const metadata: Metadata = { title: 'Brief, question by question' };

export default function Page() {
  return <GuideScreen />;
}
