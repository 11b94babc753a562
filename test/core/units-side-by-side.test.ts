import { describe, expect, test } from 'vitest';
import { readText } from '@/core/spec-text';

const machines = (text: string) =>
  readText(text).machines.map((m) =>
    m.proposals.map((p) =>
      p.kind === 'figure' ? `${p.key} ${p.amount} ${p.unit}` : `${p.key} ${p.value}`,
    ),
  );

// What is meant is common usage in sheets, no source.
describe('columns of a table', () => {
  const rows = [
    'Seat height\t890 mm\t35.0 in',
    'Curb weight\t148 kg\t326 lb',
    'Wheelbase\t1,455 mm\t57.3 in',
    'MSRP\t\t$7,199',
  ];
  test('headed by systems of units are one machine, and the first that says something counts', () => {
    expect(machines(['Dimension\tMetric\tUS', ...rows].join('\n'))).toEqual([
      ['seatHeight 890 mm', 'mass 148 kg', 'wheelbase 1455 mm', 'price 7199 USD'],
    ]);
  });
  test('headed by names are as many machines', () => {
    expect(machines(['Dimension\tVintrel 450\tOstrik 500', ...rows].join('\n'))).toHaveLength(2);
  });
});

describe('dots that lead to a value', () => {
  test('end no sentence, however many they are', () => {
    expect(machines('Wheels ............. 2.50x21 / 4.00x18\nSeat height ........ 870 mm')).toEqual(
      [['wheelFront 21 in', 'wheelRear 18 in', 'seatHeight 870 mm']],
    );
  });
  test('teeth by a colon are no time of the day, where a chain is spoken of', () => {
    expect(machines('Final drive ........ chain 520, 15:45').flat()).toEqual(
      expect.arrayContaining(['sprocketFront 15 teeth', 'sprocketRear 45 teeth']),
    );
    expect(machines('Seat height 870 mm, seen at 15:45').flat()).toEqual(['seatHeight 870 mm']);
  });
  test('of a fork its travel is told behind the size of its tubes', () => {
    expect(
      machines('Front suspension: 43 mm USD, 230 mm, rebound adjustable').flat(),
    ).not.toContain('travelFront 43 mm');
  });
});

describe('doubts of facts', () => {
  const spoked = (text: string) =>
    readText(text)
      .machines.flatMap((m) => m.proposals)
      .find((p) => p.key === 'wheelType');
  test('spoked wheels of which nobody says whether they hold tubes are asked about', () => {
    const told = spoked('Wet weight 204 kg, spoked wheels 21/18.');
    expect(told?.ticked).toBe(false);
    expect(told?.doubts).toContainEqual({ code: 'tubes-unsaid' });
  });
  test('where tubes are spoken of they are not', () => {
    expect(spoked('Wet weight 204 kg, spoked wheels 21/18 with tubes.')?.ticked).toBe(true);
    expect(spoked('Wet weight 204 kg, tubeless spoked wheels 21/18.')).toMatchObject({
      kind: 'fact',
      value: 'spoked-tubeless',
      ticked: true,
    });
  });
});

describe('what somebody wishes for', () => {
  test.each([
    'Hi, ich suche was Leichtes: unter 170 kg, mind. 35 PS, Tank ab 12 L.',
    'Looking for something with a seat height under 860 mm and a 15 litre tank.',
  ])('%s', (text) => {
    expect(machines(text).flat()).toEqual([]);
  });
  test('is not what somebody found', () => {
    expect(machines('I looked at it: seat height 860 mm.').flat()).toEqual(['seatHeight 860 mm']);
  });
});

describe('crowns', () => {
  test.each([
    ['Selger min enduro. Vekt 204 kg kjøreklar. Kr 94 000,-', 'price 94000 NOK'],
    ['Säljer min enduro. Tjänstevikt 204 kg. Pris 94 000 kr', 'price 94000 SEK'],
    ['Sælger min enduro. Egenvægt 204 kg. Pris 94.000 kr.', 'price 94000 DKK'],
    ['Enduro, vægt 204 kg. Pris 94.000 DKK', 'price 94000 DKK'],
  ])('%s', (text, price) => {
    expect(machines(text).flat()).toContain(price);
  });
  test('of a text with words of two countries nobody knows whose', () => {
    const [machine] = readText(
      'Sælger min enduro, kjøreklar 204 kg, setehøyde 860 mm. Pris 94 000 kr',
    ).machines;
    const price = machine?.proposals.find((p) => p.key === 'price');
    expect(price?.doubts).toContainEqual({ code: 'currency-unclear' });
    expect(price?.ticked).toBe(false);
  });
});
