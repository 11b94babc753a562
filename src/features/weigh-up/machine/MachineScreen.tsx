'use client';
import { Box, Button, Flex, Grid } from '@chakra-ui/react';
import { ArrowLeft } from 'lucide-react';
import { Link } from '@/ui/Link';
import { Suspense, useState } from 'react';
import {
  BASE_METRIC_KEYS,
  LOAD_METRIC_KEYS,
  metricDefinition,
  type Assessment,
  type Metric,
} from '@/core/assessment';
import { shortName } from '@/core/donor';
import { namedCandidates } from '@/store/queries';
import { CautionList } from '@/ui/CautionList';
import { Choice, Panel } from '@/ui/fields';
import { OriginMark } from '@/ui/marks/OriginMark';
import { GapLadder } from '@/ui/pictures/GapLadder';
import { estimateText, knownBy, METRIC_WORDS, type Reader } from '@/ui/messages';
import { NeedsShortlist } from '@/ui/NeedsShortlist';
import { CandidateChoice } from '@/ui/CandidateChoice';
import { ScreenHeading } from '@/ui/ScreenHeading';
import { WorkingPopover, type OpenWorking } from '../Working';
import { Astride } from './Astride';
import { FigureMore } from './FigureMore';
import { Pulling } from './Pulling';
import { RangeAndLoad } from './RangeAndLoad';
import { Sprockets } from './Sprockets';
import { useMachine } from './use-machine';

/** One candidate under this rider, with this luggage, on this ground. */
export function MachineScreen() {
  return (
    <Suspense>
      <Machine />
    </Suspense>
  );
}

function Machine() {
  const model = useMachine();
  const [open, setOpen] = useState<OpenWorking>();
  if (!model) return <NeedsShortlist title="Under load" />;
  const { entry, view, reader, standing } = model;
  const assessment = view === 'stock' ? entry.stock : entry.built;
  const name = shortName(entry.donor);
  const show = (metric: Metric) => (event: React.MouseEvent<HTMLElement>) =>
    setOpen({
      metric,
      title: `${METRIC_WORDS[metric.key].name}: ${name}`,
      anchor: event.currentTarget.getBoundingClientRect(),
    });
  return (
    <Box>
      <ScreenHeading title="Under load">
        What {name} does with you, your kit and your luggage.
      </ScreenHeading>
      <Flex gap="3" align="center" wrap="wrap" mb="4">
        <Button asChild size="sm" variant="ghost">
          <Link href="/weigh-up">
            <ArrowLeft size={16} /> Weigh-up
          </Link>
        </Button>
        <CandidateChoice
          candidates={namedCandidates(standing)}
          chosen={entry.candidate.id}
          onSelect={model.select}
        />
        {entry.parts.length > 0 && (
          <Choice
            aria-label="Which state"
            wide="180px"
            value={view}
            options={[
              { value: 'stock', words: 'as it stands' },
              { value: 'built', words: `with its ${entry.parts.length} parts` },
            ]}
            onChange={(e) => model.setView(e.target.value as 'stock' | 'built')}
          />
        )}
      </Flex>
      <Grid
        templateColumns={{ base: 'minmax(0, 1fr)', lg: 'repeat(2, minmax(0, 1fr))' }}
        gap="4"
        alignItems="start"
      >
        <Flex direction="column" gap="4" minW="0">
          <Panel title="Astride">
            <Astride model={model} />
          </Panel>
          <Panel title="Range and load">
            <RangeAndLoad model={model} />
          </Panel>
          <Panel title="Other sprockets">
            <Sprockets model={model} />
          </Panel>
          {assessment.cautions.length > 0 && (
            <Panel title="Cautions">
              <CautionList cautions={assessment.cautions} reader={reader} />
            </Panel>
          )}
        </Flex>
        <Flex direction="column" gap="4" minW="0">
          <Panel title="Gaps, largest first">
            <GapLadder gaps={model.rungs} reader={reader} />
          </Panel>
          <Pulling model={model} />
        </Flex>
      </Grid>
      <Box mt="4">
        <Panel title="Every figure">
          <FigureMore
            metrics={[
              ...BASE_METRIC_KEYS.map((k) => assessment.metrics[k]),
              ...LOAD_METRIC_KEYS.map((k) => assessment.underLoad()[k]),
            ]}
          />
          <EveryFigure assessment={assessment} reader={reader} onShow={show} />
        </Panel>
      </Box>
      <WorkingPopover open={open} reader={reader} onClose={() => setOpen(undefined)} />
    </Box>
  );
}

function EveryFigure({
  assessment,
  reader,
  onShow,
}: {
  readonly assessment: Assessment;
  readonly reader: Reader;
  readonly onShow: (metric: Metric) => (event: React.MouseEvent<HTMLElement>) => void;
}) {
  const metrics = [
    ...BASE_METRIC_KEYS.map((k) => assessment.metrics[k]),
    ...LOAD_METRIC_KEYS.map((k) => assessment.underLoad()[k]),
  ];
  const half = Math.ceil(metrics.length / 2);
  return (
    <Grid
      templateColumns={{ base: 'minmax(0, 1fr)', lg: 'repeat(2, minmax(0, 1fr))' }}
      columnGap="8"
    >
      {[metrics.slice(0, half), metrics.slice(half)].map((list) => (
        <Box
          as="table"
          key={list[0]?.key}
          alignSelf="start"
          css={{
            '& td, & th': {
              padding: '4px 8px 4px 0',
              textAlign: 'left',
              verticalAlign: 'baseline',
            },
            '& tr': { borderTop: '1px solid var(--chakra-colors-border-muted)' },
          }}
        >
          <tbody>
            {list.map((metric) => (
              <tr key={metric.key}>
                <th scope="row" style={{ fontWeight: 400 }}>
                  {METRIC_WORDS[metric.key].name}
                </th>
                <td style={{ textAlign: 'right' }}>
                  <OriginMark known={knownBy(metric)} small />{' '}
                  <button
                    type="button"
                    style={{
                      textDecoration: 'underline',
                      textUnderlineOffset: 3,
                      cursor: 'pointer',
                      textAlign: 'right',
                    }}
                    aria-label={`${METRIC_WORDS[metric.key].name}: ${estimateText(metric.estimate, metricDefinition(metric.key).dimension, reader)}. Show the working.`}
                    onClick={onShow(metric)}
                  >
                    {estimateText(metric.estimate, metricDefinition(metric.key).dimension, reader)}
                  </button>
                </td>
              </tr>
            ))}
          </tbody>
        </Box>
      ))}
    </Grid>
  );
}
