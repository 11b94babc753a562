'use client';
import { Box, Button, Flex, Grid, Heading, Input, Text, Textarea } from '@chakra-ui/react';
import { Copy, Trash2 } from 'lucide-react';
import { DONOR_CLASSES, type Donor } from '@/core/donor';
import { onTheRoadPrice } from '@/core/money';
import { normalFigures, type FigureKey } from '@/core/readings';
import { BRIEF_KEY, newBrief } from '@/store/records';
import { useDossierState, useDossierStore, usePreferences } from '@/store/react';
import { Choice } from '@/ui/fields';
import { CLASS_WORDS } from '@/ui/messages';
import { Plate } from '@/ui/marks/Plate';
import { FIGURE_COLUMNS, FigureRows } from './FigureRows';
import { donorName, knownCount, SHEET_KEYS, type DonorsModel } from './use-donors';

const GROUPS: readonly { readonly title: string; readonly keys: readonly FigureKey[] }[] = [
  { title: 'Masses', keys: ['mass', 'maxMass'] },
  { title: 'Engine', keys: ['power', 'powerRpm', 'torque', 'torqueRpm', 'redline', 'gears', 'unrestrictedPower'] },
  { title: 'Reach and ground', keys: ['seatHeight', 'clearance', 'travelFront', 'travelRear', 'wheelFront', 'wheelRear', 'wheelbase'] },
  { title: 'Fuel', keys: ['tank', 'consumption'] },
  { title: 'Keeping it', keys: ['serviceInterval', 'price'] },
];

type TextField = 'maker' | 'model' | 'version' | 'note';

/** The whole sheet of one donor. */
export function DonorEditor({ donor, model }: { readonly donor: Donor; readonly model: DonorsModel }) {
  const store = useDossierStore();
  const brief = useDossierState((s) => s.dossier.briefs[BRIEF_KEY]);
  const [{ units }] = usePreferences();
  const money = brief?.money ?? newBrief('EUR').money;
  const reader = { units, currency: money.currency } as const;
  const normal = normalFigures(donor.figures, (reading) => onTheRoadPrice(reading, money));
  const candidate = model.candidateOf.get(donor.id);
  const set = (field: TextField | 'donorClass', after: string) =>
    store.execute({
      label: { code: 'edit-donor', facts: { name: donorName(donor) } }, coalesce: `${donor.id}/${field}`,
      changes: [{ table: 'donors', key: donor.id, path: [field], before: donor[field], after }],
    });
  const text = (field: TextField, label: string) => (
    <Box>
      <label htmlFor={`donor-${field}`}>{label}</label>
      <Input id={`donor-${field}`} size="sm" bg="bg.panel" borderColor="border.emphasized" maxLength={80} value={donor[field]} onChange={(e) => set(field, e.target.value)} />
    </Box>
  );
  return (
    <Box bg="bg.panel" borderRadius="plate" borderWidth="1px" borderColor="border" px={{ base: '3', md: '4' }} py="3">
      <Flex align="center" gap="3" wrap="wrap" mb="3">
        {candidate && <Plate index={candidate.plate} size={34} />}
        <Box flex="1" minW="180px">
          <Heading as="h2" size="lg" fontWeight="800">{donorName(donor)}</Heading>
          <Text color="fg.muted">{knownCount(donor)} of {SHEET_KEYS.length} figures known</Text>
        </Box>
        <Button size="sm" variant="outline" borderColor="border.emphasized" aria-pressed={candidate !== undefined} onClick={() => model.toggleShortlist(donor)}>{candidate ? 'Take off the shortlist' : 'Put on the shortlist'}</Button>
        <Button size="sm" variant="ghost" onClick={() => model.duplicate(donor)}><Copy size={15} /> Duplicate</Button>
        <Button size="sm" variant="ghost" color="fail" onClick={() => model.remove(donor)}><Trash2 size={15} /> Delete</Button>
      </Flex>
      <Grid templateColumns={{ base: '1fr', sm: '1fr 1fr' }} gap="3" mb="2">
        {text('maker', 'Maker')}
        {text('model', 'Model')}
        {text('version', 'Version, year, market')}
        <Box>
          <label htmlFor="donor-class">Class</label>
          <Choice id="donor-class" wide="100%" value={donor.donorClass} options={DONOR_CLASSES.map((c) => ({ value: c, words: CLASS_WORDS[c] }))} onChange={(e) => set('donorClass', e.target.value)} />
        </Box>
      </Grid>
      <Text fontSize="xs" color="fg.muted" mt="3">Type figures as they are quoted, unit and all: “304 lb”, “34.6 in”, “85 mpg imp”. Leave out what is not known.</Text>
      {GROUPS.map((group) => (
        <Box key={group.title} as="section" mt="3">
          <Grid templateColumns={FIGURE_COLUMNS} gap="1.5" color="fg.muted" fontSize="xs" mb="1">
            <Heading as="h3" size="sm" fontWeight="700" color="fg" gridColumn={{ base: '1 / -1', lg: 'auto' }}>{group.title}</Heading>
            {['as quoted', 'basis', 'known by', 'where from'].map((w) => <Text key={w} display={{ base: 'none', lg: 'block' }} textAlign={w === 'as quoted' ? 'right' : undefined}>{w}</Text>)}
          </Grid>
          {group.keys.map((key) => <FigureRows key={`${donor.id}-${key}`} donor={donor} figureKey={key} normal={normal[key]} reader={reader} />)}
        </Box>
      ))}
      <Box mt="4">
        <label htmlFor="donor-note">Notes</label>
        <Textarea id="donor-note" size="sm" bg="bg.panel" borderColor="border.emphasized" rows={3} maxLength={4000} value={donor.note} onChange={(e) => set('note', e.target.value)} />
      </Box>
    </Box>
  );
}
