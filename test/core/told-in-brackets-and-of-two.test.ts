import { describe, expect, test } from 'vitest';
import { readText } from '@/core/spec-text';

const told = (text: string, title = 'Sulvik Dovrek 450') =>
  readText(`${title}\n${text}`).machines.flatMap(({ proposals }) =>
    proposals.flatMap((p) =>
      p.kind === 'figure' ? [`${p.key} ${p.amount} ${p.basis}${p.ticked ? ' ✓' : ''}`] : [],
    ),
  );

/** How sheets and testers put a second height, power or price beside the first; common practice, no source. */
describe('the words of a bracket are said of the number in it', () => {
  test.each([
    'Seat height 870 mm (850 with the low seat, £149).',
    'Sitzhöhe 870 mm (850 mit niedriger Sitzbank)',
    'La selle culmine à 870 mm (850 avec la selle basse à 149 €).',
    'Sella 870 mm (850 con la sella bassa)',
    'El asiento queda a 870 mm (850 con el asiento bajo).',
    'Zithoogte 870 mm (850 met lage zadel)',
  ])('%s', (text) => {
    expect(told(text)).toEqual(['seatHeight 870 standard-seat ✓', 'seatHeight 850 low-seat ✓']);
  });
  test('a number that only converts the one before has no words of its own', () => {
    expect(told('Seat height 850 mm (33.5 in, low seat)')).toEqual(['seatHeight 850 low-seat ✓']);
  });
  test('power at the wheel beside power at the crank', () => {
    expect(told('Max power 71 hp (66 hp at the wheel)')).toEqual([
      'power 71 crank ✓',
      'power 66 wheel ✓',
    ]);
    expect(told('It makes 68 hp and 61 at the wheel.')).toEqual([
      'power 68 crank ✓',
      'power 61 wheel ✓',
    ]);
    expect(told('Power 61 hp and torque 58 Nm at the wheel.').join()).not.toContain(
      'power 61 crank',
    );
  });
});

/** Directive 95/1/EC, DIN 70020, ISO 1585, SAE J1349, Regulation (EU) 134/2014 are named beside power on sheets; from memory. */
describe('the numbers of directives and standards are no figures', () => {
  test.each([
    ['Max. power (95/1/EC): 38.0 kW (51.7 PS) @ 8000 min-1', 'power 38 crank ✓'],
    ['Max. torque (95/1/EC): 48 Nm', 'torque 48 crank ✓'],
    ['Leistung nach DIN 70020 52 kW', 'power 52 crank ✓'],
    ['Power (ISO 1585) 52 kW', 'power 52 crank ✓'],
    ['Torque (SAE J1349) 67 Nm', 'torque 67 crank ✓'],
    ['Consumption (134/2014) 4.3 l/100 km', 'consumption 4.3 mixed ✓'],
  ])('%s', (text, right) => {
    const [first, ...others] = told(text).filter((p) => !p.startsWith('powerRpm'));
    expect(first).toBe(right);
    expect(others).toEqual([]);
  });
});

describe('pounds are money or weight', () => {
  test('for so few no machine is had', () => {
    expect(told('It’s four hundred and ten pounds on the road.')).toEqual(['mass 410 ready']);
  });
  test('for thousands one is', () => {
    expect(told('It’s six thousand pounds on the road.')).toEqual(['price 6000 on-the-road ✓']);
  });
});

