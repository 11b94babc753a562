'use client';
import { Box, Button, Flex, Grid, Text, useBreakpointValue } from '@chakra-ui/react';
import Link from 'next/link';
import { memo, useCallback, useDeferredValue, useState } from 'react';
import { shortName } from '@/core/donor';
import { GROUNDS } from '@/core/brief';
import { WANT_KEYS, WANT_MATTERS } from '@/core/preference';
import { Panel } from '@/ui/fields';
import { formatNumber, GROUND_WORDS, METRIC_WORDS } from '@/ui/messages';
import { OriginMark, type Known } from '@/ui/marks/OriginMark';
import { ScreenHeading } from '@/ui/ScreenHeading';
import { FitAgainstOutlay } from './FitAgainstOutlay';
import { headline } from './headline';
import { useWeighUp, type View, type WeighUpModel } from './use-weigh-up';
import { WeighCards, WeighTable, type OnWorking } from './WeighTable';
import { WorkingPopover, type OpenWorking } from './Working';

const LEGEND: readonly (readonly [Known, string])[] = [['measured', 'measured'], ['claimed', 'maker’s claim'], ['heard', 'heard'], ['estimated', 'estimated'], ['computed', 'computed from several'], ['unknown', 'not known']];

/** Which candidate fits, by how much, and why. */
export function WeighUpScreen() {
  const model = useWeighUp();
  if (!model || model.rows.length === 0) return <NothingYet brief={model !== undefined} />;
  return <WeighUp model={model} />;
}

function NothingYet({ brief }: { readonly brief: boolean }) {
  return (
    <Box>
      <ScreenHeading title="Weigh-up">{brief ? 'No candidate yet. Add a donor and put it on the shortlist.' : 'No brief yet. Machines can be weighed only against one.'}</ScreenHeading>
      <Button asChild bg="accent" color="accent.ink"><Link href={brief ? '/donors' : '/brief'}>{brief ? 'To the donors' : 'To the brief'}</Link></Button>
    </Box>
  );
}

function ViewSwitch({ model }: { readonly model: WeighUpModel }) {
  const views: readonly (readonly [View, string])[] = [['stock', 'As they stand'], ['built', 'With parts chosen']];
  return (
    <Flex role="group" aria-label="Which state" borderWidth="1px" borderColor="border.emphasized" borderRadius="plate" overflow="hidden">
      {views.map(([view, words]) => (
        <Button key={view} size="sm" borderRadius="0" variant="ghost" aria-pressed={model.view === view} bg={model.view === view ? 'fg' : 'bg.panel'} color={model.view === view ? 'bg' : 'fg'} _hover={{ bg: model.view === view ? 'fg' : 'bg.subtle' }} onClick={() => model.setView(view)}>{words}</Button>
      ))}
    </Flex>
  );
}

function WeighUp({ model }: { readonly model: WeighUpModel }) {
  const [open, setOpen] = useState<OpenWorking>();
  const { answer, reasons } = headline(model.rows, model.view);
  const onWorking = useCallback<OnWorking>((row, metric, anchor) => setOpen({ metric, anchor, title: `${METRIC_WORDS[metric.key].name}: ${shortName(row.entry.donor)}` }), []);
  const wide = useBreakpointValue({ base: false, lg: true }, { ssr: false }) ?? true;
  // The ranking first; the picture and the table of weights follow when there is time.
  const later = useDeferredValue(model);
  return (
    <Box>
      <ScreenHeading title="Weigh-up" />
      <Flex gap="4" align="flex-start" justify="space-between" wrap="wrap" mb="3">
        <Box flex="1" minW="280px" maxW="860px" aria-live="polite">
          <Text fontSize="lg" fontWeight="600" lineHeight="1.3">{answer}</Text>
          {reasons.map((r) => <Text key={r} color="fg.muted">{r}</Text>)}
        </Box>
        <ViewSwitch model={model} />
      </Flex>
      <Box bg="bg.panel" borderWidth="1px" borderColor="border" borderRadius="plate" px={{ base: '3', md: '2' }} py="1">
        {wide ? <Box overflowX="auto" tabIndex={0} role="region" aria-label="Candidates against the brief"><WeighTable model={model} onWorking={onWorking} /></Box> : <WeighCards model={model} onWorking={onWorking} />}
      </Box>
      <Text fontSize="xs" color="fg.muted" mt="1.5">
        The upright line in each column is what the brief needs. A dot is the figure, the bar what it may be; a hollow red dot falls short. Click a figure for its working, a name for its points. Within 2 points candidates are level.
      </Text>
      <Flex wrap="wrap" columnGap="4" rowGap="1" mt="1" fontSize="xs" color="fg.muted">
        {LEGEND.map(([known, words]) => <Flex key={known} gap="1" align="center"><OriginMark known={known} /> {words}</Flex>)}
      </Flex>
      <Grid templateColumns={{ base: 'minmax(0, 1fr)', xl: 'minmax(0, 3fr) minmax(0, 2fr)' }} gap="4" mt="4">
        <Panel title="Fit against outlay"><LaterPicture model={later} /></Panel>
        <Panel title="How much each want matters where"><MattersTable model={later} /></Panel>
      </Grid>
      <WorkingPopover open={open} reader={model.reader} onClose={() => setOpen(undefined)} />
    </Box>
  );
}

const LaterPicture = memo(FitAgainstOutlay);

const MattersTable = memo(function MattersTable({ model }: { readonly model: WeighUpModel }) {
  return (
    <Box overflowX="auto" tabIndex={0} role="region" aria-label="How much each want matters where">
      <Box as="table" fontSize="xs" width="100%" css={{ '& td, & th': { padding: '3px 6px', textAlign: 'right' }, '& td:first-of-type, & th:first-of-type': { textAlign: 'left', paddingLeft: 0 } }}>
        <thead><tr><th>Want</th>{GROUNDS.map((g) => <th key={g}>{GROUND_WORDS[g]}<br /><Text as="span" color="fg.muted" fontWeight="400">{model.standing.brief.ground[g]}{'\u00a0'}%</Text></th>)}<th>weight</th></tr></thead>
        <tbody>
          {WANT_KEYS.map((want) => (
            <tr key={want}><td>{METRIC_WORDS[want].short}</td>{GROUNDS.map((g) => <td key={g}>{WANT_MATTERS[want][g]}</td>)}<td><b>{formatNumber(model.weightOf(want) * 100, 1)}</b></td></tr>
          ))}
        </tbody>
      </Box>
      <Text fontSize="xs" color="fg.muted" mt="2">0: not at all, 4: decides the day. Our own judgement of what riders miss where. Each column counts by its share of your distance; the sums make the weights.</Text>
    </Box>
  );
});
