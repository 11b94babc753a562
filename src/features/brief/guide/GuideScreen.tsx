'use client';
import { Box, Button, chakra, Flex, Grid, Heading, Text } from '@chakra-ui/react';
import { ArrowLeft, ArrowRight } from 'lucide-react';
import { Link } from '@/ui/Link';
import { useSearchParams } from 'next/navigation';
import { Suspense, useState } from 'react';
import { briefOrigin, type Brief } from '@/core/brief';
import { startBrief } from '@/demo';
import { useClassShelf } from '@/store/running';
import { useDossierState, useDossierStore } from '@/store/react';
import { BRIEF_KEY } from '@/store/records';
import { shelfRows, shelfWords } from '@/ui/messages';
import { ClassShelf } from '@/ui/pictures/ClassShelf';
import { ScreenHeading } from '@/ui/ScreenHeading';
import { useBrief, type BriefModel } from '../use-brief';
import { ANSWERS } from './answers';
import { QUESTIONS } from './questions';

const Dot = chakra('button');

/** The brief asked one question at a time, with what it leads to beside it. */
export function GuideScreen() {
  return (
    <Suspense>
      <Guided />
    </Suspense>
  );
}

function Guided() {
  const store = useDossierStore();
  const brief = useDossierState((s) => s.dossier.briefs[BRIEF_KEY]);
  if (brief) return <Guide brief={brief} />;
  return (
    <Box>
      <ScreenHeading title="Brief">No brief yet.</ScreenHeading>
      <Button bg="accent" color="accent.ink" onClick={() => startBrief(store)}>
        Start a brief
      </Button>
    </Box>
  );
}

function Guide({ brief }: { readonly brief: Brief }) {
  const model = useBrief(brief);
  const asked = Number(useSearchParams().get('question') ?? 1);
  // The place is the screen's own, so that quick presses count each; the address only follows, for a reload.
  const [at, setAt] = useState(() =>
    Math.min(QUESTIONS.length, Math.max(1, Number.isInteger(asked) ? asked : 1)),
  );
  const question = QUESTIONS[at - 1] ?? QUESTIONS[0];
  const Answer = ANSWERS[question.id];
  const go = (to: number) => {
    setAt(to);
    window.history.replaceState(null, '', `/brief/guide?question=${to}`);
  };
  return (
    <Box>
      <Box mb="3" pr={{ md: '330px' }} pt={{ base: '44px', md: '0' }}>
        <Progress at={at} onGo={go} />
        <Heading as="h1" size="2xl" fontWeight="800" letterSpacing="-0.01em" mt="1">
          {question.title}
        </Heading>
        <Text color="fg.muted" mt="0.5" maxW="70ch">
          {question.why}
        </Text>
      </Box>
      <Grid
        templateColumns={{ base: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) minmax(0, 1.1fr)' }}
        gap="5"
        alignItems="start"
      >
        <Box
          as="section"
          bg="bg.panel"
          borderRadius="plate"
          borderWidth="1px"
          borderColor="border"
          p="4"
        >
          <Answer key={question.id} model={model} />
          <Steps at={at} model={model} onGo={go} />
        </Box>
        <SoFar />
      </Grid>
    </Box>
  );
}

function Progress({ at, onGo }: { readonly at: number; readonly onGo: (to: number) => void }) {
  return (
    <Flex gap="1" align="center" as="nav" aria-label="Questions">
      {QUESTIONS.map((q, i) => (
        <Dot
          key={q.id}
          type="button"
          aria-label={`Question ${i + 1}: ${q.title}`}
          aria-current={at === i + 1 ? 'step' : undefined}
          onClick={() => onGo(i + 1)}
          width="26px"
          height="24px"
          display="grid"
          placeItems="center"
          cursor="pointer"
        >
          <Box
            width="22px"
            height={at === i + 1 ? '8px' : '4px'}
            bg={i + 1 <= at ? 'accent' : 'border.emphasized'}
          />
        </Dot>
      ))}
      <Text fontSize="xs" color="fg.muted" ml="2">
        {at} of {QUESTIONS.length}
      </Text>
    </Flex>
  );
}

/** On, back, or past the question with what is then assumed. */
function Steps({
  at,
  model,
  onGo,
}: {
  readonly at: number;
  readonly model: BriefModel;
  readonly onGo: (to: number) => void;
}) {
  const question = QUESTIONS[at - 1] ?? QUESTIONS[0];
  const assumed = question.figures.some((f) => briefOrigin(model.brief, f).kind === 'assumed');
  return (
    <Flex
      mt="4"
      pt="3"
      gap="2"
      wrap="wrap"
      align="center"
      borderTopWidth="1px"
      borderColor="border"
    >
      {at > 1 && (
        <Button variant="outline" borderColor="border.emphasized" onClick={() => onGo(at - 1)}>
          <ArrowLeft size={16} /> Back
        </Button>
      )}
      {at < QUESTIONS.length ? (
        <Button bg="accent" color="accent.ink" onClick={() => onGo(at + 1)}>
          {assumed ? 'Leave it as assumed' : 'Next'} <ArrowRight size={16} />
        </Button>
      ) : (
        <Button asChild bg="accent" color="accent.ink">
          <Link href="/donors/classes">
            See where to look <ArrowRight size={16} />
          </Link>
        </Button>
      )}
      <Box flex="1" />
      <Button asChild variant="ghost" size="sm">
        <Link href="/brief">The full brief</Link>
      </Button>
    </Flex>
  );
}

/** The answer as it grows. */
function SoFar() {
  const { outlooks, settling } = useClassShelf();
  return (
    <Box as="section" aria-label="So far" minW="0">
      <Text fontWeight="600" mb="2" minH="4.4em" aria-live="polite">
        {outlooks.length === 0 ? 'Weighing the classes…' : shelfWords(outlooks)}
      </Text>
      <ClassShelf rows={shelfRows(outlooks)} settling={settling} />
      <Text fontSize="xs" color="fg.muted" mt="2">
        Nine classes of machine by what is typical of them: own estimates, low confidence, before
        any machine is known. Dark bar: how often all musts hold. Coloured bar: where the fit lies.
      </Text>
    </Box>
  );
}
