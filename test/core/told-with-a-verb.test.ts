import { describe, expect, test } from 'vitest';
import { readText } from '@/core/spec-text';
import { figures, keysByRule, read } from '../reading';

// Sentences as riders and sellers say them in six languages; common practice, no source. Beside each the limit from the other side.

describe('what it uses', () => {
  test.each([
    ['Verbruik? Hij zuipt 5,2. Zadelhoogte 860 mm, rijklaar 187 kg.', 'consumption 5.2 L/100km'],
    ['En ville elle consomme à peine 3,9. Selle 850 mm, 187 kg.', 'consumption 3.9 L/100km'],
    ['En autopista me hace 4,8 y voy cargado. Asiento 850 mm, 187 kg.', 'consumption 4.8 L/100km'],
    ['In montagna fa 3,9, in pianura di più. Sella 850 mm, 187 kg.', 'consumption 3.9 L/100km'],
    [
      'Elle boit 4,1 sur route, 4,7 sur autoroute. Selle 850 mm, 187 kg.',
      'consumption 4.7 L/100km',
    ],
  ])('%s: %s', (text, figure) => expect(figures(text)).toContain(figure));
  test('a whole number that somebody makes, or a large one, is none by any rule', () => {
    expect(keysByRule('En autopista me hace 4 veces. Asiento 850 mm, 187 kg.')).not.toContain(
      'consumption',
    );
    expect(keysByRule('Hij zuipt 13,5. Zadelhoogte 850 mm, 187 kg.')).not.toContain('consumption');
    expect(keysByRule('Hij zuipt 12,5. Zadelhoogte 850 mm, 187 kg.')).toContain('consumption');
  });
});

describe('what goes into the tank', () => {
  test.each([
    'Zadelhoogte 850 mm. Er gaat 18,5 liter in.',
    'Sella 850 mm. Ci stanno 18,5 litri.',
    'Sitzhöhe 850 mm. Da passen 18,5 Liter rein.',
    'Selle 850 mm. Elle contient 18,5 litres.',
  ])('%s', (text) => expect(figures(text)).toContain('tank 18.5 L'));
  test('what goes into the cases, or less than any tank, is none by any rule', () => {
    for (const text of [
      'Zadelhoogte 850 mm. In de koffers samen, er gaat 35 liter in.',
      'Zadelhoogte 850 mm. Er gaat 5,5 liter in.',
    ])
      expect(keysByRule(text)).not.toContain('tank');
    expect(keysByRule('Zadelhoogte 850 mm. Er gaat 6 liter in.')).toContain('tank');
  });
});

describe('what is asked and paid', () => {
  test.each([
    ['Me piden 5.400 por una de 2021. Asiento 850 mm, 187 kg.', 'price 5400 EUR asked'],
    ['Il en demande 5 400. Selle 850 mm, 187 kg.', 'price 5400 EUR asked'],
    ['Ne chiedono 5.400. Sella 850 mm, 187 kg.', 'price 5400 EUR asked'],
    ['Der Händler will 5.400 dafür. Sitzhöhe 850 mm, 187 kg.', 'price 5400 EUR asked'],
    ["J'ai payé 7 290 neuve. Selle 850 mm, 187 kg.", 'price 7290 EUR paid'],
    ['Me costó 5.800 nueva. Asiento 850 mm, 187 kg.', 'price 5800 EUR paid'],
    ['Ik heb er 8.400 euro voor betaald. Zadelhoogte 850 mm, 187 kg.', 'price 8400 EUR paid'],
    [
      'Neupreis war 9.290 Euro, ich hab 8.400 für die zwei Jahre alte gezahlt. Sitzhöhe 850 mm, 187 kg.',
      'price 8400 EUR paid',
    ],
    ['Ich hab 8.400 dafür bezahlt. Sitzhöhe 850 mm, 187 kg.', 'price 8400 EUR paid'],
    [
      'Hij staat bij de dealer voor 6.650 euro rijklaar. Zadelhoogte 850 mm.',
      'price 6650 EUR on-the-road',
    ],
    ['Me la deja en 5.490 € matriculada. Asiento 850 mm.', 'price 5490 EUR on-the-road'],
    ['La danno a 5.490 € chiavi in mano. Sella 850 mm.', 'price 5490 EUR on-the-road'],
    ['Händler will 6.890 plus 390 Nebenkosten. Sitzhöhe 850 mm, 187 kg.', 'price 6890 EUR list'],
  ])('%s: %s', (text, price) => expect(read(text)).toContain(price));
  test('a small sum is work or a part', () => {
    for (const text of [
      'Me piden 1.400 por las maletas. Asiento 850 mm, 187 kg.',
      "J'ai payé 290 la révision. Selle 850 mm, 187 kg.",
    ])
      expect(read(text).join()).not.toMatch(/price \d+ EUR (?:asked|paid)/);
  });
});

