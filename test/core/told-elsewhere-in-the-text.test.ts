import { describe, expect, test } from 'vitest';
import { readText, type Proposal } from '@/core/spec-text';
import { SALE } from '../reading';

// What another sentence, another number or the words as a whole leave open. Read by hand; common usage, no source.

const all = (text: string): readonly Proposal[] =>
  readText(text).machines.flatMap((m) => m.proposals);
const ticked = (text: string): readonly string[] =>
  all(text).flatMap((p) =>
    p.ticked && p.key !== 'price'
      ? [`${p.key} ${p.kind === 'figure' ? String(p.amount) : p.value}`]
      : [],
  );
/** What waits for a look, and the words that it waits for. */
const waits = (text: string): readonly string[] =>
  all(text).flatMap((p) =>
    p.doubts.flatMap((d) =>
      d.code === 'may-be-changed' || d.code === 'another-beside' ? [`${p.key} ${d.words}`] : [],
    ),
  );

const SEAT: Readonly<Record<string, string>> = {
  en: 'Seat height 820 mm.',
  de: 'Sitzhöhe 820 mm.',
  fr: 'Hauteur de selle 820 mm.',
  es: 'Altura de asiento 820 mm.',
  it: 'Altezza sella 820 mm.',
  nl: 'Zithoogte 820 mm.',
  sv: 'Sitthöjd 820 mm.',
  nb: 'Setehøyde 820 mm.',
  da: 'Sædehøjde 820 mm.',
  pt: 'Altura do banco 820 mm.',
  pl: 'Wysokość siedzenia 820 mm.',
  cs: 'Výška sedla 820 mm.',
  fi: 'Istuinkorkeus 820 mm.',
};

describe('lowered, as one sentence says: the heights of the others wait', () => {
  test.each([
    ['en', 'It has been lowered.', 'It can be lowered.'],
    ['en', 'Lowering link fitted.', 'Lowering links are available.'],
    ['de', 'Wurde tiefergelegt.', 'Kann tiefergelegt werden.'],
    ['fr', 'Moto rabaissée.', 'Elle peut être rabaissée.'],
    ['es', 'Está rebajada.', 'Se puede rebajar, nunca rebajada.'],
    ['it', 'Sospensioni ribassate.', 'Mai ribassata.'],
    ['nl', 'Hij is verlaagd.', 'De prijs is verlaagd.'],
    ['sv', 'Den är sänkt.', 'Priset är sänkt, pris efter besiktning.'],
    ['nb', 'Den er senket.', 'Pris senket.'],
    ['da', 'Den er sænket.', 'Prisen er sænket.'],
    ['pt', 'Está rebaixada.', 'Preço rebaixado.'],
    ['pl', 'Motocykl obniżony.', 'Cena obniżona.'],
    ['cs', 'Motorka je snížená.', 'Cena snížená.'],
    ['fi', 'Pyörä on madallettu.', 'Ei ole madallettu.'],
  ])('%s: %s', (language, said, twin) => {
    const [sale, seat] = [SALE[language] ?? '', SEAT[language] ?? ''];
    expect(ticked(`${sale} ${said} ${seat}`)).not.toContain('seatHeight 820');
    expect(all(`${sale} ${said} ${seat}`).map((p) => p.key)).toContain('seatHeight');
    expect(ticked(`${sale} ${twin} ${seat}`)).toContain('seatHeight 820');
    expect(ticked(`${sale} ${seat}`)).toContain('seatHeight 820');
  });
  test.each([
    'Weight has been lowered by 4 kg.',
    'Pegs lowered 20 mm.',
    'Price lowered for a quick sale.',
    'Never been lowered.',
  ])('%s: nothing of the seat', (said) =>
    expect(ticked(`${SALE.en} ${said} ${SEAT.en}`)).toContain('seatHeight 820'),
  );
  test('the stock height is the stock height', () =>
    expect(ticked(`${SALE.en} It has been lowered. Stock seat height is 860 mm.`)).toContain(
      'seatHeight 860',
    ));
  test('the words stand beside it', () =>
    expect(waits(`${SALE.en} It has been lowered. ${SEAT.en}`)).toEqual(['seatHeight lowered']));
  test('of a machine told as lowered the clearance waits as well, its power does not', () =>
    expect(
      ticked(`${SALE.en} It has been lowered. Ground clearance 210 mm. Max power: 44 hp.`),
    ).toEqual(['power 44']));
});

