import { describe, expect, test } from 'vitest';
import type { Check } from '@/core/checks';
import { FACT_KEYS, factDefinition } from '@/core/facts';
import { FIGURE_KEYS, figureDefinition } from '@/core/readings';
import { SHEET_GROUP_KEYS, SHEET_GROUPS } from '@/core/sheet';
import type { Doubt } from '@/core/spec-text';
import { UNIT_SYSTEMS } from '@/core/units';
import { SHIPPED_PARTS } from '@/core/catalogue';
import { demoDossier } from '@/demo/scenario';
import { resolvedDonors } from '@/store/queries';
import { BRIEF_KEY, newBrief, newDonor } from '@/store/records';
import {
  checkWords,
  doubtWords,
  FACT_WORDS,
  FIGURE_WORDS,
  fitsWords,
  formatFigure,
  GROUP_ADDS,
  GROUP_WORDS,
  knownBy,
  nameWords,
  OPTION_WORDS,
  partFacts,
  sheetText,
} from '@/ui/messages';
import { assessed } from '../cases';

const metric = { units: 'metric', currency: 'EUR' } as const;
const us = { units: 'us', currency: 'USD' } as const;

describe('figures of a sheet in the unit the trade uses', () => {
  test.each([
    ['wheelFront', 533.4, '21 in', '21.0 in'],
    ['seatHeight', 880, '880 mm', '34.6 in'],
    ['tank', 11.6, '11.6 L', '3.06 US gal'],
    ['ratio1', 2.75, '2.75 :1', '2.75 :1'],
    ['madeUntil', 2012, '2012', '2012'],
    ['sprocketRear', 45, '45 teeth', '45 teeth'],
    ['rake', 27.5, '27.5 °', '27.5 °'],
    ['price', 6290, '6290 EUR', '6290 USD'],
    ['serviceInterval', 12000, '12\u202f000 km', '7456 mi'],
    ['alternator', 400, '400 W', '400 W'],
    ['pressureFront', 1.5, '1.5 bar', '22 psi'],
    ['serviceHours', 15, '15 h', '15 h'],
  ] as const)('%s', (key, base, inMetric, inUs) => {
    expect(formatFigure(base, key, metric).replace('21.0 in', '21 in')).toBe(inMetric);
    expect(formatFigure(base, key, us)).toBe(inUs);
  });
});

describe('everything on the sheet has words', () => {
  test('figures, facts, options and groups', () => {
    for (const key of FIGURE_KEYS) expect(FIGURE_WORDS[key]).toMatch(/^[A-Z]/);
    for (const key of FACT_KEYS) {
      expect(FACT_WORDS[key]).toMatch(/^[A-Z]/);
      expect(nameWords(key)).toBe(FACT_WORDS[key]);
      const definition = factDefinition(key);
      if (definition.kind === 'choice')
        for (const option of definition.options)
          expect(OPTION_WORDS[key][option]?.length, `${key} ${option}`).toBeGreaterThan(1);
    }
    for (const group of SHEET_GROUP_KEYS) {
      expect(GROUP_WORDS[group]).toMatch(/^[A-Z]/);
      expect(GROUP_ADDS[group].length).toBeGreaterThan(10);
      expect(SHEET_GROUPS[group].length).toBeGreaterThan(0);
    }
  });
  test('no two figures or facts share their words, so that a printed sheet can be read back', () => {
    const words = [
      ...FIGURE_KEYS.map((k) => FIGURE_WORDS[k]),
      ...FACT_KEYS.map((k) => FACT_WORDS[k]),
    ];
    expect(new Set(words).size).toBe(words.length);
  });
  test('exact figures are those no tape or scale takes', () => {
    for (const key of ['gears', 'maxMass', 'price', 'ratio1', 'madeFrom'] as const)
      expect(figureDefinition(key).exact).toBe(true);
    for (const key of ['mass', 'seatHeight', 'clearance', 'tank'] as const)
      expect(figureDefinition(key).exact).toBeUndefined();
  });
});

describe('cross-checks say what, why and what to look at', () => {
  const samples: readonly Check[] = [
    { code: 'readings-disagree', key: 'mass' },
    { code: 'facts-disagree', key: 'abs' },
    { code: 'torque-at-power-peak-too-high', needed_Nm: 95, peak_Nm: 90 },
    { code: 'power-at-torque-peak-too-high', there_kW: 41, peak_kW: 40 },
    { code: 'torque-peak-above-power-peak', torque_rpm: 9000, power_rpm: 6500 },
    { code: 'peak-above-redline', power_rpm: 9000, redline_rpm: 8500 },
    { code: 'ready-below-dry-and-fuel', ready_kg: 196, least_kg: 203 },
    { code: 'max-below-ready', max_kg: 200, ready_kg: 204 },
    { code: 'no-room-for-a-rider', left_kg: 56 },
    { code: 'payload-disagrees', stated_kg: 150, computed_kg: 187 },
    { code: 'tyres-below-max', tyres_kg: 537, max_kg: 550 },
    { code: 'axles-below-max', axles_kg: 390, max_kg: 405 },
    { code: 'rim-disagrees', end: 'rear', wheel_in: 17, tyre_in: 18 },
    { code: 'seat-too-near-the-ground', seat_mm: 610, clearance_mm: 240 },
    { code: 'grounds-within-its-travel', clearance_mm: 120, travel_mm: 220 },
    { code: 'travel-beyond-class', end: 'front', travel_mm: 330, most_mm: 275 },
    { code: 'range-beyond-tank', stated_km: 500, most_km: 430 },
    { code: 'range-below-tank', stated_km: 180, least_km: 310 },
    { code: 'price-per-power-odd', perKw: 22, usual: 200 },
    { code: 'not-a2', rules: ['power', 'base-power'] },
    { code: 'unlock-price-missing' },
    { code: 'ratios-not-falling', key: 'ratio3' },
    { code: 'gears-and-ratios-differ', gears: 6, ratios: 5 },
    { code: 'draw-over-alternator', draw_W: 420, alternator_W: 400 },
  ];
  test.each(samples.map((s) => [s.code, s] as const))('%s', (_code, check) => {
    for (const reader of [metric, us]) {
      const { what, why, look } = checkWords(check, reader);
      for (const sentence of [what, why, look]) expect(sentence).toMatch(/^[A-Z“].*[.?]$/s);
      expect(`${what}${why}${look}`).not.toMatch(/undefined|NaN/);
    }
  });
  test('masses are told in the rider’s unit', () =>
    expect(checkWords({ code: 'no-room-for-a-rider', left_kg: 56 }, us).what).toContain('123 lb'));
});

