import { describe, expect, test } from 'vitest';
import { keys, keysByRule, read, ticked } from '../reading';

const ABOUT = 'The bike weighs 204 kg wet, seat height 875 mm.';

// What is meant is common usage, no source.
describe('how far a tank goes', () => {
  test.each([
    ['The tank is 17 litres so 380 km.', 380],
    ['Réservoir de 18 l donc 400 km.', 400],
    ['It does me a comfortable 350 km.', 350],
    ['It gives customers a comfortable 350 km.', 350],
    ['I plan on 320 km between fuel stops.', 320],
    ['I get 210 km out of it before the light.', 210],
    ['The fuel light comes on at 285.', 285],
    ['You see 230 km before you start looking for fuel.', 230],
  ])('%s', (said, range) => {
    expect(read(`${ABOUT} 5000 km on it so far. ${said}`)).toContain(
      `statedRange ${range} km stated`,
    );
  });

  test.each([
    'There are 300 km between fuel stops out here.',
    'I have put 400 km on this.',
    'It is 250 km to the coast.',
  ])('%s: of the road or of the clock', (said) => {
    expect(keysByRule(`${ABOUT} ${said}`)).not.toContain('statedRange');
  });
});

describe('what was and what is', () => {
  test('of a new model the second counts', () => {
    const found = read(
      `${ABOUT} Power goes from 70 to 79 hp, torque from 65 to 72 Nm. The tank has grown from 16 to 18 litres.`,
    );
    expect(found).toContain('power 79 hp crank');
    expect(found).toContain('torque 72 Nm crank');
    expect(found).toContain('tank 18 L stated');
    expect(found.filter((f) => /^(?:power|torque|tank)/.test(f))).toHaveLength(3);
  });
  test('of what a part did the first counts', () => {
    const found = read(`${ABOUT} Power goes from 70 to 79 hp with the exhaust and the map.`);
    expect(found).toContain('power 70 hp crank');
    expect(found).not.toContain('power 79 hp crank');
  });
  test('what somebody rides now is another machine', () => {
    expect(keys(`${ABOUT} Currently on a 1200 with 136 hp.`)).not.toContain('power');
  });
  test('what is added to a mass is no tank', () => {
    expect(keys(`${ABOUT} Add 12 litres of fuel and oil.`)).not.toContain('tank');
  });
});

describe('what is asked, paid, listed', () => {
  test.each([
    ['Price: £6,799 + £250 OTR.', 'price 6799 GBP list'],
    ['£6,299 + OTR.', 'price 6299 GBP list'],
    ['£6,549 OTR.', 'price 6549 GBP on-the-road'],
    ['£6,799 on the road.', 'price 6799 GBP on-the-road'],
    ['It cost me £4,500 in May.', 'price 4500 GBP paid'],
    ['£4,500 is what I paid.', 'price 4500 GBP paid'],
    ['The dealer would do £5,990.', 'price 5990 GBP asked'],
  ])('%s', (said, price) => {
    expect(read(`${ABOUT} ${said}`).filter((f) => f.startsWith('price'))).toEqual([price]);
  });
  test('a service is none', () => {
    expect(
      keys(`${ABOUT} Every 12,000 km a service (about £350). The last service cost me £1,800.`),
    ).not.toContain('price');
  });
  test('a sum without a sign in a German text is in euros, however a litre is spelt', () => {
    expect(read('Die Enduro wiegt 204 kg, 16 Liter Tank. Kostet 10490.')).toContain(
      'price 10490 EUR list',
    );
  });
});

describe('when work is due', () => {
  test.each([
    ['The valves get looked at every 24,000 km.', 'valveInterval 24000 km stated'],
    ['The valves get looked at every twenty thousand.', 'valveInterval 20000 km stated'],
    ['Ventile alle 24.000.', 'valveInterval 24000 km stated'],
    ['Alle 12.000 Inspektion.', 'serviceInterval 12000 km stated'],
  ])('%s', (said, interval) => {
    expect(read(`${ABOUT} 8000 km on it. ${said}`)).toContain(interval);
  });
});

