'use client';
import { Box, Button, chakra, Flex, Text } from '@chakra-ui/react';
import Link from 'next/link';
import type { ReactNode } from 'react';
import { shortName } from '@/core/donor';
import { Plate } from '@/ui/marks/Plate';
import { unpricedWords } from '@/ui/messages';
import { ScreenHeading } from '@/ui/ScreenHeading';
import { BuildRooms } from './BuildRooms';
import { useBuild, type BuildModel } from './use-build';

const Tab = chakra('button');

/** What all screens of the build share: its rooms, the candidate, and what to do while there is none. */
export function BuildFrame({
  words,
  whole = false,
  children,
}: {
  readonly words: (model: BuildModel) => string;
  readonly whole?: boolean;
  readonly children: (model: BuildModel) => ReactNode;
}) {
  const model = useBuild();
  if (!model) {
    return (
      <Box>
        <ScreenHeading title="Build">
          A build needs a brief and a candidate on the shortlist.
        </ScreenHeading>
        <Button asChild bg="accent" color="accent.ink">
          <Link href="/donors">To the donors</Link>
        </Button>
      </Box>
    );
  }
  return (
    <Box>
      <ScreenHeading title="Build">{words(model)}</ScreenHeading>
      <BuildRooms />
      {!whole && <CandidateTabs model={model} />}
      <Unpriced
        count={whole ? model.unpricedAnywhere : model.unpriced}
        currency={model.reader.currency}
      />
      {children(model)}
    </Box>
  );
}

/** Said in every room before anything there is called best. */
function Unpriced({ count, currency }: { readonly count: number; readonly currency: string }) {
  if (count === 0) return null;
  return (
    <Text fontWeight="600" color="unsure" mb="3" maxW="80ch">
      {unpricedWords(count, currency)} <Link href="/brief">Enter the rate in the brief.</Link>
    </Text>
  );
}

function CandidateTabs({ model }: { readonly model: BuildModel }) {
  return (
    <Flex
      role="group"
      aria-label="Candidate"
      _print={{ display: 'none' }}
      gap="1"
      mb="3"
      wrap={{ base: 'nowrap', md: 'wrap' }}
      overflowX="auto"
    >
      {model.standing.candidates.map((c) => {
        const current = c.candidate.id === model.entry.candidate.id;
        return (
          <Tab
            key={c.candidate.id}
            type="button"
            aria-pressed={current}
            onClick={() => model.select(c.candidate.id)}
            display="flex"
            alignItems="center"
            gap="2"
            px="2"
            py="1.5"
            cursor="pointer"
            flexShrink={0}
            borderBottomWidth="3px"
            borderColor={current ? 'accent' : 'transparent'}
            bg={current ? 'bg.panel' : undefined}
            _hover={{ bg: 'bg.panel' }}
            fontWeight={current ? '700' : '400'}
            title={`${c.donor.maker} ${shortName(c.donor)}`}
          >
            <Plate index={c.candidate.plate} size={24} />
            <Box as="span" display={{ base: current ? 'inline' : 'none', xl: 'inline' }}>
              {shortName(c.donor)}
            </Box>
          </Tab>
        );
      })}
    </Flex>
  );
}
