'use client';
import { Box, Button, Flex, Grid } from '@chakra-ui/react';
import { FileText, Smartphone } from 'lucide-react';
import { Link } from '@/ui/Link';
import { BRIEF_KEY } from '@/store/records';
import {
  nominalFor,
  partsOf,
  unpricedFor,
  withoutRate,
  type Standing,
  type StandingCandidate,
} from '@/store/queries';
import { useDossierState, useStanding } from '@/store/react';
import { useBestAnswer } from '@/store/running';
import { AnswerLine } from '@/ui/AnswerLine';
import { Panel } from '@/ui/fields';
import { bestAnswer } from '@/ui/messages';
import { ScreenHeading } from '@/ui/ScreenHeading';
import { RateNote, TakeAnswer } from '@/ui/stored';
import { Decision } from './Decision';
import { PastVerdicts } from './PastVerdicts';
import { ThisDay } from './ThisDay';
import { useVerdict, type VerdictModel } from './use-verdict';

/** The decision: which machine, on which way, why, and what stood that day; and those made before. */
export function VerdictScreen() {
  const standing = useStanding();
  const first = standing?.candidates[0];
  if (!standing || !first)
    return (
      <ScreenHeading title="Verdict">
        A verdict needs a brief and a candidate on the shortlist.{' '}
        <Link href="/donors" style={{ textDecoration: 'underline' }}>
          To the donors
        </Link>
      </ScreenHeading>
    );
  return <Verdict standing={standing} first={first} />;
}

function Verdict({
  standing,
  first,
}: {
  readonly standing: Standing;
  readonly first: StandingCandidate;
}) {
  const model = useVerdict(standing, first);
  const answer = bestAnswer(useBestAnswer(standing), model.reader);
  const purpose = useDossierState(
    (s) => s.dossier.briefs[BRIEF_KEY]?.purposes?.find((p) => p.id === standing.purpose)?.name,
  );
  return (
    <Box>
      <ScreenHeading title="Verdict">
        Take the decision, say why, and keep the day’s figures with it.
        {purpose ? ` Weighed for “${purpose}”; another purpose is chosen in the weigh-up.` : ''}
      </ScreenHeading>
      <Rates standing={standing} />
      <AnswerLine
        answer={answer}
        act={
          <TakeAnswer
            answer={answer}
            current={model.entry.candidate.id}
            also=", and decide on it"
            alone="Decide on"
            onTaken={(candidateId) => model.set({ candidateId })}
          />
        }
      />
      <Grid
        templateColumns={{ base: 'minmax(0, 1fr)', lg: 'minmax(0, 1.35fr) minmax(0, 1fr)' }}
        gap="4"
        alignItems="start"
      >
        <Decision model={model} />
        <Flex direction="column" gap="4" minW="0">
          <ThisDay model={model} />
          <ToGo model={model} />
        </Flex>
      </Grid>
      <PastVerdicts model={model} />
    </Box>
  );
}

/** What was not weighed, or only roughly, for want of a rate. */
function Rates({ standing }: { readonly standing: Standing }) {
  const dossier = useDossierState((s) => s.dossier);
  const parts = partsOf(dossier);
  const { money } = standing.brief;
  return (
    <RateNote
      money={money}
      machines={withoutRate(standing.candidates)}
      unpriced={unpricedFor(parts, dossier.donors, standing.candidates, money)}
      nominal={nominalFor(parts, dossier.donors, standing.candidates, money)}
    />
  );
}

function ToGo({ model: { entry, view } }: { readonly model: VerdictModel }) {
  const id = encodeURIComponent(entry.candidate.id);
  return (
    <Panel title="To take along">
      <Flex gap="2" wrap="wrap" pt="1">
        <Button asChild size="sm" variant="outline" borderColor="border.emphasized">
          <Link href={`/verdict/sheet?candidate=${id}&view=${view}`}>
            <FileText size={16} /> The sheet, to print
          </Link>
        </Button>
        <Button asChild size="sm" variant="outline" borderColor="border.emphasized">
          <Link href={`/verdict/card?candidate=${id}`}>
            <Smartphone size={16} /> Card for the dealer’s
          </Link>
        </Button>
      </Flex>
    </Panel>
  );
}
