import type { Metadata } from 'next';
import { DossierScreen } from '@/features/dossier';

export const metadata: Metadata = { title: 'Dossier' };

export default function Page() {
  return <DossierScreen />;
}
