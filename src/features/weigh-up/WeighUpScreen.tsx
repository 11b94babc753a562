'use client';
import { Box, Button, Checkbox, Flex, Text, useBreakpointValue } from '@chakra-ui/react';
import { Link } from '@/ui/Link';
import { memo, Suspense, useCallback, useState } from 'react';
import type { MetricKey } from '@/core/assessment';
import { shortName } from '@/core/donor';
import { withoutRate } from '@/store/queries';
import { useEver } from '@/ui/fields';
import { METRIC_WORDS, planningWords, soFar } from '@/ui/messages';
import { late } from '@/ui/late';
import { ScreenHeading } from '@/ui/ScreenHeading';
import { headline } from './headline';
import { whySentences } from './pairs/why';
import { PurposeTabs } from './Purposes';
import { SideBySide } from './table/SideBySide';
import { Three } from './table/Three';
import type { OnWorking } from './table/Figure';
import { metricOf, useWeighUp, type State, type WeighRow, type WeighUpModel } from './use-weigh-up';
import type { OpenWorking } from './Working';
import { Legend } from './Legend';

// The ranking comes first; what stands below it, or is opened from it, is fetched behind it.
const Below = late(async () => (await import('./Below')).Below);
const CandidatePanel = late(async () => (await import('./CandidatePanel')).CandidatePanel);
const RateNote = late(async () => (await import('@/ui/stored')).RateNote);
const WorkingPopover = late(async () => (await import('./Working')).WorkingPopover);

/** Which candidate fits, by how much, and why. */
export function WeighUpScreen() {
  const model = useWeighUp();
  if (!model || model.rows.length === 0) return <NothingYet brief={model !== undefined} />;
  return <WeighUp model={model} />;
}

function NothingYet({ brief }: { readonly brief: boolean }) {
  return (
    <Box>
      <ScreenHeading title="Weigh-up">
        {brief
          ? 'No candidate yet. Add a donor and put it on the shortlist.'
          : 'No brief yet. Machines can be weighed only against one.'}
      </ScreenHeading>
      <Button asChild bg="accent" color="accent.ink">
        <Link href={brief ? '/donors' : '/brief'}>{brief ? 'To the donors' : 'To the brief'}</Link>
      </Button>
    </Box>
  );
}

const ViewSwitch = memo(function ViewSwitch({
  state: shown,
  setState,
}: Pick<WeighUpModel, 'state' | 'setState'>) {
  const states: readonly (readonly [State, string])[] = [
    ['stock', 'As they stand'],
    ['built', 'With my parts'],
    ['best', 'With the best parts'],
  ];
  return (
    <Flex
      role="group"
      aria-label="Which state"
      borderWidth="1px"
      borderColor="border.emphasized"
      borderRadius="plate"
      overflow="hidden"
      wrap="wrap"
    >
      {states.map(([state, words]) => (
        <Button
          key={state}
          size="sm"
          borderRadius="0"
          variant="ghost"
          aria-pressed={shown === state}
          bg={shown === state ? 'fg' : 'bg.panel'}
          color={shown === state ? 'bg' : 'fg'}
          _hover={{ bg: shown === state ? 'fg' : 'bg.subtle' }}
          onClick={() => setState(state)}
        >
          {words}
        </Button>
      ))}
    </Flex>
  );
});

/** Whose figure is asked for its working; it is looked up among what stands now, so that it follows edits. */
interface Asked {
  readonly id: string;
  readonly metric: MetricKey;
  readonly anchor: DOMRect;
}

function workingOf(rows: readonly WeighRow[], asked: Asked | undefined): OpenWorking | undefined {
  const row = rows.find((r) => r.ranked.id === asked?.id);
  return row && asked
    ? {
        metric: metricOf(row.assessment, asked.metric),
        anchor: asked.anchor,
        title: `${METRIC_WORDS[asked.metric].name}: ${shortName(row.entry.donor)}`,
      }
    : undefined;
}

