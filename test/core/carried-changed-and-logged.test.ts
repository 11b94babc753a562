import { describe, expect, test } from 'vitest';
import { readText } from '@/core/spec-text';

const told = (text: string, title = 'Sulvik Dovrek 450') =>
  readText(`${title}\n${text}`).machines.flatMap(({ proposals }) =>
    proposals.flatMap((p) =>
      p.kind === 'figure' ? [`${p.key} ${p.amount} ${p.basis}${p.ticked ? ' ✓' : ''}`] : [],
    ),
  );
const ticked = (text: string, title?: string) => told(text, title).filter((p) => p.endsWith('✓'));

/** How sheets head what a rack and a machine may carry; common usage, no source. */
describe('what may be carried, by the labels of sheets', () => {
  test.each([
    'Max. load on rear rack: 8 kg',
    'Maximum permissible load on luggage rack: 8 kg',
    'Luggage rack rated to: 8 kg',
    'Gepäckbrücke max. 8 kg',
    'Max. Zuladung Gepäckträger: 8 kg',
    'Charge admissible sur le porte-bagages : 8 kg',
    'Carico massimo portapacchi: 8 kg',
    'Carga máxima portaequipajes: 8 kg',
    'Max belasting bagagedrager: 8 kg',
    'Maxlast pakethållare: 8 kg',
  ])('%s', (text) => {
    expect(told(text)).toEqual(['rackLimit 8 stated ✓']);
  });
  test.each(['Top case max load: 5 kg', 'Koffer max. Zuladung je 8 kg', 'Rack weight: 3.2 kg'])(
    'of a case or the rack itself: %s',
    (text) => {
      expect(told(text)).toEqual([]);
    },
  );
  test.each([
    'Load capacity (rider, passenger, luggage): 190 kg',
    'Maximum load (rider, passenger, luggage and accessories): 190 kg',
    'Max. Zuladung inkl. Fahrer: 190 kg',
    'Charge utile (pilote, passager, bagages) : 190 kg',
    'Carico massimo (pilota, passeggero e bagagli): 190 kg',
    'Carga máxima (piloto, acompañante y equipaje): 190 kg',
  ])('who is aboard is no name of its own: %s', (text) => {
    expect(told(text)).toEqual(['payload 190 stated ✓']);
  });
  test('what it carries is no mass of its own, and is asked about', () => {
    expect(told('Carries 190 kilos all up.')).toEqual(['payload 190 stated']);
    expect(told('It carries its 190 kilos well.')).not.toContain('payload 190 stated');
  });
});

describe('two seats in the order of their head', () => {
  test.each([
    ['Seat height standard/low: 870/850 mm', 870, 850],
    ['Sitzhöhe (Serie/tief): 870/850 mm', 870, 850],
    ['Hauteur de selle (standard/basse) : 870/850 mm', 870, 850],
  ])('%s', (text, standard, low) => {
    expect(told(text)).toEqual([
      `seatHeight ${standard} standard-seat ✓`,
      `seatHeight ${low} low-seat ✓`,
    ]);
  });
  test('the low one first', () => {
    expect(told('Seat height low/standard: 850/870 mm')).toEqual([
      'seatHeight 850 low-seat ✓',
      'seatHeight 870 standard-seat ✓',
    ]);
  });
});