describe('told once more', () => {
  test.each([
    ['It made 61.4 hp at the wheel, the makers say 68.', 'power 68 hp crank'],
    ['It uses 4.1 L/100 km in town, on the motorway 5.1.', 'consumption 5.1 L/100km motorway'],
    ['It holds 1.4 litres of oil.', 'oilCapacity 1.4 L stated'],
    ['The stock seat is 34.3", 33.1" with the low one.', 'seatHeight 34.3 in standard-seat'],
    ['Plate on mine says 390 kg.', 'maxMass 390 kg stated'],
    ["So that's 178 payload.", 'payload 178 kg stated'],
    ['Stock puts out 320 W.', 'alternator 320 W stated'],
    ["Stock shock is 85 N/mm and that's for 80 kg.", 'springRiderMass 80 kg stated'],
  ])('%s', (said, figure) => {
    expect(read(`The bike is on my lift. ${said}`)).toContain(figure);
  });
  test('what is far from it is not the same figure', () => {
    expect(keys('The bike made 61.4 hp at the wheel, the makers say 680.')).toEqual(['power']);
  });
  test('the worst of all is none', () => {
    expect(
      read(`${ABOUT} Avg 4.6 L/100, worst 6.1 on the motorway.`).filter((f) => /^cons/.test(f)),
    ).toEqual(['consumption 4.6 L/100km mixed']);
  });
  test('what is left of a payload with somebody aboard is not it', () => {
    expect(keys(`${ABOUT} 190 lb payload with me on it.`)).not.toContain('payload');
  });
});

describe('figures that no motorcycle has', () => {
  const sheet = (seat: number, mass: number, wheel: number, tank: number) =>
    `Seat height ${seat} mm, weight ${mass} kg, front wheel ${wheel} inch, tank ${tank} litres.`;
  test('those of a small one are read', () => {
    expect(keys(sheet(660, 100, 14, 4))).toEqual(['seatHeight', 'mass', 'wheelFront', 'tank']);
    expect(keys(sheet(1050, 380, 21, 34))).toEqual(['seatHeight', 'mass', 'wheelFront', 'tank']);
  });
  test('beyond a limit nothing is ticked', () => {
    expect(ticked('Pram: seat height 510 mm, weight 11.9 kg.')).toEqual([]);
    expect(ticked('Generator, 2.8 kW, 45 kg dry, tank 15 litres.')).toEqual([]);
    expect(ticked('Aquarium: tank 120 litres, 60 kg full.')).toEqual([]);
    expect(ticked('Bike: 12 inch wheels, weight 3.4 kg, seat height 31 cm.')).toEqual([]);
  });
  test('what stands behind a comma takes no mass away: "weight 204 kg, front wheel 21 inch"', () => {
    expect(read('Weight 204 kg, front wheel 21 inch.')).toContain('mass 204 kg ready');
    expect(keys('The bike weighs 98 kg on the front, 106 kg on the rear.')).not.toContain('mass');
  });
  test('a difference is no figure: a seat 30 mm lower, a tank 1 L bigger', () => {
    expect(keys('The seat is 30 mm lower. The bike has a seat height of 870 mm.')).toContain(
      'seatHeight',
    );
  });
  test('0.2 kW/kg is what a licence says, and no power', () => {
    expect(ticked('A2: 35 kW and 0.2 kW/kg at most. It weighs 180 kg wet.')).toContain('mass');
  });
});

describe('another thing, by its first words or by what none of ours has', () => {
  test.each([
    'Quad 570: 44 hp, ground clearance 290 mm, dry weight 318 kg, tank 17 litres, seat height 857 mm.',
    'Golf trolley, seat height 610 mm, 24 V battery, 18 inch wheels, max load 150 kg.',
    'Our tandem: 19 kg, wheelbase 1780 mm, disc brakes 203 mm front and rear.',
  ])('%s', (text) => {
    expect(ticked(text)).toEqual([]);
  });
  test('but not for being named beside a motorcycle', () => {
    expect(
      ticked('My bike weighs 204 kg wet and stands next to a quad. Seat height 870 mm, 16 L tank.'),
    ).toEqual(['mass', 'seatHeight', 'tank']);
  });
  test('a number of seats is no tank, and takes no unit from one', () => {
    expect(read('45 litre tank, two seats at 480 mm.')).not.toContain('tank 2 gal-us stated');
  });
  // The longest wheelbase of a class is 1605 mm: the table of classes.
  test('a wheelbase of 1 720 mm is still a motorcycle’s', () => {
    expect(ticked('Wheelbase 1720 mm, tank 20 L.')).toContain('tank');
    expect(ticked('Wheelbase 1721 mm, tank 20 L.')).toEqual([]);
  });
});