describe('what goes along with a figure that was changed', () => {
  test('a range with another tank', () => {
    expect(ticked('My Vastel 580. It has a bigger tank. Range is 420 km.')).toEqual([]);
    expect(ticked('My Vastel 580. It has a screen. Range is 420 km.')).toEqual(['statedRange 420']);
  });
  test('a range beside a tank that is told as changed', () => {
    const text = (tank: string) => `${SALE.en} ${tank} Range is 420 km.`;
    expect(ticked(text('A 22 litre tank is fitted.'))).toEqual([]);
    expect(ticked(text('The tank holds 16 litres.'))).toEqual(['tank 16', 'statedRange 420']);
  });
});

describe('a number that might be it as well, and nothing says what it is', () => {
  test.each([
    ['Tank 22 litres on its sticker, 17 on mine.', 'tank 17'],
    ['Clearance 260 mm, hm, 238 with the tape.', 'clearance 238'],
  ])('%s', (text, beside) => {
    expect(ticked(`Vastel 580. ${text}`)).toEqual([]);
    expect(waits(`Vastel 580. ${text}`)).toEqual([beside]);
  });
  test.each([
    ['Seat height: 850/870 mm', 'seatHeight 850'],
    ['The seat is 850 mm high, 815 mm with the low seat.', 'seatHeight 850'],
    ['Weight 178 kg dry, 194 kg fully fuelled.', 'mass 178'],
    ['Travel 220 mm front, 210 mm rear.', 'travelFront 220'],
    ['Averaged 4.1 l/100 km, worst 5.3.', 'consumption 4.1'],
    ['La potenza passa da 53 a 58 kW.', 'power 58'],
    ['Vastel 580 S: seat 850 mm.', 'seatHeight 850'],
    ['Stock tank is 16 litres, 24 now.', 'tank 16'],
  ])('%s: told apart', (text, wanted) => expect(ticked(text)).toContain(wanted));
  test('far from it: another thing', () =>
    expect(ticked('Vastel 580. Seat height 850 mm, screen 400 mm.')).toContain('seatHeight 850'));
  test.each([
    ['1.5 of it', 'Tank 16 litres, 24 somewhere.', []],
    ['1.7 of it', 'Tank 16 litres, 27 somewhere.', ['tank 16']],
  ])('%s', (_, text, wanted) => expect(ticked(`Vastel 580. ${text}`)).toEqual(wanted));
});

describe('somebody looks for a machine: what he asks of it is nobody’s', () => {
  test.each([
    'Compro moto trail A2, máximo 4.000 €, asiento por debajo de 83 cm. Depósito de 15 litros o más.',
    'Suche Reiseenduro bis 5.000 €. Sitzhöhe 830 mm. Tank 18 Liter.',
    'Cherche trail, moins de 6 000 €. Hauteur de selle 830 mm. Réservoir 18 litres.',
    'Cerco enduro, max 4.000 €. Altezza sella 850 mm. Serbatoio 15 litri.',
    'Wanted: trail machine, up to £4,000. Seat height 830 mm. Tank 16 litres.',
    'Gezocht: allroad tot € 6.000. Zithoogte 830 mm. Tankinhoud 18 liter.',
    'Kupię motocykl do 20 000 zł, poniżej 30 tys. km. Wysokość siedzenia 830 mm. Zbiornik 16 l.',
    'Köpes: äventyrshoj, max 60 000 kr. Sitthöjd 830 mm. Tank 16 liter.',
  ])('%s', (text) => expect(ticked(text)).toEqual([]));
  test.each([
    ['Looking for advice on my Vastel 580, max 44 hp. Seat height 850 mm.', 'seatHeight 850'],
    ['Suche Erfahrungen zur Vastel 580 bis Tempo 120. Sitzhöhe 850 mm.', 'seatHeight 850'],
    ['Vendo Vastel 580, máximo 4.000 €. Altura de asiento 850 mm.', 'seatHeight 850'],
  ])('%s: of a machine', (text, wanted) => expect(ticked(text)).toContain(wanted));
});

