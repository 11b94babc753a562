'use client';
import { Box, Flex, Text } from '@chakra-ui/react';
import { spendable } from '@/core/brief';
import { firmness } from '@/core/doubt';
import { shortName } from '@/core/donor';
import { CautionList } from '@/ui/CautionList';
import { Panel } from '@/ui/fields';
import { MustRow } from '@/ui/marks/MustSign';
import { Plate } from '@/ui/marks/Plate';
import { brokenWords, formatNumber, placeWords } from '@/ui/messages';
import type { VerdictModel } from './use-verdict';

/** The choice in the figures of this moment: what would be kept with the verdict. */
export function ThisDay({
  model: { entry, standing, view, doubt, runnerUpId, reader },
}: {
  readonly model: VerdictModel;
}) {
  const [assessment, score, ranking] =
    view === 'stock'
      ? [entry.stock, entry.stockScore, standing.stockRanking]
      : [entry.built, entry.builtScore, standing.builtRanking];
  const ranked = ranking.find((r) => r.id === entry.candidate.id);
  const outlay = assessment.metrics.outlay.estimate;
  const spend = spendable(standing.brief.money);
  const next = standing.candidates.find((c) => c.candidate.id === runnerUpId);
  const stands = doubt.result ? firmness(doubt.result, entry.candidate.id, runnerUpId) : undefined;
  const grave = assessment.cautions.filter((c) => c.code !== 'tell-insurer');
  return (
    <Panel title="What stands today">
      <Flex gap="3" align="center" py="1">
        <Plate index={entry.candidate.plate} size={34} />
        <Box flex="1" minW="0">
          <Text fontFamily="heading" fontWeight="800" fontSize="lg" lineHeight="1.2">
            {shortName(entry.donor)}
          </Text>
          <Text fontSize="sm" color="fg.muted">
            {view === 'built' ? `with its ${entry.parts.length} parts` : 'as it stands'}
            {`, ${placeWords(ranked?.place, standing.candidates.length, assessment.musts)}`}
          </Text>
        </Box>
        <Box textAlign="right">
          <Text fontSize="2xl" fontWeight="800" lineHeight="1">
            {formatNumber(score.points.mid)}
          </Text>
          <Text fontSize="xs" color="fg.muted">
            {formatNumber(score.points.low)} to {formatNumber(score.points.high)} of 100
          </Text>
        </Box>
      </Flex>
      <Line name="Sure">
        <Text role="status">
          {stands ? (
            <>
              <b>first in {formatNumber(stands.first * 100)} %</b> of the draws with the weights in
              their order
              {next && stands.ahead !== undefined
                ? `, ahead of ${shortName(next.donor)} in ${formatNumber(stands.ahead * 100)} %`
                : ''}
              {brokenWords(stands.placed)}
            </>
          ) : (
            'drawing …'
          )}
        </Text>
      </Line>
      <Line name="Money">
        {outlay.kind === 'known' ? (
          <Text>
            <b>
              {formatNumber(outlay.interval.mid)} {reader.currency}
            </b>{' '}
            in all,{' '}
            {outlay.interval.mid <= spend
              ? `${formatNumber(spend - outlay.interval.mid)} left of`
              : `${formatNumber(outlay.interval.mid - spend)} over`}{' '}
            {formatNumber(spend)}
          </Text>
        ) : (
          <Text color="unsure">Price not known.</Text>
        )}
      </Line>
      <Line name="Musts">
        <MustRow musts={assessment.musts} reader={reader} />
      </Line>
      {grave.length > 0 && (
        <Line name="Cautions">
          <CautionList cautions={grave} reader={reader} />
        </Line>
      )}
    </Panel>
  );
}

function Line({ name, children }: { readonly name: string; readonly children: React.ReactNode }) {
  return (
    <Flex gap="3" py="1.5" borderTopWidth="1px" borderColor="border.muted" align="baseline">
      <Text width="72px" flexShrink={0} color="fg.muted">
        {name}
      </Text>
      <Box flex="1" minW="0">
        {children}
      </Box>
    </Flex>
  );
}
