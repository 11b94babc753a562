import { describe, expect, test } from 'vitest';
import { readText } from '@/core/spec-text';

/** What is proposed of one text: figure or fact, amount and unit or value, and whether it is ticked. */
const read = (text: string): readonly string[] =>
  readText(text).machines.flatMap((m) =>
    m.proposals.map((p) =>
      p.kind === 'figure'
        ? `${p.key} ${p.amount} ${p.unit}${p.ticked ? ' ✓' : ''}`
        : `${p.key} ${p.value}${p.ticked ? ' ✓' : ''}`,
    ),
  );

// Texts as riders write and speak, own examples; what a careful person reads in them stands beside.
describe('what goes on over the end of a sentence', () => {
  test.each([
    ['43 mm fork. Travel is 210 at the front.', ['travelFront 210 mm']],
    ['Travel? 210 mm at the front. Rear’s 200.', ['travelFront 210 mm ✓', 'travelRear 200 mm']],
    [
      'The shock travel at the wheel is 205 mm. Fork? 220.',
      ['travelRear 205 mm ✓', 'travelFront 220 mm'],
    ],
    // Nothing of two ends was told: the question alone makes no figure.
    ['Nice seat. Fork? 220.', []],
  ])('%s', (text, found) => expect(read(text)).toEqual(found));
});

describe('said in other words', () => {
  test.each([
    ['And the seat, well, 875.', ['seatHeight 875 mm']],
    ['Tyres are a 21 and an 18.', ['wheelFront 21 in', 'wheelRear 18 in']],
    ['Tyre pressures are 21 and 24 psi.', ['pressureFront 21 psi', 'pressureRear 24 psi']],
    ['The chain is a five two five.', ['chainPitch 525 ✓']],
    ['Sixth gear is point nine one.', ['ratio6 0.91 ratio ✓']],
    ['Rake 26°, hundred and eight mil trail.', ['rake 26 deg ✓', 'trail 108 mm ✓']],
    ['I paid 5’300 francs for it.', ['price 5300 CHF ✓']],
    ['Disc on the front, drum on the back.', ['brakeFront single-disc ✓']],
    // A range said without its joint is one, of distances alone.
    ['It does two fifty, two sixty miles to a tank.', ['statedRange 255 mi ✓']],
    [
      'Service every six thousand miles or a year.',
      ['serviceInterval 6000 mi ✓', 'serviceMonths 12 months ✓'],
    ],
    [
      'The seat? Eight eighty, but there’s a low one, eight sixty.',
      ['seatHeight 880 mm', 'seatHeight 860 mm'],
    ],
    [
      '870/850 mm seat, 230/220 travel.',
      ['seatHeight 870 mm ✓', 'seatHeight 850 mm ✓', 'travelFront 230 mm ✓', 'travelRear 220 mm ✓'],
    ],
    ['It makes 48 PS on paper and 42.6 at the wheel.', ['power 48 PS ✓', 'power 42.6 PS ✓']],
    [
      'The A2 kit drops it from 70 kW to 35 kW. Wet weight 189 kg.',
      ['unrestrictedPower 70 kW ✓', 'power 35 kW ✓', 'mass 189 kg ✓'],
    ],
    ['It’ll do three hundred and twenty k on its tank.', ['statedRange 320 km ✓']],
    ['Rims 1.85x21 front and 2.15x18 rear.', ['wheelFront 21 in', 'wheelRear 18 in']],
    ['No windscreen at all.', ['screen none ✓']],
    ['At the back there’s a linkage. Mono shock.', ['linkage linkage ✓', 'shockType single ✓']],
    ['Single 300 mm disc, non-switchable ABS.', ['brakeFront single-disc ✓', 'abs fixed ✓']],
    [
      'It weighs 170 kg wet. It’s a 450 single.',
      ['mass 170 kg ✓', 'displacement 450 cc', 'layout single ✓'],
    ],
    // What is asked about, and what somebody put on, is to be looked at.
    ['Tank 2.4 US gal so range around 120 miles?', ['tank 2.4 gal-us', 'statedRange 120 mi']],
    [
      'Seat height 865 mm. Fitted heated grips and a 12V socket.',
      ['seatHeight 865 mm ✓', 'socket twelve-volt'],
    ],
    [
      'It weighs 199 kg wet. It’s five nine nine five on the road, quid.',
      ['mass 199 kg ✓', 'price 5995 GBP ✓'],
    ],
    // What it does with the bags on or into the wind is not what it does.
    ['Got 48 mpg into a headwind. Tank 6.3 US gal.', ['tank 6.3 gal-us ✓']],
    // A share of the tank is no tank; what else it can have is no tank of its own.
    ['The scales said 187 kg with about 3/4 tank.', ['mass 187 kg']],
    ['The big tank is 23 litres.', ['tank 23 L']],
    // What is taken back at once is none; an older one is another machine.
    [
      '14.2" travel? no, 6.7" front and rear. Tank is 14 L.',
      ['travelFront 6.7 in ✓', 'travelRear 6.7 in ✓', 'tank 14 L ✓'],
    ],
    [
      'He has the older one with the 13 litre tank, mine’s the new one, 16 litres in the tank.',
      ['tank 16 L ✓'],
    ],
    [
      'Averaged 4.1 l/100 over 3200 km on a 19 litre tank.',
      ['consumption 4.1 L/100km ✓', 'tank 19 L ✓'],
    ],
    [
      'Fork, fully adjustable, travel 220 mm. Twin three ten discs.',
      ['travelFront 220 mm ✓', 'forkAdjust full ✓', 'brakeFront twin-disc ✓'],
    ],
    ['Rear rack is only 7 kg. Tank is 14 litres.', ['rackLimit 7 kg ✓', 'tank 14 L ✓']],
  ])('%s', (text, found) => expect(read(text)).toEqual(found));
  test.each([
    ['Wartung alle 10.000 km oder 1 Jahr', 'serviceMonths 1 years ✓'],
    ['Entretien : tous les 10 000 km ou 1 an', 'serviceMonths 1 years ✓'],
    ['Tagliando: ogni 12.000 km o 1 anno', 'serviceMonths 1 years ✓'],
  ])('%s', (text, found) => expect(read(text)).toContain(found));
});

