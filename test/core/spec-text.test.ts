import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { FACT_DEFINITIONS, FACT_KEYS, type Fact, type FactKey } from '@/core/facts';
import {
  FIGURE_KEYS,
  figureDefinition,
  figureUnit,
  limitsIn,
  ORIGINS,
  readingInUse,
  type Figure,
  type FigureKey,
} from '@/core/readings';
import { isGrave, readHeader, readSpecText, type Proposal } from '@/core/spec-text';
import { convert, UNIT_SYSTEMS } from '@/core/units';
import { demoDossier } from '@/demo/scenario';
import { resolvedDonors } from '@/store/queries';
import { newDonor } from '@/store/records';
import { sheetText } from '@/ui/messages';

/** `key amount unit basis`, or `key value`; doubts behind a question mark. */
const short = (p: Proposal): string => {
  const doubts = p.doubts.length > 0 ? ` ?${p.doubts.map((d) => d.code).join(',')}` : '';
  if (p.kind === 'fact') return `${p.key} ${p.value}${doubts}`;
  return `${p.key} ${Number(p.amount.toFixed(4))}${p.spread === undefined ? '' : `±${Number(p.spread.toFixed(4))}`} ${p.unit}${p.basis === 'stated' ? '' : ` ${p.basis}`}${doubts}`;
};
const read = (text: string): readonly string[] => readSpecText(text).map(short);