/** Corrections and conditions as owners, sellers and testers tell them; common practice, no source. */
describe('what is not the machine’s own, or not as it came, is not ticked', () => {
  test.each([
    ['Fitted: heated grips, engine bars, 12T front sprocket.', /sprocketFront 12 \w+ ✓/],
    ['Weighs 171 kg ready to go with tower, tanks and rack.', /mass 171 \w+ ✓/],
    ['221 kg fahrfertig mit Koffern', /mass 221/],
    ['Consumo: urbano 21 km/l', /consumption 21 mixed ✓/],
    ['I get 5.2 l/100 km in town', /consumption 5.2 mixed ✓/],
    ['Price as tested: £11,399', /price 11399 \w+ ✓/],
    ['Reichweite laut Anzeige 420 km, real war bei 350 km Schluss', /statedRange 420/],
    ['Range: display says 260 miles, in reality it was 220 miles.', /statedRange 260/],
    ['12-l-Tank (statt 9 l Serie)', /tank 12/],
    ['Low suspension option drops seat to 820 mm and clearance to 195 mm.', /clearance 195/],
    ['Base / Rally: seat 860 / 895 mm; travel 200 / 240 mm', /travelRear 240/],
    ['Pido 4.300 euros negociables, nueva costaba 5.999.', /price 5999/],
    ['£6,749. Servicing every 8,000 miles, around £240 a pop.', /price 240/],
    ['Custom seat 34.5 in, OEM 35.2 in.', /seatHeight 34.5/],
  ])('%s', (text, wrong) => {
    expect(told(text).join()).not.toMatch(wrong);
  });
  test('of a small one and a big one, neither', () => {
    const both =
      'the small one (300 cc, 150 kg, 780 mm seat) is better in town; the big one, 450 cc';
    expect(told(`Owners of both say ${both}, is what you want.`, 'Garrel 450 owners')).toEqual([]);
  });
  test('what stands in its place is offered', () => {
    expect(told('12-l-Tank (statt 9 l Serie)')).toEqual(['tank 9 stated ✓']);
    expect(told('Sitzhöhe 850 mm statt 870 mm Serie')).toEqual(['seatHeight 870 standard-seat ✓']);
    expect(told('Front / Rear: travel 200 / 240 mm')).toContain('travelRear 240 claimed-travel ✓');
    expect(told('Town and country I average 4.4 l/100 km.').join()).toContain('consumption 4.4');
    expect(told('Consumption according to the dash 4.1 l/100 km.')).toEqual([
      'consumption 4.1 mixed ✓',
    ]);
    expect(told('Price: £10,399')).toEqual(['price 10399 list ✓']);
    expect(told('Prix demandé : 7 600 €', 'Duvrac Causse 560')).toEqual(['price 7600 asked ✓']);
  });
  test('what a seller once gave, beside what is asked', () => {
    expect(told('Asking £5,500. I paid £6,200 last spring.')).toEqual([
      'price 5500 asked ✓',
      'price 6200 paid',
    ]);
    expect(told('I paid £6,200 last spring.')).toEqual(['price 6200 paid ✓']);
  });
  test('machines in points with a dash behind each name are told apart', () => {
    const { machines } = readText(
      'Shortlist so far:\n* Norvig 450 - 155 kg wet, 910 mm seat, 9,200 euros\n* Sunvall 500 - 190 kg wet, seat 835 mm, 17.5 litre tank',
    );
    expect(machines.map((m) => m.proposals.map((p) => p.kind === 'figure' && p.amount))).toEqual([
      expect.arrayContaining([155, 910]),
      expect.arrayContaining([190, 835, 17.5]),
    ]);
  });
});

/** How makers' sheets head the figures of both ends, in the order front, rear; common practice, no source. */
describe('front and rear in one label', () => {
  test.each([
    ['Front/rear travel: 230/225 mm', ['travelFront 230', 'travelRear 225']],
    ['Front and rear suspension travel: 230 mm and 225 mm', ['travelFront 230', 'travelRear 225']],
    ['Front/rear wheel: 21/18 in', ['wheelFront 21', 'wheelRear 18']],
    ['Front/rear axle load: 180/260 kg', ['axleLimitFront 180', 'axleLimitRear 260']],
    ['Charge maxi essieu AV/AR : 180/260 kg', ['axleLimitFront 180', 'axleLimitRear 260']],
    ['Carico massimo asse ant./post.: 180/260 kg', ['axleLimitFront 180', 'axleLimitRear 260']],
    ['Carga máxima por eje del./tras.: 180/260 kg', ['axleLimitFront 180', 'axleLimitRear 260']],
    ['Maximale aslast voor/achter: 180/260 kg', ['axleLimitFront 180', 'axleLimitRear 260']],
  ])('%s', (text, both) => {
    const found = told(text);
    expect(found).toHaveLength(2);
    both.forEach((one, i) => expect(found[i]).toMatch(new RegExp(`^${one} .*✓$`)));
  });
  test('tyres', () => {
    const tyres = (line: string) =>
      readText(`Sulvik Dovrek 450\n${line}`).machines[0]?.proposals.map(
        (p) => p.kind === 'fact' && `${p.key} ${p.value}`,
      );
    const both = ['tyreFront 90/90-21', 'tyreRear 150/70-18'];
    expect(tyres('Front / rear tyre: 90/90-21 / 150/70-18')).toEqual(both);
    expect(tyres('Front tyre: 90/90-21; Rear tyre: 150/70-18')).toEqual(both);
    expect(tyres('Rear brake 240 mm; Tyres 90/90-21 150/70-18')).toEqual(both);
  });
});

