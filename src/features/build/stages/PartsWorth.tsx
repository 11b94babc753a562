'use client';
import { Box, Text } from '@chakra-ui/react';
import { lookFirst } from '@/core/suitability';
import type { NextBest } from '@/store/queries';
import { PlainTable } from '@/ui/fields';
import { formatNumber, lookForWords, lowerFirst } from '@/ui/messages';
import type { BuildModel } from '../use-build';
import type { StagesModel } from './use-stages';

/** What the next money is best spent on; on average where the machine may have it already. */
export function NextWords({
  next,
  model,
}: {
  readonly next: NextBest;
  readonly model: BuildModel;
}) {
  const { donor } = model.entry;
  const { added, points, mean, cost } = next;
  const spent = `${formatNumber(cost)} ${model.reader.currency}`;
  return (
    <Text>
      Best spent on <b>{added.map((p) => lowerFirst(p.name)).join(' with ')}</b>:{' '}
      {mean === undefined
        ? `${formatNumber(points, 1)} points more for ${spent}.`
        : `${formatNumber(mean, 1)} points more for ${spent}, on average over what its class has; ${formatNumber(points, 1)} if it has the least. ${lookForWords(lookFirst(added, donor), donor)}.`}
    </Text>
  );
}

/** What each part is worth in the build, what is missed least first. */
export function Worth({
  model,
  stages,
}: {
  readonly model: BuildModel;
  readonly stages: StagesModel;
}) {
  const { reader } = model;
  return (
    <>
      <PlainTable label="What each part is worth">
        <thead>
          <tr>
            <th>Without it</th>
            <th className="n">fit</th>
            <th className="n">saved, {reader.currency}</th>
            <Box as="th" className="n" display={{ base: 'none', sm: 'table-cell' }}>
              points for 100
            </Box>
          </tr>
        </thead>
        <tbody>
          {stages.removals.map(({ part, along, points, mean = points, saved }) => (
            <tr key={part.id}>
              <td>
                {part.name}
                {along.length > 0 && (
                  <Text as="span" color="fg.muted">
                    , and with it {along.map((p) => lowerFirst(p.name)).join(', ')}
                  </Text>
                )}
              </td>
              <td className="n" style={{ fontWeight: 700 }}>
                {goneWords(mean)}
                {mean !== points && (
                  <Text
                    as="span"
                    display={{ base: 'block', sm: 'inline' }}
                    color="fg.muted"
                    fontWeight="400"
                  >
                    {' '}
                    ({goneWords(points)})
                  </Text>
                )}
              </td>
              <td className="n">{saved === undefined ? 'not known' : formatNumber(saved)}</td>
              <Box as="td" className="n" display={{ base: 'none', sm: 'table-cell' }}>
                {saved === undefined || saved === 0 ? '–' : formatNumber((mean / saved) * 100, 2)}
              </Box>
            </tr>
          ))}
        </tbody>
      </PlainTable>
      <Text fontSize="xs" color="fg.muted" mt="1">
        What is missed least stands first. Money counts in the fit, too: a part that gives less than
        it costs gains by going.
        {stages.removals.some((r) => r.mean !== undefined) &&
          ' In brackets: counted as if the machine had the least of what nobody has told; before them, on average over what its class has.'}
      </Text>
    </>
  );
}

/** Points that go with a part; those that come have a plus. */
function goneWords(points: number): string {
  if (Math.abs(points) <= 0.005) return '0';
  return `${points > 0 ? '−' : '+'}${formatNumber(Math.abs(points), 2)}`;
}
