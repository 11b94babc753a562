'use client';
import { Box, Button, Flex, Heading, Text } from '@chakra-ui/react';
import { useRouter } from 'next/navigation';
import { useEffect } from 'react';
import { openExample, startBrief, type ExampleName } from '@/demo';
import { isUntouched } from '@/core/brief';
import { customOf } from '@/core/units';
import { BRIEF_KEY, isEmptyDossier } from '@/store/records';
import { useDossierState, useDossierStore, usePreferences } from '@/store/react';
import { Opening } from '@/ui/Opening';

const EXAMPLES: readonly {
  readonly name: ExampleName;
  readonly words: string;
  readonly line: string;
}[] = [
  {
    name: 'crossing',
    words: 'Open the example',
    line: 'A small rider, ten machines, a high plateau with long gaps between fuel: metric, euros.',
  },
  {
    name: 'forest',
    words: 'Open the forest example',
    line: 'A new rider, four used adverts, weekends on forest tracks: pounds, miles, dollars.',
  },
];

/** The empty dossier: two ways to begin. With something stored it hands over to the weigh-up. */
export function StartScreen() {
  const store = useDossierStore();
  const router = useRouter();
  const dossier = useDossierState((s) => s.dossier);
  const [, prefer] = usePreferences();
  const empty = isEmptyDossier(dossier);
  useEffect(() => {
    if (empty) return;
    const brief = dossier.briefs[BRIEF_KEY];
    // The page stands at its top: no need to lay it out once more for that.
    const there = { scroll: false };
    if (Object.keys(dossier.candidates).length > 0) router.replace('/weigh-up', there);
    else router.replace(brief && isUntouched(brief) ? '/brief/guide' : '/brief', there);
  }, [empty, dossier.candidates, dossier.briefs, router]);
  // An example opens there.
  useEffect(() => router.prefetch('/weigh-up'), [router]);
  const begin = () => {
    const { units, currency } = customOf(navigator.language);
    if (units !== 'metric') prefer({ units });
    startBrief(store, currency);
  };

  if (!empty) return <Opening />;
  return (
    <Flex
      direction="column"
      minH={{ md: '80dvh' }}
      justify="center"
      maxW="640px"
      pt={{ base: '64px', md: '0' }}
    >
      <Heading
        as="h1"
        fontSize={{ base: '3xl', md: '4xl' }}
        fontWeight="800"
        lineHeight="1.15"
        letterSpacing="-0.02em"
      >
        Which donor, which parts, for this ground and this money?
      </Heading>
      <Text mt="4" fontSize="md" color="fg.muted">
        Say who rides where and what it may cost. Jugator puts half-known figures on one footing,
        draws your need through them, and shows what stands between each machine and the trip.
      </Text>
      <Flex mt="7" gap="3" wrap="wrap">
        <Button size="lg" bg="accent" color="accent.ink" onClick={begin}>
          Start a brief
        </Button>
      </Flex>
      <Text mt="8" fontWeight="700">
        Or look around in an example first
      </Text>
      {EXAMPLES.map(({ name, words, line }) => (
        <Flex key={name} mt="2" gap="3" align="center" wrap="wrap">
          <Button
            variant="outline"
            borderColor="border.emphasized"
            minW="210px"
            onClick={() => {
              if (name === 'forest') prefer({ units: 'us' });
              void openExample(store, name);
            }}
          >
            {words}
          </Button>
          <Text flex="1" minW="220px" color="fg.muted" fontSize="sm">
            {line}
          </Text>
        </Flex>
      ))}
      <Box
        mt="6"
        pt="4"
        borderTopWidth="1px"
        borderTopStyle="dashed"
        borderColor="border.emphasized"
        color="fg.muted"
      >
        <Text>
          Everything stays in this browser. The examples are made up: makers, machines, parts and
          places.
        </Text>
        <Text mt="2">
          Jugator is no approval: local law, the maker’s manual, the insurer and a qualified
          workshop decide.
        </Text>
      </Box>
    </Flex>
  );
}
