'use client';
import { Box, chakra, Flex, Text } from '@chakra-ui/react';
import { Link } from '@/ui/Link';
import { usePathname } from 'next/navigation';
import { memo } from 'react';
import { useDossiers } from '@/store/react';
import { footCells } from './foot-cells';
import { isAt, STEP_GROUPS, STEPS, type Step, type StepGroup } from './steps';
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

/** Groups that have steps; those that are still to come are not shown. */
const GROUPS = (Object.keys(STEP_GROUPS) as readonly StepGroup[]).filter((g) =>
  STEPS.some((s) => s.group === g),
);
/** A name over the only half there is would tell nothing. */
const NAMED = GROUPS.filter((g) => STEP_GROUPS[g] !== '').length > 1;

/** Which dossier is open, where there are several. */
function Opened() {
  const { there, away, opened } = useDossiers();
  const name = there.find((d) => d.id === opened)?.name;
  return there.length + away.length > 1 && name !== undefined ? (
    <Text px="3" pb="2" fontSize="xs" color="fg.muted" lineHeight="1.2">
      {name}
    </Text>
  ) : null;
}

/** The job as a paper roll: one cell a step, each with its live line; the dossier stands apart at its foot. */
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
        pt="4"
        pb="2"
      >
        Jugator
      </Text>
      <Opened />
      {GROUPS.map((group) => (
        <Box key={group} mt={group === 'apart' ? 'auto' : undefined}>
          {NAMED && STEP_GROUPS[group] && (
            <Text px="3" pt="1" fontSize="xs" color="fg.muted" fontWeight="700">
              {STEP_GROUPS[group]}
            </Text>
          )}
          {STEPS.filter((s) => s.group === group).map((step) => (
            <StripCell
              key={step.path}
              step={step}
              current={isAt(step, path)}
              line={lines[step.path] ?? ''}
            />
          ))}
        </Box>
      ))}
    </Flex>
  );
}

/** Eleven of these and two names over them fit into 800 px. */
const StripCell = memo(function StripCell({
  step,
  current,
  line,
}: {
  readonly step: Step;
  readonly current: boolean;
  readonly line: string;
}) {
  return (
    <Cell
      href={step.path}
      aria-current={current ? 'page' : undefined}
      display="flex"
      gap="3"
      px="3"
      py={{ base: '1.5', '2xl': '3' }}
      minH="63px"
      borderTopWidth="1px"
      borderTopStyle="dashed"
      borderColor="border.emphasized"
      bg={current ? 'fg' : undefined}
      color={current ? 'bg' : 'fg'}
      _hover={current ? {} : { bg: 'bg.subtle' }}
    >
      <Drawing step={step} />
      <Box minW="0">
        <Flex gap="2" align="baseline" fontFamily="heading" lineHeight="1.25">
          <Text fontWeight="800" fontSize="md">
            {step.key.toUpperCase()}
          </Text>
          <Text fontWeight="700" fontSize="md">
            {step.name}
          </Text>
        </Flex>
        <Text fontSize="xs" lineHeight="1.3" opacity={0.92} lineClamp={2} title={line}>
          {line}
        </Text>
      </Box>
    </Cell>
  );
});

/** The strip laid down along the foot of a phone: the current cell open, the others folded. */
export function FootStrip() {
  const path = usePathname();
  const lines = useLiveLines();
  const current = STEPS.find((s) => isAt(s, path));
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
      {footCells(STEPS, current).map(({ step, leadsTo }) => (
        <FootCell
          key={step.path}
          step={step}
          name={leadsTo === 'group' ? STEP_GROUPS[step.group] : step.name}
          line={step === current ? (lines[step.path] ?? '') : undefined}
        />
      ))}
    </Flex>
  );
}

/** One cell of the foot; the current one is open and says its line. */
const FootCell = memo(function FootCell({
  step,
  name,
  line,
}: {
  readonly step: Step;
  readonly name: string;
  readonly line: string | undefined;
}) {
  const open = line !== undefined;
  return (
    <Cell
      href={step.path}
      aria-current={open ? 'page' : undefined}
      aria-label={name}
      display="flex"
      alignItems="center"
      justifyContent="center"
      gap="2"
      px="1"
      flex={open ? '1' : '0 0 38px'}
      minW="0"
      bg={open ? 'fg' : undefined}
      color={open ? 'bg' : 'fg'}
      borderLeftWidth="1px"
      borderLeftStyle="dashed"
      borderColor="border.emphasized"
    >
      <Drawing step={step} size={24} />
      {open && (
        <Box minW="0">
          <Text fontFamily="heading" fontWeight="700" lineHeight="1.2">
            {step.name}
          </Text>
          <Text fontSize="xs" lineHeight="1.2" lineClamp={2}>
            {line}
          </Text>
        </Box>
      )}
    </Cell>
  );
});
