import { describe, expect, test } from 'vitest';
import { readText, type Proposal } from '@/core/spec-text';

// A bound is no reading, and what an owner put on a machine is not what it came with. Read by hand; common usage, no source.

const all = (text: string): readonly Proposal[] =>
  readText(text).machines.flatMap((m) => m.proposals);
const told = (text: string, ticked: boolean): readonly string[] =>
  all(text).flatMap((p) =>
    p.ticked === ticked
      ? [p.kind === 'figure' ? `${p.key} ${p.amount} ${p.unit} ${p.basis}` : `${p.key} ${p.value}`]
      : [],
  );
const ticked = (text: string) => told(text, true);
const waiting = (text: string) => told(text, false);

describe('a bound waits', () => {
  test.each([
    ['Drover 390: weighs under 180 kg wet, tank 14 l', 'mass 180 kg ready'],
    ['Drover 390: Power: feels like more than 68 bhp. Tank 14 l', 'power 68 hp crank'],
    ['Drover 390: Seat height: max. 850 mm. Tank 14 l', 'seatHeight 850 mm standard-seat'],
    ['Drover 390: Gewicht unter 180 kg fahrfertig. Tank 14 l', 'mass 180 kg ready'],
    ['Drover 390 : poids tous pleins faits moins de 180 kg, réservoir 14 l', 'mass 180 kg ready'],
    ['Drover 390: peso a secco meno di 180 kg, serbatoio 14 l', 'mass 180 kg dry'],
    ['Drover 390: peso en seco menos de 180 kg, depósito 14 l', 'mass 180 kg dry'],
    ['Drover 390: rijklaar gewicht onder 180 kg, tank 14 l', 'mass 180 kg ready'],
    ['Drover 390: torrvikt under 180 kg, tank 14 l', 'mass 180 kg dry'],
    ['Drover 390: masa sucha poniżej 180 kg, zbiornik 14 l', 'mass 180 kg dry'],
    ['Drover 390: suchá hmotnost pod 180 kg, nádrž 14 l', 'mass 180 kg dry'],
    ['Drover 390: kuivapaino alle 180 kg, tankki 14 l', 'mass 180 kg dry'],
    ['Drover 390: peso a seco até 180 kg, depósito 14 l', 'mass 180 kg dry'],
  ])('%s', (text, figure) => {
    expect(waiting(text)).toContain(figure);
    expect(ticked(text)).toContain('tank 14 L stated');
  });
  test.each([
    // Nearly so, a bound by its nature, what makers claim as one, how power is told, every so far, raised to.
    ['Drover 390: weighs just under 180 kg wet', 'mass 180 kg ready'],
    ['Drover 390: knapp unter 180 kg fahrfertig', 'mass 180 kg ready'],
    ['Drover 390: payload up to 190 kg', 'payload 190 kg stated'],
    ['Drover 390: maximum permitted mass: max. 380 kg', 'maxMass 380 kg stated'],
    ['Drover 390: Reichweite über 400 km, Gewicht fahrfertig 180 kg', 'statedRange 400 km stated'],
    ['Drover 390: power max. 73 hp', 'power 73 hp crank'],
    ['Drover 390: Inspektion alle 10.000 km', 'serviceInterval 10000 km stated'],
    ['Drover 390: potenza 70 CV alle 8.750 giri', 'powerRpm 8750 rpm stated'],
    ['Drover 390 : selle à 870 mm, est assez fine', 'seatHeight 870 mm standard-seat'],
    ['Drover 390: fuel capacity is up to 16 litres', 'tank 16 L stated'],
  ])('no bound: %s', (text, figure) => expect(ticked(text)).toContain(figure));
});

describe('each says why it waits', () => {
  test.each([
    ['Drover 390: Gewicht unter 180 kg fahrfertig', 'mass', 'bound', 'unter'],
    ['Drover 390: Sitzhöhe belastet 845 mm', 'seatHeight', 'laden', 'belastet'],
    ['Drover 390: Leistung 55 kW (Ziel)', 'power', 'tentative', 'Ziel'],
  ])('%s', (text, key, code, words) =>
    expect(all(text).find((p) => p.key === key)?.doubts).toContainEqual({ code, words }),
  );
});