describe('what work costs', () => {
  test.each([
    ['La revisión es cada 12.000 y me cobraron 210 €. Asiento 850 mm.', 'inspectionPrice 210 EUR'],
    [
      'Révision faite chez le concessionnaire (facture 265 €). Selle 850 mm.',
      'inspectionPrice 265 EUR',
    ],
    ['Revisiones cada 10.000, la última 195 euros. Asiento 850 mm.', 'inspectionPrice 195 EUR'],
    [
      'Valves at 24,000 km were 485, and I paid 5,990 € for it. Seat 850 mm.',
      'valvesPrice 485 EUR',
    ],
    ['De kleine beurt kost 170 euro. Zadelhoogte 850 mm, 187 kg.', 'inspectionPrice 170 EUR'],
    ['Oil and filter every 6,000 km, 45 euros at home. Seat 850 mm, 187 kg.', 'oilPrice 45 EUR'],
  ])('%s: %s', (text, figure) => expect(figures(text)).toContain(figure));
  test('the first of all is no usual one', () =>
    expect(
      figures('First service is at 600 miles and he said 350 euros. Seat 850 mm, 187 kg.').join(),
    ).not.toContain('inspectionPrice'));
});

describe('how far it goes', () => {
  test.each([
    ['Con los 14,6 litros llego a 300 sin apurar. Asiento 850 mm.', 'statedRange 300 km'],
    ["Avec 15 litres je m'arrête tous les 330. Selle 850 mm, 187 kg.", 'statedRange 330 km'],
    ['The tank is 20 litres so I fill up every 400 km. Seat 850 mm.', 'statedRange 400 km'],
  ])('%s: %s', (text, figure) => expect(figures(text)).toContain(figure));
  test('where no fuel is spoken of it is a day or a way', () =>
    expect(keysByRule('Llego a 300 amigos. Asiento 850 mm, 187 kg.')).not.toContain('statedRange'));
});

describe('wheels and ends', () => {
  test.each([
    ["It's a 19 up front now. Seat 850 mm, 187 kg.", 'wheelFront 19 in'],
    ['Vorne 21 Zoll und hinten 18. Sitzhöhe 850 mm, 187 kg.', 'wheelRear 18 in'],
    ['Vorne 21 Zoll und hinten achtzehn. Sitzhöhe 850 mm, 187 kg.', 'wheelRear 18 in'],
    ["Up front there's 220 mm of travel. Out back it's 210. Seat 850 mm.", 'travelRear 210 mm'],
    ['Federweg 190 an beiden Enden. Sitzhöhe 850 mm, 187 kg.', 'travelRear 190 mm'],
    ['615cc / 57hp / 58Nm / 214 gc / 205-200 travel / 199 kg wet / 17.4L', 'travelRear 200 mm'],
    ['615cc / 57hp / 58Nm / 214 gc / 205-200 travel / 199 kg wet / 17.4L', 'clearance 214 mm'],
  ])('%s: %s', (text, figure) => expect(figures(text)).toContain(figure));
  test('fourteen up front are teeth, and a rim is no travel', () => {
    expect(keysByRule('I run a 14 up front. Seat 850 mm, 187 kg.')).not.toContain('wheelFront');
    expect(keysByRule('Vorne 21 Zoll Federweg. Sitzhöhe 850 mm.')).not.toContain('wheelFront');
  });
});

