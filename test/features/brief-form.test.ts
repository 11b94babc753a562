import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { BRIEF_LIMITS, type BriefFigure } from '@/core/brief';
import { UNIT_SYSTEMS } from '@/core/units';
import {
  briefFigureText,
  briefFormSchema,
  briefFormValues,
  briefValue,
} from '@/features/brief/brief-form';
import { briefSchema, newBrief } from '@/store/records';
import type { Reader } from '@/ui/messages';

const brief = newBrief('EUR');
const metric: Reader = { units: 'metric', currency: 'EUR' };
const KEYS = Object.keys(BRIEF_LIMITS) as BriefFigure[];

/** Parses one field's text as the form does. */
function parse(key: BriefFigure, text: string, reader: Reader = metric) {
  const values = structuredClone(briefFormValues(brief, reader)) as unknown as Record<
    string,
    Record<string, unknown>
  >;
  const [section = '', field = ''] = key.split('.');
  values[section] = { ...values[section], [field]: text };
  const result = briefFormSchema(reader).safeParse(values);
  if (result.success)
    return {
      value: (result.data as unknown as Record<string, Record<string, unknown>>)[section]?.[field],
    };
  return {
    refused: result.error.issues.map((i) => i.message).join(' '),
    at: result.error.issues[0]?.path.join('.'),
  };
}

test('a new brief is a good brief and fills the form in every unit system', () => {
  expect(briefSchema.safeParse(brief).success).toBe(true);
  for (const units of UNIT_SYSTEMS)
    expect(
      briefFormSchema({ units, currency: 'EUR' }).safeParse(
        briefFormValues(brief, { units, currency: 'EUR' }),
      ).success,
    ).toBe(true);
});

test('what the form prints, it reads again: within the printed digit, any figure, any units', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...KEYS),
      fc.constantFrom(...UNIT_SYSTEMS),
      fc.double({ min: 0.02, max: 0.98, noNaN: true }),
      (key, units, at) => {
        const { min, max } = BRIEF_LIMITS[key];
        const base = min + at * (max - min);
        const [section = '', field = ''] = key.split('.');
        const changed = {
          ...brief,
          [section]: { ...(brief as unknown as Record<string, object>)[section], [field]: base },
        };
        const reader: Reader = { units, currency: 'EUR' };
        const text = briefFigureText(changed, key, reader);
        const { value } = parse(key, text, reader);
        expect(Math.abs((value as number) - base)).toBeLessThanOrEqual(Math.max(1.3, base * 0.002));
      },
    ),
    { seed: 19 },
  );
});

describe('typed in other units', () => {
  test.each([
    ['rider.height_mm', '5 ft 10 in', 1778],
    ['rider.height_mm', '1,78 m', 1780],
    ['rider.mass_kg', '12 st 4 lb', 78.0179],
    ['trip.cruise_kmh', '60 mph', 96.5606],
    ['trip.fuelGap_km', '190 miles', 305.7754],
    ['money.budget', '12 500', 12500],
    ['trip.reserve_percent', '15 %', 15],
  ] as const)('%s %s', (key, text, base) => expect(parse(key, text).value).toBeCloseTo(base, 3));

  test('not known is allowed where it is an answer, and only there', () => {
    expect(parse('rider.inseam_mm', '')).toEqual({ value: undefined });
    expect(parse('money.onTheRoadCosts', ' ')).toEqual({ value: undefined });
    expect(parse('rider.mass_kg', '').refused).toBe('A figure is needed here.');
    expect(briefValue(brief, 'rider.inseam_mm')).toBeUndefined();
  });
});

describe('refused with the reason, at the field', () => {
  test.each([
    ['rider.mass_kg', '6600', 'Must lie between 35 and 200 kg.'],
    ['rider.mass_kg', '66 mm', 'mm is a length'],
    ['trip.reserve_percent', '80', 'Must lie between 0 and 50 %.'],
    ['trip.reserve_percent', 'some', 'is not a figure'],
    ['money.budget', '9000 USD', 'Amounts here are in EUR'],
    ['money.budget', '-1', 'Must lie between 0 and 1\u202f000\u202f000 EUR.'],
    ['trip.cruise_kmh', '300', 'Must lie between 40 and 160 km/h.'],
  ] as const)('%s “%s”', (key, text, words) => {
    const result = parse(key, text);
    expect(result.refused).toContain(words);
    expect(result.at).toBe(key);
  });
  test('limits are said in the reader’s units', () => {
    expect(parse('rider.mass_kg', '1', { units: 'us', currency: 'USD' }).refused).toContain('lb');
    expect(parse('trip.cruise_kmh', '200', { units: 'uk', currency: 'GBP' }).refused).toContain(
      'mph',
    );
  });
});
