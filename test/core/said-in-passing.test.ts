import { describe, expect, test } from 'vitest';
import { readText } from '@/core/spec-text';
import { figures, keysByRule, read } from '../reading';

// Sentences as riders, dealers and magazines say them; common practice, no source. A second text beside each is nearly the same and means something else.

const facts = (text: string): readonly string[] =>
  readText(text).machines.flatMap((m) =>
    m.proposals.flatMap((p) => (p.kind === 'fact' ? [`${p.key} ${p.value}`] : [])),
  );

describe('a low seat named in passing', () => {
  test.each([
    ['Sitzbank 890, mit der niedrigen 860. Tank 16 L.', 860],
    ['Selle à 848 mais il existe une basse à 822. Réservoir 13 litres.', 822],
    ['Sella 848 (826 mm opzionale), serbatoio 13 litri.', 826],
    ["The seat's at 866 mm, though a low one brings it down to 838. Tank 16 L.", 838],
  ])('%s', (text, low) => {
    expect(read(text)).toContain(`seatHeight ${low} mm low-seat`);
    expect(read(text).filter((f) => f.startsWith('seatHeight'))).toHaveLength(2);
  });
  test('one that is higher, or far too low, is no low seat', () => {
    for (const text of [
      'Sella 855 (885 mm opzionale), serbatoio 14 litri.',
      'Sella 855 mm (350 mm opzionale), serbatoio 14 litri.',
    ])
      expect(read(text).join()).not.toContain('low-seat');
  });
});

describe('what work and its intervals cost', () => {
  test.each([
    ['Tank 14 l. Révision tous les 10 000 km, 260 € la dernière.', 'inspectionPrice 260 EUR'],
    ['Tank 14 l. KD alle 7.500, der letzte hat 310 € gekostet.', 'inspectionPrice 310 EUR'],
    ['Przegląd co 10 tys. km, ostatni kosztował 900 zł. Waży 181 kg.', 'inspectionPrice 900 PLN'],
    ['Weight 181 kg. First valve check came out at 420 euros.', 'valvesPrice 420 EUR'],
    [
      'Weight 181 kg. Intervals are 8,000 miles for oil, 24,000 for the valves.',
      'oilInterval 8000 mi',
    ],
    [
      'Weight 181 kg. Intervals are 8,000 miles for oil, 24,000 for the valves.',
      'valveInterval 24000 mi',
    ],
    ['Weight 181 kg. Oil changes every 7,500 km, takes 1.7 with the filter.', 'oilCapacity 1.7 L'],
  ])('%s: %s', (text, figure) => expect(figures(text)).toContain(figure));
  test('a sum for oil is no interval, and a large fill with a filter no oil', () => {
    expect(figures('Weight 181 kg. I paid 60 for oil.').join()).not.toContain('oilInterval');
    expect(figures('Weight 181 kg. Box is 37 with the filter.').join()).not.toContain(
      'oilCapacity',
    );
  });
});

describe('what it weighs, by whom', () => {
  test.each([
    ['On the truck scale at the co-op mine was 176. Tank 13.5 L.', 'mass 176 kg'],
    ["Je l'ai passée sur la bascule : 186. Réservoir 16 litres.", 'mass 186 kg'],
    ['Peso en orden de marcha 206 kg (la marca dice 203).', 'mass 203 kg'],
    ['Tank 16 L. How heavy is it? Well they say 197, I had it at 205.', 'mass 197 kg'],
    ['Tank 16 L. How heavy is it? Well they say 197, I had it at 205.', 'mass 205 kg'],
  ])('%s: %s', (text, figure) => expect(figures(text)).toContain(figure));
  test('a pace that somebody had it at is no weight by any rule', () =>
    expect(keysByRule('Tank 16 L. How fast? I had it at 140 on the motorway.')).not.toContain(
      'mass',
    ));
});

describe('what it uses and how far it goes', () => {
  test.each([
    ['La selle est à 845 mm. Elle boit trois virgule huit.', 'consumption 3.8 L/100km'],
    ['Sella 845 mm, con tre e otto per cento faccio 400 chilometri.', 'consumption 3.8 L/100km'],
    ['Zithoogte 845 mm. Wij reden één op zesentwintig.', 'consumption 26 km/L'],
    ['Weight 326 lb. I get 58 mpg so 130ish before I’m walking.', 'statedRange 130 mi'],
    ['Sitz 845 mm. 13,5er Tank, reicht.', 'tank 13.5 L'],
  ])('%s: %s', (text, figure) => expect(figures(text)).toContain(figure));
  test('a whole percentage is no consumption, and an 18er Schlüssel no tank', () => {
    expect(figures('Sella 845 mm, sconto del 5 per cento.').join()).not.toContain('consumption');
    expect(figures('Sitz 845 mm, dazu ein 18er Schlüssel.').join()).not.toContain('tank');
  });
});

