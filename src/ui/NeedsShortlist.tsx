'use client';
import { Link } from '@/ui/Link';
import { ScreenHeading } from './ScreenHeading';

/** A screen that is about one machine of the shortlist, where there is none. */
export function NeedsShortlist({ title }: { readonly title: string }) {
  return (
    <ScreenHeading title={title}>
      A brief and a machine on the shortlist are needed. <Link href="/donors">To the donors</Link>
    </ScreenHeading>
  );
}