describe('what a machine was given waits', () => {
  test.each([
    'We converted the Drover 390: it got a 24 litre tank. Seat height 860 mm.',
    'Umgerüstet: die Drover 390 bekam einen Tank mit 24 Litern. Sitzhöhe 860 mm.',
    'La Drover 390 a reçu un réservoir de 24 litres. Hauteur de selle 860 mm.',
    'La Drover 390 ha ricevuto un serbatoio da 24 litri. Altezza sella 860 mm.',
    'La Drover 390 recibió un depósito de 24 litros. Altura asiento 860 mm.',
    'De Drover 390 kreeg een tank van 24 liter. Zithoogte 860 mm.',
    'Drover 390 fick en tank på 24 liter. Sitthöjd 860 mm.',
  ])('%s', (text) => {
    expect(ticked(text)).not.toContain('tank 24 L stated');
    expect(ticked(text)).toContain('seatHeight 860 mm standard-seat');
  });
  test.each([
    "Drover 390: it's got a 24 litre tank.",
    'Drover 390: it has got a 24 litre tank.',
    'The new Drover 390 got a 24 litre tank for this model year.',
  ])('what it has, or its maker gave it, does not: %s', (text) =>
    expect(ticked(text)).toContain('tank 24 L stated'),
  );
  test.each([
    'Drover 390: front sprocket 14 (one up from stock).',
    'Drover 390: front sprocket 14, one tooth over standard.',
    'Drover 390: Ritzel 14, eins mehr als Serie.',
    "Drover 390 : pignon 14 (une de plus que d'origine).",
    'Drover 390: pignone 14 (uno in più rispetto all’originale).',
  ])('beside what was built in: %s', (text) =>
    expect(ticked(text)).not.toContain('sprocketFront 14 teeth stated'),
  );
  test('and told as what was built in, it is that', () =>
    expect(ticked('Drover 390: front sprocket 14, stock.')).toContain(
      'sprocketFront 14 teeth stated',
    ));
});

describe('what is asked about at once waits', () => {
  test('“kerb dry?, 14 l”', () =>
    expect(waiting('- Drover 390: 165kg kerb dry?, 14 l tank')).toContain('mass 165 kg ready'));
  test('a question of the next sentence asks about nothing before it', () =>
    expect(ticked('Drover 390: 165 kg kerb weight. Why so heavy?')).toContain('mass 165 kg ready'));
});

describe('horsepower of the continent in an English sheet', () => {
  test.each([
    ['Drover 720. Power 77 kW (105 HP) at 9,000 rpm', 'power 77 kW crank'],
    ['Drover 720. Power 105 HP (77 kW) at 9,000 rpm', 'power 105 PS crank'],
    ['Drover 720. Power 77 kW (103 HP) at 9,000 rpm', 'power 77 kW crank'],
  ])('%s', (text, figure) => expect(ticked(text)).toContain(figure));
  // 77 kW are 104.7 metric horsepower and 103.3 mechanical (75 kgf·m/s and 550 ft·lbf/s, from memory).
  test.each(['Drover 720. Power 77 kW (109 HP)', 'Drover 720. Power 77 kW (99 HP)'])(
    'neither agrees: %s',
    (text) => expect(waiting(text)).toContain('power 77 kW crank'),
  );
});

describe('the test cycle in a label’s bracket', () => {
  test.each([
    'Drover 390. Consumption per 100 km (WMTC): 4.4 l',
    'Drover 390. Verbrauch pro 100 km (WMTC): 4,4 l',
    'Drover 390. Consommation aux 100 km (WMTC) : 4,4 l',
    'Drover 390. Consumption in l/100 km (WMTC): 4.4 l/100 km',
  ])('%s', (text) => expect(ticked(text)).toContain('consumption 4.4 L/100km cycle'));
  test('behind a number it is that number’s', () =>
    expect(
      ticked('Drover 390. Consumption 4.1 l/100 km (WMTC), I get 4.8 l/100 km').filter((f) =>
        f.endsWith('cycle'),
      ),
    ).toEqual(['consumption 4.1 L/100km cycle']));
});

