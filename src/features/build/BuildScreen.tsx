'use client';
import { Box, Button, chakra, Flex, Grid, Heading, Text } from '@chakra-ui/react';
import Link from 'next/link';
import { shortName } from '@/core/donor';
import { CautionList } from '@/ui/CautionList';
import { Panel } from '@/ui/fields';
import { Plate } from '@/ui/marks/Plate';
import { formatNumber, mustWords, PART_KIND_WORDS, VERDICT_SIGNS } from '@/ui/messages';
import { ScreenHeading } from '@/ui/ScreenHeading';
import { BeforeAfter } from './BeforeAfter';
import { BudgetBar } from './BudgetBar';
import { PartRow } from './PartRow';
import { useBuild, type BuildModel } from './use-build';

const Tab = chakra('button');

/** Parts for one candidate, and what they do to the fit, the musts and the money. */
export function BuildScreen() {
  const model = useBuild();
  if (!model) {
    return (
      <Box>
        <ScreenHeading title="Build">A build needs a brief and a candidate on the shortlist.</ScreenHeading>
        <Button asChild bg="accent" color="accent.ink"><Link href="/donors">To the donors</Link></Button>
      </Box>
    );
  }
  return <Bench model={model} />;
}

function CandidateTabs({ model }: { readonly model: BuildModel }) {
  return (
    <Flex role="group" aria-label="Candidate" gap="1" mb="3" wrap={{ base: 'nowrap', md: 'wrap' }} overflowX="auto">
      {model.standing.candidates.map((c) => {
        const current = c.candidate.id === model.entry.candidate.id;
        return (
          <Tab
            key={c.candidate.id} type="button" aria-pressed={current} onClick={() => model.select(c.candidate.id)} display="flex" alignItems="center" gap="2" px="2" py="1.5" cursor="pointer" flexShrink={0}
            borderBottomWidth="3px" borderColor={current ? 'accent' : 'transparent'} bg={current ? 'bg.panel' : undefined} _hover={{ bg: 'bg.panel' }} fontWeight={current ? '700' : '400'} title={`${c.donor.maker} ${shortName(c.donor)}`}
          >
            <Plate index={c.candidate.plate} size={24} />
            <Box as="span" display={{ base: current ? 'inline' : 'none', xl: 'inline' }}>{shortName(c.donor)}</Box>
          </Tab>
        );
      })}
    </Flex>
  );
}

function Bench({ model }: { readonly model: BuildModel }) {
  const { entry, reader } = model;
  const chosen = entry.parts;
  return (
    <Box>
      <ScreenHeading title="Build">{entry.donor.maker} {shortName(entry.donor)}: {chosen.length === 0 ? 'as it stands' : `${chosen.length} ${chosen.length === 1 ? 'part' : 'parts'} chosen`}.</ScreenHeading>
      <CandidateTabs model={model} />
      <Grid templateColumns={{ base: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) 420px' }} gap="4" alignItems="start">
        <Box order={{ base: 2, lg: 1 }}>
          <Panel title="Parts that fit this class" aside={<Text fontSize="xs" color="fg.muted">{model.notFitting} others do not</Text>}>
            {entry.aboard.length > 0 && <Text py="2">Aboard already, and not paid for again: <Text as="span" fontWeight="700">{entry.aboard.map((p) => p.name.toLowerCase()).join(', ')}</Text>. What it carries is set on its sheet.</Text>}
            {model.catalogue.length === 0 && <Text color="fg.muted" py="3">The catalogue is empty. Open the example to get the shipped parts.</Text>}
            {model.catalogue.map((group) => (
              <Box key={group.kind} mt="2">
                <Heading as="h3" size="sm" fontWeight="700" mb="1">{PART_KIND_WORDS[group.kind]}</Heading>
                {group.parts.map((part) => <PartRow key={part.id} part={part} model={model} />)}
              </Box>
            ))}
          </Panel>
        </Box>
        <Flex direction="column" gap="4" order={{ base: 1, lg: 2 }} position={{ lg: 'sticky' }} top="12px">
          <Panel title="Money"><BudgetBar model={model} /></Panel>
          <Panel title="Before and after"><BeforeAfter model={model} /></Panel>
          <Panel title="Musts">
            {model.standingFaults.map((f) => <Text key={f} color="fail" fontWeight="600">{f}</Text>)}
            {entry.built.musts.map((m) => {
              const was = entry.stock.musts.find((o) => o.key === m.key)?.verdict;
              return (
                <Flex key={m.key} gap="2" py="0.5">
                  <Text color={VERDICT_SIGNS[m.verdict].colour} fontWeight="800" width="14px" flexShrink={0} title={VERDICT_SIGNS[m.verdict].words}>{VERDICT_SIGNS[m.verdict].sign}</Text>
                  <Text flex="1">{mustWords(m, reader)}{was && was !== m.verdict && <Text as="span" color="fg.muted"> (was: {VERDICT_SIGNS[was].words})</Text>}</Text>
                </Flex>
              );
            })}
            {entry.built.musts.length === 0 && <Text color="fg.muted">No must is switched on in the brief.</Text>}
          </Panel>
          {entry.built.cautions.length > 0 && (
            <Panel title="Cautions" aside={<Text fontSize="xs" color="fg.muted">{formatNumber(entry.built.cautions.length)}</Text>}>
              <CautionList cautions={entry.built.cautions} reader={reader} />
              <Text fontSize="xs" color="fg.muted" mt="1">Jugator is no approval: local law, the maker’s manual, the insurer and a qualified workshop decide.</Text>
            </Panel>
          )}
        </Flex>
      </Grid>
    </Box>
  );
}
