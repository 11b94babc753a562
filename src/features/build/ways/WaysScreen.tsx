'use client';
import { Grid, Text } from '@chakra-ui/react';
import { spendable } from '@/core/brief';
import { shortName } from '@/core/donor';
import { leading, rank } from '@/core/preference';
import { waysOut, type Way } from '@/store/queries';
import { useDossierState } from '@/store/react';
import { useBestAnswer } from '@/store/running';
import { AnswerLine } from '@/ui/AnswerLine';
import { bestAnswer, formatNumber, WAY_WORDS } from '@/ui/messages';
import { TakeAnswer } from '@/ui/stored';
import { BuildFrame } from '../BuildFrame';
import type { BuildModel } from '../use-build';
import { WayCard } from './WayCard';

/** The ways out of the question, beside each other: what each costs now and by the trip, and what it leaves open. */
export function WaysScreen() {
  return (
    <BuildFrame
      words={({ entry }) => `What else could be done than building ${shortName(entry.donor)}.`}
    >
      {(model) => <Ways model={model} />}
    </BuildFrame>
  );
}

function Ways({ model }: { readonly model: BuildModel }) {
  const dossier = useDossierState((s) => s.dossier);
  const { standing, entry } = model;
  const free = spendable(standing.brief.money);
  const ways = waysOut(dossier, standing, entry, free);
  const open = ways.filter((w): w is Way => 'entry' in w);
  const order = rank(open.map((w) => ({ id: w.kind, score: w.score, musts: w.assessment.musts })));
  const { kind, first } = leading(order);
  const answer = bestAnswer(useBestAnswer(standing), model.reader);
  const best = open.find((w) => w.kind === first[0]?.id);
  return (
    <>
      <AnswerLine
        answer={answer}
        act={
          <TakeAnswer
            answer={answer}
            current={entry.candidate.id}
            also=""
            alone="Look at"
            onTaken={model.select}
          />
        }
      />
      <Text mb="3" aria-live="polite">
        {best && kind !== 'broken'
          ? `Of the ways out from ${shortName(entry.donor)}, “${WAY_WORDS[best.kind]}” comes out best${kind === 'doubtful' ? ' and leaves a must in doubt' : ''}: ${shortName(best.entry.donor)}, fit ${formatNumber(best.score.points.mid, 1)}${best.byTrip === undefined ? '' : ` for ${formatNumber(best.byTrip)} ${model.reader.currency}`}.`
          : `No way out from ${shortName(entry.donor)} keeps every must. The gaps of each are below.`}
      </Text>
      <Grid
        templateColumns={{
          base: 'minmax(0, 1fr)',
          md: 'repeat(2, minmax(0, 1fr))',
          xl: 'repeat(3, minmax(0, 1fr))',
        }}
        gap="3"
        alignItems="stretch"
      >
        {ways.map((way) => (
          <WayCard key={way.kind} way={way} model={model} first={way === best} />
        ))}
      </Grid>
    </>
  );
}