describe('sheets as they are laid out', () => {
  test('columns without marks keep what has its unit before it, and what tells how it was taken', () => {
    const sheet = `Model overview

               Drover 350  Drover 350 R Drover 500
Power          34 hp       34 hp        47 hp
Weight, wet    159 kg      152 kg       189 kg
Seat           835 mm      905 mm       840 mm
Travel f/r     180/185     260/265      170/165
Price          £4,899      £5,699       £6,349`;
    const { machines } = readText(sheet);
    expect(
      machines.map(({ proposals }) =>
        ['mass', 'travelFront', 'travelRear', 'price'].map((key) => {
          const p = proposals.find((f) => f.key === key);
          return p?.kind === 'figure' ? p.amount : undefined;
        }),
      ),
    ).toEqual([
      [159, 180, 185, 4899],
      [152, 260, 265, 5699],
      [189, 170, 165, 6349],
    ]);
  });
  test('pairs on one line whose unit holds a number', () => {
    const { machines } = readText(
      'Comparison: Drover 700 vs Sorrel 650\nPower: 73 vs 65 PS\nConsumption on test: 4.3 vs 4.9 l/100 km\nWet weight: 204 vs 212 kg',
    );
    expect(
      machines.map(({ proposals }) =>
        proposals.flatMap((p) => (p.kind === 'figure' ? [`${p.key} ${p.amount}`] : [])),
      ),
    ).toEqual([
      ['power 73', 'consumption 4.3', 'mass 204'],
      ['power 65', 'consumption 4.9', 'mass 212'],
    ]);
  });
  test('fields of an advert in one line: name, clock, and whose price it is', () => {
    const { machines } = readText(
      'Merk: Polderman. Type: 500 Dijk. Bouwjaar: 2021. KM-stand: 9.870. Prijs: € 5.650. Max massa: 380 kg.',
    );
    expect(machines.map(({ maker, model }) => [maker, model])).toEqual([['Polderman', '500 Dijk']]);
    expect(machines[0]?.sale?.odometer?.amount).toBe(9870);
    expect(
      ticked(
        'Merk: Polderman. Type: 500 Dijk. Bouwjaar: 2021. KM-stand: 9.870. Prijs: € 5.650. Max massa: 380 kg.',
      ),
    ).toEqual(expect.arrayContaining(['price 5650 EUR asked', 'maxMass 380 kg stated']));
  });
  test.each([
    ['Fjädringsväg 200 mm fram och bak. Däck 90/90-21, 140/80-18.'],
    ['Federweg 200 mm vorn und hinten. Reifen 90/90-21, 140/80-18.'],
  ])('a side told of the travel is none of the tyres: %s', (text) =>
    expect(ticked(`Drover 450: ${text}`)).toEqual(
      expect.arrayContaining(['tyreFront 90/90-21', 'tyreRear 140/80-18']),
    ),
  );
});

describe('what nobody has measured, or not so, waits', () => {
  test.each([
    ['Auerling 690: Leistung 55 kW (Ziel), Tank 14 l', 'power 55 kW crank'],
    ['Auerling 690: power 55 kW (estimated), tank 14 l', 'power 55 kW crank'],
    ['Auerling 690: power 55 kW (est), tank 14 l', 'power 55 kW crank'],
    ['Auerling 690: wet weight 190 kg, to be confirmed. Tank 14 l', 'mass 190 kg ready'],
    // A seat is told without its rider.
    ['Auerling 690\nSeat height, laden: 845 mm\nTank 14 l', 'seatHeight 845 mm standard-seat'],
    ['Auerling 690\nSitzhöhe belastet 845 mm\nTank 14 l', 'seatHeight 845 mm standard-seat'],
  ])('%s', (text, figure) => {
    expect(waiting(text)).toContain(figure);
    expect(ticked(text)).toContain('tank 14 L stated');
  });
  test.each(['Seat height (unladen): 845 mm', 'Sitzhöhe unbelastet 845 mm'])('%s', (words) =>
    expect(ticked(`Auerling 690\n${words}\nTank 14 l`)).toContain(
      'seatHeight 845 mm standard-seat',
    ),
  );
});