// Written by hand for this product: what sheets, adverts and reviews look like. No source; figures are made up.
const CASES: readonly (readonly [text: string, ...found: readonly string[]])[] = [
  ['271 lb dry', 'mass 271 lb dry'],
  ['kerb weight 187 kg', 'mass 187 kg ready'],
  ['Kerb weight: 187 kg (412 lb)', 'mass 187 kg ready'],
  ['Wet weight 412 lbs.', 'mass 412 lb ready'],
  ['Curb mass: 452 pounds', 'mass 452 lb ready'],
  ['mass in running order 204 kg', 'mass 204 kg ready-90'],
  [
    'It weighs 187 kg ready to ride and the seat is 34½ inches high.',
    'mass 187 kg ready',
    'seatHeight 34.5 in standard-seat',
  ],
  ['Weight 187 kg', 'mass 187 kg ready ?basis-unsaid'],
  ['Dry weight\n108 kg', 'mass 108 kg dry'],
  ['Weight: 108 kg dry, 118 kg wet', 'mass 108 kg dry', 'mass 118 kg ready'],
  ['GVWR 405 kg', 'maxMass 405 kg'],
  ['Maximum permitted mass 882 lb; payload 187 kg', 'maxMass 882 lb', 'payload 187 kg'],
  ['Seat height 34.6 in (879 mm)', 'seatHeight 34.6 in standard-seat'],
  ['Seat height: 34.6" / 879 mm', 'seatHeight 34.6 in standard-seat'],
  ['Seat height 34.6 in (789 mm)', 'seatHeight 34.6 in standard-seat ?pair-disagrees'],
  ['Seat height (mm): 880', 'seatHeight 880 mm standard-seat'],
  ['Seat height 880', 'seatHeight 880 mm standard-seat ?unit-unsaid'],
  ['Seat height 34 1/2 in', 'seatHeight 34.5 in standard-seat'],
  ['Low seat version: 845 mm seat height', 'seatHeight 845 mm low-seat'],
  ['Sitzhöhe? Saddle height 0,88 m', 'seatHeight 0.88 m standard-seat'],
  ['Tank 3.1 gal', 'tank 3.1 gal-us ?gallon-unclear'],
  ['Tank: 3.1 US gal', 'tank 3.1 gal-us'],
  ['3.0 imperial gallons in the tank', 'tank 3 gal-imp'],
  ['fuel capacity 3.1 gal (11.7 L)', 'tank 3.1 gal-us'],
  ['fuel capacity 3.1 gal (14.1 litres)', 'tank 3.1 gal-imp'],
  ['fuel capacity 3.1 gal (19 L)', 'tank 3.1 gal-us ?pair-disagrees,gallon-unclear'],
  ['Tank: 11,6 l', 'tank 11.6 L'],
  ['Tankinhalt 13,4 L', 'tank 13.4 L'],
  ['61 hp @ 8 250 rpm', 'power 61 hp crank ?label-unsaid', 'powerRpm 8250 rpm'],
  ['48 PS (35.3 kW) at 8,500 rpm', 'power 48 PS crank ?label-unsaid', 'powerRpm 8500 rpm'],
  ['38 PS bei 7.500 U/min', 'power 38 PS crank ?label-unsaid', 'powerRpm 7500 rpm'],
  ['The single has 38 hp at the rear wheel.', 'power 38 hp wheel ?label-unsaid', 'layout single'],
  ['20.5kW/8750rpm', 'power 20.5 kW crank ?label-unsaid', 'powerRpm 8750 rpm'],
  ['44 lb-ft', 'torque 44 lbf-ft crank ?label-unsaid'],
  ['44 ft-lbs at 6,500 rpm', 'torque 44 lbf-ft crank ?label-unsaid', 'torqueRpm 6500 rpm'],
  ['max torque 4.5 kgf·m', 'torque 4.5 kgf-m crank'],
  ['Torque: 68 Nm @ 6500 r/min', 'torque 68 Nm crank', 'torqueRpm 6500 rpm'],
  ['Redline 10,000', 'redline 10000 rpm'],
  ['idles at 1 400 rpm', 'idleSpeed 1400 rpm'],
  [
    'Displacement 449 cc, compression ratio 12.5:1',
    'displacement 449 cc',
    'compression 12.5 ratio',
  ],
  ['25.5° / 109 mm', 'rake 25.5 deg ?label-unsaid', 'trail 109 mm'],
  ['Rake/trail 27 degrees / 4.3 in', 'rake 27 deg', 'trail 4.3 in'],
  ['Wheelbase 1.440 mm', 'wheelbase 1440 mm'],
  ["Wheelbase 1'440 mm", 'wheelbase 1440 mm'],
  ['Wheelbase: 56.7 in.', 'wheelbase 56.7 in'],
  ['Ground clearance 11.2 in. Wheelbase 56.7 in.', 'clearance 11.2 in', 'wheelbase 56.7 in'],
  [
    'Suspension travel front/rear: 240/230 mm',
    'travelFront 240 mm claimed-travel',
    'travelRear 230 mm claimed-travel',
  ],
  [
    'front travel 240 mm, rear 230 mm',
    'travelFront 240 mm claimed-travel',
    'travelRear 230 mm claimed-travel',
  ],
  [
    'Travel: 240 mm front, 230 mm rear',
    'travelFront 240 mm claimed-travel',
    'travelRear 230 mm claimed-travel',
  ],
  [
    'Front suspension\nTravel: 250 mm\nRear suspension\nTravel: 240 mm',
    'travelFront 250 mm claimed-travel',
    'travelRear 240 mm claimed-travel',
  ],
  ['We taped 9.2 in of travel at the front', 'travelFront 9.2 in taped-travel'],
  ['90/90-21', 'tyreFront 90/90-21'],
  ['Tyres 90/90-21 and 140/80-18', 'tyreFront 90/90-21', 'tyreRear 140/80-18'],
  ['rear 150/70 R 17 69V', 'tyreRear 150/70 R 17 69V'],
  ['Tyre front 3.00-21, tyre rear 4.60-18', 'tyreFront 3.00-21', 'tyreRear 4.60-18'],
  ['a 21-inch front wheel and an 18-inch rear', 'wheelFront 21 in', 'wheelRear 18 in'],
  ['every 4 000 miles or 40 hours', 'serviceInterval 4000 mi ?label-unsaid', 'serviceHours 40 h'],
  ['Service every 12,000 km or 12 months', 'serviceInterval 12000 km', 'serviceMonths 12 months'],
  ['Oil: 1.7 L, change every 5 000 km', 'oilCapacity 1.7 L', 'oilInterval 5000 km'],
  ['oil change every 15 hours', 'oilHours 15 h'],
  ['Valve check every 26,000 miles', 'valveInterval 26000 mi'],
  ['Fuel economy 54 mpg', 'consumption 54 mpg-us mixed ?gallon-unclear,basis-unsaid'],
  ['returned 80 mpg (imperial) overall', 'consumption 80 mpg-imp mixed'],
  ['WMTC consumption 3.4 l/100 km', 'consumption 3.4 L/100km cycle'],
  ['30 km/l on the motorway', 'consumption 30 km/L motorway ?label-unsaid'],
  ['Range 200-250 miles', 'statedRange 225±25 mi'],
  ['Range: 200 to 250 miles', 'statedRange 225±25 mi'],
  ['Final drive 15/45', 'sprocketFront 15 teeth', 'sprocketRear 45 teeth'],
  [
    '14T countershaft sprocket, 43T rear sprocket',
    'sprocketFront 14 teeth',
    'sprocketRear 43 teeth',
  ],
  ['6-speed gearbox', 'gears 6 gears'],
  ['1st 2.750, 2nd 1,90', 'ratio1 2.75 ratio', 'ratio2 1.9 ratio'],
  ['Alternator 400 W, battery 8.6 Ah', 'alternator 400 W', 'battery 8.6 Ah'],
  ['Fork spring rate 4.6 N/mm, shock spring 65 N/mm', 'forkRate 4.6 N/mm', 'shockRate 65 N/mm'],
  ['Tyre pressure front 1.5 bar rear 1.8 bar', 'pressureFront 1.5 bar', 'pressureRear 1.8 bar'],
  ['Springs suit a rider of 75 kg', 'springRiderMass 75 kg'],
  ['Price €6,290', 'price 6290 EUR list'],
  ['MSRP $5,290', 'price 5290 USD list'],
  ['asking 6.290 EUR', 'price 6290 EUR asked'],
  ['£3,200 ono', 'price 3200 GBP asked'],
  ['On the road price CHF 9900', 'price 9900 CHF on-the-road'],
  ['Warranty 2 years', 'warranty 2 years'],
  [
    'liquid-cooled parallel twin, 6-speed',
    'gears 6 gears',
    'cooling liquid',
    'layout parallel-twin',
  ],
  [
    'Air-cooled single-cylinder with electric start',
    'cooling air',
    'layout single',
    'starter electric',
  ],
  ['Fork: upside-down', 'forkType upside-down'],
  ['ABS: rear can be switched off', 'abs rear-off'],
  ['switchable ABS but no traction control', 'abs both-off', 'tractionControl none'],
  [
    'Spoked wheels, plastic hand guards, alloy skid plate',
    'wheelType spoked-tubes ?tubes-unsaid',
    'sumpGuard alloy',
    'handGuards plastic',
  ],
  ['520 chain', 'chainPitch 520'],
  [
    'Seat height 880 mm. Low seat: 850 mm seat height.',
    'seatHeight 880 mm standard-seat',
    'seatHeight 850 mm low-seat',
  ],
  [
    'Seat height 880 mm ... Seat height 890 mm',
    'seatHeight 880 mm standard-seat ?said-otherwise',
    'seatHeight 890 mm standard-seat ?said-otherwise',
  ],
  ['Mass: 138 kg\nWeight (ready): 138 kg ready to ride', 'mass 138 kg ready'],
];