describe('what a number is not', () => {
  test.each([
    ['a service at 6k is no engine speed', '37kW version, serviced at 6k.', /rpm/],
    ['litres of a fuel log are no tank', 'Tank to tank: 402 km / 15.1 L, 377 km / 13.6 L', /tank/],
    ['six axes are no consumption', 'It’s got the 6 axis whatever.', /./],
    ['a speed is no consumption', 'Gets up to 75 if the wind is behind you.', /./],
    [
      'a first of two thousands is no pressure',
      'Rear tyres do eight to nine thousand.',
      /pressure/,
    ],
    ['what one pays is no consumption', 'I reckon I’d get it for five.', /./],
  ])('%s', (_name, text, never) => expect(read(text).filter((p) => never.test(p))).toEqual([]));
  test('what a restricted machine had before is not what it has', () => {
    expect(read('61 hp restricted to 35 kW')).toEqual([
      'unrestrictedPower 61 hp ✓',
      'power 35 kW ✓',
    ]);
    expect(read('A2 restricted 35kW (papers to derestrict to 48hp)')).toEqual([
      'power 35 kW ✓',
      'unrestrictedPower 48 hp ✓',
    ]);
  });
  test('whose dollar it is, only where the words tell: rego is said on both sides of the Tasman', () => {
    const advert = (words: string) => read(`Kestor 480, ${words}, 178 kg wet. $9,850 ono.`);
    expect(advert('WOF and rego')).toContain('price 9850 NZD ✓');
    expect(advert('rego and RWC')).toContain('price 9850 AUD ✓');
    expect(advert('9 months rego')).toContain('price 9850 AUD');
  });
  test('litres of a tank do not say the unit of a consumption', () => {
    expect(read('Tank 14 l, Verbrauch 4,1')).toEqual(['tank 14 L ✓', 'consumption 4.1 L/100km']);
    expect(read('Tank 14 l, Verbrauch 4,1 l/100 km')).toContain('consumption 4.1 L/100km ✓');
  });
  test('a tank that is said to be full has its size, and the mass its basis', () =>
    expect(read('410 lbs wet with the 4.0 gallon (US gal) tank full.')).toContain('mass 410 lb ✓'));
  test('this one, after another was named', () =>
    expect(
      read('Had the old 400 (39 hp, 188 wet) and swapped for this one: 47 hp, 890 seat.'),
    ).toEqual(['power 47 hp', 'seatHeight 890 mm']));
});

