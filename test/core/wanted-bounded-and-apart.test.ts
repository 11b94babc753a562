import { describe, expect, test } from 'vitest';
import { readText } from '@/core/spec-text';

const machinesOf = (text: string) => readText(text).machines;
const ticked = (text: string) =>
  machinesOf(`Sulvik Dovrek 450\n${text}`).flatMap(({ proposals }) =>
    proposals.flatMap((p) =>
      p.ticked
        ? [p.kind === 'figure' ? `${p.key} ${p.amount} ${p.basis}` : `${p.key} ${p.value}`]
        : [],
    ),
  );

/** How riders write what they look for; common usage, no source. */
describe('what somebody asks for is not what the machine has', () => {
  test.each([
    'need: range 300 km',
    'My checklist: tank > 15 l, travel > 220 mm, seat <= 850 mm',
    'Range needed 280 km',
    'Gewünschte Sitzhöhe: 830 mm',
    'Expected: power 50 hp, tank 16 l',
    'Tank soll mindestens 15 Liter haben, Sitzhöhe unter 850 mm',
    'Il faudrait un réservoir de 18 litres et une selle à 840 mm',
    'The seat should be no more than 850 mm and the tank at least 15 litres.',
    'windscreen - tiny, would need a tall one',
    'Shopping list for the bike:\n- Alloy bash plate, 3.2 kg\n- 19 l tank',
  ])('%s', (text) => expect(ticked(text)).toEqual([]));
  test.each([
    ['tank -> 15 l', 'tank 15 stated'],
    ['seat => 850 mm', 'seatHeight 850 standard-seat'],
    ['The rack must not carry more than 8 kg. Rack limit 8 kg.', 'rackLimit 8 stated'],
    ['Hand guards: plastic (would need alloy ones)', 'handGuards plastic'],
  ])('but %s', (text, told) => expect(ticked(text)).toEqual([told]));
  test('what it needed on the road is offered', () => {
    const text = 'Sulvik Dovrek 450\nOn that trip it needed 3.9 litres per 100 km';
    expect(machinesOf(text)[0]?.proposals).toMatchObject([{ key: 'consumption', amount: 3.9 }]);
  });
});

/** How adverts tell of parts that go with a machine or do not; common usage, no source. */
describe('a part that is not on the machine tells nothing of it', () => {
  test.each([
    'Will sell the 19 litre tank separately.',
    'Also available: 19 litre tank (new), 350 €.',
    'Next winter it gets a 19 litre tank and spoked tubeless rims.',
    'The dealer threw in a 19 litre tank, still in the box.',
    'Suche 19-Liter-Tank und hohe Scheibe.',
    'Réservoir de 19 litres vendu séparément',
    'Il serbatoio da 19 litri lo vendo a parte.',
    'Le monto un depósito de 19 litros el mes que viene.',
    'Zbiornik 19 litrów sprzedam osobno',
    'Removed the pillion pegs.',
    'With the optional touring pack: 19 l tank, tall screen, heated grips, 169 kg.',
    'What I changed on my bike: 19 l tank, tall screen.',
  ])('%s', (text) => expect(ticked(text)).toEqual([]));
  test.each([
    ['Verkaufe sie mit 19-Liter-Tank.', 'tank 19 stated'],
    ['Selling with the 13 litre tank it came with.', 'tank 13 stated'],
    ['Vends avec réservoir 19 litres', 'tank 19 stated'],
  ])('but %s', (text, told) => expect(ticked(text)).toEqual([told]));
  test.each([
    'My Sulvik Dovrek 450 is gone. I bought a Brennik Moor 390, 171 kg, 825 mm seat.',
    'Sulvik Dovrek 450 [gone]. New ride: Brennik Moor 390, 171 kg, 825 mm seat.',
  ])('the machine that somebody bought since is another: %s', (text) => {
    const seat = machinesOf(text)[0]?.proposals.find((p) => p.key === 'seatHeight');
    expect(seat).toMatchObject({ ticked: false });
  });
});

/** Said of kinds of machines, without an article; common usage, no source. */
describe('what is said of a kind is not said of this machine', () => {
  test.each([
    'Air-cooled engines are a thing of the past.',
    'Liquid cooling is nice to have but not needed.',
    'Cast wheels are for the road.',
  ])('%s', (text) => expect(ticked(text)).toEqual([]));
  test('but with an article', () =>
    expect(ticked('The cast wheels are for the road, really.')).toEqual(['wheelType cast']));
});

