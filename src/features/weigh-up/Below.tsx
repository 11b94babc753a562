'use client';

import { Box, Flex, Grid } from '@chakra-ui/react';
import { memo, useDeferredValue, useState } from 'react';
import { shortName } from '@/core/donor';
import { Choice, Panel } from '@/ui/fields';
import { type SideBySideProps, SideBySide } from './table/SideBySide';
import type { WeighRow, WeighUpModel } from './use-weigh-up';
import { FitAgainstOutlay } from './FitAgainstOutlay';
import { HeadToHead } from './pairs/HeadToHead';
import { PurposeTable } from './Purposes';
import type { OnWorking } from './table/Figure';
import { WhatCounts } from './WhatCounts';

const ON_A_PHONE = 3;
/** On a phone three at a time: the best of the order, or whichever the rider picks. */
export function Three({ model, ...table }: Omit<SideBySideProps, 'rows' | 'narrow'>) {
  const [picked, setPicked] = useState<readonly (string | undefined)[]>([]);
  const shown = Array.from(
    { length: Math.min(ON_A_PHONE, model.rows.length) },
    (_, i) => picked[i],
  ).reduce<readonly WeighRow[]>((list, id) => {
    const row =
      model.rows.find((r) => r.ranked.id === id && !list.includes(r)) ??
      model.rows.find((r) => !list.includes(r) && !picked.includes(r.ranked.id)) ??
      model.rows.find((r) => !list.includes(r));
    return row ? [...list, row] : list;
  }, []);
  const options = model.rows.map((r) => ({ value: r.ranked.id, words: shortName(r.entry.donor) }));
  return (
    <Box>
      <Flex gap="1" pt="2">
        {shown.map((row, i) => (
          <Box key={row.ranked.id} flex="1" minW="0">
            <Choice
              aria-label={`Column ${i + 1}`}
              wide="100%"
              value={row.ranked.id}
              options={options}
              onChange={(e) =>
                setPicked(
                  shown.map((r, k) =>
                    k === i
                      ? e.target.value
                      : r.ranked.id === e.target.value
                        ? row.ranked.id
                        : r.ranked.id,
                  ),
                )
              }
            />
          </Box>
        ))}
      </Flex>
      <SideBySide model={model} rows={shown} narrow {...table} />
    </Box>
  );
}

const LaterPicture = memo(FitAgainstOutlay);
const LaterPair = memo(HeadToHead);
/** What stands below the ranking follows when there is time. */
export const Below = memo(function Below({
  model: present,
  onWorking,
}: {
  readonly model: WeighUpModel;
  readonly onWorking: OnWorking;
}) {
  const model = useDeferredValue(present);
  return (
    <Grid
      templateColumns={{ base: 'minmax(0, 1fr)', xl: 'repeat(2, minmax(0, 1fr))' }}
      gap="4"
      mt="4"
      alignItems="start"
    >
      <Flex direction="column" gap="4" minW="0">
        <LaterPair model={model} onWorking={onWorking} />
        <Panel title="Every purpose">
          <PurposeTable view={model.view} />
        </Panel>
      </Flex>
      <Flex direction="column" gap="4" minW="0">
        <Panel title="Fit against outlay">
          <LaterPicture model={model} />
        </Panel>
        <Panel title="What counts">
          <WhatCounts model={model} />
        </Panel>
      </Flex>
    </Grid>
  );
});
