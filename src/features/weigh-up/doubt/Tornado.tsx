'use client';
import { Box, Text } from '@chakra-ui/react';
import { tornado } from '@/core/doubt';
import type { WantKey } from '@/core/preference';
import { formatNumber, METRIC_WORDS } from '@/ui/messages';
import type { DoubtViewModel } from '@/store/running';

const MOST_SHOWN = 8;
const points = (x: number): string => `${x < 0 ? '−' : '+'}${formatNumber(Math.abs(x) * 100, 1)}`;

/** What each half-known figure does to the lead of the first over the second: a bar from its worst to its best, the widest on top. */
export function Tornado({
  doubt: { model, order, result },
  name,
}: {
  readonly doubt: DoubtViewModel;
  readonly name: (id: string) => string;
}) {
  const [first, second] = order;
  if (!result || first === undefined || second === undefined)
    return <Text color="fg.muted">Drawing …</Text>;
  const { lead, bars } = tornado(model, first, second);
  const shown = bars.slice(0, MOST_SHOWN);
  if (shown.length === 0) return <Text>Every figure of the two is known for certain.</Text>;
  const [low, high] = [
    Math.min(0, lead, ...shown.map((b) => b.low)),
    Math.max(0, lead, ...shown.map((b) => b.high)),
  ];
  const pad = (high - low) * 0.04;
  const x = (value: number) => `${((value - low + pad) / (high - low + 2 * pad)) * 100}%`;
  return (
    <Box>
      <Text fontSize="sm" color="fg.muted" mb="1">
        Lead of {name(first)} over {name(second)}: {points(lead)} points at the middle. Left of the
        upright line {name(second)} is ahead.
      </Text>
      <Box
        as="table"
        width="100%"
        css={{
          '& td, & th': { padding: '3px 6px 3px 0', textAlign: 'left', fontWeight: 400 },
          '& .n': { textAlign: 'right', whiteSpace: 'nowrap' },
        }}
      >
        <tbody>
          {shown.map((bar) => (
            <tr key={`${bar.id}${bar.criterion}`}>
              <th scope="row" style={{ width: '38%' }}>
                {METRIC_WORDS[bar.criterion as WantKey].short}, {name(bar.id)}
              </th>
              <td className="n">{points(bar.low)}</td>
              <td style={{ width: '36%' }} aria-hidden>
                <Box position="relative" height="16px" bg="bg.subtle">
                  <Box
                    position="absolute"
                    top="3px"
                    bottom="3px"
                    style={{ left: x(bar.low), width: `calc(${x(bar.high)} - ${x(bar.low)})` }}
                    bg={bar.low < 0 && bar.high > 0 ? 'unsure' : 'fg.subtle'}
                  />
                  <Box
                    position="absolute"
                    top="0"
                    bottom="0"
                    style={{ left: x(0) }}
                    width="2px"
                    bg="accent"
                  />
                </Box>
              </td>
              <td className="n">{points(bar.high)}</td>
            </tr>
          ))}
        </tbody>
      </Box>
    </Box>
  );
}
