import { describe, expect, test } from 'vitest';
import { readText } from '@/core/spec-text';

const ticked = (text: string) =>
  readText(`Sulvik Dovrek 450\n${text}`).machines.flatMap(({ proposals }) =>
    proposals.flatMap((p) =>
      p.ticked
        ? [p.kind === 'figure' ? `${p.key} ${p.amount} ${p.basis}` : `${p.key} ${p.value}`]
        : [],
    ),
  );

/** How sheets and posts head their lists; common usage, no source. */
describe('under a head of what is had for more money nothing is on the machine as it comes', () => {
  test.each([
    'Optional equipment\n- Cruise control\n- Alloy bash plate\n- 23 litre tank',
    'ACCESSORIES\n\nAluminium skid plate £169\nLong range tank 18 l £399\nCruise control kit £320',
    'Options: cruise control, tubeless spoked wheels, 18 l tank',
    'Sonderausstattung:\nTempomat\nSchlauchlose Speichenräder',
    'En option : régulateur de vitesse, sabot alu',
    'Optional: cruise control, serbatoio da 18 l',
    'Opcional: control de crucero, depósito de 18 l',
    'Nicely made. Zubehör: Tempomat 320 €, Motorschutz Alu 169 €.',
  ])('%s', (text) => {
    expect(ticked(text)).toEqual([]);
  });
  test('a low seat of the list tells how low one may sit', () => {
    expect(ticked('Optional equipment\n- Low seat 870 mm\n- Cruise control')).toEqual([
      'seatHeight 870 low-seat',
    ]);
  });
  test.each(['Missing: cruise control', 'Not included: cruise control', 'To do: cruise control'])(
    'nor what is missing or planned: %s',
    (text) => {
      expect(ticked(text)).toEqual([]);
    },
  );
});

describe('such a list ends', () => {
  test('with a blank line, the next head, a line of the sheet, or its sentence', () => {
    const rest = ['mass 168 ready', 'finalDrive chain'];
    const list = 'Optional equipment\nCruise control\n';
    expect(ticked(`${list}\nWeight 168 kg wet\nChain drive`)).toEqual(rest);
    expect(ticked(`${list}Standard equipment:\nWeight 168 kg wet\nChain drive`)).toEqual(rest);
    expect(ticked(`${list}Weight: 168 kg wet\nFinal drive: chain`)).toEqual(rest);
    expect(ticked('Options: cruise control. Weight 168 kg wet, chain drive.')).toEqual(rest);
  });
  test('but not with a part that is called as a head of the sheet begins', () => {
    for (const part of [
      'Engine guard',
      '- Motor guard',
      'Price on request: rack',
      'Standard screen',
    ])
      expect(ticked(`Optional equipment\n${part}\nCruise control`), part).toEqual([]);
    expect(ticked('Optional equipment\nCruise control\nEngine\nChain drive')).toEqual([
      'finalDrive chain',
    ]);
  });
  test('and what stands before it is told of the machine', () => {
    expect(ticked('Cruise control\nOptions: centre stand')).toEqual(['cruiseControl yes']);
  });
});

test('in an advert accessories are on the machine that is sold', () => {
  expect(
    ticked('For sale, 2022, 8,400 km, £5,900.\nAccessories: alloy bash plate, 12V socket'),
  ).toEqual(expect.arrayContaining(['sumpGuard alloy', 'socket twelve-volt']));
  expect(
    ticked('For sale, 2022, 8,400 km, £5,900.\nOptional equipment: alloy bash plate'),
  ).not.toContain('sumpGuard alloy');
});

test('what is lower by so much is still the seat that it comes with', () => {
  expect(ticked('Seat 10 mm lower at 885 mm')).not.toContain('seatHeight 885 low-seat');
});

describe('what a saved page lists below its own machine', () => {
  const advert =
    'Sulvik Dovrek 450 R (2022)\n£5,995\nMileage 8,412\nTank 13.5 litres\nSimilar bikes\nKestrow Fell 450 2021 £5,495 6,200 miles\nTalvik Rode 700 2020 £6,750 11,000 miles, 18 litre tank';
  test('is of others, to the end of the page', () => {
    const [one, ...more] = readText(advert).machines;
    expect(more).toEqual([]);
    expect(
      one?.proposals.flatMap((p) => (p.kind === 'figure' ? [`${p.key} ${p.amount}`] : [])),
    ).toEqual(['price 5995', 'tank 13.5']);
    expect(one?.sale?.odometer).toEqual({ amount: 8412, unit: 'mi' });
  });
  test.each(['Ähnliche Anzeigen', 'Annonces similaires', 'Anuncios similares', 'Annunci simili'])(
    '%s',
    (head) => {
      expect(ticked(`Chain drive\n${head}\nWeight 205 kg wet, shaft drive`)).toEqual([
        'finalDrive chain',
      ]);
    },
  );
});

test('the number of an advert, or a page’s word for a sheet, names no machine', () => {
  const name = (text: string) => readText(text).machines.map((m) => `${m.maker} ${m.model}`);
  expect(name('Kleinanzeige Nr. 4471923\nSulvik Dovrek 450 R\n6.450 € VB')).toEqual([
    'Sulvik Dovrek 450 R',
  ]);
  expect(name('TECH SPEC Sulvik Dovrek 450 R\nKerb weight 168kg\nSeat height 895mm')).toEqual([
    'Sulvik Dovrek 450 R',
  ]);
});