describe('what was, and what is', () => {
  test('of a new model the second counts, for everything told in one breath', () => {
    expect(
      told(
        'Engine grows from 689 to 721 cc, power from 73 to 79 hp, torque from 68 to 72 Nm, tank from 16 to 18 litres.',
      ),
    ).toEqual([
      'displacement 721 stated',
      'power 79 crank ✓',
      'torque 72 crank ✓',
      'tank 18 stated ✓',
    ]);
  });
  test('without a word of a change neither counts, and their middle never', () => {
    expect(told('Power from 73 to 79 hp.')).toEqual([]);
  });
  test('a range of use or of a seat stays one', () => {
    expect(told('Consumption from 4.1 to 4.9 l/100 km.')).toEqual(['consumption 4.5 mixed ✓']);
    expect(told('Seat height from 830 to 860 mm.')).toEqual(['seatHeight 845 standard-seat ✓']);
  });
  test('a pair of sprockets for a pair: the first came with it', () => {
    expect(told('I went from 15/45 to 14/47 gearing.')).toEqual([
      'sprocketFront 15 stated',
      'sprocketRear 45 stated',
    ]);
  });
  test('what links made of a seat is not the seat’s height', () => {
    expect(told('Low link fitted, so the seat is around 885 mm now.')).toEqual([]);
    expect(ticked('Tieferlegung 30 mm verbaut, daher Sitzhöhe ca. 880 statt 910.')).toEqual([]);
  });
  test.each([
    'If you fit the 23-litre tank you will be at 215 kg.',
    'With the big 23 litre tank it weighs 215 kg.',
    'Wenn man den 23-Liter-Tank montiert, wiegt sie 215 kg.',
    'Con il serbatoio maggiorato da 23 litri pesa 215 kg.',
    'Con el depósito grande de 23 litros pesa 215 kg.',
  ])('a part that may be fitted: %s', (text) => {
    expect(ticked(text)).toEqual([]);
  });
});

describe('when something was done, and how often it is to be done', () => {
  test('distances of a log are asked about', () => {
    const log = 'Maintenance log:\n980 km first service\n8,020 km oil\n16,100 km valves';
    expect(told(log).length).toBeGreaterThan(1);
    expect(ticked(log)).toEqual([]);
  });
  test('what comes every so often is an interval, in a log too', () => {
    expect(ticked('Service history:\nOil every 6,000 km')).toEqual(['oilInterval 6000 stated ✓']);
  });
  test('a service that was done is none to come', () => {
    expect(told('Revisión de 15.000 km hecha.')).toEqual([]);
    expect(ticked('Revisión cada 15.000 km.')).toEqual(['serviceInterval 15000 stated ✓']);
  });
});

describe('what is told of no machine for sale', () => {
  test('a part for sale has figures of its own', () => {
    expect(
      ticked(
        'Selling a set of panniers off my old Dovrek. Also a 23 litre tank, £280, and a low seat (835 mm).',
        '',
      ),
    ).toEqual([]);
    expect(ticked('Selling my Dovrek 450 with panniers. 18 litre tank, seat 860 mm.', '')).toEqual([
      'tank 18 stated ✓',
      'seatHeight 860 standard-seat ✓',
    ]);
  });
  test('the difference of two prices is none', () => {
    expect(told('The price difference is 1,200 €.')).toEqual([]);
  });
  test('grams of carbon dioxide are no use of fuel', () => {
    expect(told('CO2 (WMTC): 84 g/km')).toEqual([]);
  });
});

describe('what a dyno measures', () => {
  test('is the wheel’s, torque as well', () => {
    expect(
      ticked('Measured rear-wheel hp: 66.8 @ 8,900 rpm\nMeasured torque: 46.2 lb-ft'),
    ).toContain('torque 46.2 wheel ✓');
  });
  test('a torque that is claimed beside it is the crank’s', () => {
    expect(ticked('Measured rear-wheel hp: 66.8\nTorque: 52 lb-ft')).toContain('torque 52 crank ✓');
  });
});

describe('a dyno that reads a number of its own', () => {
  test.each([
    'Power: they say 68 hp, my buddy’s dyno read 60.5 at the wheel.',
    'Power 68 hp, the dyno says 60.5.',
  ])('%s', (text) => expect(told(text)).not.toContainEqual(expect.stringContaining('68 wheel')));
  test('what was run on it is the wheel’s, whatever revs follow', () =>
    expect(ticked('Made 60.5 hp on the dyno at 8,200 rpm.')).toContain('power 60.5 wheel ✓'));
  test('what it is rated at is the crank’s', () =>
    expect(told('Rated at 68 hp. On our dyno it put down 60.5.')).toContain('power 68 crank'));
});

