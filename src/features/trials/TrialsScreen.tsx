'use client';
import { Box, Button, Flex, Grid, Text } from '@chakra-ui/react';
import { Plus } from 'lucide-react';
import { trialTable } from '@/core/tables';
import { Link } from '@/ui/Link';
import { namedCandidates } from '@/store/queries';
import { Panel } from '@/ui/fields';
import { Plate } from '@/ui/marks/Plate';
import { formatWithUnit } from '@/ui/messages';
import { Lead } from '@/ui/Lead';
import { NeedsShortlist } from '@/ui/NeedsShortlist';
import { CandidateChoice } from '@/ui/CandidateChoice';
import { ScreenHeading } from '@/ui/ScreenHeading';
import { CsvButton } from '@/ui/stored/CsvButton';
import { PhotoRoll } from '@/ui/stored/PhotoRoll';
import { FeltSoFar } from './FeltSoFar';
import { Offer } from './Offer';
import { OwnNeeds } from './OwnNeeds';
import { TrialCard } from './TrialCard';
import { useTrials, type TrialsModel, type VisitStop } from './use-trials';

/** What was sat on, ridden and looked at: the visit planned, what was felt, first and later, and what it changed. */
export function TrialsScreen() {
  const model = useTrials();
  if (!model) return <NeedsShortlist title="Trials" />;
  const { entry, standing } = model;
  return (
    <Box>
      <ScreenHeading title="Trials">
        What the sheet cannot tell: sit, push, ride, and ask again.
      </ScreenHeading>
      <Lead>{model.changed}</Lead>
      <Grid
        templateColumns={{ base: 'minmax(0, 1fr)', lg: 'minmax(0, 5fr) minmax(0, 6fr)' }}
        gap="4"
        alignItems="start"
      >
        <Flex direction="column" gap="4" minW="0">
          <Panel title="An hour at the dealer’s">
            <Visit model={model} />
          </Panel>
          <Panel title="What to bring">
            <Bring model={model} />
          </Panel>
        </Flex>
        <Flex direction="column" gap="4" minW="0">
          <Flex gap="2" align="center" wrap="wrap">
            <CandidateChoice
              candidates={namedCandidates(standing)}
              chosen={entry.candidate.id}
              onSelect={model.select}
            />
            <Button size="sm" bg="accent" color="accent.ink" onClick={model.begin}>
              <Plus size={15} /> Note a ride
            </Button>
            {model.trials.length > 0 && (
              <CsvButton table={() => trialTable(model.trials)} file="jugator-trials.csv" />
            )}
            <Button asChild size="sm" variant="outline" borderColor="border.emphasized">
              <Link href={`/verdict/card?candidate=${encodeURIComponent(entry.candidate.id)}`}>
                Card for sit and walk-round
              </Link>
            </Button>
          </Flex>
          {model.trials.length === 0 && (
            <Text color="fg.muted">
              {model.name} has not been tried. Sit and walk-round are ticked on its card; a ride is
              noted here.
            </Text>
          )}
          <FeltSoFar model={model} />
          {model.trials.toReversed().map((trial) => (
            <TrialCard
              key={trial.id}
              trial={trial}
              model={model}
              startsOpen={trial.id === model.begun}
            />
          ))}
          <PhotoRoll
            key={entry.candidate.donorId}
            donorId={entry.candidate.donorId}
            name={model.name}
          />
          <OwnNeeds model={model} />
          <Offer model={model} />
        </Flex>
      </Grid>
    </Box>
  );
}

const MINUTES = { sit: 8, look: 7 } as const;

/** The machines to see first, and for each the few things most worth finding out, in the order of an hour. */
function Visit({ model }: { readonly model: TrialsModel }) {
  const { visit } = model;
  const each = MINUTES.sit + MINUTES.look;
  const rest = 60 - each * visit.length;
  return (
    <>
      {visit.map((stop, i) => (
        <Stop key={stop.entry.candidate.id} stop={stop} from={i * each} model={model} />
      ))}
      {rest > 0 && (
        <Text fontSize="sm" color="fg.muted" borderTopWidth="1px" borderColor="border.muted" pt="2">
          From minute {each * visit.length}: ride the one that felt best, and last the one you came
          for.
        </Text>
      )}
    </>
  );
}

function Stop({
  stop,
  from,
  model,
}: {
  readonly stop: VisitStop;
  readonly from: number;
  readonly model: TrialsModel;
}) {
  const { entry, name, questions, trials } = stop;
  return (
    <Flex gap="3" py="2" borderTopWidth={from === 0 ? '0' : '1px'} borderColor="border.muted">
      <Text fontFamily="heading" fontWeight="800" width="34px" flexShrink={0}>
        {from}′
      </Text>
      <Box minW="0">
        <Flex align="center" gap="2">
          <Plate index={entry.candidate.plate} size={20} />
          <button
            type="button"
            style={{ fontWeight: 700, textDecoration: 'underline', cursor: 'pointer', minWidth: 0 }}
            onClick={() => model.select(entry.candidate.id)}
          >
            {name}
          </button>
          <Text fontSize="xs" color="fg.muted">
            {trials === 0 ? 'not tried yet' : `tried ${trials === 1 ? 'once' : `${trials} times`}`}
          </Text>
        </Flex>
        {questions.length === 0 ? (
          <Text fontSize="sm">
            Nothing half known of it would change the choice: sit, and ride it.
          </Text>
        ) : (
          <Box as="ol" listStyleType="decimal" pl="5" fontSize="sm">
            {questions.map((q) => (
              <li key={q.what}>
                <b>{q.what}</b>: {q.how}
              </li>
            ))}
          </Box>
        )}
      </Box>
    </Flex>
  );
}

function Bring({ model }: { readonly model: TrialsModel }) {
  const { brief } = model.standing;
  const { reader } = model;
  const luggage = brief.trip.luggage_kg;
  return (
    <Box as="ul" listStyleType="disc" pl="5">
      <li>Boots, helmet and the kit you ride in: reach and wind are judged in them.</li>
      {luggage > 0 && (
        <li>
          {formatWithUnit(luggage, 'mass', reader)} of luggage, or as much water in canisters, and
          straps.
        </li>
      )}
      <li>A tape, a torch, a telephone with the card; it works without a network.</li>
      <li>Licence, and what the dealer asks for a test ride.</li>
      <li>
        Somebody who holds the machine while you sit. Lift one from its side only where the seller
        allows it, with your legs, and not alone.
      </li>
    </Box>
  );
}
