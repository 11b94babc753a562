'use client';

import { Flex, Grid } from '@chakra-ui/react';
import { memo, useDeferredValue } from 'react';
import { Panel } from '@/ui/fields';
import type { WeighUpModel } from './use-weigh-up';
import { FitAgainstOutlay } from './FitAgainstOutlay';
import { HeadToHead } from './pairs/HeadToHead';
import { PurposeTable } from './Purposes';
import type { OnWorking } from './table/Figure';
import { WhatCounts } from './WhatCounts';

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
  // At first there is none: the ranking is drawn, then this.
  const model = useDeferredValue(present, undefined);
  if (!model) return null;
  return (
    <Grid
      templateColumns={{ base: 'minmax(0, 1fr)', xl: 'repeat(2, minmax(0, 1fr))' }}
      gap="4"
      mt="4"
      alignItems="start"
    >
      <Flex direction="column" gap="4" minW="0">
        <LaterPair model={model} onWorking={onWorking} />
        <Panel title="Every purpose" below={400}>
          <PurposeTable view={model.view} />
        </Panel>
      </Flex>
      <Flex direction="column" gap="4" minW="0">
        <Panel title="Fit against outlay" below={440}>
          <LaterPicture model={model} />
        </Panel>
        <Panel title="What counts" below={760}>
          <WhatCounts model={model} />
        </Panel>
      </Flex>
    </Grid>
  );
});
