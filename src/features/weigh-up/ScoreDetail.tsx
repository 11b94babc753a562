'use client';
import { CautionList } from '@/ui/CautionList';
import { Box, Button, chakra, Grid, Text } from '@chakra-ui/react';
import { Link as NextLink } from '@/ui/Link';
import { shortName } from '@/core/donor';
import { METRIC_DEFINITIONS, type Metric } from '@/core/assessment';
import {
  estimateText,
  formatNumber,
  formatWithUnit,
  knownBy,
  METRIC_WORDS,
  STANCE_WORDS,
  type Reader,
} from '@/ui/messages';
import { OriginMark } from '@/ui/marks/OriginMark';
import { MustList } from './MustList';
import type { WeighRow } from './use-weigh-up';

const Link = chakra('button');

/** Where every point of a candidate's score comes from, its musts and its cautions. */
export function ScoreDetail({
  row,
  reader,
  onWorking,
}: {
  readonly row: WeighRow;
  readonly reader: Reader;
  readonly onWorking: (metric: Metric, anchor: DOMRect) => void;
}) {
  const { assessment, score } = row;
  const ordered = score.contributions.toSorted((a, b) => b.weight - a.weight);
  return (
    <Grid
      templateColumns={{ base: 'minmax(0, 1fr)', lg: 'minmax(0, 3fr) minmax(0, 2fr)' }}
      gap="6"
      py="3"
    >
      <Box
        overflowX="auto"
        tabIndex={0}
        role="region"
        aria-label={`Points of ${shortName(row.entry.donor)}`}
      >
        <Text fontWeight="700" fontFamily="heading" mb="1">
          Where the {formatNumber(score.points.mid, 1)} points come from
        </Text>
        <Box
          as="table"
          width="100%"
          css={{
            '& td, & th': {
              padding: '3px 8px 3px 0',
              textAlign: 'left',
              verticalAlign: 'baseline',
            },
            '& .n': { textAlign: 'right', whiteSpace: 'nowrap' },
          }}
        >
          <thead>
            <tr>
              <th>Want</th>
              <th className="n">has</th>
              <th className="n">need</th>
              <th className="n">worth</th>
              <th className="n">× weight</th>
              <th className="n">= points</th>
            </tr>
          </thead>
          <tbody>
            {ordered.map((c) => {
              const { dimension } = METRIC_DEFINITIONS[c.want];
              const metric = assessment.metrics[c.want];
              return (
                <tr key={c.want}>
                  <td>
                    <Link
                      type="button"
                      textAlign="left"
                      textDecoration="underline"
                      textUnderlineOffset="3px"
                      cursor="pointer"
                      onClick={(e) => onWorking(metric, e.currentTarget.getBoundingClientRect())}
                    >
                      {METRIC_WORDS[c.want].name}
                    </Link>
                  </td>
                  <td className="n">
                    <OriginMark known={knownBy(metric)} small />{' '}
                    {estimateText(metric.estimate, dimension, reader)}
                  </td>
                  <td className="n">{formatWithUnit(c.curve.need, dimension, reader)}</td>
                  <td className="n">{c.known ? formatNumber(c.value.mid, 2) : '0 to 1'}</td>
                  <td className="n">{formatNumber(c.weight * 100, 1)}</td>
                  <td className="n">
                    <b>{formatNumber(c.points.mid, 1)}</b>
                  </td>
                </tr>
              );
            })}
            <tr>
              <td colSpan={5}>Sum, and what the spread of the readings leaves open</td>
              <td className="n">
                <b>{formatNumber(score.points.mid, 1)}</b> ({formatNumber(score.points.low)}–
                {formatNumber(score.points.high)})
              </td>
            </tr>
          </tbody>
        </Box>
        <Button asChild size="sm" variant="outline" borderColor="border.emphasized" mt="2">
          <NextLink
            href={`/weigh-up/machine?candidate=${encodeURIComponent(row.entry.candidate.id)}`}
          >
            Under load: reach, gaps, pull, range, axles
          </NextLink>
        </Button>
        <Text fontSize="xs" color="fg.muted" mt="1">
          Worth: 0 at the floor, 0.6 at the need, 1 at the ideal. A want that is not known counts as
          the worst it may be until it is told.
        </Text>
      </Box>
      <Box>
        <Text fontWeight="700" fontFamily="heading" mb="1">
          Musts
        </Text>
        <MustList row={row} reader={reader} />
        {assessment.stance.kind === 'known' && (
          <Text mt="2">
            Astride: {STANCE_WORDS[assessment.stance.band]}; one foot down:{' '}
            {STANCE_WORDS[assessment.stance.oneFootBand]}.{' '}
            <Text as="span" color="fg.muted">
              Flat {formatNumber(assessment.stance.probabilities.flat * 100)} %, balls{' '}
              {formatNumber(assessment.stance.probabilities.balls * 100)} %, tiptoes{' '}
              {formatNumber(assessment.stance.probabilities.tiptoes * 100)} %, less{' '}
              {formatNumber(assessment.stance.probabilities.none * 100)} %.
            </Text>
          </Text>
        )}
        {assessment.cautions.length > 0 && (
          <Text fontWeight="700" fontFamily="heading" mt="3" mb="1">
            Cautions
          </Text>
        )}
        <CautionList cautions={assessment.cautions} reader={reader} />
      </Box>
    </Grid>
  );
}