// What must not be taken for a figure of the machine.
const NOTHING: readonly string[] = [
  '',
  ' \n\t ',
  'Lovely weather today; we rode 200 miles and had 2 coffees.',
  'I weigh 90 kg and I am 1.83 m tall, inseam 860 mm.',
  'Top speed 140 km/h',
  'Length 2,150 mm, width 820 mm, height 1,230 mm',
  'The brakes are 320 mm discs.',
  '12:30, bus 24, platform 3',
  'call 0171 555 019',
  '1/2/2026',
  '{"a": 1, "b": [2, 3]}',
  '<div class="x">42</div>',
  'rider sag 105 mm, static sag 35 mm',
  'lorem ipsum dolor sit amet',
  '🏍️ 🏔️ 5',
  '0 0 0 0 0',
  '-----',
  'SELECT * FROM t WHERE a > 3;',
];

describe('figures and facts are found in running text', () => {
  test.each(CASES)('%s', (text, ...found) =>
    expect([...read(text)].sort()).toEqual([...found].sort()),
  );
});

describe('a text that is no sheet gives an empty proposal', () => {
  test.each(NOTHING.map((t) => [t]))('%j', (text) => expect(read(text)).toEqual([]));
});

test('the words a figure came from stand in the text where it says', () => {
  for (const [text] of CASES)
    for (const p of readSpecText(text))
      expect(text.slice(p.from, p.to).trim(), text).toContain(
        p.words.replace(/^["”]|["”]$/g, '').slice(0, 3),
      );
});

