'use client';
import { Box, Flex, Text } from '@chakra-ui/react';
import type { Way, WayOut } from '@/store/queries';
import { MustRow } from '@/ui/marks/MustSign';
import {
  METRIC_WORDS,
  formatWithUnit,
  formatNumber,
  Reader,
  cautionWords,
  lookFirstWords,
  WAY_WORDS,
  WAY_NONE_WORDS,
} from '@/ui/messages';
import { METRIC_DEFINITIONS } from '@/core/assessment';
import type { BuildModel } from '../use-build';
import { shortName } from '@/core/donor';
import { Link } from '@/ui/Link';
import { Plate } from '@/ui/marks/Plate';

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

export function WayCard({
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
            <Text fontWeight="600" flex="1" minW="0">
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
          {way.look.length > 0 && (
            <Text mt="1" fontSize="sm" color="unsure">
              {lookFirstWords(way.look, way.entry.donor)}
            </Text>
          )}
        </>
      )}
    </Box>
  );
}
