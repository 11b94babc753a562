import { describe, expect, test } from 'vitest';
import { readText } from '@/core/spec-text';
import { SALE } from '../reading';

// What riders write of machines that they changed, have beside another, or only did something to. Read by hand; common usage, no source.

const ticked = (text: string): readonly string[] =>
  readText(text).machines.flatMap((m) =>
    m.proposals.flatMap((p) =>
      p.ticked && p.key !== 'price'
        ? [`${p.key} ${p.kind === 'figure' ? String(p.amount) : p.value}`]
        : [],
    ),
  );
const named = (text: string): readonly string[] =>
  readText(text).machines.map((m) => `${m.maker} ${m.model}`.trim());

describe('in an advert what a machine has now, became or had fitted waits for a look', () => {
  test.each([
    ['en', 'The seat is now at 835 mm.', 'The seat is at 835 mm.', 'seatHeight 835'],
    ['en', 'Clearance is down to 210 mm.', 'Clearance is 210 mm.', 'clearance 210'],
    ['en', 'A 22 litre tank is fitted.', 'The tank holds 22 litres.', 'tank 22'],
    ['de', 'Sitzhöhe jetzt 835 mm.', 'Sitzhöhe 835 mm.', 'seatHeight 835'],
    ['de', 'Federweg auf 230 mm verlängert.', 'Federweg 230 mm.', 'travelFront 230'],
    ['de', 'Großer Tank mit 22 Liter montiert.', 'Tank mit 22 Liter.', 'tank 22'],
    ['de', 'Leistung nach Abstimmung 72 PS.', 'Leistung 72 PS.', 'power 72'],
    ['fr', 'La selle est maintenant à 835 mm.', 'La selle est à 835 mm.', 'seatHeight 835'],
    ['fr', 'Équipée du réservoir 22 litres.', 'Réservoir 22 litres.', 'tank 22'],
    ['fr', 'Puissance portée à 72 ch.', 'Puissance 72 ch.', 'power 72'],
    ['es', 'El asiento está ahora a 835 mm.', 'El asiento está a 835 mm.', 'seatHeight 835'],
    ['es', 'Lleva depósito de 22 litros.', 'Depósito de 22 litros.', 'tank 22'],
    ['it', 'La sella ora è a 835 mm.', 'La sella è a 835 mm.', 'seatHeight 835'],
    ['it', 'Montato serbatoio da 22 litri.', 'Serbatoio da 22 litri.', 'tank 22'],
    ['nl', 'Zithoogte nu 835 mm.', 'Zithoogte 835 mm.', 'seatHeight 835'],
    ['nl', 'Tank van 22 liter gemonteerd.', 'Tank van 22 liter.', 'tank 22'],
    ['sv', 'Sitthöjden är nu 835 mm.', 'Sitthöjden är 835 mm.', 'seatHeight 835'],
    ['sv', 'Monterad tank 22 liter.', 'Tank 22 liter.', 'tank 22'],
    ['nb', 'Setehøyde nå 835 mm.', 'Setehøyde 835 mm.', 'seatHeight 835'],
    ['nb', 'Montert tank 22 liter.', 'Tank 22 liter.', 'tank 22'],
    ['da', 'Sædehøjde nu 835 mm.', 'Sædehøjde 835 mm.', 'seatHeight 835'],
    ['pt', 'Altura do banco agora 835 mm.', 'Altura do banco 835 mm.', 'seatHeight 835'],
    ['pt', 'Depósito grande de 22 litros.', 'Depósito de 22 litros.', 'tank 22'],
    ['pt', 'Depósito de 22 litros montado.', 'Depósito de 22 litros.', 'tank 22'],
    ['pl', 'Wysokość siedzenia teraz 835 mm.', 'Wysokość siedzenia 835 mm.', 'seatHeight 835'],
    ['pl', 'Zamontowany zbiornik 22 l.', 'Zbiornik 22 l.', 'tank 22'],
    ['cs', 'Výška sedla nyní 835 mm.', 'Výška sedla 835 mm.', 'seatHeight 835'],
    ['cs', 'Namontovaná nádrž 22 l.', 'Nádrž 22 l.', 'tank 22'],
    ['fi', 'Istuinkorkeus nyt 835 mm.', 'Istuinkorkeus 835 mm.', 'seatHeight 835'],
    ['fi', 'Asennettu tankki 22 l.', 'Tankki 22 l.', 'tank 22'],
  ])('%s: %s', (language, changed, plain, figure) => {
    expect(ticked(`${SALE[language]} ${changed}`)).not.toContain(figure);
    expect(ticked(`${SALE[language]} ${plain}`)).toContain(figure);
  });
  test.each([
    ['The new model now weighs 199 kg ready to ride, seat height 835 mm.', 'mass 199'],
    ['Vastel 580, model year 2026: seat height is down to 835 mm.', 'seatHeight 835'],
  ])('but what a maker made of the next model is its own: %s', (text, figure) =>
    expect(ticked(text)).toContain(figure),
  );
  test('what stood there before is taken where it is named', () => {
    const text = `${SALE['de']} Der 22-Liter-Tank ist verbaut, der originale mit 16 Litern liegt bei.`;
    expect(ticked(text)).not.toContain('tank 22');
    expect(ticked('Front sprocket 15T (16 stock). Seat height 850 mm.')).toContain(
      'sprocketFront 16',
    );
    expect(
      ticked('I replaced the stock 15 tooth sprocket with a 14. Seat height 850 mm.'),
    ).not.toContain('sprocketFront 14');
  });
});