test('doubts that change a figure keep it from being ticked, others do not', () => {
  const grave = (text: string) =>
    readSpecText(text).map((p) => p.doubts.some((d) => isGrave(d, p.key)));
  expect(grave('Tank 3.1 gal')).toEqual([true]);
  expect(grave('Weight 187 kg')).toEqual([true]);
  expect(grave('Seat height 880')).toEqual([true]);
  expect(grave('Seat height 880 mm')).toEqual([false]);
  expect(grave('Seat height about 880 mm')).toEqual([false]);
  expect(grave('I guess the seat height is 880 mm')).toEqual([true]);
});

const anyFigure = fc.constantFrom(...FIGURE_KEYS).chain((key) => {
  const { bases, dimension } = figureDefinition(key);
  return fc
    .record({
      at: fc.double({ min: 0.02, max: 0.98, noNaN: true }),
      basis: fc.constantFrom(...bases),
      system: fc.constantFrom(...UNIT_SYSTEMS),
      origin: fc.constantFrom(...ORIGINS),
    })
    .map(({ at, basis, system, origin }) => {
      const unit = dimension === 'money' ? 'EUR' : figureUnit(key, system, 'EUR');
      const { min, max } = dimension === 'money' ? { min: 200, max: 9000 } : limitsIn(key, unit);
      const whole = dimension === 'count' || dimension === 'year' || dimension === 'money';
      const amount = min + at * (max - min);
      return [
        key,
        {
          readings: [
            {
              id: key,
              amount: whole ? Math.round(amount) : Number(amount.toPrecision(4)),
              unit,
              basis,
              origin,
              note: '',
            },
          ],
        },
      ] as const satisfies readonly [FigureKey, Figure];
    });
});
const anyFact = fc.constantFrom(...FACT_KEYS).chain((key) => {
  const definition = FACT_DEFINITIONS[key];
  return fc
    .constantFrom(
      ...(definition.kind === 'tyre'
        ? ['90/90-21 54H', '120/80-18', '150/70 R 17 69V']
        : definition.options),
    )
    .map(
      (value) =>
        [
          key,
          { readings: [{ id: key, value, origin: 'claimed', note: '' }] },
        ] as const satisfies readonly [FactKey, Fact],
    );
});

test('pasting a sheet that Jugator printed, in any unit system, finds every figure and fact again', () => {
  fc.assert(
    fc.property(
      fc.uniqueArray(anyFigure, { selector: ([key]) => key, maxLength: 40 }),
      fc.uniqueArray(anyFact, { selector: ([key]) => key, maxLength: 20 }),
      fc.constantFrom(...UNIT_SYSTEMS),
      (figures, facts, units) => {
        const donor = {
          ...newDonor('d'),
          maker: 'Hollin',
          model: 'Plover',
          figures: Object.fromEntries(figures),
          facts: Object.fromEntries(facts),
        };
        const found = readSpecText(sheetText(donor, { units, currency: 'EUR' }));
        for (const [key, figure] of figures) {
          const reading = figure.readings[0];
          const hit = found.find(
            (p) => p.kind === 'figure' && p.key === key && p.basis === reading.basis,
          );
          if (hit?.kind !== 'figure') throw new Error(`${key} was not found`);
          const unit =
            figureDefinition(key).dimension === 'money'
              ? reading.unit
              : figureUnit(key, units, 'EUR');
          const shown =
            figureDefinition(key).dimension === 'money'
              ? reading.amount
              : convert(reading.amount, reading.unit, unit);
          expect(hit.unit).toBe(unit);
          expect(Math.abs(hit.amount - shown)).toBeLessThanOrEqual(0.00051);
        }
        for (const [key, fact] of facts)
          expect(
            found.find((p) => p.key === key),
            key,
          ).toMatchObject({ kind: 'fact', value: fact.readings[0].value });
        expect(found).toHaveLength(figures.length + facts.length);
      },
    ),
    { seed: 61, numRuns: 150 },
  );
});