function WeighUp({ model }: { readonly model: WeighUpModel }) {
  const [open, setOpen] = useState<Asked>();
  const asked = useEver(open !== undefined);
  const [candidate, setCandidate] = useState<string>();
  const { answer, reasons } = headline(model.rows, model.state, model.closersKnown);
  const unrated = withoutRate(model.standing.candidates);
  const [first, second] = model.rows.filter((r) => r.ranked.place !== undefined);
  const onWorking = useCallback<OnWorking>(
    (row, metric, anchor) => setOpen({ id: row.ranked.id, metric: metric.key, anchor }),
    [],
  );
  const toggle = useCallback(
    (id: string) => setCandidate((now) => (now === id ? undefined : id)),
    [],
  );
  const wide = useBreakpointValue({ base: false, md: true }, { ssr: false }) ?? true;
  const opened = model.rows.find((r) => r.ranked.id === candidate);
  return (
    <Box>
      <ScreenHeading title="Weigh-up" />
      <PurposeTabs standing={model.standing} />
      <Flex gap="4" align="flex-start" justify="space-between" wrap="wrap" mb="3">
        <Box flex="1" minW="280px" maxW="900px" aria-live="polite">
          <Text fontSize="lg" fontWeight="600" lineHeight="1.3">
            {model.planning ? soFar(answer, model.planning) : answer}
          </Text>
          {model.planning && model.planning.planned < model.planning.of && (
            <Text color="unsure" fontWeight="600">
              {planningWords(model.planning)}
            </Text>
          )}
          {first &&
            second &&
            model.sort === 'fit' &&
            whySentences(first, second, model.reader).map((r) => <Text key={r}>{r}</Text>)}
          {model.rows.length > 1 && (
            <Link href="/weigh-up/doubt" style={{ textDecoration: 'underline', fontWeight: 600 }}>
              How sure is this?
            </Link>
          )}
        </Box>
        <ViewSwitch state={model.state} setState={model.setState} />
      </Flex>
      {unrated.count > 0 && (
        <Suspense>
          <RateNote money={model.standing.brief.money} machines={unrated} />
        </Suspense>
      )}
      <Box mb="2">
        {reasons.map((r) => (
          <Text key={r} color="fg.muted">
            {r}
          </Text>
        ))}
      </Box>
      <Flex gap="5" wrap="wrap" mb="1.5">
        <Tick
          label={`Hide what is equal${model.hidden > 0 ? ` (${model.hidden})` : ''}`}
          on={model.hideEqual}
          onSet={model.setHideEqual}
        />
        <Tick label="Under load and keeping it, too" on={model.more} onSet={model.setMore} />
      </Flex>
      <Box bg="bg.panel" borderWidth="1px" borderColor="border" borderRadius="plate" px="2" pb="2">
        {wide ? (
          <Box
            overflowX="auto"
            tabIndex={0}
            role="region"
            aria-label="Side by side"
            // What changes in it moves nothing outside: that halves the layout of an edit.
            css={{ contain: 'layout paint style' }}
          >
            <Box minW={`${132 + model.rows.length * 74}px`}>
              <SideBySide
                model={model}
                rows={model.rows}
                onWorking={onWorking}
                open={candidate}
                onToggle={toggle}
              />
            </Box>
          </Box>
        ) : (
          <Three model={model} onWorking={onWorking} open={candidate} onToggle={toggle} />
        )}
      </Box>
      <Text fontSize="xs" color="fg.muted" mt="1.5">
        The upright line is what the brief needs. A dot is the figure, the bar what it may be; a
        hollow red dot falls short. Click a figure for its working, a name for its points, a line’s
        name to sort by it. Candidates are level where neither is ahead in more than 55 of 100 draws
        in which both keep their musts.
      </Text>
      <Legend />
      <Suspense>
        {opened && (
          <CandidatePanel
            row={opened}
            reader={model.reader}
            onWorking={onWorking}
            onClose={() => setCandidate(undefined)}
          />
        )}
      </Suspense>
      <Suspense>
        <Below model={model} onWorking={onWorking} />
      </Suspense>
      <Suspense>
        {asked && (
          <WorkingPopover
            open={workingOf(model.rows, open)}
            reader={model.reader}
            onClose={() => setOpen(undefined)}
          />
        )}
      </Suspense>
    </Box>
  );
}

const Tick = memo(function Tick({
  label,
  on,
  onSet,
}: {
  readonly label: string;
  readonly on: boolean;
  readonly onSet: (on: boolean) => void;
}) {
  return (
    <Checkbox.Root checked={on} onCheckedChange={(e) => onSet(e.checked === true)}>
      <Checkbox.HiddenInput />
      <Checkbox.Control
        borderColor="border.emphasized"
        _checked={{ bg: 'accent', borderColor: 'accent', color: 'accent.ink' }}
      />
      <Checkbox.Label fontWeight="400">{label}</Checkbox.Label>
    </Checkbox.Root>
  );
});
