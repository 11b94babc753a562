import { describe, expect, test } from 'vitest';
import { readText } from '@/core/spec-text';
import { standingIn } from '@/core/spec-text/link/standing';

// What is wished for, denied, asked, another's, optional or a part's doing says nothing of this machine. Common usage, no source;
// each line has a twin that is this machine's, so that nothing is passed over for a word alone.
const HEAD = 'Tarnel 480: kerb weight 178 kg.\n';

const proposals = (said: string) => readText(HEAD + said).machines.flatMap((m) => m.proposals);
const figure = (said: string, key: string) =>
  proposals(said).some((p) => p.kind === 'figure' && p.key === key && p.ticked);
const fact = (said: string, key: string) =>
  proposals(said).find((p) => p.kind === 'fact' && p.key === key && p.ticked);

describe('a figure that is none of this machine’s', () => {
  test.each([
    [
      'It should have a seat height of 830 mm.',
      'It should sell, for it has a seat height of 830 mm.',
    ],
    [
      'It could do with a seat height of 830 mm.',
      'It will do 130 km/h. It has a seat height of 830 mm.',
    ],
    [
      'I don’t think the seat height is 830 mm.',
      'I don’t think much of it. The seat height is 830 mm.',
    ],
    ['People say the seat height is 830 mm.', 'People like it. The seat height is 830 mm.'],
    [
      'Its little brother has a seat height of 830 mm.',
      'My little brother likes it. It has a seat height of 830 mm.',
    ],
    [
      'Next year’s model has a seat height of 830 mm.',
      'This year’s model has a seat height of 830 mm.',
    ],
    ['After lowering it the seat height is 830 mm.', 'After riding it: the seat height is 830 mm.'],
    ['I wish the seat height was 830 mm.', 'The seat height was 830 mm when I measured it.'],
    ['If only it had a seat height of 830 mm.', 'It only has a seat height of 830 mm.'],
    [
      'It would be nice if the seat height was 830 mm.',
      'It is nice that the seat height is 830 mm.',
    ],
    [
      'If you want a seat height of 830 mm, look elsewhere.',
      'If you want to sit low, it has a seat height of 830 mm.',
    ],
    [
      'Si tu veux une hauteur de selle de 830 mm, passe ton chemin.',
      'Si tu veux, elle a une hauteur de selle de 830 mm.',
    ],
    ['I need a seat height of 830 mm.', 'I need new boots. It has a seat height of 830 mm.'],
    ['I wanted a seat height of 830 mm.', 'I wanted a tourer and got a seat height of 830 mm.'],
    [
      'It doesn’t have a seat height of 830 mm.',
      'It doesn’t feel like it, but it has a seat height of 830 mm.',
    ],
    ['It isn’t true that the seat height is 830 mm.', 'It is true that the seat height is 830 mm.'],
    ['The seat height is 830 mm, which is nonsense.', 'The seat height is 830 mm, which is low.'],
    [
      'My previous bike had a seat height of 830 mm.',
      'My previous bike was taller, this one has a seat height of 830 mm.',
    ],
    ['The Dray 498 has a seat height of 830 mm.', 'The Tarnel 480 has a seat height of 830 mm.'],
    [
      'The Rally version has a seat height of 830 mm.',
      'The standard version has a seat height of 830 mm.',
    ],
    [
      'Most of its rivals have a seat height of 830 mm.',
      'Unlike most, it has a seat height of 830 mm.',
    ],
    ['The 2017 model had a seat height of 830 mm.', 'The 2027 model has a seat height of 830 mm.'],
    [
      'With the lowering kit the seat height is 830 mm.',
      'With the kit bag on it, fine. The seat height is 830 mm.',
    ],
    ['Ich hätte gern eine Sitzhöhe von 830 mm.', 'Sie hat eine Sitzhöhe von 830 mm.'],
    [
      'Die Konkurrenz hat eine Sitzhöhe von 830 mm.',
      'Sie ist besser, weil sie eine Sitzhöhe von 830 mm hat.',
    ],
    ['J’aimerais une hauteur de selle de 830 mm.', 'J’aime la hauteur de selle de 830 mm.'],
    ['Elle n’a pas une hauteur de selle de 830 mm.', 'Elle a une hauteur de selle de 830 mm.'],
    ['Ojalá tuviera una altura de asiento de 830 mm.', 'Tiene una altura de asiento de 830 mm.'],
    ['Necesito 830 mm de altura de asiento.', 'Son 830 mm de altura de asiento.'],
    ['Vorrei un’altezza sella di 830 mm.', 'Ha un’altezza sella di 830 mm.'],
    ['La concorrenza ha un’altezza sella di 830 mm.', 'Questa ha un’altezza sella di 830 mm.'],
    ['Mijn vorige had een zithoogte van 830 mm.', 'Deze heeft een zithoogte van 830 mm.'],
    ['Chciałbym wysokość siedzenia 830 mm.', 'Wysokość siedzenia 830 mm.'],
  ])('%s', (not, own) => {
    expect(figure(not, 'seatHeight')).toBe(false);
    expect(figure(own, 'seatHeight')).toBe(true);
  });

  test('what was passed over can be looked at and taken', () => {
    const [machine] = readText(`${HEAD}I wish the seat height was 830 mm.`).machines;
    expect(machine?.passedOver.map(({ why, as }) => [why.code, as?.key, as?.amount])).toEqual([
      ['other-machine', 'seatHeight', 830],
    ]);
  });

  test('what a seller wants for it is no wish', () => {
    const asked = readText(
      'For sale: Tarnel 480, 2021, 8,900 miles. I want £4,200 for it.',
    ).machines.flatMap((m) => m.proposals);
    expect(asked).toContainEqual(
      expect.objectContaining({ key: 'price', amount: 4200, basis: 'asked' }),
    );
  });
});