describe('lists, sizes and ways in kilometres', () => {
  test('a line for each machine: "Tarn 390: …" and "Tarn 690: …" are two, a sheet by its parts is one', () => {
    const two = readText(
      'Tarn 390: 43 hp, 158 kg, 14.5 L, 855 mm\nTarn 690: 74 hp, 167 kg, 13.5 L, 910 mm\nI would take the small one.',
    ).machines;
    expect(two.map((m) => m.proposals.length)).toEqual([4, 4]);
    expect(
      readText('Tarn 390\nEngine 390: 43 hp, 37 Nm, 390 cc\nSizes: 158 kg, 14.5 L, 855 mm')
        .machines,
    ).toHaveLength(1);
  });
  test('a size that ends in no nought is the engine’s, a round one what such machines are called by', () => {
    const doubts = (size: number) =>
      readText(`It is a ${size} twin, 44 hp, 180 kg.`).machines[0]?.proposals.find(
        (p) => p.key === 'displacement',
      )?.doubts;
    expect(doubts(449)).toEqual([{ code: 'label-unsaid' }]);
    expect(doubts(450)).toEqual([{ code: 'unit-unsaid' }, { code: 'label-unsaid' }]);
    expect(read('Brakes: a 321 single disc, 180 kg.').join()).not.toMatch(/displacement/);
  });
  test('two sprockets joined by "and" are teeth, whatever is counted beside them', () =>
    expect(read('The chain has 114 links, sprockets fourteen and forty six.')).toEqual([
      'chainLinks 114 links ✓',
      'sprocketFront 14 teeth ✓',
      'sprocketRear 46 teeth ✓',
    ]));
  test('what it was before ends where it says what it became', () =>
    expect(read('Power is up from 55 to 59 kW, torque unchanged at 68 Nm. Seat 860 mm.')).toEqual([
      'power 59 kW ✓',
      'torque 68 Nm ✓',
      'seatHeight 860 mm ✓',
    ]));
  test('what a part made of it is not the machine’s', () =>
    expect(read('Range is up from 300 km to 340 km with the big tank.').join()).not.toMatch(/340/));
  test('"I get": miles are a range, miles per gallon a consumption, a bare number no range', () => {
    expect(read('Its 2.6 US gallon tank is a joke, I get 130 miles.')).toContain(
      'statedRange 130 mi ✓',
    );
    expect(read('The tank is 12 L and I get 60.').join()).not.toMatch(/statedRange/);
  });
  test('a travel without a side is of the end whose spring was told before', () => {
    expect(read('Stock shock spring 80 N/mm. Travel 210 mm.')).toContain('travelRear 210 mm ✓');
    expect(read('Stock fork springs 4.8 N/mm. Travel 210 mm.')).toContain('travelFront 210 mm ✓');
    expect(read('Bike 199 kg wet. Travel 210 mm.')).toContain('travelFront 210 mm ✓');
  });
  test('kilos beside miles per gallon are a British text, pounds of mass an American one', () => {
    const asked = (mass: string) =>
      readText(`It does 60 mpg, weighs ${mass} and the tank is 3.3 gallons.`);
    expect(asked('176 kilos').gallon).toBe('imp');
    expect(asked('390 lbs').gallon).not.toBe('imp');
  });
  test('Dutch "1 op 22" is 22 km on a litre', () =>
    expect(read('Zithoogte 865 mm. Verbruik 1 op 22.')).toContain('consumption 22 km/L ✓'));
  test('engine speed said as two digits behind its power', () =>
    expect(read('Forty seven horsepower, er, at eight six. Seat 830 mm.')).toContain(
      'powerRpm 8600 rpm ✓',
    ));
  test('a sum without a currency: British spelling and miles are pounds, beside kilometres it is asked', () => {
    const asked = (way: string) =>
      read(
        `Kestor 480, 17 litre tank, tyres nearly new, ${way}, one owner. He wants four and a half grand.`,
      );
    expect(asked('9000 miles')).toContain('price 4500 GBP ✓');
    expect(asked('9000 kilometres').join()).not.toMatch(/price 4500 \w+ ✓/);
  });
});
