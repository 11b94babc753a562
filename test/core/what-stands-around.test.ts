import { describe, expect, test } from 'vitest';
import { readText, type MachineRead } from '@/core/spec-text';
import { corpus } from '../corpus/corpus';

// What pages, mails and posts carry around what they tell: ways to go, other adverts, signatures, sums for borrowers, machines that
// somebody had. None of it may become the machine's. Common practice, no source; makers and models are made up.

const said = (m: MachineRead, ticked: boolean): readonly string[] =>
  m.proposals
    .filter((p) => !ticked || p.ticked)
    .map((p) => (p.kind === 'fact' ? `${p.key} ${p.value}` : `${p.key} ${p.amount} ${p.unit}`));
const one = (text: string): MachineRead => {
  const { machines } = readText(text);
  expect(machines).toHaveLength(1);
  return machines[0]!;
};
const nameOf = ({ maker, model }: MachineRead) => `${maker} ${model}`.trim();

/** Above and below, with no clue to another country or currency than the texts have. */
const AROUND: Readonly<Record<string, readonly [string, string]>> = {
  'a page with ways to go and buttons': [
    'Home\nNew bikes\nUsed bikes\nInsurance\nSell your bike\nLog in\n\nHome > Motorcycles > Trail\n\n',
    '\n\nShare this\nReport this ad\nAd number 48213377\nViews 1204\nContact seller',
  ],
  cookies: ['We use cookies. 184 partners store information.\nAccept all\nReject\n\n', ''],
  'other adverts': [
    '',
    '\n\nSimilar ads\nOstvik 500 R, 2019, 196 kg, 865 mm seat, 20 litre tank\nBrunda 650 Trail, 2016, 214 kg, 68 hp',
  ],
  'what others looked at': [
    '',
    '\n\nPeople also viewed (3)\nOstvik 500 R\n196 kg\n47 hp\nBrunda 650 Trail\n214 kg',
  ],
  news: [
    '',
    '\n\nMost read\n1 New Ostvik 500 R has 54 hp\n2 Electric Brunda: 124 kg, 160 km range',
  ],
  rivals: [
    '',
    '\n\nRivals\nOstvik 500 R — 196 kg, 865 mm, 47 hp\nBrunda 650 Trail — 214 kg, 68 hp',
  ],
  'a signature': ['', "\n--\n2014 Brunda 650 | 2009 Ostvik 250 R (sold)\n6'2, 95 kg"],
  'a signature under a rule': [
    '',
    '\n__________________\nGarage: Brunda 650 Trail 2014 (48 hp, 214 kg), Ostvik 250 R 2009\nLocation: North Halden',
  ],
  'bikes below a leave': [
    '',
    '\n\nSent from my phone\n\nBikes: Brunda 650 (2014), Ostvik 250 R (2009)',
  ],
  'chapters of a video': ['0:00 Intro\n1:12 Engine\n4:30 Weight\n8:55 Verdict\n#adventure\n\n', ''],
  'a machine sold': ['I sold my Brunda 650 (214 kg, 68 hp, 17 litre tank) last week.\n\n', ''],
  'a machine once had': ['I used to have a Brunda 650: 214 kg, 68 hp, 17 litre tank.\n\n', ''],
  'what is wanted': ['Looking for 130 kg, 40 hp, 850 mm seat, 6 speed. Until then:\n\n', ''],
  'what would be taken for it': ['', '\n\nWould swap for a bike under 150 kg with 6 speeds.'],
  'who wore what': ['', '\n\nHelmet 1.4 kg, boots size 44, jacket size L.'],
};

const ENGLISH = /\b(?:the|and|is|with|for|seat|weight|tank)\b/gi;
const NAMED = [...corpus('tune'), ...corpus('held')]
  .filter((t) => !['none', 'several'].includes(t.kind) && t.machines.length === 1 && !t.open)
  .filter((t) => (t.text.match(ENGLISH)?.length ?? 0) > 5 && t.text.length > 160)
  .filter((t) => {
    const { machines, gallon } = readText(t.text);
    // Whose gallons they are may be told by what stands around, where the text itself leaves it open.
    const isOpen = gallon === undefined && /gallon|mpg/i.test(t.text);
    return machines.length === 1 && machines[0]?.model !== '' && !isOpen;
  })
  .filter((_, i) => i % 3 === 0);