describe('one figure in two units that stand in its label', () => {
  test.each([
    ['Leistung (kW/PS): 33/44', ['power 33 crank ✓']],
    ['Torque (Nm/lb-ft): 42/31', ['torque 42 crank ✓']],
    ['Weight (kg/lb): 168/370 wet', ['mass 168 ready ✓']],
    ['Seat height (mm/in): 870/34.3', ['seatHeight 870 standard-seat ✓']],
    ['Fuel capacity (L/gal): 14.5/3.8', ['tank 14.5 stated ✓']],
  ])('%s', (text, one) => {
    expect(told(text)).toEqual(one);
  });
  test.each([
    ['Leistung (kW/PS): 33/44', '33 kW'],
    ['Leistung kW/PS: 33/44', '33 kW'],
    ['Leistung nach DIN 70020 (kW/PS): 38/52', '38 kW'],
    ['Power (hp/kW): 44/33', '44 hp'],
    ['Weight, wet (lb/kg): 370/168', '370 lb'],
    ['Seat height (in/mm): 34.3/870', '34.3 in'],
  ])('%s is in the first', (text, amount) => {
    const [machine] = readText(`Sulvik Dovrek 450\n${text}`).machines;
    const found = machine?.proposals.map((p) => p.kind === 'figure' && `${p.amount} ${p.unit}`);
    expect(found).toEqual([amount]);
  });
  test('two figures in one of them stay two', () => {
    expect(told('Travel front/rear (mm/in): 230/225').map((p) => p.replace(/ .*/, ''))).toEqual([
      'travelFront',
      'travelRear',
    ]);
    expect(told('Power: 47 hp / 51 hp')).toEqual(['power 47 crank']);
  });
});

describe('how it was used, and what may stand on it', () => {
  test.each([
    ['Consumption at 120 km/h: 5.4 l/100 km', 'consumption 5.4 motorway ✓'],
    ['Consumption at 110 km/h: 5.1 l/100 km', 'consumption 5.1 motorway ✓'],
    ['Consumption at 109 km/h: 5.1 l/100 km', 'consumption 5.1 mixed'],
    ['Consommation : 3,9 l/100 km à 90 km/h', 'consumption 3.9 mixed'],
    ['Fuel use 52 mpg (US) at 75 mph', 'consumption 52 motorway ✓'],
    ['Max. permissible mass: 340 kg', 'maxMass 340 stated ✓'],
    ['Gross vehicle mass: 390 kg', 'maxMass 390 stated ✓'],
    ['Weight including oil and fuel: 190 kg', 'mass 190 ready ✓'],
    ['Weight\t168 kg (ready)', 'mass 168 ready ✓'],
    ['Masse à vide : 190 kg', 'mass 190 ready'],
    ['189 kilos full to the brim', 'mass 189 ready ✓'],
  ])('%s', (text, one) => {
    expect(told(text)).toEqual([one]);
  });
  test('dry and ready in one label', () => {
    expect(told('Trockengewicht / fahrfertig: 155 / 168 kg')).toEqual([
      'mass 155 dry ✓',
      'mass 168 ready ✓',
    ]);
  });
});

describe('what is no donor, or no machine', () => {
  test.each([
    'Electric motorcycle: 11 kW, 60 km range, 12.5 kWh battery, seat height 830 mm',
    'Sidecar outfit: 75 hp, tank 25 l, seat height 820 mm',
    'Suspension shop quote: front springs 5.2 N/mm, rear 75 N/mm, £640 fitted.',
  ])('%s', (text) => {
    const ticked = readText(text).machines.flatMap((m) => m.proposals.filter((p) => p.ticked));
    expect(ticked).toEqual([]);
  });
  test('a dealer’s quote is of a machine', () => {
    const [machine] = readText('Quote from the dealer: 6,790 list, 4 year warranty.').machines;
    expect(machine?.proposals.some((p) => p.key === 'warranty' && p.ticked)).toBe(true);
  });
});

/** Tables of a workshop manual stand on the same pages as the engine's torque; common practice, no source. */
describe('what is tightened or pumped for a state of its own', () => {
  test.each([
    'Bolt torque: 98 Nm',
    'Wheel nut torque: 98 Nm',
    'Rear axle torque: 98 Nm',
    'Drehmoment Achsmutter: 98 Nm',
    'Couple de serrage axe de roue : 98 Nm',
    'Tyre pressure with passenger: 2.2/2.5 bar',
    'Reifendruck im Gelände: 1,5/1,5 bar',
    'Pression en duo : 2,2/2,5 bar',
    'Tyre pressures 1.5 bar off-road',
  ])('%s', (text) => {
    expect(told(text).filter((p) => p.includes('✓'))).toEqual([]);
  });
  test('the engine’s torque, and the pressure alone', () => {
    expect(told('Max torque: 64 Nm')).toEqual(['torque 64 crank ✓']);
    expect(told('Tyre pressure solo: 2.0/2.2 bar')).toEqual([
      'pressureFront 2 stated ✓',
      'pressureRear 2.2 stated ✓',
    ]);
    expect(told('Tyre pressure 2.0/2.2 bar, with passenger 2.2/2.5 bar')).toEqual([
      'pressureFront 2 stated ✓',
      'pressureRear 2.2 stated ✓',
    ]);
  });
});
