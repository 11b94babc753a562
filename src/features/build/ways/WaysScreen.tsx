'use client';
import { Box, Flex, Grid, Text } from '@chakra-ui/react';
import { Link } from '@/ui/Link';
import { METRIC_DEFINITIONS } from '@/core/assessment';
import { spendable } from '@/core/brief';
import { shortName } from '@/core/donor';
import { leading, rank } from '@/core/preference';
import { waysOut, type Way, type WayOut } from '@/store/queries';
import { useDossierState } from '@/store/react';
import { Plate } from '@/ui/marks/Plate';
import { useBestAnswer } from '@/store/running';
import { AnswerLine } from '@/ui/AnswerLine';
import { MustRow } from '@/ui/marks/MustSign';
import {
  bestAnswer,
  cautionWords,
  formatNumber,
  METRIC_WORDS,
  WAY_NONE_WORDS,
  WAY_WORDS,
  formatWithUnit,
  type Reader,
} from '@/ui/messages';
import { TakeAnswer } from '@/ui/stored';
import { BuildFrame } from '../BuildFrame';
import type { BuildModel } from '../use-build';

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

function WayCard({
  way,
  model,
  first,
}: {
  readonly way: WayOut;
  readonly model: BuildModel;
  readonly first: boolean;
}) {
  const { reader } = model;
  const money = (x: number | undefined) =>
    x === undefined ? 'not known' : `${formatNumber(x)} ${reader.currency}`;
  return (
    <Box
      as="section"
      aria-label={WAY_WORDS[way.kind]}
      bg="bg.panel"
      borderWidth="1px"
      borderColor={first ? 'accent' : 'border'}
      borderTopWidth="4px"
      borderRadius="plate"
      px="4"
      py="3"
    >
      <Text as="h2" fontFamily="heading" fontWeight="800" fontSize="md">
        {WAY_WORDS[way.kind]}
      </Text>
      {'none' in way ? (
        <Text color="fg.muted" mt="1">
          {WAY_NONE_WORDS[way.none]}{' '}
          {way.none === 'no-parts' && (
            <Link href="/build" style={{ textDecoration: 'underline' }}>
              Choose parts
            </Link>
          )}
        </Text>
      ) : (
        <>
          <Flex gap="2" align="center" mt="1">
            <Plate index={way.entry.candidate.plate} size={22} />
            <Text fontWeight="600" flex="1">
              {shortName(way.entry.donor)}
              {way.parts > 0 ? `, ${way.parts} parts` : ''}
            </Text>
            <Text fontFamily="heading" fontWeight="800" fontSize="xl">
              {formatNumber(way.score.points.mid, 1)}
            </Text>
          </Flex>
          <Box
            as="dl"
            mt="2"
            css={{
              '& div': {
                display: 'flex',
                justifyContent: 'space-between',
                gap: '12px',
                padding: '3px 0',
                borderTop: '1px solid var(--chakra-colors-border-muted)',
              },
              '& dd': { fontWeight: 600, textAlign: 'right' },
            }}
          >
            <div>
              <dt>outlay now</dt>
              <dd>{money(way.now)}</dd>
            </div>
            <div>
              <dt>by the trip</dt>
              <dd>{money(way.byTrip)}</dd>
            </div>
            <div>
              <dt>
                {way.left !== undefined && way.left < 0 ? 'over the money' : 'left for the trip'}
              </dt>
              <dd
                style={{
                  color:
                    way.left !== undefined && way.left < 0
                      ? 'var(--chakra-colors-fail)'
                      : undefined,
                }}
              >
                {money(way.left === undefined ? undefined : Math.abs(way.left))}
              </dd>
            </div>
            {way.firstRide !== way.score && (
              <div>
                <dt>fit on the first ride</dt>
                <dd>{formatNumber(way.firstRide.points.mid, 1)}</dd>
              </div>
            )}
            <div>
              <dt>in the shed, in a workshop</dt>
              <dd>
                {formatNumber(way.assessment.cost.shedHours, 1)} h,{' '}
                {formatNumber(way.assessment.cost.shopHours, 1)} h
              </dd>
            </div>
          </Box>
          <Musts way={way} reader={reader} />
          <Gaps way={way} model={model} />
          <Cautions way={way} model={model} />
        </>
      )}
    </Box>
  );
}

function Musts({ way, reader }: { readonly way: Way; readonly reader: Reader }) {
  return (
    <Box mt="2">
      <MustRow musts={way.assessment.musts} reader={reader} open />
    </Box>
  );
}

function Gaps({
  way,
  model: { reader, standing },
}: {
  readonly way: Way;
  readonly model: BuildModel;
}) {
  if (way.gaps.length === 0) return <Text mt="1">No gap is left.</Text>;
  const most = way.gaps.slice(0, 3).map(({ want, loss }) => {
    const { estimate } = way.assessment.metrics[want];
    const { dimension } = METRIC_DEFINITIONS[want];
    return `${METRIC_WORDS[want].short.toLowerCase()} ${estimate.kind === 'known' ? formatWithUnit(estimate.interval.mid, dimension, reader) : 'not known'} for ${formatWithUnit(standing.curves[want].need, dimension, reader)} (${formatNumber(loss, 1)})`;
  });
  return (
    <Text mt="1" fontSize="sm">
      {way.gaps.length === 1 ? 'One gap' : `${way.gaps.length} gaps`}: {most.join('; ')}
      {way.gaps.length > 3 ? ' …' : ''}
    </Text>
  );
}

function Cautions({ way, model: { reader } }: { readonly way: Way; readonly model: BuildModel }) {
  const words = way.assessment.cautions.map((c) => cautionWords(c, reader));
  if (words.length === 0) return null;
  const grave = words.filter((w) => w.grave);
  return (
    <Text mt="1" fontSize="sm" color={grave.length > 0 ? 'fail' : 'unsure'}>
      {words.length === 1 ? 'One caution' : `${words.length} cautions`}:{' '}
      {(grave.length > 0 ? grave : words)
        .slice(0, 2)
        .map((w) => w.what)
        .join(' ')}
    </Text>
  );
}