describe('of a machine that somebody has and one that he looks at the text is about the second', () => {
  test.each([
    ["My daily is a Brunda 650, but I've been eyeing the Vastel 580. Seat height 850 mm."],
    ['Thinking of trading my Brunda 650 for a Vastel 580. Seat height 850 mm.'],
    ['I ride a Brunda 650 and am considering a Vastel 580. Seat height 850 mm.'],
    ["Bikes I've owned: Brunda 650 (196 kg) and now the Vastel 580. Seat height 850 mm."],
    ['Ich fahre eine Brunda 650 und liebäugle mit einer Vastel 580. Sitzhöhe 850 mm.'],
    ['Je roule en Brunda 650 et je lorgne sur la Vastel 580. Hauteur de selle 850 mm.'],
    ['Tengo una Brunda 650 y estoy pensando en una Vastel 580. Altura del asiento 850 mm.'],
    ['Ho una Brunda 650 e sto valutando una Vastel 580. Altezza sella 850 mm.'],
    ['Jag kör en Brunda 650 men funderar på en Vastel 580. Sitthöjd 850 mm.'],
  ])('%s', (text) => {
    expect(named(text)).toEqual(['Vastel 580']);
    expect(ticked(text)).not.toContain('mass 196');
  });
  test('without one that is looked at it is about his own', () =>
    expect(named('My daily is a Brunda 650. Seat height 850 mm.')).toEqual(['Brunda 650']));
  test.each([
    'Selling my Vastel 580, 2021, 9,000 km, £5,000. Would trade it for a Brunda 650.',
    'Verkaufe meine Vastel 580, 2021, 9.000 km, 5.000 €. Tausche sie gegen eine Brunda 650.',
    'Vends ma Vastel 580, 2021, 9 000 km, 5 000 €. Échange possible contre une Brunda 650.',
    'Vendo la mia Vastel 580, 2021, 9.000 km, 5.000 €. La cambio con una Brunda 650.',
    'Ho girato con una Brunda 650, ma la mia Vastel 580 è più leggera. Altezza sella 850 mm.',
  ])('but an advert is about what it offers, and "con" is "with": %s', (text) =>
    expect(named(text)).toEqual(['Vastel 580']),
  );
  test('nor does the other’s clock make it one for sale', () => {
    const sale = (had: string) =>
      readText(`I ride a 2016 Brunda 650${had}, but am eyeing the Vastel 580. £7,900 new.`)
        .machines[0]?.sale;
    expect(sale(' (92,000 km)')).toBeUndefined();
    expect(readText('2016 Vastel 580, 92,000 km, £2,900.').machines[0]?.sale).toBeDefined();
  });
  test('and its year is not the other’s', () => {
    const [machine] = readText(
      'My daily is a 2016 Brunda 650, but I am eyeing the Vastel 580. Seat height 850 mm.',
    ).machines;
    expect(machine?.model).toBe('Vastel 580');
    expect(machine?.year).toBeUndefined();
  });
});

