'use client';
import { Box, Button, Flex, Grid, Text } from '@chakra-ui/react';
import { CalendarDays, Printer, Table2 } from 'lucide-react';
import { Link } from '@/ui/Link';
import { useState } from 'react';
import { STAGE_SCHOOLS } from '@/core/build';
import { shortName } from '@/core/donor';
import { calendarText, csvText, downloadFile, shoppingList } from '@/store/tables';
import { Panel } from '@/ui/fields';
import { formatNumber, STAGE_SCHOOL_WORDS, STAGE_WORDS } from '@/ui/messages';
import { BuildFrame } from '../BuildFrame';
import type { BuildModel } from '../use-build';
import { FitSteps } from './FitSteps';
import { NextWords, Worth } from './PartsWorth';
import { StageBoard } from './StageBoard';
import { NEXT_MONEY, useStages, type StagesModel } from './use-stages';

/** The chosen build by stages: when, in which order, for how much, and what each stage brings. */
export function StagesScreen() {
  return (
    <BuildFrame
      words={({ entry }) =>
        `When each part of ${shortName(entry.donor)} is fitted, and what each stage brings.`
      }
    >
      {(model) => <Stages key={model.entry.candidate.id} model={model} />}
    </BuildFrame>
  );
}

function Stages({ model }: { readonly model: BuildModel }) {
  const stages = useStages(model);
  const { entry, reader } = model;
  if (entry.parts.length === 0)
    return (
      <Text py="2">
        No part is chosen for it yet.{' '}
        <Link href="/build" style={{ textDecoration: 'underline' }}>
          Choose some
        </Link>
        , or take a build from the{' '}
        <Link href="/build/curve" style={{ textDecoration: 'underline' }}>
          money curve
        </Link>
        .
      </Text>
    );
  const machine = entry.stock.metrics.outlay.estimate;
  return (
    <>
      <Flex gap="2" wrap="wrap" align="center" mb="3" _print={{ display: 'none' }}>
        <Text>Stages by school:</Text>
        {STAGE_SCHOOLS.map((school) => (
          <Button
            key={school}
            size="xs"
            variant="outline"
            borderColor="border.emphasized"
            onClick={() => model.stageBy(school)}
          >
            {STAGE_SCHOOL_WORDS[school]}
          </Button>
        ))}
        <Box flex="1" />
        <Exports model={model} stages={stages} />
      </Flex>
      <StageBoard model={model} stages={stages} />
      <Box mt="4">
        <Panel title="Fit after each stage">
          <FitSteps
            stock={entry.stockScore.points.mid}
            machine={machine.kind === 'known' ? machine.interval.mid : undefined}
            steps={stages.steps}
            reader={reader}
          />
        </Panel>
      </Box>
      <Grid
        templateColumns={{ base: 'minmax(0, 1fr)', lg: 'minmax(0, 1.6fr) minmax(0, 1fr)' }}
        gap="4"
        mt="4"
        alignItems="start"
      >
        <Panel title="What each part is worth in this build">
          <Worth model={model} stages={stages} />
        </Panel>
        <Flex direction="column" gap="4">
          <Panel title={`The next ${NEXT_MONEY} ${reader.currency}`}>
            {stages.next ? (
              <>
                <NextWords next={stages.next} model={model} />
                <Button
                  size="sm"
                  mt="2"
                  variant="outline"
                  borderColor="border.emphasized"
                  onClick={() =>
                    model.take([
                      ...entry.parts.map((p) => p.id),
                      ...(stages.next?.added.map((p) => p.id) ?? []),
                    ])
                  }
                >
                  Add it
                </Button>
              </>
            ) : (
              <Text>Nothing for that money brings a point; keep it for the trip.</Text>
            )}
          </Panel>
          {stages.overrun !== undefined && (
            <Panel title="Spent on parts">
              <Text>
                Parts with all that comes with them are{' '}
                <b>{formatNumber(stages.overrun * 100)} %</b> of what the machine costs.
              </Text>
              {stages.overrun > 0.5 && (
                <Text color={stages.overrun > 1 ? 'fail' : 'unsure'} fontWeight="600" mt="1">
                  {stages.overrun > 1
                    ? 'More than the machine itself: a dearer machine almost surely does more for the money, and parts lose most of their price when it is sold.'
                    : 'More than half of the machine: compare a dearer one that needs less.'}{' '}
                  <Link href="/build/ways" style={{ textDecoration: 'underline' }}>
                    Ways out
                  </Link>
                </Text>
              )}
            </Panel>
          )}
        </Flex>
      </Grid>
    </>
  );
}

function Exports({ model, stages }: { readonly model: BuildModel; readonly stages: StagesModel }) {
  const [word, setWord] = useState('');
  const title = shortName(model.entry.donor);
  const file = title.toLowerCase().replace(/[^a-z0-9]+/g, '-');
  const calendar = async () => {
    const text = await calendarText(stages.steps, title, STAGE_WORDS);
    if (text === undefined) return setWord('Give a stage its day first.');
    setWord('');
    return downloadFile(new Blob([text], { type: 'text/calendar' }), `${file}-dates.ics`);
  };
  return (
    <Flex gap="1" align="center" wrap="wrap">
      <Button
        size="xs"
        variant="outline"
        borderColor="border.emphasized"
        onClick={() =>
          downloadFile(
            new Blob(
              [csvText(shoppingList(stages.steps, model.standing.brief.money, STAGE_WORDS))],
              { type: 'text/csv' },
            ),
            `${file}-shopping.csv`,
          )
        }
      >
        <Table2 size={14} /> Shopping list (CSV)
      </Button>
      <Button
        size="xs"
        variant="outline"
        borderColor="border.emphasized"
        onClick={() => void calendar()}
      >
        <CalendarDays size={14} /> Dates (iCalendar)
      </Button>
      <Button
        size="xs"
        variant="outline"
        borderColor="border.emphasized"
        onClick={() => window.print()}
      >
        <Printer size={14} /> Print
      </Button>
      {word && (
        <Text role="alert" fontSize="xs" color="fail" fontWeight="600">
          {word}
        </Text>
      )}
    </Flex>
  );
}
