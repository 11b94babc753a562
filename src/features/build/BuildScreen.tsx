'use client';
import { Box, Flex, Grid, Heading, Input, Text } from '@chakra-ui/react';
import { shortName } from '@/core/donor';
import { CautionList } from '@/ui/CautionList';
import { Panel } from '@/ui/fields';
import { lowerFirst, formatNumber, PART_KIND_WORDS, VERDICT_SIGNS } from '@/ui/messages';
import { MustLine } from '@/ui/marks/MustSign';
import { ROWS_A_STEP, ShownInSteps } from '@/ui/ShownInSteps';
import { BestBuildPanel } from './BestBuildPanel';
import { BeforeAfter } from './BeforeAfter';
import { BuildFrame } from './BuildFrame';
import { BudgetBar } from './BudgetBar';
import { PartRow } from './PartRow';
import type { BuildModel } from './use-build';

/** Parts for one candidate, and what they do to the fit, the musts and the money. */
export function BuildScreen() {
  return (
    <BuildFrame
      words={({ entry }) =>
        `${entry.donor.maker} ${shortName(entry.donor)}: ${entry.parts.length === 0 ? 'as it stands' : `${entry.parts.length} ${entry.parts.length === 1 ? 'part' : 'parts'} chosen`}.`
      }
    >
      {(model) => <Bench model={model} />}
    </BuildFrame>
  );
}

function Bench({ model }: { readonly model: BuildModel }) {
  const { entry, reader } = model;
  return (
    <Box>
      <Grid
        templateAreas={{ base: "'best' 'state' 'parts'", lg: "'best state' 'parts state'" }}
        templateColumns={{ base: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) 420px' }}
        templateRows={{ lg: 'auto 1fr' }}
        gap="4"
        alignItems="start"
      >
        <Box gridArea="best" minW="0">
          <Panel title="The best build for the money">
            <BestBuildPanel model={model} />
          </Panel>
        </Box>
        <Flex direction="column" gap="4" gridArea="state" position={{ lg: 'sticky' }} top="12px">
          <Panel title="Money">
            <BudgetBar model={model} />
          </Panel>
          <Panel title="Before and after">
            <BeforeAfter model={model} />
          </Panel>
          <Panel title="Musts">
            {model.standingFaults.map((f) => (
              <Text key={f} color="fail" fontWeight="600">
                {f}
              </Text>
            ))}
            {entry.built.musts.map((m) => {
              const was = entry.stock.musts.find((o) => o.key === m.key)?.verdict;
              return (
                <MustLine key={m.key} must={m} reader={reader}>
                  {was && was !== m.verdict && (
                    <Text as="span" color="fg.muted">
                      {' '}
                      (was: {VERDICT_SIGNS[was].words})
                    </Text>
                  )}
                </MustLine>
              );
            })}
            {entry.built.musts.length === 0 && (
              <Text color="fg.muted">No must is switched on in the brief.</Text>
            )}
          </Panel>
          {entry.built.cautions.length > 0 && (
            <Panel
              title="Cautions"
              aside={
                <Text fontSize="xs" color="fg.muted">
                  {formatNumber(entry.built.cautions.length)}
                </Text>
              }
            >
              <CautionList cautions={entry.built.cautions} reader={reader} />
              <Text fontSize="xs" color="fg.muted" mt="1">
                Jugator is no approval: local law, the maker’s manual, the insurer and a qualified
                workshop decide.
              </Text>
            </Panel>
          )}
        </Flex>
        <Box gridArea="parts" minW="0">
          <Panel
            title="Parts that fit this class"
            aside={
              <Text fontSize="xs" color="fg.muted">
                {model.notFitting} others do not
              </Text>
            }
          >
            {entry.aboard.length > 0 && (
              <Text py="2">
                Aboard already, and not paid for again:{' '}
                <Text as="span" fontWeight="700">
                  {entry.aboard.map((p) => lowerFirst(p.name)).join(', ')}
                </Text>
                . What it carries is set on its sheet.
              </Text>
            )}
            {model.ruleFaults.map((f) => (
              <Text key={f} fontSize="sm" color="unsure" py="0.5">
                {f}
              </Text>
            ))}
            {model.fitting.length > ROWS_A_STEP && (
              <Input
                size="sm"
                type="search"
                my="2"
                aria-label="Search the parts that fit"
                placeholder="Search the parts that fit"
                bg="bg.panel"
                borderColor="border.emphasized"
                value={model.search}
                onChange={(e) => model.setSearch(e.target.value)}
              />
            )}
            {model.catalogue.length === 0 && model.search !== '' && (
              <Text color="fg.muted" py="3">
                No part that fits has these words.
              </Text>
            )}
            {model.catalogue.length === 0 && model.search === '' && (
              <Text color="fg.muted" py="3">
                The catalogue is empty. Open the example to get the shipped parts.
              </Text>
            )}
            {model.catalogue.map((group) => (
              <Box key={group.kind} mt="2" data-kind={group.kind}>
                <Heading as="h3" size="sm" fontWeight="700" mb="1">
                  {PART_KIND_WORDS[group.kind]}
                </Heading>
                <ShownInSteps
                  items={group.parts}
                  noun="parts"
                  row={(part) => <PartRow key={part.id} part={part} model={model} />}
                />
              </Box>
            ))}
          </Panel>
        </Box>
      </Grid>
    </Box>
  );
}
