'use client';
import { Checkbox, Input } from '@chakra-ui/react';
import { memo, type ComponentProps } from 'react';
import { LICENCES, SKILLS, type Brief } from '@/core/brief';
import { MIDDLING } from '@/core/service';
import { FieldColumns, FieldRow } from '@/ui/fields';
import { formatWithUnit, LICENCE_WORDS, SKILL_WORDS } from '@/ui/messages';
import { BriefChoiceField, BriefFigureField } from './BriefFields';
import { CurrencyField } from './CurrencyField';
import { MustList } from './MustList';
import { RateList } from './RateList';
import { SeasonField } from './SeasonField';
import { SitList } from './SitList';
import type { BriefModel } from './use-brief';

const Figure = (props: Omit<ComponentProps<typeof BriefFigureField>, 'moves'>) => (
  <BriefFigureField {...props} moves />
);

interface PanelProps {
  readonly model: BriefModel;
}

/** A panel is drawn again only when what it shows has changed: a slider that moves elsewhere must not cost it. */
const shows =
  (...sections: readonly (keyof Brief)[]) =>
  (a: PanelProps, b: PanelProps): boolean =>
    sections.every((section) => a.model.brief[section] === b.model.brief[section]) &&
    a.model.brief.origins === b.model.brief.origins &&
    a.model.reader === b.model.reader &&
    a.model.errors === b.model.errors;

export const RiderFields = memo(function RiderFields({ model }: PanelProps) {
  return (
    <>
      <FieldColumns>
        <Figure model={model} path="rider.height_mm" />
        <Figure
          model={model}
          path="rider.inseam_mm"
          hint="floor to crotch, bare feet; empty: guessed from your height"
        />
        <Figure model={model} path="rider.sole_mm" />
        <Figure model={model} path="rider.mass_kg" hint="bare" />
        <Figure
          model={model}
          path="rider.kit_kg"
          hint={`helmet, boots, armour, pack: ${model.reader.units === 'us' ? '22–33 lb' : '10–15 kg'} is usual`}
        />
        <Figure
          model={model}
          path="rider.lift_kg"
          hint="with both hands, back straight; a fallen machine is judged by it"
        />
        <BriefChoiceField
          model={model}
          path="rider.skill"
          label="Dirt skill"
          options={SKILLS.map((s) => ({ value: s, words: SKILL_WORDS[s] }))}
        />
        <BriefChoiceField
          model={model}
          path="rider.licence"
          label="Licence"
          options={LICENCES.map((l) => ({ value: l, words: LICENCE_WORDS[l] }))}
        />
      </FieldColumns>
      <SitList model={model} />
    </>
  );
}, shows('rider'));

export const MustFields = memo(
  function MustFields({ model }: PanelProps) {
    return <MustList model={model} />;
  },
  shows('rider', 'trip', 'money', 'musts'),
);

export const KeepingFields = memo(function KeepingFields({ model }: PanelProps) {
  return (
    <>
      <FieldColumns>
        <Figure model={model} path="money.yearsKept" />
        <Figure model={model} path="money.yearly_km" />
        <Figure model={model} path="money.fuel_perL" />
        <Figure model={model} path="money.insurance_perYear" />
        <Figure model={model} path="money.tax_perYear" />
        <Figure
          model={model}
          path="money.service_each"
          hint="oil and inspection by the book; other kinds are reckoned from it"
        />
        <Figure
          model={model}
          path="money.wear_per1000km"
          hint={`on roads, for a machine of ${formatWithUnit(MIDDLING.loaded_kg, 'mass', model.reader)} with you and ${formatWithUnit(MIDDLING.power_kW, 'power', model.reader)}; each donor’s follows`}
        />
        <Figure model={model} path="money.loanInterest_percent" hint="empty: cash" />
        <Figure model={model} path="money.loanMonths" />
        <Figure model={model} path="money.loanDeposit" />
      </FieldColumns>
    </>
  );
}, shows('money'));

export const TripFields = memo(function TripFields({ model }: PanelProps) {
  const { form } = model;
  return (
    <>
      <FieldColumns>
        <FieldRow id="brief-trip-name" label="Name">
          <Input
            id="brief-trip-name"
            size="sm"
            bg="bg.panel"
            borderColor="border.emphasized"
            flex="1"
            maxW="260px"
            onFocus={() => model.beginField('trip.name')}
            {...form.register('trip.name', {
              onChange: () => model.changeField('trip.name'),
              onBlur: () => model.endField('trip.name'),
            })}
          />
        </FieldRow>
        <Figure model={model} path="trip.length_km" />
        <Figure model={model} path="trip.fuelGap_km" />
        <Figure
          model={model}
          path="trip.reserve_percent"
          hint="of the usable tank, never planned on"
        />
        <Figure model={model} path="trip.cruise_kmh" hint="real, not indicated" />
        <Figure
          model={model}
          path="trip.luggage_kg"
          hint="all of it; what is named nowhere below hangs in panniers"
        />
        <Figure model={model} path="trip.luggage_L" hint="empty: reckoned from its mass" />
        <Figure model={model} path="trip.tankBag_kg" />
        <Figure model={model} path="trip.tail_kg" />
        <Figure model={model} path="trip.pillion_kg" hint="with kit; empty: alone" />
        <Figure model={model} path="trip.altitude_m" hint="empty: sea level" />
        <Figure model={model} path="trip.heat_C" hint="empty: 15" />
        <Figure model={model} path="trip.cold_C" hint="empty: mild" />
        <Figure model={model} path="trip.wet_percent" hint="empty: dry" />
        <SeasonField model={model} />
        <Figure model={model} path="trip.headwind_kmh" hint="the cruise must be held against it" />
        <Figure model={model} path="trip.workshopGap_km" />
        <Figure
          model={model}
          path="trip.serviceStretch_percent"
          hint="of the book’s interval; empty: 100, by the book"
        />
      </FieldColumns>
    </>
  );
}, shows('trip'));

export const MoneyFields = memo(function MoneyFields({ model }: PanelProps) {
  const { brief } = model;
  return (
    <>
      <FieldColumns>
        <CurrencyField model={model} />
        <Figure model={model} path="money.budget" hint="everything, trip fund included" />
        <Figure model={model} path="money.tripFund" hint="not to be touched" />
        <Figure model={model} path="money.gear" />
        <Figure
          model={model}
          path="money.onTheRoadCosts"
          hint="on top of a list price; empty: 3–8 %"
        />
        <Figure model={model} path="money.shopRate_perHour" />
        <Figure
          model={model}
          path="money.partsExtra_percent"
          hint="of the price of parts; empty: none"
        />
        <Figure
          model={model}
          path="money.wrongPart_percent"
          hint="parts that turn out not to fit come back at a loss"
        />
        <Figure model={model} path="money.papers" hint="once, where anything is fitted" />
        <Checkbox.Root
          mt="2"
          checked={brief.money.ownSpanners}
          onCheckedChange={(e) =>
            model.edit(['money', 'ownSpanners'], e.checked === true, 'money.ownSpanners')
          }
        >
          <Checkbox.HiddenInput />
          <Checkbox.Control
            borderColor="border.emphasized"
            _checked={{ bg: 'accent', borderColor: 'accent', color: 'accent.ink' }}
          />
          <Checkbox.Label fontWeight="400">I have a place and spanners to fit parts</Checkbox.Label>
        </Checkbox.Root>
      </FieldColumns>
      <RateList model={model} />
    </>
  );
}, shows('money'));