describe('two who tell one figure', () => {
  test.each([
    'Power: 42 hp claimed / 36.4 hp dyno',
    'Power: 42 hp claimed - 36.4 hp dyno',
    'Power: 42 hp claimed, 36.4 hp dyno',
  ])('%s: the claim is the crank’s, the rollers’ the wheel’s', (text) => {
    const found = machinesOf(`Sulvik Dovrek 450\n${text}`)[0]?.proposals;
    expect(found).toMatchObject([
      { key: 'power', amount: 42, basis: 'crank', origin: 'claimed', ticked: true },
      { key: 'power', amount: 36.4, basis: 'wheel', origin: 'measured' },
    ]);
  });
  test('rollers measure the engine, and not what stands beside it', () => {
    const text = 'Sulvik Dovrek 450: dyno 36.4 hp, 158 kg wet';
    const of = (key: string) => machinesOf(text)[0]?.proposals.find((p) => p.key === key);
    expect(of('power')).toMatchObject({ amount: 36.4, origin: 'measured' });
    expect(of('mass')).toMatchObject({ amount: 158 });
    expect(of('mass')).not.toHaveProperty('origin', 'measured');
  });
  test('“Dry / Wet:” before the label is of both', () =>
    expect(ticked('Dry / Wet: weight 188 / 201 kg')).toEqual(['mass 188 dry', 'mass 201 ready']));
  test('a low suspension in brackets has the number in them', () => {
    expect(ticked('Seat height 860 mm (with low suspension kit 835 mm)')).toEqual([
      'seatHeight 860 standard-seat',
    ]);
    expect(ticked('Seat height 835 mm (low suspension)')).toEqual(['seatHeight 835 low-seat']);
  });
  test('whole numbers in two units agree within their rounding, and no further', () => {
    // 30 lb-ft are 40.67 Nm.
    expect(ticked('Torque: 40 Nm (30 lb-ft)')).toEqual(['torque 40 crank']);
    expect(ticked('Torque: 40 Nm (31 lb-ft)')).toEqual([]);
  });
  test('the revs that noise is taken at are none of the engine’s', () =>
    expect(ticked('Stationary: 91 dB(A) at engine speed 4250 min-1')).toEqual([]));
});

describe('after a season, and after a light machine', () => {
  test.each(['after a season', 'after a long winter', 'after a few weeks'])('%s', (when) =>
    expect(machinesOf(`Calloway 450 X ${when}: seat height 869 mm.`)[0]?.proposals).toHaveLength(1),
  );
  test.each(['I’m after a light one', 'After something light'])('%s', (what) =>
    expect(
      machinesOf(`Calloway 450 X.\n${what}: seat height 830 mm.`).flatMap((m) => m.proposals),
    ).toEqual([]),
  );
});

/** How sheets of the north, and of two more tongues, name what may be carried; common usage, no source. */
describe('what may be carried, in further tongues', () => {
  test.each([
    ['Lastförmåga: 190 kg', 'payload 190 stated'],
    ['Max lastvikt 190 kg', 'payload 190 stated'],
    ['Lasteevne: 190 kg', 'payload 190 stated'],
    ['Peso bruto total 320 kg', 'maxMass 320 stated'],
    ['Zdvih předního kola 240 mm, zdvih zadního kola 235 mm', 'travelRear 235 claimed-travel'],
  ])('%s', (text, wanted) => expect(ticked(`Ulvmark 650. ${text}`)).toContain(wanted));
});

describe('years and names', () => {
  const named = (text: string) => {
    const [{ maker, model, year } = { maker: '', model: '', year: undefined }] = machinesOf(text);
    return [maker, model, year];
  };
  test.each([
    ['Sulvik Dovrek 450, deposit 2000 €, seat height 860 mm', undefined],
    ['Sulvik Dovrek 450\nDate tested 12 May 2026, seat height 860 mm', undefined],
    ['Sulvik Dovrek 450, MOT until May 2027, 2021 model, seat height 860 mm', 2021],
    ['Sulvik Dovrek 450 EZ 05/2021, TÜV 05/2027, Sitzhöhe 860 mm', 2021],
  ])('%s', (text, year) => expect(named(text)).toEqual(['Sulvik', 'Dovrek 450', year]));
  test('a line that says who made it', () => {
    expect(
      named('Infobox\nManufacturer\tSulvik\nProduction\t2021–present\nSeat height\t860 mm'),
    ).toEqual(['Sulvik', '', 2021]);
    expect(named('Dovrek 450 Rally\nBrand: SULVIK\nSeat height: 860 mm').slice(0, 2)).toEqual([
      'Sulvik',
      'Dovrek 450 Rally',
    ]);
    expect(named('Ex-demo Sulvik Dovrek 450, seat height 860 mm').slice(0, 2)).toEqual([
      'Sulvik',
      'Dovrek 450',
    ]);
  });
});

test('nobody sells a machine for what a service costs', () =>
  expect(ticked('Wartung alle 10.000 km. Kostet beim Händler 380 €.')).not.toContain(
    'price 380 list',
  ));

describe('a log of what was done', () => {
  const ODD = '1,012 km first service\n6,020 km oil and filter\n12,044 km valves checked';
  test('distances that are not round are when it was done', () => expect(ticked(ODD)).toEqual([]));
  test('nor is what went in the tank', () => {
    expect(ticked('Fuel log: 5.2 L / 141 km; 9.8 L / 251 km; 11.1 L / 292 km.')).toEqual([]);
    expect(ticked('5.2 litre tank / 141 km, 9.8 L / 251 km')).not.toContain('tank 9.8 stated');
    expect(ticked('Tank 13 L / 300 km')).toContain('tank 13 stated');
  });
  test('round ones are a plan', () =>
    expect(ticked('1,000 km: oil and filter\n6,000 km: chain\n12,000 km: valve check')).toContain(
      'valveInterval 12000 stated',
    ));
});