describe('a text of the corpus with something around it', () => {
  test.each(Object.entries(AROUND))('%s', (_, [above, below]) => {
    expect(NAMED.length).toBeGreaterThan(20);
    let found = 0;
    let kept = 0;
    const amiss: string[] = [];
    for (const { text, name } of NAMED) {
      const plain = one(text);
      const [set, ...others] = readText(above + text + below).machines;
      if (!set || others.length > 0 || nameOf(set) !== nameOf(plain)) amiss.push(name);
      if (!set) continue;
      // Nothing that is around it is taken as its own.
      expect(said(plain, false), name).toEqual(expect.arrayContaining([...said(set, true)]));
      found += plain.proposals.length;
      kept += said(plain, false).filter((p) => said(set, false).includes(p)).length;
    }
    expect(kept / found).toBeGreaterThan(0.93);
    // Its name stays, and it stays one machine: of these texts at most one may fail.
    expect(amiss.length, amiss.join(', ')).toBeLessThanOrEqual(1);
  });
});

const OWN = 'Veltra 440 Trail, 2021\n';
describe('a machine that somebody had, in the languages of riders', () => {
  test.each([
    ['I sold my Brunda 650 with the 17 litre tank. ', 'The tank holds 13 litres.'],
    ['We once had a Brunda 650, 17 litre tank. ', 'We had it serviced. Tank 13 litres.'],
    ['Habe meine Brunda 650 mit 17 Liter Tank verkauft. ', 'Der Tank fasst 13 Liter.'],
    ['Meine Brunda 650, 17 Liter Tank, ist verkauft. ', 'Meine hat 13 Liter Tankinhalt.'],
    ['Ich hatte vorher eine Brunda 650, Tank 17 Liter. ', 'Tank 13 Liter.'],
    ['J’ai vendu ma Brunda 650, réservoir de 17 litres. ', 'Réservoir de 13 litres.'],
    ['J’avais avant une Brunda 650, réservoir de 17 litres. ', 'Réservoir de 13 litres.'],
    ['He vendido mi Brunda 650, depósito de 17 litros. ', 'Depósito de 13 litros.'],
    ['Antes tenía una Brunda 650, depósito de 17 litros. ', 'Depósito de 13 litros.'],
    ['Ho venduto la mia Brunda 650, serbatoio da 17 litri. ', 'Serbatoio da 13 litri.'],
    ['Ik heb mijn Brunda 650 met tank van 17 liter verkocht. ', 'Tankinhoud 13 liter.'],
    ['Ik had vroeger een Brunda 650, tankinhoud 17 liter. ', 'Tankinhoud 13 liter.'],
    ['Jag har sålt min Brunda 650, tank 17 liter. ', 'Tanken rymmer 13 liter.'],
    ['Jeg har solgt min Brunda 650, tank 17 liter. ', 'Tank 13 liter.'],
    ['Vendi a minha Brunda 650, depósito de 17 litros. ', 'Depósito de 13 litros.'],
    ['Sprzedałem moją Brunda 650, zbiornik 17 litrów. ', 'Zbiornik 13 litrów.'],
    ['Prodal jsem svou Brunda 650, nádrž 17 litrů. ', 'Nádrž 13 litrů.'],
    ['Myin vanhan Brunda 650, tankki 17 litraa. ', 'Tankki 13 litraa.'],
  ])('%s', (had, own) => {
    const tanks = (text: string) => said(one(text), false).filter((p) => p.startsWith('tank '));
    expect(tanks(OWN + own)).toEqual(['tank 13 L']);
    expect(tanks(OWN + had + own).filter((t) => t !== 'tank 13 L')).toEqual([]);
    expect(nameOf(one(`${had}\n\n${OWN}${own}`))).toBe('Veltra 440 Trail');
  });

  test.each([
    ['I had a flat at 3,000 km. Tank 13 litres.', 'tank 13 L'],
    ['I had a look at it: the seat height is 860 mm.', 'seatHeight 860 mm'],
    ['Ich hatte eine Panne bei 3.000 km. Tank 13 Liter.', 'tank 13 L'],
    ['J’ai eu une panne à 3 000 km. Réservoir de 13 litres.', 'tank 13 L'],
  ])('none that was: %s', (text, figure) => {
    expect(said(one(OWN + text), true)).toContain(figure);
  });
});

