'use client';
import { shortName } from '@/core/donor';
import { memo } from 'react';
import { Flex, Box, Text, Button } from '@chakra-ui/react';
import type { Standing } from '@/store/queries';
import type { CurvesModel } from '@/store/running';
import type { PickedCorner } from '@/ui/charts';
import { formatNumber, limitNames, inSentence } from '@/ui/messages';
import { Plate } from '@/ui/marks/Plate';

interface BestListProps {
  readonly best: CurvesModel['state']['best'];
  readonly standing: Standing;
  readonly currency: string;
  readonly onSee: (corner: PickedCorner) => void;
}

export const BestList = memo(function BestList({
  best: found,
  standing,
  currency,
  onSee,
}: BestListProps) {
  return (
    <>
      {standing.candidates.map(({ candidate: { id, plate }, donor }) => {
        const best = found.get(id);
        const build = best?.kind === 'build' ? best.build : undefined;
        return (
          <Flex
            key={id}
            gap="2"
            align="center"
            py="1.5"
            borderTopWidth="1px"
            borderColor="border.muted"
            _first={{ borderTopWidth: 0 }}
          >
            <Plate index={plate} size={22} />
            <Box flex="1" minW="0">
              <Text fontWeight="600">{shortName(donor)}</Text>
              <Text fontSize="xs" color="fg.muted">
                {build
                  ? `${build.partIds.length} parts, ${formatNumber(build.cost)} ${currency}`
                  : best?.kind === 'clash'
                    ? `clash: ${limitNames(best.limits)}`
                    : best?.kind === 'unknown'
                      ? `not known: ${best.missing.map((m) => inSentence(m)).join(', ')}`
                      : 'planning …'}
              </Text>
            </Box>
            {build && <Text fontWeight="700">{formatNumber(build.points, 1)}</Text>}
            {build && (
              <Button
                size="xs"
                variant="outline"
                borderColor="border.emphasized"
                aria-label={`See the build of ${shortName(donor)}`}
                onClick={() => onSee({ candidate: id, build })}
              >
                See it
              </Button>
            )}
          </Flex>
        );
      })}
    </>
  );
});