describe('the head of an advert that closes with its sum', () => {
  test.each([
    ['2022 Wren 310 - $4,300\n4,100 miles, clean title.', 'price 4300 USD asked'],
    ['Wren 310 (2022) – 4.300 €\n4.100 km, HU neu. Verkaufe.', 'price 4300 EUR asked'],
    ['FOR SALE: 2022 Wren 310, $4,300\n4,100 miles, clean title.', 'price 4300 USD asked'],
    ['2022 Wren 310 - $4,300 MSRP\n4,100 miles, clean title.', 'price 4300 USD list'],
  ])('%s', (text, price) => expect(ticked(text)).toContain(price));
  test.each([
    // A part's, two sums, and nobody who sells.
    'Panniers for 2022 Wren 310 - $430\nclean title',
    '2022 Wren 310 - $4,300 new, $3,600\n4,100 miles, clean title.',
    '2022 Wren 310 - $4,300\nOur review of the new one. Wet weight 325 lb.',
  ])('%s', (text) => expect(ticked(text)).not.toContain('price 4300 USD asked'));
});

describe('tables', () => {
  test('a value in a unit of something else is not its column’s', () => {
    const table = (value: string) =>
      `Model | Power (PS) | Seat (mm) | Tank (l)\nTalbach 450 | ${value} | 850 | 18`;
    expect(ticked(table('62 Nm'))).not.toContain('power 62 PS crank');
    expect(all(table('62 Nm')).find((p) => p.key === 'power')?.doubts).toEqual([
      { code: 'foreign-unit', words: '62 Nm' },
    ]);
    expect(ticked(table('62 Nm'))).toContain('tank 18 L stated');
    expect(ticked(table('62'))).toContain('power 62 PS crank');
    expect(ticked(table('46 kW'))).toContain('power 46 kW crank');
  });
  test('a unit before the word for how it was taken: “kg wet”', () =>
    expect(ticked('make;model;kg wet;kg dry;seat mm\nHolmgarth;Fjeld 450;168;154;870')).toEqual(
      expect.arrayContaining(['mass 168 kg ready', 'mass 154 kg dry']),
    ));
  test('a label in three languages is one label', () =>
    expect(
      ticked(
        'Max. power / Puissance maxi / Leistung: 50 kW (68 PS) / 8.500 min-1\nMax. torque / Couple maxi / Drehmoment: 62 Nm / 6.250 min-1\nSeat height / Hauteur de selle / Sitzhöhe: 850 mm',
      ),
    ).toEqual([
      'power 50 kW crank',
      'powerRpm 8500 rpm stated',
      'torque 62 Nm crank',
      'torqueRpm 6250 rpm stated',
      'seatHeight 850 mm standard-seat',
    ]));
});

describe('who is spoken of', () => {
  test('“Der Reihenzweizylinder hat 95 PS” names no other machine', () =>
    expect(
      ticked(
        'Kestrin 800 Grat\n\nDer Reihenzweizylinder hat 95 PS bei 8250/min. Sitzhöhe 865 mm. Sie wiegt vollgetankt 209 kg.',
      ),
    ).toEqual(expect.arrayContaining(['seatHeight 865 mm standard-seat', 'mass 209 kg ready'])));
  test('“Die Sorrel hat” does', () =>
    expect(
      ticked(
        'Kestrin 800 Grat\n\nDie Sorrel 650 hat 65 PS und eine Sitzhöhe von 850 mm. Die Kestrin wiegt vollgetankt 209 kg.',
      ),
    ).not.toContain('seatHeight 850 mm standard-seat'));
  test.each([
    ['ČASTO KLADENÉ OTÁZKY – Stezka 450\nJak vysoké je sedlo? 845 mm.', 'Stezka 450'],
    ['Kjøpte Havn 700 i fjor, ny. Tanken tar 16 liter.', 'Havn 700'],
    ['Häufige Fragen: Talbach 450\nWie hoch ist der Sitz? 845 mm.', 'Talbach 450'],
    ['Prodávám Tulák 250, 2022, najeto 8 200 km, cena 79 000 Kč, nádrž 12 l.', 'Tulák 250'],
  ])('%s', (text, name) => {
    const [machine] = readText(text).machines;
    expect(`${machine?.maker ?? ''} ${machine?.model ?? ''}`.trim()).toBe(name);
  });
});

describe('a bare hundred that opens a number', () => {
  test.each([
    ['ground clearance hundred and eighty millimetres', 'clearance 180 mm stated'],
    ['ground clearance a hundred and eighty millimetres', 'clearance 180 mm stated'],
  ])('%s', (words, figure) =>
    expect(ticked(`okay so the Dunmarrow 500 has ${words} and a seat of 850 mm`)).toContain(figure),
  );
  test('“five and a half to the hundred two up” is no hundred and two', () =>
    expect(
      all('Dunmarrow 500: five and a half to the hundred two up').map((p) => p.key),
    ).not.toContain('mass'));
});