describe('what somebody would take for it', () => {
  test.each([
    ['Would swap it for a lighter one with cruise control.', 'cruiseControl yes'],
    ['Tausche gegen eine mit Tempomat.', 'cruiseControl yes'],
    ['Échange possible contre une moto avec régulateur de vitesse.', 'cruiseControl yes'],
    ['Looking for 130 kg, seat height 850 mm.', 'seatHeight 850 mm'],
    ['The aim is 160 kg, 15 litre tank.', 'tank 15 L'],
    ['Ziel ist 160 kg, Tank 15 Liter.', 'tank 15 L'],
  ])('%s', (wish, thing) => {
    expect(said(one(`${OWN}Kerb weight 181 kg. ${wish}`), false)).not.toContain(thing);
  });
  test.each([
    ['Would swap it for a lighter one. It has cruise control.', 'cruiseControl yes'],
    ['Tausche sie nicht. Tempomat ist dabei.', 'cruiseControl yes'],
    ['The aim was a traveller, and it has a 15 litre tank.', 'tank 15 L'],
    ['Looking for £4,500 with its seat height of 850 mm.', 'seatHeight 850 mm'],
  ])('its own: %s', (own, thing) => {
    expect(said(one(`${OWN}Kerb weight 181 kg. ${own}`), false)).toContain(thing);
  });
});

describe('lists of accessories in an advert', () => {
  const SALE = 'Veltra 440 Trail for sale, 2021, 12,000 miles, £5,900. Tank 14 litres.\n\n';
  test('each with its price are to be had', () => {
    const had = said(one(`${SALE}Accessories\nTall screen £129\nCruise control £189`), false);
    expect(had).not.toContain('screen tall');
    expect(had).not.toContain('cruiseControl yes');
  });
  test('without a price are on it', () => {
    const had = said(one(`${SALE}Accessories\nTall screen\nCruise control`), false);
    expect(had).toContain('cruiseControl yes');
  });
});

describe('what only looks like something around', () => {
  test('the description below the other adverts is read', () => {
    const page = `${OWN}\nSimilar ads\nOstvik 500 R, 196 kg\n\nDescription\nKerb weight 181 kg, tank 13 litres.`;
    expect(said(one(page), true)).toEqual(['mass 181 kg', 'tank 13 L']);
  });
  test('rows below two hyphens are a sheet', () => {
    expect(said(one(`${OWN}Kerb weight: 181 kg\n--\nTank: 13 litres`), true)).toContain(
      'tank 13 L',
    );
  });
  test('whoever weighs what he signs with is told of', () => {
    const post = one(
      'Weighed mine last week, the 440, 202 kg with a full tank.\n--\nVeltra Trail 440 (2022), ex Ostvik 250',
    );
    expect(nameOf(post)).toBe('Veltra Trail 440');
  });
});

describe('a vehicle that is no motorcycle, said in a line of its own', () => {
  const SHEET = 'Halden X4 2019\nGround clearance 290 mm, wheelbase 1420 mm\nDry weight 230 kg\n';
  test.each([
    'Quad with snow plough',
    'Type: snowmobile',
    'Snowmobile track 3500 mm',
    'ATV tyres 25x8-12',
    'Side-by-side, 2 seats',
    'Kategorie: Schneemobil',
    'Fyrhjuling, 2 sittplatser',
  ])('%s', (kind) => {
    expect(readText(SHEET + kind).machines.flatMap((m) => said(m, true))).toEqual([]);
  });
  test.each(['Sold my quad for it', 'Better than a quad', 'Quadlock mount fitted'])(
    'a motorcycle: %s',
    (words) => {
      expect(said(one(SHEET + words), true)).toContain('wheelbase 1420 mm');
    },
  );
});