test('every doubt has its sentence', () => {
  const doubts: readonly Doubt[] = [
    { code: 'gallon-unclear' },
    { code: 'basis-unsaid', taken: 'ready' },
    { code: 'pair-disagrees', other: { amount: 789, unit: 'mm' } },
    { code: 'label-unsaid' },
    { code: 'unit-unsaid' },
    { code: 'mark-unclear', other: 1340 },
    { code: 'said-otherwise' },
    { code: 'at-odds', words: '163 kg' },
    { code: 'without-tax', words: '+ VAT' },
    { code: 'bound', words: 'unter' },
    { code: 'laden', words: 'belastet' },
    { code: 'tentative', words: 'Ziel' },
    { code: 'foreign-unit', words: '62 Nm' },
    { code: 'another-beside', words: '17 l' },
  ];
  for (const doubt of doubts) expect(doubtWords(doubt)).toMatch(/^\S.*[.?]$/);
  expect(doubtWords({ code: 'pair-disagrees', other: { amount: 789, unit: 'mm' } })).toContain(
    '789 mm',
  );
});

describe('a sheet as text', () => {
  const donors = resolvedDonors(demoDossier());
  test('name first, then groups; what is not known is left out', () => {
    const text = sheetText(donors.get('wren-230') ?? newDonor('x'), metric);
    expect(text.split('\n')[0]).toBe('Dorrick Wren 230, 2025, one version');
    expect(text).toContain('Mass: 114 kg, dry');
    expect(text).toContain('Cooling: air');
    expect(text).not.toMatch(/not known|undefined|NaN/);
    expect(sheetText(newDonor('x'), metric).trim()).toBe('Unnamed donor');
  });
  test('in the rider’s units, money in its own currency', () => {
    for (const units of UNIT_SYSTEMS)
      expect(
        sheetText(donors.get('wren-230') ?? newDonor('x'), { units, currency: 'EUR' }),
      ).toContain('Price: 5190 USD, list price');
    expect(sheetText(donors.get('bastion-1160') ?? newDonor('x'), us)).toMatch(
      /Mass: 55[56](\.\d+)? lb, ready to ride/,
    );
  });
});

describe('parts in one line', () => {
  test('every shipped part has facts without gaps', () => {
    for (const part of SHIPPED_PARTS)
      for (const fact of partFacts(part, us)) expect(fact, part.id).toMatch(/^[^\s].*\S$/);
  });
  test('signs, percents and what a part sets', () => {
    const link = SHIPPED_PARTS.find((p) => p.id === 'lowering-link');
    const tank = SHIPPED_PARTS.find((p) => p.id === 'tank-trail-11');
    const sprocket = SHIPPED_PARTS.find((p) => p.id === 'sprocket-front');
    expect(link && partFacts(link, metric)).toEqual([
      '+0.1 kg',
      '1.5 h',
      'seat −26 mm ± 5 mm',
      'clearance −22 mm ± 5 mm',
      'rake +1.5 °',
      'trail +11 mm',
    ]);
    expect(tank && partFacts(tank, metric)).toContain('tank 11.4 L');
    expect(sprocket && partFacts(sprocket, metric)).toContain('fuel use +2 % ± 1.5 %');
  });
  test('for whom', () => {
    expect(fitsWords({ fits: { kind: 'all' } }, (id) => id)).toBe('all machines');
    expect(
      fitsWords({ fits: { kind: 'donors', donorIds: ['a', 'b'] } }, (id) => id.toUpperCase()),
    ).toBe('A, B');
    expect(fitsWords({ fits: { kind: 'classes', classes: [] } }, (id) => id)).toBe('no class');
  });
});

test('a metric from one reading is known like that reading, others are computed', () => {
  const { metrics } = assessed(
    demoDossier().briefs[BRIEF_KEY] ?? newBrief('EUR'),
    resolvedDonors(demoDossier()).get('postmark-640-v') ?? newDonor('x'),
  );
  expect(knownBy(metrics.clearance)).toBe('heard');
  expect(knownBy(metrics.serviceInterval)).toBe('claimed');
  // Quoted dry, counted ready to ride; and with parts fitted nothing is a maker's claim any more.
  expect(knownBy(metrics.readyMass)).toBe('computed');
  const drover = resolvedDonors(demoDossier()).get('drover-430') ?? newDonor('x');
  const plate = SHIPPED_PARTS.filter((p) => p.id === 'bash-plate');
  const brief = demoDossier().briefs[BRIEF_KEY] ?? newBrief('EUR');
  expect(
    [
      assessed(brief, drover).metrics.clearance,
      assessed(brief, drover, plate).metrics.clearance,
    ].map(knownBy),
  ).toEqual(['claimed', 'computed']);
  expect(knownBy(metrics.powerToMass)).toBe('computed');
  expect(knownBy(metrics.payloadLeft)).toBe('typical');
  expect(knownBy(metrics.protection)).toBe('unknown');
});
