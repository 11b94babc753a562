import { Button, Flex } from '@chakra-ui/react';
import type { Route } from 'next';
import Link from 'next/link';
import { usePathname } from 'next/navigation';

const ROOMS: readonly (readonly [Route, string])[] = [
  ['/build', 'Bench'],
  ['/build/catalogue', 'Catalogue'],
  ['/build/curve', 'Money curve'],
  ['/build/stages', 'Stages'],
  ['/build/ways', 'Ways out'],
];

/** The rooms of the build, one beside the other. */
export function BuildRooms() {
  const path = usePathname();
  return (
    <Flex
      as="nav"
      aria-label="Rooms of the build"
      _print={{ display: 'none' }}
      gap="1"
      wrap="wrap"
      borderBottomWidth="2px"
      borderColor="border.emphasized"
      mb="3"
    >
      {ROOMS.map(([href, name]) => (
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