describe('what went in at a stop, and the farthest ever', () => {
  test.each([
    'Quejigal 450: primer depósito (14,8 litros entraron) 392 km. Asiento a 845 mm.',
    'Quejigal 450: first tank, 14.8 litres went in after 392 km. Seat height 845 mm.',
    'Quejigal 450: Tank leer, 14,8 Liter gingen rein. Sitzhöhe 845 mm.',
    'Quejigal 450: Range record 402 km, fuel range. Seat height 845 mm.',
    'Quejigal 450: longest range so far 402 km. Seat height 845 mm.',
  ])('%s', (text) => expect(ticked(text)).toEqual(['seatHeight 845 mm standard-seat']));
  test.each([
    ['Quejigal 450: tank holds 14.8 litres. Seat height 845 mm.', 'tank 14.8 L stated'],
    ['Quejigal 450: range 402 km. Seat height 845 mm.', 'statedRange 402 km stated'],
  ])('%s', (text, figure) => expect(ticked(text)).toContain(figure));
});

describe('words that two languages share', () => {
  test('“im Prospekt” is no rider who says how heavy he is', () =>
    expect(
      ticked('Rabensteig 500. Gewicht 192 kg vollgetankt, im Prospekt stehen 189. Tank 17 Liter.'),
    ).toEqual(['tank 17 L stated']));
  test('“im 92 kg” is one', () =>
    expect(
      all(
        'Rabensteig 500: kerb weight 192 kg, tank 17 litres. im 92 kg and it carries me well',
      ).map((p) => (p.kind === 'figure' ? p.amount : p.value)),
    ).toEqual([192, 17]));
  test('“van” is no car in Dutch', () =>
    expect(ticked('De Drover 390 is van ons. Zithoogte 860 mm. Tank van 24 liter.')).toEqual([
      'seatHeight 860 mm standard-seat',
      'tank 24 L stated',
    ]));
  test('and one in English', () =>
    expect(ticked('Van for sale. The van has a 70 litre tank, wet weight 210 kg.')).toEqual([]));
});

describe('a bare figure by the gallon of its text', () => {
  test.each([
    ['Larkspur 350, £4,699. Owners see 75-85 mpg. We got 78.', 'mpg-imp'],
    ['2021 Larkspur 350, $4,699, clean title. Owners see 65-75 mpg. We got 68.', 'mpg-us'],
  ])('%s', (text, unit) =>
    expect(
      all(text)
        .flatMap((p) => (p.kind === 'figure' && p.key === 'consumption' ? [p.unit] : []))
        .at(-1),
    ).toBe(unit),
  );
});

describe('what it uses on a condition waits', () => {
  test.each([
    'Drover 390: I get 68 mpg if I behave, 60 if I don’t. Tank 14 l',
    'Drover 390: Verbrauch 4,1 l/100 km, wenn man sie lässt. Tank 14 l',
    'Drover 390 : conso 4,1 l/100 km quand on roule calme, réservoir 14 l',
    'Drover 390: consumo 4,1 l/100 km cuando voy tranquilo, depósito 14 l',
    'Drover 390: verbruik 4,1 l/100 km als ik rustig rijd, tank 14 l',
  ])('%s', (text) => expect(ticked(text)).toEqual(['tank 14 L stated']));
  test.each([
    'Drover 390: I get 4.1 l/100 km overall. If I behave, it is quiet. Tank 14 l',
    'Drover 390: Verbrauch 4,1 l/100 km. Wenn man sie lässt, läuft sie. Tank 14 l',
  ])('another sentence is none of its: %s', (text) =>
    expect(ticked(text).some((f) => f.startsWith('consumption'))).toBe(true),
  );
});

describe('the clock', () => {
  test('when it was last looked after is not how far it has run', () =>
    expect(
      readText(
        'Myydään Saimo 500 Polku vm 2022\nAjokm: 11 200\nHp: 6 150 e\nHuollettu 10 tkm kohdalla.',
      ).machines[0]?.sale?.odometer?.amount,
    ).toBe(11_200));
});
