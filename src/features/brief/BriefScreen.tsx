'use client';
import { Box, Button, Checkbox, Flex, Grid, Input, Text } from '@chakra-ui/react';
import { LICENCES, SKILLS, type Brief } from '@/core/brief';
import { CURRENCIES } from '@/core/units';
import { startBrief } from '@/demo';
import { BRIEF_KEY } from '@/store/records';
import { useDossierState, useDossierStore } from '@/store/react';
import { FieldRow, Panel } from '@/ui/fields';
import { LICENCE_WORDS, nameWords, SKILL_WORDS } from '@/ui/messages';
import { ScreenHeading } from '@/ui/ScreenHeading';
import { BriefChoiceField, BriefFigureField } from './BriefFields';
import { BriefSum } from './BriefSum';
import { GroundMix } from './GroundMix';
import { MustList } from './MustList';
import { RateList } from './RateList';
import { useBrief } from './use-brief';

/** Who rides where, with what, for how much. */
export function BriefScreen() {
  const brief = useDossierState((s) => s.dossier.briefs[BRIEF_KEY]);
  return brief ? <OpenBrief brief={brief} /> : <NoBrief />;
}

function NoBrief() {
  const store = useDossierStore();
  return (
    <Box>
      <ScreenHeading title="Brief">No brief yet. It says who rides where with how much money; everything else is measured against it.</ScreenHeading>
      <Button bg="accent" color="accent.ink" onClick={() => void startBrief(store)}>Start a brief</Button>
    </Box>
  );
}

function OpenBrief({ brief }: { readonly brief: Brief }) {
  const model = useBrief(brief);
  const { reader, form, conflict } = model;
  return (
    <Box>
      <ScreenHeading title="Brief">Who rides where, with what, for how much. Kept as you type.</ScreenHeading>
      {conflict && (
        <Flex role="alert" bg="bg.panel" borderLeftWidth="5px" borderColor="unsure" px="4" py="2.5" mb="3" gap="3" align="center" wrap="wrap">
          <Text flex="1" minW="240px">
            Another tab set {nameWords(conflict.path).toLowerCase()} to {conflict.theirs} while you typed {conflict.mine}. Which one stays?
          </Text>
          <Button size="sm" variant="outline" onClick={model.keepMine}>Keep mine</Button>
          <Button size="sm" variant="outline" onClick={model.takeTheirs}>Take the other</Button>
        </Flex>
      )}
      <Grid templateColumns={{ base: 'minmax(0, 1fr)', lg: 'repeat(2, minmax(0, 1fr))', xl: 'repeat(3, minmax(0, 1fr))' }} gap="4" alignItems="start">
        <Flex direction="column" gap="4">
          <Panel title="Rider">
            <BriefFigureField model={model} path="rider.height_mm" />
            <BriefFigureField model={model} path="rider.inseam_mm" hint="floor to crotch, bare feet; empty: not known" />
            <BriefFigureField model={model} path="rider.sole_mm" />
            <BriefFigureField model={model} path="rider.mass_kg" hint="bare" />
            <BriefFigureField model={model} path="rider.kit_kg" hint="helmet, boots, armour, pack: 10–15 kg is usual" />
            <BriefChoiceField model={model} path="rider.skill" label="Dirt skill" options={SKILLS.map((s) => ({ value: s, words: SKILL_WORDS[s] }))} />
            <BriefChoiceField model={model} path="rider.licence" label="Licence" options={LICENCES.map((l) => ({ value: l, words: LICENCE_WORDS[l] }))} />
          </Panel>
          <Panel title="Musts"><MustList model={model} /></Panel>
        </Flex>
        <Flex direction="column" gap="4">
          <Panel title="Ground"><GroundMix model={model} /></Panel>
          <Panel title="Trip">
            <FieldRow id="brief-trip-name" label="Name">
              <Input id="brief-trip-name" size="sm" bg="bg.panel" borderColor="border.emphasized" flex="1" maxW="260px" onFocus={() => model.beginField('trip.name')} {...form.register('trip.name', { onChange: () => model.changeField('trip.name'), onBlur: () => model.endField('trip.name') })} />
            </FieldRow>
            <BriefFigureField model={model} path="trip.length_km" />
            <BriefFigureField model={model} path="trip.fuelGap_km" />
            <BriefFigureField model={model} path="trip.reserve_percent" hint="of the usable tank, never planned on" />
            <BriefFigureField model={model} path="trip.cruise_kmh" hint="real, not indicated" />
            <BriefFigureField model={model} path="trip.luggage_kg" />
            <BriefFigureField model={model} path="trip.workshopGap_km" />
          </Panel>
        </Flex>
        <Flex direction="column" gap="4">
          <Panel title="Money">
            <BriefChoiceField model={model} path="money.currency" label="Currency" options={CURRENCIES.map((c) => ({ value: c, words: c }))} />
            <BriefFigureField model={model} path="money.budget" hint="everything, trip fund included" />
            <BriefFigureField model={model} path="money.tripFund" hint="not to be touched" />
            <BriefFigureField model={model} path="money.gear" />
            <BriefFigureField model={model} path="money.onTheRoadCosts" hint="on top of a list price; empty: 3–8 %" />
            <BriefFigureField model={model} path="money.shopRate_perHour" />
            <Checkbox.Root mt="2" checked={brief.money.ownSpanners} onCheckedChange={(e) => model.edit(['money', 'ownSpanners'], e.checked === true, 'money.ownSpanners')}>
              <Checkbox.HiddenInput />
              <Checkbox.Control borderColor="border.emphasized" _checked={{ bg: 'accent', borderColor: 'accent', color: 'accent.ink' }} />
              <Checkbox.Label fontWeight="400">I have a place and spanners to fit parts</Checkbox.Label>
            </Checkbox.Root>
            <RateList model={model} />
          </Panel>
          <Panel title="What this asks"><BriefSum brief={brief} reader={reader} /></Panel>
        </Flex>
      </Grid>
    </Box>
  );
}