describe('a log of fills', () => {
  const ROWS = '12.3.;4120;9.8;262;3.74\n28.3.;4391;10.1;271;3.73';
  test('is no table of machines, and the lines about it count', () => {
    const { machines } = readText(
      `Date;odo;litres;km;l/100\n${ROWS}\nBike: Lindow 450 X, seat height 870 mm`,
    );
    expect(machines.map((m) => m.model)).toEqual(['450 X']);
    expect(machines[0]?.proposals.map((p) => p.key)).toEqual(['seatHeight']);
  });
  test('a table of machines that says when each was seen is one', () =>
    expect(
      readText(
        'Date;Model;Tank (l);Seat (mm)\n12.3.;Lindow 450 X;14;870\n13.3.;Dovrek 390;12;850',
      ).machines.map((m) => m.proposals.length),
    ).toEqual([2, 2]));
});

describe('an offer, by its words', () => {
  test.each([
    'Neu 11.490, jetzt für 9.990 Euro abzugeben. Erst 8.200 km.',
    'Neuwert 11.490 Euro, Preis 9.990 Euro. 8.200 km.',
  ])('%s', (text) => {
    expect(ticked(text)).toEqual(['price 9990 asked ✓']);
  });
});

/** Testers set what a maker claims beside what they measured; common practice, no source. */
describe('columns that say who gave the figures', () => {
  const readings = (text: string) =>
    readText(text).machines.map((m) => ({
      name: `${m.maker} ${m.model}`,
      figures: m.proposals.flatMap((p) =>
        p.kind === 'figure' && p.ticked ? [`${p.key} ${p.amount} ${p.origin ?? ''}`] : [],
      ),
    }));
  test.each([
    '| | claimed | measured |\n| Weight (wet) | 152 kg | 154 kg |\n| Seat height | 910 mm | 912 mm |',
    'Spec\tClaimed\tTested\nWeight wet\t152 kg\t154 kg\nSeat height\t910 mm\t912 mm',
    '                      Werk      Gemessen\nGewicht vollgetankt   152 kg    154 kg\nSitzhöhe              910 mm    912 mm',
  ])('are one machine with two readings of each figure', (table) => {
    expect(readings(`Sulvik Dovrek 450\n${table}`)).toEqual([
      {
        name: 'Sulvik Dovrek 450',
        figures: [
          'mass 152 claimed',
          'seatHeight 910 claimed',
          'mass 154 measured',
          'seatHeight 912 measured',
        ],
      },
    ]);
  });
  test('what somebody made of it stands beside what it came as, and only that counts', () => {
    expect(
      readings(
        'Sulvik Dovrek 450\n| | Mine | Stock |\n| Seat | 880 mm | 910 mm |\n| Gearing | 14/47 | 15/45 |\n| Weight wet | 161 kg | 152 kg |',
      )[0]?.figures,
    ).toEqual(['seatHeight 910 ', 'sprocketFront 15 ', 'sprocketRear 45 ', 'mass 152 ']);
  });
  test('two machines stay two', () => {
    expect(
      readings(
        '| | Dovrek 450 | Tarnet 390 |\n| Weight wet | 152 kg | 161 kg |\n| Seat | 910 mm | 880 mm |',
      ).length,
    ).toBe(2);
  });
});

describe('what it uses at one speed, its unit left out', () => {
  test('is a motorway’s where it is fast, and else asked about', () => {
    expect(told('Verbrauch bei 100: 3,6 l/100 km\nVerbrauch bei 130: 5,0 l/100 km')).toEqual([
      'consumption 3.6 mixed',
      'consumption 5 motorway ✓',
    ]);
  });
});

describe('figures as sheets of one country write them', () => {
  test('metric horsepower in capitals, with a tenth', () => {
    expect(told('Moc maks.: 44,9 KM/8250 obr./min\nWysokość siedzenia: 895 mm')).toContain(
      'power 44.9 crank ✓',
    );
  });
  test('an angle from the ground', () => {
    expect(told('Lenkkopfwinkel: 63,2°')).toEqual(['rake 26.8 stated ✓']);
  });
});
