'use client';
import { Box, Flex, Text } from '@chakra-ui/react';
import { METRIC_DEFINITIONS } from '@/core/assessment';
import { wantsOf } from '@/core/preference';
import { NeedTrack } from '@/ui/marks/NeedTrack';
import { OriginMark } from '@/ui/marks/OriginMark';
import { formatBase, formatNumber, knownBy, METRIC_WORDS, unitSign } from '@/ui/messages';
import type { BuildModel } from './use-build';

/** Every want before and after the parts, on its own scale with the need drawn through. */
export function BeforeAfter({ model }: { readonly model: BuildModel }) {
  const { entry, standing, reader } = model;
  return (
    <Box>
      <Flex justify="space-between" align="baseline" mb="1">
        <Text fontFamily="heading" fontWeight="700">
          Fit
        </Text>
        <Text aria-live="polite">
          <Text as="span" color="fg.muted">
            {formatNumber(entry.stockScore.points.mid)} →
          </Text>{' '}
          <Text as="span" fontFamily="heading" fontWeight="800" fontSize="xl">
            {formatNumber(entry.builtScore.points.mid)}
          </Text>{' '}
          of 100
        </Text>
      </Flex>
      {wantsOf(standing.brief).map((want) => {
        const { dimension, better } = METRIC_DEFINITIONS[want];
        const [stock, built] = [
          entry.stock.metrics[want].estimate,
          entry.built.metrics[want].estimate,
        ];
        const curve = standing.curves[want];
        const points = [stock, built].flatMap((e) =>
          e.kind === 'known' ? [e.interval.low, e.interval.high] : [],
        );
        const [low, high] = [
          Math.min(...points, curve.need, curve.floor),
          Math.max(...points, curve.need, curve.floor),
        ];
        const pad = (high - low) * 0.06 || 1;
        const moved =
          stock.kind === 'known' &&
          built.kind === 'known' &&
          Math.abs(stock.interval.mid - built.interval.mid) > 1e-6;
        return (
          <Flex
            key={want}
            align="center"
            gap="2"
            minH="34px"
            borderTopWidth="1px"
            borderColor="border.muted"
          >
            <Box width="108px" flexShrink={0} lineHeight="1.2">
              <Text>{METRIC_WORDS[want].short}</Text>
              <Text fontSize="xs" color="accent" fontWeight="700">
                {better === 'less' ? '≤' : '≥'} {formatBase(curve.need, dimension, reader)}
              </Text>
            </Box>
            <Box flex="1">
              <NeedTrack
                scale={{ low: low - pad, high: high + pad }}
                need={curve.need}
                better={better}
                interval={built.kind === 'known' ? built.interval : undefined}
                before={moved ? stock.interval.mid : undefined}
              />
            </Box>
            <Box width="112px" textAlign="right" lineHeight="1.2">
              {built.kind === 'known' ? (
                <>
                  <Text fontWeight="700">
                    <OriginMark known={knownBy(entry.built.metrics[want])} small />{' '}
                    {formatBase(built.interval.mid, dimension, reader)}{' '}
                    <Text as="span" fontWeight="400" fontSize="xs" color="fg.muted">
                      {unitSign(dimension, reader)}
                    </Text>
                  </Text>
                  {moved && (
                    <Text fontSize="xs" color="fg.muted">
                      was {formatBase(stock.interval.mid, dimension, reader)}
                    </Text>
                  )}
                </>
              ) : (
                <Text color="fg.muted">not known</Text>
              )}
            </Box>
          </Flex>
        );
      })}
    </Box>
  );
}
