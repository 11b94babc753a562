'use client';
import NextLink from 'next/link';
import { useRouter } from 'next/navigation';
import type { ComponentProps } from 'react';

type Props = Omit<ComponentProps<typeof NextLink>, 'prefetch'>;

/**
 * A link to another screen. The screen behind it is fetched when the pointer or the focus comes to it, not for every link in sight: a
 * screen shows a dozen, and all of them at once would compete with its own first picture.
 */
export function Link({ onPointerEnter, onFocus, onTouchStart, ...props }: Props) {
  const router = useRouter();
  const { href } = props;
  const ahead = () => {
    if (typeof href === 'string' && href.startsWith('/')) router.prefetch(href);
  };
  return (
    <NextLink
      {...props}
      prefetch={false}
      onPointerEnter={(e) => {
        ahead();
        onPointerEnter?.(e);
      }}
      onFocus={(e) => {
        ahead();
        onFocus?.(e);
      }}
      onTouchStart={(e) => {
        ahead();
        onTouchStart?.(e);
      }}
    />
  );
}
