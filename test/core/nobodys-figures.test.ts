import { describe, expect, test } from 'vitest';
import { readText } from '@/core/spec-text';
import { figures, ticked } from '../reading';

// A figure that no machine has, or another one: never among those of this machine. What is meant is common usage, no source.
describe('of no machine, or of another', () => {
  const OWN = 'Mine weighs 201 kg wet, seat height 875 mm.';
  test.each([
    ['If they made it with a 20 litre tank I would sign today.', 'tank 20 L'],
    ['If they’d given it 230 mm of travel I’d buy two.', 'travelFront 230 mm'],
    ['Wenn die nur 20 Liter Tankinhalt hätte, wär sie perfekt.', 'tank 20 L'],
    ['Rumour says a tank of 20 litres.', 'tank 20 L'],
    ['The 2027 gets a 20 litre tank.', 'tank 20 L'],
    ['12 kg less would make it 184 kg wet.', 'mass 184 kg'],
    ['Carry: 0.5 l oil, 2 l fuel, tubes.', 'oilCapacity 0.5 L'],
    ['Going for three weeks with: 2 l fuel, 1.5 l oil, 14 kg of tools.', 'oilCapacity 1.5 L'],
    ['My wife rides the small one, 149 kg and 790 mm seat.', 'mass 149 kg'],
    ['My wife rides the small one, 149 kg and 790 mm seat.', 'seatHeight 790 mm'],
    ['My brother has one with a 20 litre tank.', 'tank 20 L'],
    ['Mods: 26 litre tank, 14T front.', 'tank 26 L'],
    ['My wife’s weighs 137 kg.', 'mass 137 kg'],
    ['Mein Kumpel hat die 1250 mit 23-Liter-Tank.', 'tank 23 L'],
    ['Dave’s seat height is 855 mm, mine’s 875.', 'seatHeight 855 mm'],
    ['With a tailwind I once got 78 mpg.', 'consumption 78 mpg-imp'],
    ['At 130 it drinks 6 litres.', 'consumption 6 L/100km'],
    ['À deux, on consomme 5,5 l/100 km.', 'consumption 5.5 L/100km'],
    ['Spare rear wheel 19".', 'wheelRear 19 in'],
    ['Avoid the 2018-2020: tank 14 litres.', 'tank 14 L'],
    ['With the 24 l tank I’d have 571 km.', 'tank 24 L'],
    ['Ich bin 1,72 groß und wiege 80 Kilo.', 'mass 80 kg'],
    ['Je mesure 1,72 m et pèse 80 kg.', 'mass 80 kg'],
    ['Mido 1,72 y peso 80 kilos.', 'mass 80 kg'],
    ['Ik ben 1,72 en weeg 80 kilo.', 'mass 80 kg'],
    ['Puissance fiscale 6 CV.', 'power 6 PS'],
    ['6 CV fiscaux.', 'power 6 PS'],
  ])('%s', (said, not) => {
    expect(figures(`${OWN} ${said}`)).not.toContain(not);
    expect(figures(`${OWN} ${said}`)).toContain('mass 201 kg');
  });

  test.each([
    ['It has a 20 litre tank.', 'tank 20 L'],
    ['It has 230 mm of travel.', 'travelFront 230 mm'],
    ['My wife likes the 20 litre tank.', 'tank 20 L'],
    ['Two flat tyres today, and a 20 litre tank.', 'tank 20 L'],
    ['Mods: 26 litre tank (stock 20 litre tank).', 'tank 20 L'],
    ['Rear wheel 19".', 'wheelRear 19 in'],
    ['The oil capacity is 2.5 l.', 'oilCapacity 2.5 L'],
  ])('%s: this machine’s', (said, figure) => {
    expect(figures(`${OWN} ${said}`)).toContain(figure);
  });

  test('the 2027 of a review is the machine itself', () => {
    expect(figures('The 2027 gets a 20 litre tank and weighs 201 kg wet.')).toContain('tank 20 L');
  });
});

describe('work that was done is no work that is due', () => {
  test.each([
    'Paid £310 for the 8k service.',
    'Révision des 12 000 faite.',
    'Fork oil: 30,000 km.',
  ])('%s', (said) => {
    const found = figures(`The motorcycle has a seat height of 860 mm. ${said}`).join();
    expect(found).not.toMatch(/serviceInterval|oilInterval|price/);
  });
  test('oil in an engine, and oil in a bottle', () => {
    const oil = (said: string) => figures(`The motorcycle has a seat height of 860 mm. ${said}`);
    expect(oil('It takes 0.7 l oil.')).toContain('oilCapacity 0.7 L');
    expect(oil('I always have 0.69 l oil with me.').join()).not.toMatch(/oilCapacity/);
    // What is labelled as a sheet does is taken at its word.
    expect(oil('Oil capacity: 0.69 l.')).toContain('oilCapacity 0.69 L');
  });
});

describe('marks of footnotes', () => {
  test('behind the label, several on one line', () => {
    const found = readText(
      'Dry weight* 178 kg\nKerb weight** 196 kg\nFuel consumption*** 4.1 l/100 km\n* without battery and fluids ** DIN, 90 % fuel *** WMTC',
    ).machines.flatMap((m) =>
      m.proposals.flatMap((p) => (p.kind === 'figure' ? [`${p.amount} ${p.basis}`] : [])),
    );
    expect(found).toEqual(['178 dry', '196 ready-90', '4.1 cycle']);
  });
});

