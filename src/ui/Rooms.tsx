'use client';
import { Button, Flex } from '@chakra-ui/react';
import type { Route } from 'next';
import { Link } from '@/ui/Link';
import { usePathname } from 'next/navigation';

/** The rooms of a step, one beside the other. */
export function Rooms({
  label,
  rooms,
}: {
  readonly label: string;
  readonly rooms: readonly (readonly [Route, string])[];
}) {
  const path = usePathname();
  return (
    <Flex
      as="nav"
      aria-label={label}
      _print={{ display: 'none' }}
      gap="1"
      wrap="wrap"
      borderBottomWidth="2px"
      borderColor="border.emphasized"
      mb="3"
    >
      {rooms.map(([href, name]) => (
        <Button
          key={href}
          asChild
          size="sm"
          px={{ base: '2', md: '3' }}
          variant="ghost"
          borderRadius="0"
          height="38px"
          fontWeight={path === href ? '700' : '400'}
          bg={path === href ? 'bg.panel' : undefined}
          boxShadow={path === href ? 'inset 0 4px 0 var(--chakra-colors-accent)' : undefined}
        >
          <Link href={href} aria-current={path === href ? 'page' : undefined}>
            {name}
          </Link>
        </Button>
      ))}
    </Flex>
  );
}
