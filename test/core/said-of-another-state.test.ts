import { describe, expect, test } from 'vitest';
import { readText } from '@/core/spec-text';

const told = (text: string) =>
  (readText(`Sulvik Dovrek 450\n${text}`).machines[0]?.proposals ?? []).flatMap((p) =>
    p.kind === 'figure' ? [`${p.key} ${p.amount} ${p.basis}${p.ticked ? ' ✓' : ''}`] : [],
  );

/** How owners and testers put things right in one sentence; common practice, no source. */
describe('a number that a sentence takes back, or says of another state', () => {
  test.each([
    [
      'They told me seat height 890 mm but that was the rally version, the base one is 875 mm.',
      /seatHeight 890/,
    ],
    ['After the 20 mm lowering the seat height is 855 mm.', /seatHeight 855/],
    ['Nach der 20 mm Tieferlegung ist die Sitzhöhe 855 mm.', /seatHeight 855/],
    ['Travel 260/250 mm; the S has 210/210 mm and an 860 mm seat.', /seatHeight 860/],
    ['Pesa 152 kg y no 145 como dicen.', /mass 145/],
    ['Peso 152 kg, non i 145 dichiarati.', /mass 145/],
  ])('%s', (text, wrong) => {
    expect(told(text).join()).not.toMatch(wrong);
  });
  test('what it is instead stays', () => {
    expect(told('Pesa 152 kg y no 145 como dicen.')).toEqual(['mass 152 ready']);
    expect(told('Travel 260/250 mm; the S has 210/210 mm.')).toEqual([
      'travelFront 260 claimed-travel ✓',
      'travelRear 250 claimed-travel ✓',
    ]);
  });
  test('a version that is the machine’s own is its own', () => {
    const [machine] = readText('Brennock Heide 700 S\nThe S has an 860 mm seat.').machines;
    expect(machine?.proposals.map((p) => p.kind === 'figure' && p.amount)).toEqual([860]);
  });
});

describe('a word in a bracket with a number of its own is said of that number', () => {
  test.each([
    ['Consumo 4,2 l/100 (homologado 3,6)', 'consumption 4.2 cycle'],
    ['Gewicht 152 kg (ohne Kraftstoff 143 kg)', 'mass 152 dry'],
  ])('%s', (text, wrong) => {
    expect(told(text).join()).not.toContain(wrong);
  });
  test('without one it is said of the number before', () => {
    expect(told('Consumo 3,6 l/100 km (homologado)')).toEqual(['consumption 3.6 cycle ✓']);
    expect(told('Weight 143 kg (dry, 2024)')).toEqual(['mass 143 dry ✓']);
  });
  test('gross axle weights by their short name', () => {
    expect(told('GAWR front 287 lb, rear 496 lb')).toEqual([
      'axleLimitFront 287 stated ✓',
      'axleLimitRear 496 stated',
    ]);
  });
  test('permitted, without a noun', () => {
    expect(told('Gewicht vollgetankt 152 kg, zulässig 335 kg')).toEqual([
      'mass 152 ready ✓',
      'maxMass 335 stated ✓',
    ]);
  });
});

/** How sheets in Europe tell both states of one machine; common practice, no source. */
describe('what it has restricted and what it has in full', () => {
  test.each([
    'Power 35 kW (A2 restricted) / 52 kW full',
    'Leistung: 35 kW (A2) / 52 kW',
    'Puissance 35 kW (bridage A2) / 52 kW',
    'Potenza 35 kW (depotenziata A2), 52 kW versione piena',
    'Potencia: 35 kW (limitada A2) / 52 kW (libre)',
  ])('%s', (text) => {
    const found = (readText(text).machines[0]?.proposals ?? []).flatMap((p) =>
      p.kind === 'figure' ? [`${p.key} ${p.amount}`] : [],
    );
    expect(found).toEqual(['power 35', 'unrestrictedPower 52']);
  });
});

/** How markets are told; common practice, no source. */
describe('the least that any is asked for', () => {
  test.each(['Used prices start at £4,200', 'Gebraucht ab 4.500 €', 'Usato da 4.500 euro'])(
    '%s is not taken unasked',
    (text) => {
      const [found] = readText(text).machines[0]?.proposals ?? [];
      expect(found).toMatchObject({ key: 'usedPrice', ticked: false });
    },
  );
  test('what one used machine is asked for is', () => {
    const [found] = readText('Used, asking £4,200').machines[0]?.proposals ?? [];
    expect(found).toMatchObject({ key: 'price', amount: 4200, ticked: true });
  });
});

/** How sheets set two years or versions side by side; common practice, no source. */
describe('two of what a machine has one of', () => {
  const first = (text: string) => (readText(text).machines[0]?.proposals ?? [])[0];
  test.each([
    'Power: 47 hp / 51 hp',
    'Torque 43 Nm / 46 Nm',
    'Tank: 17 l / 20 l',
    'Price: £6,999 / £7,299',
  ])('%s: which of them is asked', (text) => {
    expect(first(text)).toMatchObject({ ticked: false, doubts: [{ code: 'which-machine' }] });
  });
  test.each(['Power 35 kW / 48 PS', 'Fuel tank: 17 L / 4.5 gal', 'Power 47 hp / 8,600 rpm'])(
    '%s is one',
    (text) => {
      expect(first(text)).toMatchObject({ ticked: true, doubts: [] });
    },
  );
});