describe('what was done once is no interval', () => {
  test.each([
    ['nb', 'Service på 6 000 km.', 'Service hver 6 000 km.'],
    ['fi', 'Huolto 6 000 km.', 'Huolto 6 000 km välein.'],
    ['it', 'Tagliando effettuato a 6.000 km.', 'Tagliando ogni 6.000 km.'],
    ['de', 'Service bei 6.000 km gemacht.', 'Service alle 6.000 km.'],
  ])('%s: %s', (language, once, often) => {
    expect(ticked(`${SALE[language]} ${once}`)).not.toContain('serviceInterval 6000');
    expect(ticked(`${SALE[language]} ${often}`)).toContain('serviceInterval 6000');
  });
  test('nor is what its owner did oftener than its maker asks', () => {
    const oil = (text: string) => ticked(`Vastel 580. Seat height 850 mm. ${text}`);
    expect(oil('Oil every 4k miles instead of the 8k it calls for.')).not.toContain(
      'oilInterval 4000',
    );
    expect(oil('Oil every 8k miles instead of 4k.')).toContain('oilInterval 8000');
    expect(oil('Oil every 4k miles.')).toContain('oilInterval 4000');
  });
  test('nor is how often its owner did it', () => {
    expect(ticked('Vastel 580. Sitzhöhe 850 mm. Ölwechsel alle 5.000 km.')).toContain(
      'oilInterval 5000',
    );
    expect(ticked(`${SALE['de']} Ölwechsel habe ich alle 5.000 km gemacht.`)).not.toContain(
      'oilInterval 5000',
    );
  });
});

describe('logs of rides and bills tell nothing of a machine', () => {
  const sheet = 'Vastel 580\nSeat height 850 mm\nTank 17 L';
  test('what went in at a stop is no tank', () => {
    expect(ticked('Vastel 580. Seat height 850 mm. Tank took 15.1 litres.')).not.toContain(
      'tank 15.1',
    );
    expect(ticked('Vastel 580. Seat height 850 mm. Tank takes 15.1 litres.')).toContain(
      'tank 15.1',
    );
  });
  test('a day’s ride', () => {
    const ride = '312 km, 5h40 moving time, avg 55 km/h, elevation gain 3,890 m. Fuel 12.4 L.';
    expect(ticked(ride)).toEqual([]);
    expect(ticked(`${sheet}\n\n${ride}`)).toEqual(ticked(sheet));
    expect(ticked(sheet)).toEqual(['seatHeight 850', 'tank 17']);
  });
  test('but a speed and a climb in a review are told of the machine', () =>
    expect(
      ticked('Top speed is 165 km/h and it will climb anything. Seat height 850 mm, tank 17 L.'),
    ).toEqual(['seatHeight 850', 'tank 17']));
  test('the items of a bill', () => {
    const items =
      '1x safari tank 18L 489.00\n1x seat foam +25mm 120.00\nFork springs 0.52 kg/mm 380.00';
    expect(ticked(`Invoice\nVastel 580\n${items}`)).toEqual([]);
    expect(ticked('Vastel 580\nFork springs 0.52 kg/mm\nTank 18 L')).toContain('tank 18');
    const page = 'Vastel 580\nSeat height (mm): 850.00\nTank (L): 17.00\nWheelbase (mm): 1490.00';
    expect(ticked(`${page}\nRequest a quote`)).toEqual(ticked(page));
    expect(ticked(page)).toContain('tank 17');
  });
});