describe('two that were looked at in one text', () => {
  const FIRST = 'First one: seat height 830 mm, tank 12 litres.';
  test.each([
    'The other one was the Vastel 580.',
    'Die andere war die Vastel 580.',
    'L’autre était la Vastel 580.',
    'La otra era la Vastel 580.',
    'L’altra era la Vastel 580.',
    'De andere was de Vastel 580.',
  ])('%s What was told before is not its', (turn) => {
    expect(ticked(`${FIRST}\n${turn} Tank 16 litres.`)).toEqual(['tank 16']);
  });
  test('without that turn it is', () =>
    expect(ticked(`${FIRST}\nIt was the Vastel 580.`)).toContain('tank 12'));
});

describe('what a pipe or a map gave', () => {
  test.each([
    'It makes 65 hp after the pipe.',
    'Power is 65 hp with the full system.',
    'Leistung 65 PS mit Auspuff und Abstimmung.',
    'Puissance 65 ch avec la ligne complète.',
    'Potenza 65 CV con lo scarico.',
  ])('%s', (text) => expect(ticked(`Vastel 580. ${text}`)).toEqual([]));
  test.each(['It makes 65 hp with ease.', 'Leistung 65 PS mit Katalysator.'])(
    '%s: as it came',
    (text) => expect(ticked(`Vastel 580. ${text}`)).toEqual(['power 65']),
  );
});

describe('a range of use and what it comes to', () => {
  test.each([
    ['Economy has been between 68 and 75 mpg depending on the road, 70 overall.', 70],
    ['Verbrauch zwischen 3,9 und 4,9 l/100 km je nach Strecke, 4,2 im Schnitt.', 4.2],
  ])('%s', (text, amount) =>
    expect(
      all(`Vastel 580. ${text}`).map((p) => (p.kind === 'figure' ? p.amount : p.value)),
    ).toEqual([amount]),
  );
  test('a new sentence tells of something else', () =>
    expect(
      all('Vastel 580. Economy is between 68 and 75 mpg. 70 overall guests came.').map((p) =>
        p.kind === 'figure' ? p.amount : p.value,
      ),
    ).toContain(71.5));
});

test('a year before a name in small letters', () =>
  expect(
    readText('wts 2021 brakenfell 450, 5100km, rego till aug. 955mm seat').machines[0],
  ).toMatchObject({ model: 'Brakenfell 450', year: 2021 }));

describe('a seat that is praised as low is the seat as it comes', () => {
  test.each([
    ['Low seat height of 795 mm.', ['standard-seat']],
    ['Dank der niedrigen Sitzhöhe von 795 mm ideal.', ['standard-seat']],
    // Beside another it is the lower of two, and a low seat is a low seat.
    ['Niedrige Sitzhöhe: 795 mm, Sitzhöhe 825 mm.', ['low-seat', 'standard-seat']],
    ['With the low seat 795 mm.', ['low-seat']],
  ])('%s', (text, wanted) =>
    expect(
      all(`Vastel 580. ${text}`).flatMap((p) => (p.kind === 'figure' ? [p.basis] : [])),
    ).toEqual(wanted),
  );
});

describe('a label, then the machine that its number is of', () => {
  test('another’s', () =>
    expect(all('Vastel 580 in numbers\nLowest seat: Brunda 400, 795 mm')).toEqual([]));
  test('its own', () =>
    expect(all('Vastel 580 in numbers\nLowest seat: Vastel 580, 795 mm').map((p) => p.key)).toEqual(
      ['seatHeight'],
    ));
});

test.each([
  [
    'Les suspensions offrent 210 mm de débattement à l’avant et 200 mm à l’arrière.',
    ['travelFront 210', 'travelRear 200'],
  ],
  ['Front axle max. 150 kg, rear axle max. 255 kg', ['axleLimitFront 150', 'axleLimitRear 255']],
  ['Tyres: axle 1: 110/80 R 19', ['tyreFront 110/80 R 19']],
  ['Tyres: axle 2: 110/80 R 19', ['tyreRear 110/80 R 19']],
  ['14-litrowy zbiornik', ['tank 14']],
  ['14litrová nádrž', ['tank 14']],
  ['14 litran tankki', ['tank 14']],
])('%s', (text, wanted) => expect(ticked(`Vastel 580. ${text}`)).toEqual(wanted));

