'use client';
import { Box, chakra, Flex, Text } from '@chakra-ui/react';
import Link from 'next/link';
import { usePathname } from 'next/navigation';
import { STEPS, type Step } from './steps';
import { useLiveLines } from './use-live-lines';

const Cell = chakra(Link);
const Svg = chakra('svg');

const Drawing = ({ step, size = 28 }: { readonly step: Step; readonly size?: number }) => (
  <Svg
    viewBox="0 0 28 28"
    width={`${size}px`}
    height={`${size}px`}
    fill="none"
    stroke="currentColor"
    strokeWidth="1.6"
    strokeLinejoin="round"
    strokeLinecap="round"
    aria-hidden
    flexShrink={0}
  >
    {step.drawing}
  </Svg>
);

/** The job as a paper roll: one cell a step, each with its live line. */
export function Strip() {
  const path = usePathname();
  const lines = useLiveLines();
  return (
    <Flex
      as="nav"
      aria-label="Steps"
      _print={{ display: 'none' }}
      direction="column"
      position="sticky"
      top="0"
      height="100dvh"
      width="208px"
      flexShrink={0}
      bg="bg.panel"
      borderRightWidth="1px"
      borderColor="border"
      display={{ base: 'none', md: 'flex' }}
      pl="16px"
      backgroundImage="radial-gradient(circle at 8px 9px, var(--chakra-colors-bg) 3.2px, var(--chakra-colors-border) 3.2px, var(--chakra-colors-border) 4px, transparent 4.2px)"
      backgroundSize="16px 18px"
      backgroundRepeat="repeat-y"
    >
      <Text
        fontFamily="heading"
        fontWeight="800"
        fontSize="xl"
        letterSpacing="-0.01em"
        px="3"
        pt="5"
        pb="3"
      >
        Jugator
      </Text>
      {STEPS.map((step) => {
        const current = path === step.path || path.startsWith(`${step.path}/`);
        return (
          <Cell
            key={step.path}
            href={step.path}
            aria-current={current ? 'page' : undefined}
            display="flex"
            gap="3"
            px="3"
            py="3.5"
            borderTopWidth="1px"
            borderTopStyle="dashed"
            borderColor="border.emphasized"
            bg={current ? 'fg' : undefined}
            color={current ? 'bg' : 'fg'}
            _hover={current ? {} : { bg: 'bg.subtle' }}
          >
            <Drawing step={step} />
            <Box minW="0">
              <Flex gap="2" align="baseline" fontFamily="heading">
                <Text fontWeight="800" fontSize="md">
                  {step.key}
                </Text>
                <Text fontWeight="700" fontSize="md">
                  {step.name}
                </Text>
              </Flex>
              <Text fontSize="xs" lineHeight="1.35" opacity={0.92}>
                {lines[step.path]}
              </Text>
            </Box>
          </Cell>
        );
      })}
      <Box borderTopWidth="1px" borderTopStyle="dashed" borderColor="border.emphasized" flex="1" />
    </Flex>
  );
}

/** The strip laid down along the foot of a phone: the current cell open, the others folded. */
export function FootStrip() {
  const path = usePathname();
  const lines = useLiveLines();
  return (
    <Flex
      as="nav"
      aria-label="Steps"
      _print={{ display: 'none' }}
      position="fixed"
      bottom="0"
      left="0"
      right="0"
      zIndex={30}
      bg="bg.panel"
      borderTopWidth="1px"
      borderColor="border.emphasized"
      display={{ base: 'flex', md: 'none' }}
      height="64px"
    >
      {STEPS.map((step) => {
        const current = path === step.path || path.startsWith(`${step.path}/`);
        return (
          <Cell
            key={step.path}
            href={step.path}
            aria-current={current ? 'page' : undefined}
            aria-label={step.name}
            display="flex"
            alignItems="center"
            justifyContent="center"
            gap="2"
            px="1.5"
            flex={current ? '1' : '0 0 42px'}
            minW="0"
            bg={current ? 'fg' : undefined}
            color={current ? 'bg' : 'fg'}
            borderLeftWidth="1px"
            borderLeftStyle="dashed"
            borderColor="border.emphasized"
          >
            <Drawing step={step} size={24} />
            {current && (
              <Box minW="0">
                <Text fontFamily="heading" fontWeight="700" lineHeight="1.2">
                  {step.name}
                </Text>
                <Text fontSize="xs" lineHeight="1.2" lineClamp={2}>
                  {lines[step.path]}
                </Text>
              </Box>
            )}
          </Cell>
        );
      })}
    </Flex>
  );
}
