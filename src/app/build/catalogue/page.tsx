import type { Metadata } from 'next';
import { CatalogueScreen } from '@/features/build';

export const metadata: Metadata = { title: 'Catalogue' };

export default function Page() {
  return <CatalogueScreen />;
}