describe('numbers that no machine has', () => {
  test.each([
    'Highest pass 9,350 ft, used 0.3 l of oil.',
    'Griffheizung kostet 290 extra.',
    'Climbed 4,200 feet on oil and hope.',
  ])('%s', (text) =>
    expect(all(`Vastel 580. ${text}`).filter((p) => p.kind === 'figure' && p.amount > 1)).toEqual(
      [],
    ),
  );
  test('foot-pounds are a torque', () =>
    expect(ticked('Vastel 580. Max torque 44 ft-lb.')).toEqual(['torque 44']));
});

test('the one that was sold does not name what the next sentence tells of', () =>
  expect(
    readText('I sold my Brunda 650 last week.\n\nThe Harven holds 19 litres.').machines[0]?.model,
  ).toBe('Harven'));

test.each([
  ['Kostar 79 900 och väger 171 kg.', 'SEK'],
  ['Koster 79 900, kjørt av meg.', 'NOK'],
  ['Koster 79.900, kørt af mig.', 'DKK'],
  ['Motocykl kosztuje 29 900 i jest lekki, nowy się podoba.', 'PLN'],
])('whose money, by the words around it: %s', (text, money) =>
  expect(
    all(`Vastel 580. ${text}`).flatMap((p) =>
      p.kind === 'figure' && p.key === 'price' ? [p.unit] : [],
    ),
  ).toEqual([money]),
);

test('few kilometres are kilometres', () =>
  expect(
    readText('For sale by owner: 2020 Vastel 580, low km (3,900). Asking 4,300 GBP.').machines[0]
      ?.sale?.odometer,
  ).toEqual({ amount: 3900, unit: 'km' }));

describe('a name, and not the words before it', () => {
  test.each([
    'Kaufvertrag: Motorrad Typ Dallow Breaker 500, Kilometerstand 7.912, 5.000 EUR, 196 kg.',
    'Specyfikacja Dallow Breaker 500: moc 35 kW, zbiornik 17 l.',
    'Ajoin Dallow Breaker 500:lla viikonlopun. Tankki 17 l.',
    'Long-term Dallow Breaker 500, final report. It has a 17 l tank.',
  ])('%s', (text) =>
    expect(readText(text).machines[0]).toMatchObject({ maker: 'Dallow', model: 'Breaker 500' }),
  );
});

describe('a title with dashes between its parts', () => {
  const clock = (title: string) =>
    readText(`${title}. Clean title. It is for sale since April.`).machines[0]?.sale?.odometer;
  test('what it is called and what it has run', () =>
    expect(clock('2022 Ostrik 700 – 5,900 mi – $7,450')).toEqual({ amount: 5900, unit: 'mi' }));
  // No range ends at more than four times what it begins at; own assumption.
  test.each([
    ['Range 100 – 400 km', 250],
    ['Range 100 – 401 km', undefined],
  ])('%s', (text, middle) =>
    expect(
      all(`Vastel 580. ${text}`).flatMap((p) => (p.kind === 'figure' ? [p.amount] : [])),
    ).toEqual(middle === undefined ? expect.not.arrayContaining([250.5]) : [middle]),
  );
});

test('what a Swiss seller asks', () =>
  expect(
    all("Verkaufe Sarnhof Alptour 600, Jg. 2021, 18'400 km, ab MFK. VP 6'900 Fr.").flatMap((p) =>
      p.kind === 'figure' && p.key === 'price' ? [[p.amount, p.unit, p.basis, p.ticked]] : [],
    ),
  ).toEqual([[6900, 'CHF', 'asked', true]]));

describe('a low seat alone in a text may be the only one it has', () => {
  test.each(['Selle basse à 810 mm.', 'Sella bassa a 810 mm.', 'Asiento bajo, 810 mm.'])(
    '%s',
    (text) => {
      expect(all(`Vastel 580. ${text}`).map((p) => p.key)).toEqual(['seatHeight']);
      expect(ticked(`Vastel 580. ${text}`)).toEqual([]);
    },
  );
  test('beside another it is the lower of two', () =>
    expect(ticked('Vastel 580. Selle 850 mm, selle basse 810 mm.')).toEqual([
      'seatHeight 850',
      'seatHeight 810',
    ]));
});

test('a tank that somebody made at home is not the one it came with', () => {
  expect(ticked('Vastel 580. It has a home made 14 litre tank.')).toEqual([]);
  expect(ticked('Vastel 580. It has a 14 litre tank.')).toEqual(['tank 14']);
});
