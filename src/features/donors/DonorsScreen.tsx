'use client';
import { Box, Button, chakra, Flex, Text } from '@chakra-ui/react';
import { ArrowLeft, Plus } from 'lucide-react';
import { Suspense } from 'react';
import type { Donor } from '@/core/donor';
import { CLASS_WORDS } from '@/ui/messages';
import { OriginMark, type Known } from '@/ui/marks/OriginMark';
import { Plate } from '@/ui/marks/Plate';
import { ScreenHeading } from '@/ui/ScreenHeading';
import { DonorEditor } from './DonorEditor';
import { donorName, knownCount, SHEET_KEYS, useDonors, type DonorsModel } from './use-donors';

const Row = chakra('button');
const LEGEND: readonly (readonly [Known, string])[] = [['measured', 'measured'], ['claimed', 'maker’s claim'], ['heard', 'heard'], ['estimated', 'estimated']];

/** The machines considered as a base, and the sheet of the one in hand. */
export function DonorsScreen() {
  return <Suspense><Donors /></Suspense>;
}

function Donors() {
  const model = useDonors();
  const { donors, selected } = model;
  const shown = selected ?? donors[0];
  return (
    <Box>
      <ScreenHeading title="Donors">Stock machines and what is known of them. Every figure keeps how it was quoted and who said so.</ScreenHeading>
      <Flex gap="4" align="flex-start">
        <Box width={{ base: '100%', md: '232px' }} flexShrink={0} display={{ base: selected ? 'none' : 'block', md: 'block' }} position={{ md: 'sticky' }} top="12px">
          <Button width="100%" size="sm" bg="accent" color="accent.ink" mb="2" onClick={model.add}><Plus size={16} /> Add a donor</Button>
          {donors.length === 0 && <Text color="fg.muted" py="4">No donors yet. Add the first machine you are thinking of; a handful of figures is enough to begin.</Text>}
          <Box as="ul" listStyleType="none">
            {donors.map((d) => <Box as="li" key={d.id}><DonorLine donor={d} model={model} current={shown?.id === d.id} /></Box>)}
          </Box>
          <Flex wrap="wrap" gap="3" mt="3" fontSize="xs" color="fg.muted">
            {LEGEND.map(([known, words]) => <Flex key={known} gap="1" align="center"><OriginMark known={known} /> {words}</Flex>)}
          </Flex>
        </Box>
        {shown && (
          <Box flex="1" minW="0" display={{ base: selected ? 'block' : 'none', md: 'block' }}>
            <Button size="sm" variant="ghost" mb="2" display={{ base: 'inline-flex', md: 'none' }} onClick={() => model.select(undefined)}><ArrowLeft size={16} /> All donors</Button>
            <DonorEditor key={shown.id} donor={shown} model={model} />
          </Box>
        )}
      </Flex>
    </Box>
  );
}

function DonorLine({ donor, model, current }: { readonly donor: Donor; readonly model: DonorsModel; readonly current: boolean }) {
  const candidate = model.candidateOf.get(donor.id);
  const known = knownCount(donor);
  return (
    <Row
      type="button" onClick={() => model.select(donor.id)} aria-current={current ? 'true' : undefined} display="flex" gap="2.5" alignItems="center" width="100%" textAlign="left" px="2" py="2" cursor="pointer"
      borderTopWidth="1px" borderColor="border" bg={{ base: undefined, md: current ? 'bg.panel' : undefined }} boxShadow={{ md: current ? 'inset 4px 0 0 var(--chakra-colors-accent)' : 'none' }} _hover={{ bg: 'bg.panel' }}
    >
      {candidate ? <Plate index={candidate.plate} /> : <Box width="26px" />}
      <Box minW="0" flex="1">
        <Text fontWeight="700" lineHeight="1.25">{donorName(donor)}</Text>
        <Text fontSize="xs" color="fg.muted" lineHeight="1.3">{CLASS_WORDS[donor.donorClass]}{known < SHEET_KEYS.length ? `; ${SHEET_KEYS.length - known} not known` : ''}</Text>
      </Box>
    </Row>
  );
}