test('the sheets of all example donors come back whole', () => {
  for (const donor of resolvedDonors(demoDossier()).values()) {
    for (const units of UNIT_SYSTEMS) {
      const keys = new Set(
        readSpecText(sheetText(donor, { units, currency: 'EUR' })).map((p) => p.key),
      );
      for (const key of FIGURE_KEYS)
        if (readingInUse(donor.figures[key]))
          expect(keys.has(key), `${donor.id} ${units} ${key}`).toBe(true);
      for (const key of FACT_KEYS)
        if (donor.facts?.[key]) expect(keys.has(key), `${donor.id} ${units} ${key}`).toBe(true);
    }
  }
});

describe('no text makes the reader throw', () => {
  const bits = fc.constantFrom(
    'kg',
    ' lb',
    '12',
    ',',
    '.',
    ' ',
    '\n',
    '/',
    '-',
    '–',
    '34.6',
    '½',
    '(',
    ')',
    '"',
    "'",
    'seat',
    'front',
    'rear',
    'travel',
    '@',
    'rpm',
    'hp',
    ':',
    '1',
    '000',
    '€',
    '90/90-21',
    'gal',
    'dry',
    'every',
    '\t',
    '°',
    'é',
    '🏍',
  );
  test('random bits of sheets', () => {
    fc.assert(
      fc.property(fc.array(bits, { maxLength: 300 }), (parts) => {
        for (const p of readSpecText(parts.join(''))) expect(p.to).toBeGreaterThan(p.from);
      }),
      { seed: 62, numRuns: 300 },
    );
  });
  test('random text of any script', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'binary', maxLength: 400 }), (text) => {
        expect(Array.isArray(readSpecText(text))).toBe(true);
      }),
      { seed: 63, numRuns: 300 },
    );
  });
  test.each([
    ['digits', '1'.repeat(20_000)],
    ['groups', '1 000 '.repeat(4000)],
    ['slashes', '1/'.repeat(8000)],
    ['labels', 'seat height travel front '.repeat(900)],
    ['one long line', 'Seat height 880 mm, '.repeat(1000)],
    ['quotes', `${'"'.repeat(9000)}`],
    ['spaces', ' '.repeat(60_000)],
  ])('a long run of %s', (_what, text) => {
    expect(Array.isArray(readSpecText(text))).toBe(true);
  });
});

describe('headings of tables', () => {
  test.each([
    ['Weight (lb, dry)', { kind: 'figure', key: 'mass', unit: 'lb', basis: 'dry' }],
    ['Seat height [mm]', { kind: 'figure', key: 'seatHeight', unit: 'mm', basis: 'standard-seat' }],
    ['Tank (gal)', { kind: 'figure', key: 'tank', unit: undefined, gallonUnclear: true }],
    ['Power (hp, rear wheel)', { kind: 'figure', key: 'power', unit: 'hp', basis: 'wheel' }],
    [
      'front travel (in)',
      { kind: 'figure', key: 'travelFront', unit: 'in', basis: 'claimed-travel' },
    ],
    [
      'Travel, rear (mm, as taped)',
      { kind: 'figure', key: 'travelRear', unit: 'mm', basis: 'taped-travel' },
    ],
    ['Service (h)', { kind: 'figure', key: 'serviceHours', unit: 'h' }],
    ['Price (EUR, list)', { kind: 'figure', key: 'price', unit: 'EUR', basis: 'list' }],
    ['Redline', { kind: 'figure', key: 'redline', unit: 'rpm' }],
    ['ABS', { kind: 'fact', key: 'abs' }],
    ['Front tyre', { kind: 'fact', key: 'tyreFront' }],
  ] as const)('%s', (heading, meaning) => expect(readHeader(heading)).toMatchObject(meaning));
  test.each([['Colour'], ['Rider weight'], ['Length (mm)'], ['']])('%j names nothing', (heading) =>
    expect(readHeader(heading)).toBeUndefined(),
  );
});