describe('sums', () => {
  test.each([
    ['Got it for $4,800 USD with 41,000 miles on it. Weight 183 kg.', 'price 4800 USD paid'],
    ['Presa usata con 12mila km a 4.200 euro. Sella 855 mm.', 'price 4200 EUR paid'],
    ['Paguei 6.350 €. Banco a 845 mm.', 'price 6350 EUR paid'],
    ['Picked up a leftover for $6,299 OTD. 52 hp, 326 lbs wet.', 'price 6299 USD on-the-road'],
    ['Sitzhöhe 845 mm. Die soll fünftausendvierhundert kosten.', 'price 5400 EUR asked'],
    [
      'Selle à 845 mm. Prix : six mille quatre cent quatre-vingt-dix-neuf euros.',
      'price 6499 EUR list',
    ],
  ])('%s: %s', (text, figure) => expect(read(text)).toContain(figure));
  test('a rack that somebody got for little is not the machine', () =>
    expect(read('Weight 183 kg. Rack was new, got it for $180 USD.').join()).not.toContain(
      'price',
    ));
});

describe('a sum that is said to be open to offers is asked, by that alone', () => {
  const ticked = (text: string) =>
    readText(text).machines.flatMap((m) =>
      m.proposals.flatMap((p) =>
        p.ticked && p.kind === 'figure' ? [`${p.key} ${p.amount} ${p.unit} ${p.basis}`] : [],
      ),
    );
  test.each([
    ['Vendo Cascalho 350 de 2021, 11 200 km. 3 900 € negociável.', 'price 3900 EUR asked'],
    ['Te koop: Corvane 365, 2020, 14.000 km. € 4.350 bieden vanaf.', 'price 4350 EUR asked'],
    ['Sprzedam Corvane 365, 2020, 14 000 km. 18 900 zł do negocjacji.', 'price 18900 PLN asked'],
  ])('%s', (text, price) => expect(ticked(text)).toContain(price));
  test('without those words it is asked about', () =>
    expect(ticked('Vendo Cascalho 350 de 2021, 11 200 km. 3 900 €.')).toEqual([]));
});

describe('Portuguese', () => {
  test.each([
    ['Pesa cento e noventa e seis quilos, banco a 850 mm.', 'mass 196 kg'],
    ['Banco a 850 mm. O depósito leva dezasseis litros e meio.', 'tank 16.5 L'],
    ['Banco a 850 mm. Gasta três vírgula oito aos cem.', 'consumption 3.8 L/100km'],
    ['Banco a 850 mm. Faz quatro e meio aos cem.', 'consumption 4.5 L/100km'],
    ['Banco a 850 mm. Custa seis mil quatrocentos e noventa e nove euros.', 'price 6499 EUR'],
    ['Banco a 850 mm. Distância ao solo 240 mm.', 'clearance 240 mm'],
    ['Banco a 850 mm. Tem cinquenta e dois cavalos.', 'power 52 PS'],
    ['Banco a 850 mm, curso de 220 mm à frente e 210 mm atrás.', 'travelRear 210 mm'],
  ])('%s', (text, figure) => expect(figures(text)).toContain(figure));
});

describe('tyres said in words', () => {
  test.each([
    ['ninety ninety twenty one and a one thirty eighty eighteen', '90/90-21', '130/80-18'],
    ['a one ten eighty nineteen and a one fifty seventy seventeen', '110/80-19', '150/70-17'],
    [
      'one hundred ninety nineteen and one hundred and thirty eighty seventeen',
      '100/90-19',
      '130/80-17',
    ],
    ['one twenty seventy nineteen and one seventy sixty seventeen', '120/70-19', '170/60-17'],
  ])('%s', (words, front, rear) =>
    expect(facts(`It weighs 181 kg. Tyres are a ${words}.`)).toEqual(
      expect.arrayContaining([`tyreFront ${front}`, `tyreRear ${rear}`]),
    ),
  );
  test('a pressure is no size', () =>
    expect(facts('It weighs 181 kg. Tyres at thirty two and thirty six, psi.')).toEqual([]));
});

describe('facts', () => {
  test.each([
    ['Weight 181 kg. Switchable ABS on the back.', 'abs rear-off'],
    ['Peso 181 kg. El ABS de atrás se quita.', 'abs rear-off'],
    ['Gewicht 181 kg, ABS nicht abschaltbar.', 'abs fixed'],
    ['Weight 181 kg. Wheels are 21/18, tubes.', 'wheelType spoked-tubes'],
    ['Weight 181 kg. Chain is still the original 520.', 'chainPitch 520'],
  ])('%s', (text, fact) => expect(facts(text)).toContain(fact));
});

describe('machines told apart by brackets', () => {
  const models = (text: string) =>
    readText(text).machines.map((m) => [
      m.model,
      m.proposals.flatMap((p) => (p.kind === 'figure' ? [`${p.key} ${p.amount}`] : [])),
    ]);
  test('by name and number, by number alone', () => {
    expect(
      models('Torn between the Corvane 365 (41 hp, 166 kg) and the Lundra 615 (61 hp, 203 kg).'),
    ).toEqual([
      ['Corvane 365', ['power 41', 'mass 166']],
      ['Lundra 615', ['power 61', 'mass 203']],
    ]);
    expect(
      models("J'hésite entre la 380 (37 ch, 166 kg) et la 530 (51 ch, 194 kg avec le plein)."),
    ).toEqual([
      ['380', ['power 37', 'mass 166']],
      ['530', ['power 51', 'mass 194']],
    ]);
  });
  test('figures in brackets behind a figure stay with their machine', () =>
    expect(
      models('Seat 870 (850 low, 890 high), weight 208 (198 dry, 215 loaded) kg, tank 18 L.'),
    ).toHaveLength(1));
});
