'use client';
import { Box, Button, chakra, Flex } from '@chakra-ui/react';
import { Link } from '@/ui/Link';
import type { ReactNode } from 'react';
import { shortName } from '@/core/donor';
import { Plate } from '@/ui/marks/Plate';
import { ScreenHeading } from '@/ui/ScreenHeading';
import { RateNote } from '@/ui/stored';
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
      <RateNote
        money={model.standing.brief.money}
        machines={whole ? model.withoutRateAnywhere : model.withoutRate}
        unpriced={whole ? model.unpricedAnywhere : model.unpriced}
        nominal={model.nominal}
      />
      {children(model)}
    </Box>
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
