import * as z from 'zod/mini';
import {
  BRIEF_LIMITS,
  briefLimit,
  LICENCES,
  SKILLS,
  type Brief,
  type BriefFigure,
} from '@/core/brief';
import { preferredUnit, type UnitId } from '@/core/units';
import { fieldPlaces, type Reader } from '@/ui/messages';
import { amountText, readAmount, signOf, type AmountRules, type Quantity } from '@/ui/stored';

export const briefFigureUnit = (key: BriefFigure, reader: Reader): UnitId | undefined => {
  const { dimension } = BRIEF_LIMITS[key];
  return dimension === 'plain'
    ? undefined
    : preferredUnit(dimension, reader.units, reader.currency);
};

/** How a figure of the brief is typed and shown. */
export function quantityOf(key: BriefFigure, reader: Reader): Quantity {
  const { dimension } = BRIEF_LIMITS[key];
  if (dimension === 'money') return { kind: 'sum', currency: reader.currency };
  const unit = briefFigureUnit(key, reader);
  const sign = briefLimit(key).sign;
  if (sign === 'm') return { kind: 'scaled', sign: reader.units === 'us' ? 'ft' : 'm' };
  if (sign === '°C') return { kind: 'scaled', sign: reader.units === 'us' ? '°F' : '°C' };
  return dimension === 'plain' || !unit
    ? { kind: 'plain', sign: briefLimit(key).sign ?? '%' }
    : { kind: 'measured', dimension, unit, places: fieldPlaces(unit) };
}

/** The figure's text in the reader's unit; empty for not known. */
export const briefFigureText = (brief: Brief, key: BriefFigure, reader: Reader): string =>
  amountText(quantityOf(key, reader), briefValue(brief, key) as number | undefined);

/** The value at a dotted path of the brief. */
export function briefValue(brief: Brief, path: string): unknown {
  return path
    .split('.')
    .reduce<unknown>((at, step) => (at as Record<string, unknown> | undefined)?.[step], brief);
}

/** The sign that stands in a figure's field. */
export const briefFigureSign = (key: BriefFigure, reader: Reader): string =>
  signOf(quantityOf(key, reader));

/** How a figure's text is read. */
export const briefFigureRules = (key: BriefFigure, reader: Reader): AmountRules => ({
  quantity: quantityOf(key, reader),
  limits: BRIEF_LIMITS[key],
  required: !briefLimit(key).optional,
});

/** Text → base figure, with the reason when it is refused. */
function figureText(key: BriefFigure, reader: Reader) {
  const rules = briefFigureRules(key, reader);
  return z.pipe(
    z.string(),
    z.transform((text: string, context): number | undefined => {
      const read = readAmount(text, rules);
      if (read.kind === 'value') return read.value;
      context.issues.push({ code: 'custom', message: read.words, input: text });
      return z.NEVER;
    }),
  );
}

/** What the form holds: text for figures, choices as they are. Its shape is the brief's. */
export const briefFormSchema = (reader: Reader) => {
  const amount = (key: BriefFigure) => figureText(key, reader);
  return z.object({
    rider: z.object({
      height_mm: amount('rider.height_mm'),
      inseam_mm: amount('rider.inseam_mm'),
      mass_kg: amount('rider.mass_kg'),
      kit_kg: amount('rider.kit_kg'),
      lift_kg: amount('rider.lift_kg'),
      sole_mm: amount('rider.sole_mm'),
      skill: z.enum(SKILLS),
      licence: z.enum(LICENCES),
    }),
    trip: z.object({
      name: z.string().check(z.maxLength(120, 'At most 120 letters.')),
      length_km: amount('trip.length_km'),
      cruise_kmh: amount('trip.cruise_kmh'),
      fuelGap_km: amount('trip.fuelGap_km'),
      reserve_percent: amount('trip.reserve_percent'),
      luggage_kg: amount('trip.luggage_kg'),
      luggage_L: amount('trip.luggage_L'),
      cold_C: amount('trip.cold_C'),
      wet_percent: amount('trip.wet_percent'),
      latitude_deg: amount('trip.latitude_deg'),
      longestDay_km: amount('trip.longestDay_km'),
      workshopGap_km: amount('trip.workshopGap_km'),
      pillion_kg: amount('trip.pillion_kg'),
      tankBag_kg: amount('trip.tankBag_kg'),
      tail_kg: amount('trip.tail_kg'),
      altitude_m: amount('trip.altitude_m'),
      heat_C: amount('trip.heat_C'),
      headwind_kmh: amount('trip.headwind_kmh'),
      serviceStretch_percent: amount('trip.serviceStretch_percent'),
    }),
    money: z.object({
      budget: amount('money.budget'),
      tripFund: amount('money.tripFund'),
      gear: amount('money.gear'),
      onTheRoadCosts: amount('money.onTheRoadCosts'),
      shopRate_perHour: amount('money.shopRate_perHour'),
      ownSpanners: z.boolean(),
      yearsKept: amount('money.yearsKept'),
      yearly_km: amount('money.yearly_km'),
      fuel_perL: amount('money.fuel_perL'),
      insurance_perYear: amount('money.insurance_perYear'),
      tax_perYear: amount('money.tax_perYear'),
      service_each: amount('money.service_each'),
      wear_per1000km: amount('money.wear_per1000km'),
      loanInterest_percent: amount('money.loanInterest_percent'),
      loanMonths: amount('money.loanMonths'),
      loanDeposit: amount('money.loanDeposit'),
      partsExtra_percent: amount('money.partsExtra_percent'),
      wrongPart_percent: amount('money.wrongPart_percent'),
      papers: amount('money.papers'),
    }),
    musts: z.object({
      stance: z.enum(['flat', 'balls', 'tiptoes']),
      readyMass_kg: amount('musts.readyMass_kg'),
      clearance_mm: amount('musts.clearance_mm'),
      sureness_percent: amount('musts.sureness_percent'),
    }),
  });
};

