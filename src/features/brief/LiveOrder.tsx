'use client';
import { Box, Flex, Text } from '@chakra-ui/react';
import { Link } from '@/ui/Link';
import { shortName } from '@/core/donor';
import { usePreferences, useStanding } from '@/store/react';
import { MustRow } from '@/ui/marks/MustSign';
import { Plate } from '@/ui/marks/Plate';
import { formatNumber, type Reader } from '@/ui/messages';

/** The shortlist as this brief orders it, moving while the brief is edited. */
export function LiveOrder() {
  const standing = useStanding();
  const [{ units }] = usePreferences();
  if (!standing || standing.stockRanking.length === 0)
    return (
      <Text color="fg.muted" py="1">
        No candidate on the shortlist yet.{' '}
        <Link href="/donors" style={{ textDecoration: 'underline' }}>
          To the donors
        </Link>
      </Text>
    );
  const reader: Reader = { units, currency: standing.brief.money.currency };
  return (
    <Box as="ol" listStyleType="none">
      {standing.stockRanking.map(({ id, place, score }) => {
        const entry = standing.candidates.find((c) => c.candidate.id === id);
        if (!entry) return null;
        const short = entry.stock.musts.filter((m) => m.verdict !== 'pass');
        return (
          <Flex
            as="li"
            key={id}
            align="center"
            gap="2"
            py="1"
            borderTopWidth="1px"
            borderColor="border.muted"
          >
            <Text width="22px" flexShrink={0} color="fg.muted">
              {place ?? '–'}
            </Text>
            <Plate index={entry.candidate.plate} size={20} />
            <Box flex="1" minW="0">
              <Text truncate>{shortName(entry.donor)}</Text>
              {short.length > 0 && (
                <Text fontSize="xs">
                  <MustRow musts={short} reader={reader} />
                </Text>
              )}
            </Box>
            <Box width="64px" height="8px" bg="bg.subtle" flexShrink={0}>
              <Box height="100%" bg="accent" width={`${score.points.mid}%`} />
            </Box>
            <Text width="28px" textAlign="right" fontWeight="700">
              {formatNumber(score.points.mid)}
            </Text>
          </Flex>
        );
      })}
    </Box>
  );
}