describe('an advert', () => {
  test('asks the sum that stands on a line of its own, and not one in a line with others', () => {
    const asked = (text: string) =>
      readText(text).machines.flatMap((m) =>
        m.proposals.filter((p) => p.key === 'price' && p.ticked).map((p) => p.words),
      );
    expect(asked('Vastel 580\n£5,950\nDriven 14,200 miles. MOT until May 2027.')).toEqual([
      '£5,950',
    ]);
    expect(asked('Vastel 580\nDriven 14,200 miles. MOT until May 2027. £5,950.')).toEqual([]);
    expect(asked('Vastel 580\n£950\nDriven 14,200 miles. MOT until May 2027.')).toEqual([]);
  });
  test('is one with its title and its words', () =>
    expect(
      named(
        '2022 Norrvik 400 Vildmark - $6,900\nodometer: 5,310\n\nSelling my Norrvik 400. 5,310 miles. 392 lbs wet. $6,900 firm.',
      ),
    ).toEqual(['Norrvik 400 Vildmark']));
  test('is not what a guide for buyers is', () => {
    const text = 'Vastel 580. What to pay: £5,800 (2021, 20k miles). Seat height 850 mm.';
    expect(readText(text).machines[0]?.sale).toBeUndefined();
    expect(readText(text.replace('What to pay', 'For sale')).machines[0]?.sale).toBeDefined();
  });
  test('tells how far it has run, not how far its owner rides in a year', () => {
    const clock = (behind: string) =>
      readText(`Vastel 580 for sale, £5,000. Seat 850 mm. 12,000 km${behind}.`).machines[0]?.sale
        ?.odometer?.amount;
    expect(clock('')).toBe(12_000);
    expect(clock(' a year')).toBeUndefined();
    expect(clock(' per jaar')).toBeUndefined();
  });
});

describe('names', () => {
  test.each([
    ['Mein Händler hat eine Vorführ-Falkenau 660 Rallye. Sitzhöhe 865 mm', 'Falkenau 660 Rallye'],
    ['Make/Model: Corrigan 501 Dakota\nSeat height 850 mm', 'Corrigan 501 Dakota'],
    ['Seat height 850 mm\nTank 17 L\nKestrane 670 Rally', 'Kestrane 670 Rally'],
    ['Moottoripyörä Kaarna 450 Erämaa, istuinkorkeus 870 mm', 'Kaarna 450 Erämaa'],
  ])('%s', (text, name) => expect(named(text)).toEqual([name]));
  test('a model that is a number keeps it where a column says its maker', () =>
    expect(
      named('Make\tModel\tMass (kg)\tSeat (mm)\nHalvek\t380\t169\t884\nQuillor\t250X\t130\t861'),
    ).toEqual(['Halvek 380', 'Quillor 250X']));
});

test('a low seat that is said before its number', () => {
  const seats = (text: string) =>
    readText(text).machines.flatMap((m) =>
      m.proposals.flatMap((p) => (p.kind === 'figure' ? [`${p.amount} ${p.basis}`] : [])),
    );
  expect(seats('Vastel 580\nSitzhöhe tief 820 mm\nTank 17 L')).toContain('820 low-seat');
  expect(seats('Vastel 580\nSitzhöhe 820 mm\nTank 17 L')).toContain('820 standard-seat');
});

test('feet that stand flat make no boxer', () => {
  expect(ticked('Hauteur de selle 855 mm, je pose les deux pieds à plat.')).toEqual([
    'seatHeight 855',
  ]);
  expect(ticked('Hauteur de selle 855 mm, bicylindre à plat.')).toContain('layout boxer-twin');
});

test('power said to be tested, without a word of where, is asked about', () => {
  expect(ticked('Seat height 850 mm\nPower (tested): 66.8 hp')).not.toContain('power 66.8');
  expect(ticked('Seat height 850 mm\nPower (claimed): 72 hp')).toContain('power 72');
  expect(ticked('Seat height 850 mm\nPower at the wheel (tested): 66.8 hp')).toContain(
    'power 66.8',
  );
});

// Directive 2006/126/EC, class A2: 35 kW.
test.each([
  ['44 CV limitada a A2', []],
  ['61 CV limitada a 48 CV', ['unrestrictedPower 61']],
] as const)('%s', (words, wanted) =>
  expect(
    ticked(`Vastel 580. Altura del asiento 850 mm. Motor ${words}.`).filter((t) =>
      t.startsWith('unrestricted'),
    ),
  ).toEqual(wanted),
);