export type BriefForm = z.input<ReturnType<typeof briefFormSchema>>;
export type BriefFormOutput = z.output<ReturnType<typeof briefFormSchema>>;

/** The form's values for a brief. */
export function briefFormValues(brief: Brief, reader: Reader): BriefForm {
  const text = (key: BriefFigure) => briefFigureText(brief, key, reader);
  return {
    rider: {
      height_mm: text('rider.height_mm'),
      inseam_mm: text('rider.inseam_mm'),
      mass_kg: text('rider.mass_kg'),
      kit_kg: text('rider.kit_kg'),
      lift_kg: text('rider.lift_kg'),
      sole_mm: text('rider.sole_mm'),
      skill: brief.rider.skill,
      licence: brief.rider.licence,
    },
    trip: {
      name: brief.trip.name,
      length_km: text('trip.length_km'),
      cruise_kmh: text('trip.cruise_kmh'),
      fuelGap_km: text('trip.fuelGap_km'),
      reserve_percent: text('trip.reserve_percent'),
      luggage_kg: text('trip.luggage_kg'),
      luggage_L: text('trip.luggage_L'),
      cold_C: text('trip.cold_C'),
      wet_percent: text('trip.wet_percent'),
      latitude_deg: text('trip.latitude_deg'),
      longestDay_km: text('trip.longestDay_km'),
      workshopGap_km: text('trip.workshopGap_km'),
      pillion_kg: text('trip.pillion_kg'),
      tankBag_kg: text('trip.tankBag_kg'),
      tail_kg: text('trip.tail_kg'),
      altitude_m: text('trip.altitude_m'),
      heat_C: text('trip.heat_C'),
      headwind_kmh: text('trip.headwind_kmh'),
      serviceStretch_percent: text('trip.serviceStretch_percent'),
    },
    money: {
      budget: text('money.budget'),
      tripFund: text('money.tripFund'),
      gear: text('money.gear'),
      onTheRoadCosts: text('money.onTheRoadCosts'),
      shopRate_perHour: text('money.shopRate_perHour'),
      ownSpanners: brief.money.ownSpanners,
      yearsKept: text('money.yearsKept'),
      yearly_km: text('money.yearly_km'),
      fuel_perL: text('money.fuel_perL'),
      insurance_perYear: text('money.insurance_perYear'),
      tax_perYear: text('money.tax_perYear'),
      service_each: text('money.service_each'),
      wear_per1000km: text('money.wear_per1000km'),
      loanInterest_percent: text('money.loanInterest_percent'),
      loanMonths: text('money.loanMonths'),
      loanDeposit: text('money.loanDeposit'),
      partsExtra_percent: text('money.partsExtra_percent'),
      wrongPart_percent: text('money.wrongPart_percent'),
      papers: text('money.papers'),
    },
    musts: {
      stance: brief.musts.stance,
      readyMass_kg: text('musts.readyMass_kg'),
      clearance_mm: text('musts.clearance_mm'),
      sureness_percent: text('musts.sureness_percent'),
    },
  };
}