describe('a fact that is none of this machine’s', () => {
  test.each([
    ['I wish it had shaft drive.', 'It has shaft drive.'],
    ['I need shaft drive.', 'I like the shaft drive.'],
    ['Shaft drive would be nice.', 'Shaft drive is nice.'],
    ['No shaft drive.', 'No chain but shaft drive.'],
    ['It comes without shaft drive.', 'It comes with shaft drive.'],
    ['It has neither a stand nor shaft drive.', 'It has both a stand and shaft drive.'],
    ['Shaft drive isn’t available.', 'Shaft drive is standard.'],
    ['Does it have shaft drive?', 'Does it have shaft drive? Yes.'],
    ['The Dray 498 has shaft drive.', 'This has shaft drive.'],
    ['Unlike the Dray, which has shaft drive, it is light.', 'Like the Dray it has shaft drive.'],
    ['Shaft drive: no', 'Shaft drive: yes'],
    ['Shaft drive: optional', 'Shaft drive: standard'],
    ['Shaft drive: –', 'Shaft drive'],
    ['Shaft drive ..... no', 'Shaft drive ..... yes'],
    ['Shaft drive (no)', 'Shaft drive (maintenance-free)'],
    ['| Shaft drive | none |', '| Shaft drive | yes |'],
    ['Shaft drive – optional', 'Shaft drive – standard'],
    ['Shaft drive; no', 'It has shaft drive; no ABS'],
    ['A shaft drive? No.', 'A shaft drive? Yes.'],
    ['No ABS, modes or shaft drive.', 'No ABS, shaft drive.'],
    ['Sie hat keinen Kardanantrieb.', 'Sie hat Kardanantrieb.'],
    [
      'Kardanantrieb gibt es bei der Maschine nicht.',
      'Der Kardanantrieb ist bei der Maschine auch serienmäßig.',
    ],
    ['Elle n’a pas de transmission par cardan.', 'Elle a une transmission par cardan.'],
    ['No tiene transmisión por cardán.', 'Tiene transmisión por cardán.'],
    ['Manca la trasmissione a cardano.', 'C’è la trasmissione a cardano.'],
  ])('%s', (not, own) => {
    expect(fact(not, 'finalDrive')).toBeUndefined();
    expect(fact(own, 'finalDrive')).toMatchObject({ value: 'shaft' });
  });

  test.each([
    ['It doesn’t have cruise control.', 'no'],
    ['Cruise control is missing.', 'no'],
    ['Cruise control is standard.', 'yes'],
    ['Leider fehlt ein Tempomat.', 'no'],
    ['Tempomat: nein', 'no'],
    ['Pas de régulateur de vitesse.', 'no'],
    ['Non ha il cruise control.', 'no'],
  ])('%s: %s', (said, value) => {
    expect(fact(said, 'cruiseControl')).toMatchObject({ value });
    // What is denied is shown with the words that deny it.
    expect(fact(said, 'cruiseControl')?.words).toMatch(
      value === 'no' ? /n['’]t have|missing|fehlt|Tempomat|Pas de|Non ha/ : /^Cruise control$/,
    );
  });

  test.each([
    'Cruise control: optional',
    'Tempomat: gegen Aufpreis',
    'Tempomat: –',
    'Cruise control is optional.',
    'Cruise control costs extra.',
    'Tempomat gegen Aufpreis.',
  ])('%s: not known', (said) => {
    expect(fact(said, 'cruiseControl')).toBeUndefined();
  });

  test('what is fitted as extras to a machine for sale is on it', () => {
    expect(
      readText(
        'For sale: Tarnel 480, 2021, 8,900 miles, £4,200. Extras: alloy bash plate, tall screen.',
      ).machines.flatMap((m) => m.proposals),
    ).toContainEqual(expect.objectContaining({ key: 'sumpGuard', value: 'alloy' }));
  });
});

describe('another name', () => {
  const tells = (text: string, own: readonly string[]) =>
    standingIn(text, own).map(({ from, to }) => text.slice(from, to));
  test.each([
    ['The Dray 498 weighs 187 kg', ['tarnel', '480'], [' weighs 187 kg']],
    ['The Dray 498 weighs 187 kg, the Tarnel 178', ['tarnel', '480'], [' weighs 187 kg, the ']],
    ['The Dray 498 weighs 187 kg', ['dray', '498'], []],
    // A name without a number, or none at all: nothing to tell it by.
    ['The Dray 498 weighs 187 kg', ['tarnel'], []],
    ['The Dray 498 weighs 187 kg', [], []],
    // A number with a unit is none of a name, nor is a year.
    ['The Seat 830 mm off the ground', ['tarnel', '480'], []],
    ['The Alps 2023 took it out of me', ['tarnel', '480'], []],
    ['The A2 version makes 35 kW', ['tarnel', '480'], []],
  ])('%s (%j)', (text, own, told) => {
    expect(tells(text, own)).toEqual(told);
  });
});