describe('hedges in any language', () => {
  test.each([
    ['Elle consomme environ 3,9. Selle 850 mm, 187 kg.', 'consumption 3.9 L/100km'],
    ['Elle consomme à peu près 3,9. Selle 850 mm, 187 kg.', 'consumption 3.9 L/100km'],
    ['Verbraucht so um die 3,9. Sitzhöhe 850 mm, 187 kg.', 'consumption 3.9 L/100km'],
    ["Hij verbruikt zo'n 3,9. Zadelhoogte 850 mm, rijklaar 187 kg.", 'consumption 3.9 L/100km'],
  ])('%s: %s', (text, figure) => expect(figures(text)).toContain(figure));
});

describe('machines told in turn', () => {
  const inTurn = (text: string) =>
    readText(text).machines.map((m) =>
      m.proposals.flatMap((p) => (p.kind === 'figure' ? [`${p.key} ${p.amount} ${p.unit}`] : [])),
    );
  test('each by its name at the head of a sentence', () => {
    const [first, second] = inTurn(
      'Ik twijfel. De Vadrun heeft 52 pk en weegt rijklaar 187 kilo. De Stavnik 430 is lichter (162 kg) maar heeft maar 38 pk en een tank van 11 liter.',
    );
    expect(first).toEqual(expect.arrayContaining(['power 52 PS', 'mass 187 kg']));
    expect(first?.join()).not.toContain('tank');
    expect(second).toEqual(expect.arrayContaining(['power 38 PS', 'mass 162 kg', 'tank 11 L']));
  });
  test('sentences about parts, or that tell of other things, are of one', () => {
    for (const text of [
      'The Seat is 850 mm and hard, 187 kg. The Tank is 15 litres, 52 hp.',
      'The Vadrun has 52 hp and weighs 187 kg. The Dealer has one in red for 6,200 euros.',
    ])
      expect(inTurn(text)).toHaveLength(1);
  });
});

describe('in a text from the States, with a verb', () => {
  const AT_HOME =
    'So this is the Lunet 570. MSRP talk later, tires are good, gas mileage matters. ';
  test.each([
    ['You are pushing four hundred and twelve pounds around.', 'mass 412 lb'],
    ['On our scales it was four twelve pounds full of fuel.', 'mass 412 lb ready'],
    ['It takes three point six gallons to fill.', 'tank 3.6 gal-us'],
    ['You sit thirty four inches off the ground.', 'seatHeight 34 in'],
    ['You get 200 miles between fill ups.', 'statedRange 200 mi'],
    ['They go for seven and a half grand new.', 'price 7500 USD list'],
    ['You can have one for $7,499.', 'price 7499 USD list'],
  ])('%s', (said, wanted) => {
    expect(read(AT_HOME + said).join('; ')).toContain(wanted);
    expect(read(AT_HOME + said)).toHaveLength(1);
  });
  test('used, they still go for what used ones go for', () =>
    expect(read(`${AT_HOME}They go for $5,200 used.`).join()).not.toContain('list'));
  test('in Britain pounds may be money', () =>
    expect(read('Lunet 570, tyres good, MOT till May. It costs 6,499 pounds.').join()).toContain(
      'price 6499 GBP',
    ));
});

describe('numbers in words that stand alone in their sentence, and what costs and holds', () => {
  const OF_IT = 'Aujourd’hui on parle de la Lunet 570, une belle moto. ';
  test.each([
    ['Révision tous les dix mille kilomètres.', 'serviceInterval 10000 km'],
    ['Revisión cada diez mil kilómetros.', 'serviceInterval 10000 km'],
    ['Un depósito de trece litros y medio.', 'tank 13.5 L'],
    ['Il serbatoio è da tredici litri e mezzo.', 'tank 13.5 L'],
    ['Dazu 44 Newtonmeter Drehmoment.', 'torque 44 Nm'],
    ['Man sitzt auf 865 mm.', 'seatHeight 865 mm'],
    ['Ab 7.499 Euro ist sie zu haben.', 'price 7499 EUR'],
    ['Il faut compter 7 499 euros.', 'price 7499 EUR'],
    ['Parte da 7.499 euro.', 'price 7499 EUR'],
    ['Porta 14 litri di benzina.', 'tank 14 L'],
  ])('%s', (said, wanted) => expect(figures(OF_IT + said)).toEqual([wanted]));
  test('what went in at a stop is no tank', () =>
    expect(figures(`${OF_IT}Le metí 9 litros de gasolina y seguí.`)).toEqual([]));
});