describe('machines told apart', () => {
  test('by names of trims on one line', () => {
    const { machines } = readText(
      'Standard: 200 mm travel, 850 mm seat, 199 kg. Rally: 240 mm travel, 890 mm seat, 203 kg.',
    );
    expect(
      machines.map((m) => m.proposals.flatMap((p) => (p.kind === 'figure' ? [p.amount] : []))),
    ).toEqual([
      [200, 850, 199],
      [240, 890, 203],
    ]);
  });
  test('by letters, where each line gives the same', () => {
    const { machines } = readText(
      'A: 204 kg, 73 hp, 875 mm\nB: 214 kg, 95 hp, 855 mm\nC: 189 kg, 48 hp, 840 mm',
    );
    expect(machines).toHaveLength(3);
  });
  test('speakers of a talk are none', () => {
    const { machines } = readText(
      'A: The seat height is 875 mm, the wet weight 204 kg and the tank 17 L.\nQ: And the power?\nA: 73 hp, with 68 Nm of torque and 12 months of warranty.',
    );
    expect(machines).toHaveLength(1);
  });
  test('versions in one sentence: nothing is ticked that may be another’s', () => {
    expect(
      ticked(
        'The range grows to three motorcycles: the 450, the 450 S with 270 mm of suspension travel, and the 450 T with a 22-litre tank.',
      ),
    ).toEqual([]);
  });
});

test('what a figure should be is not ticked, what it is said to be about is', () => {
  const TOLD = 'The motorcycle has a seat height of 860 mm.';
  expect(ticked(`${TOLD} Power should be about 70 hp.`)).not.toContain('power');
  expect(ticked(`${TOLD} Power is about 70 hp.`)).toContain('power');
});

test('nothing begins at none: a new machine’s distance is no lower end of its power', () => {
  expect(figures('Silvana 450 - km 0 - 42 CV - sella 890 mm')).toContain('power 42 PS');
});

test('a day is no pair of heights, and a pair of inches no day', () => {
  expect(figures('The motorcycle: seat height 33.1/33.9 in.')).toContain('seatHeight 33.1 in');
  expect(figures('The motorcycle, bought 12.5.2021, seat height 850 mm.')).toEqual([
    'seatHeight 850 mm',
  ]);
});

describe('so much more or less', () => {
  test.each([
    ['Weight is up 4 kg to 178 kg, power is up 2 hp to 46 hp.', ['mass 178 kg', 'power 46 hp']],
    ['Weight drops 12 kg to 166 kg.', ['mass 166 kg']],
    [
      'Power rises 3 hp to 46 hp. Tank is 2 litres bigger at 16 litres.',
      ['power 46 hp', 'tank 16 L'],
    ],
    // By its maker, for a year: what it became. By a part: what it was.
    ['The seat height has dropped from 880 mm to 865 mm for 2025.', ['seatHeight 865 mm']],
    ['With lowering links the seat height dropped from 880 mm to 850 mm.', ['seatHeight 880 mm']],
  ])('%s', (said, told) => {
    expect(figures(`Tarnel 480. ${said}`)).toEqual(told);
  });

  test('two horsepower more are no machine of two horsepower', () => {
    expect(figures('Tarnel 480: kerb weight 178 kg. It makes 2 hp more than before.')).toEqual([
      'mass 178 kg',
    ]);
    expect(figures('Pump: weight 78 kg. It makes 2 hp.')).toEqual([]);
  });
});

describe('as adverts and sheets put it', () => {
  test.each([
    ['Vendo Maurel 390 año 2021, 18.400 km, ITV al día. PVP 4.200 €', 'price 4200 EUR asked'],
    ['Maurel 390, modelo nuevo. PVP 4.200 €', 'price 4200 EUR list'],
    ['2019 Maurel 390 for sale, 18,400 miles, MOT June. £4,600 £4,200', 'price 4200 GBP asked'],
    [
      'Tarnel 480\nConsumption (L/100km)\n4.1\nSeat height (mm)\n865',
      'consumption 4.1 L/100km mixed',
    ],
    ['Tarnel 480\nFederweg: 220 mm (v), 215 mm (h)', 'travelRear 215 mm claimed-travel'],
  ])('%s', (said, told) => {
    const found = readText(said).machines.flatMap((m) =>
      m.proposals.flatMap((p) =>
        p.kind === 'figure' ? [`${p.key} ${p.amount} ${p.unit} ${p.basis}`] : [],
      ),
    );
    expect(found).toContain(told);
  });

  test('miles by their short name are on the clock', () => {
    const [machine] = readText('2019 Maurel 390 for sale, 18,400 mls, MOT June, £3,900').machines;
    expect(machine?.sale?.odometer).toEqual({ amount: 18400, unit: 'mi' });
  });

  test('facts one after another, each behind its label', () => {
    const facts = (said: string) =>
      readText(said).machines.flatMap((m) =>
        m.proposals.flatMap((p) => (p.kind === 'fact' ? [`${p.key} ${p.value}`] : [])),
      );
    expect(facts('Tarnel 480\nABS: none, Cooling: liquid, Final drive: shaft')).toEqual([
      'abs none',
      'cooling liquid',
      'finalDrive shaft',
    ]);
    expect(facts('Tarnel 480\nABS: –\nCooling: liquid')).toEqual(['cooling liquid']);
  });
});
