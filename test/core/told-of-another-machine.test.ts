import { describe, expect, test } from 'vitest';
import { readText } from '@/core/spec-text';
import { whoseIn } from '@/core/spec-text/text/whose';
import { namesInTalk } from '@/core/spec-text/text/whose/named-in-talk';

// What a review or a post tells of a rival is not its own machine's. Common usage of riders and papers, no source; every rival's
// sentence stands beside one of the own machine that is taken, so that nothing passes because the reader has gone shy.

type Told = readonly [sentence: string, key: string, amount: number];

const first = (text: string) => readText(text).machines[0]?.proposals ?? [];
const found = (text: string, [, key, amount]: Told) =>
  first(text).find((p) => p.kind === 'figure' && p.key === key && p.amount === amount);
const ticked = (text: string, told: Told) => found(text, told)?.ticked === true;

interface Talk {
  readonly heads: readonly string[];
  readonly theirs: readonly Told[];
  readonly own: readonly Told[];
}

const TALK: Readonly<Record<string, Talk>> = {
  English: {
    heads: ['Hennock Tor 490 long term report. ', 'Riding the Hennock Tor 490 for a year.\n\n'],
    theirs: [
      ['The Brannoch weighs 214 kg wet.', 'mass', 214],
      ['The Brannoch? 19 litre tank, and thirsty.', 'tank', 19],
      ['I nearly bought the Brannoch. The Brannoch has a 19 litre tank.', 'tank', 19],
      ['The Brannoch has more power. It has a 19 litre tank as well.', 'tank', 19],
      ['The Brannoch feels bigger. Seat height is 885 mm.', 'seatHeight', 885],
      ['My mate has the Brannoch. Its wheelbase is 1540 mm.', 'wheelbase', 1540],
      ['On the Brannoch the seat is 885 mm high.', 'seatHeight', 885],
      ['With the Brannoch you get a 19 litre tank.', 'tank', 19],
      ['Seat height is 885 mm on the Brannoch and less here.', 'seatHeight', 885],
      ['The seat height of the Brannoch is 885 mm.', 'seatHeight', 885],
      ['The Brannoch, at 214 kg wet, is the heavy one.', 'mass', 214],
      ['Dave rides a Brannoch which weighs 214 kg wet.', 'mass', 214],
      ['I rode the Brannoch back to back. The tank holds 19 litres.', 'tank', 19],
      ['I tried the Pellow 700. It has a 19 litre tank.', 'tank', 19],
      ['The 660 has a 19 litre tank.', 'tank', 19],
      ['In contrast, the Ostrel Heuvel has a 19 litre tank.', 'tank', 19],
      ['Next to the Brannoch with its 19 litre tank it looks small.', 'tank', 19],
      ['Coming from a Brannoch (wet weight 214 kg) this is a toy.', 'mass', 214],
    ],
    own: [
      ['The Tor weighs 171 kg wet.', 'mass', 171],
      ['The Hennock has a 14 litre tank.', 'tank', 14],
      ['I nearly bought the Brannoch. The Tor has a 14 litre tank.', 'tank', 14],
      ['The Brannoch has more power. The Tor has a 14 litre tank as well.', 'tank', 14],
      ['The Tor feels smaller. Seat height is 860 mm.', 'seatHeight', 860],
      ['The Brannoch is heavier; mine has a wheelbase of 1450 mm.', 'wheelbase', 1450],
      ['On the Tor the seat is 860 mm high.', 'seatHeight', 860],
      ['The seat height of the Tor is 860 mm.', 'seatHeight', 860],
      ['Unlike the Brannoch it has a 14 litre tank.', 'tank', 14],
      ['It is lighter than the Brannoch. It weighs 171 kg wet.', 'mass', 171],
      ['I chose it over the Brannoch for its wet weight of 171 kg.', 'mass', 171],
      ['I sold the Brannoch. The tank holds 14 litres.', 'tank', 14],
      ['The Alps were wet. The tank holds 14 litres.', 'tank', 14],
      ['The Morlund panniers leak. The tank holds 14 litres.', 'tank', 14],
      ['In Scotland it was cold. The tank holds 14 litres.', 'tank', 14],
      ['Light comes on early. The tank holds 14 litres.', 'tank', 14],
    ],
  },
  German: {
    heads: ['Vastel Heide 580, ein Jahr danach. ', 'Ich fahre eine Vastel Heide 580.\n\n'],
    theirs: [
      ['Die Brannoch hat einen Tank von 19 Litern.', 'tank', 19],
      ['Die Brannoch wirkt riesig. Der Tank fasst 19 Liter.', 'tank', 19],
      ['Mein Kumpel hat die Brannoch. Ihr Radstand beträgt 1540 mm.', 'wheelbase', 1540],
      ['Im Vergleich zur Brannoch: Die Brannoch wiegt fahrfertig 214 kg.', 'mass', 214],
      ['Die Sitzhöhe der Brannoch liegt bei 885 mm.', 'seatHeight', 885],
      ['Mit der Brannoch bekommt man einen Tank von 19 Litern.', 'tank', 19],
      ['Vorher hatte ich eine Brannoch, 214 kg fahrfertig.', 'mass', 214],
    ],
    own: [
      ['Die Heide hat einen Tank von 15 Litern.', 'tank', 15],
      ['Im Gegensatz zur Brannoch hat sie einen Tank von 15 Litern.', 'tank', 15],
      ['Leichter als die Brannoch, wiegt sie fahrfertig 198 kg.', 'mass', 198],
      ['Die Verarbeitung ist gut. Der Tank fasst 15 Liter.', 'tank', 15],
      ['Eine Übersetzung kürzer wäre gut. Der Tank fasst 15 Liter.', 'tank', 15],
      ['Die Brannoch ist schwerer, aber die Heide hat einen Tank von 15 Litern.', 'tank', 15],
    ],
  },
  French: {
    heads: ['Duvrac Causse 560, un an après. ', 'Je roule en Duvrac Causse 560.\n\n'],
    theirs: [
      ['La Brannoch a un réservoir de 19 litres.', 'tank', 19],
      ["L'Ardmoor a un réservoir de 19 litres.", 'tank', 19],
      ["J'ai essayé la Brannoch. Le réservoir fait 19 litres.", 'tank', 19],
      ['Le réservoir de la Brannoch fait 19 litres.', 'tank', 19],
      ['La Brannoch, avec ses 214 kg tous pleins faits, est plus lourde.', 'mass', 214],
    ],
    own: [
      ['La Causse a un réservoir de 16 litres.', 'tank', 16],
      ['Plus légère que la Brannoch, elle pèse 189 kg tous pleins faits.', 'mass', 189],
      ["J'ai vendu la Brannoch. Le réservoir fait 16 litres.", 'tank', 16],
    ],
  },
  Spanish: {
    heads: ['Lomera Collado 410, un año después. ', 'Tengo una Lomera Collado 410.\n\n'],
    theirs: [
      ['La Brannoch tiene un depósito de 19 litros.', 'tank', 19],
      ['Probé la Brannoch. El depósito es de 19 litros.', 'tank', 19],
      ['En la Brannoch la altura del asiento es de 885 mm.', 'seatHeight', 885],
      ['La Brannoch es enorme. También tiene un depósito de 19 litros.', 'tank', 19],
    ],
    own: [
      ['La Collado tiene un depósito de 12 litros.', 'tank', 12],
      ['Más ligera que la Brannoch, pesa 162 kg en orden de marcha.', 'mass', 162],
      ['Vendí la Brannoch. El depósito es de 12 litros.', 'tank', 12],
    ],
  },
  Italian: {
    heads: ['Brenzo Calanco 500, un anno dopo. ', 'Ho una Brenzo Calanco 500.\n\n'],
    theirs: [
      ['La Brannoch ha un serbatoio da 19 litri.', 'tank', 19],
      ["Sulla Pellow 700 l'altezza sella è di 885 mm.", 'seatHeight', 885],
      ['Ho provato la Brannoch. Ha anche un interasse di 1540 mm.', 'wheelbase', 1540],
      ["L'Ardmoor ha un serbatoio da 19 litri.", 'tank', 19],
    ],
    own: [
      ['La Calanco ha un serbatoio da 15 litri.', 'tank', 15],
      ['Più leggera della Brannoch, pesa 180 kg in ordine di marcia.', 'mass', 180],
      ['La vecchia Ardmoor era pesante, questa ha un serbatoio da 15 litri.', 'tank', 15],
    ],
  },
  'Dutch, Portuguese, Swedish and Polish': {
    heads: ['Ostrel Heuvel 450. ', 'Ostrel Heuvel 450\n\n'],
    theirs: [
      ['De Brannoch heeft een tank van 19 liter.', 'tank', 19],
      ['De tank van de Brannoch is 19 liter.', 'tank', 19],
      ['A Brannoch tem um depósito de 19 litros.', 'tank', 19],
      ['Na Brannoch a altura do assento é 885 mm.', 'seatHeight', 885],
      [
        'Jag tvekade mellan den och Brannoch. Brannoch har en sitthöjd på 885 mm.',
        'seatHeight',
        885,
      ],
      ['Wcześniej miałem Ardmoor 800, 227 kg z paliwem.', 'mass', 227],
    ],
    own: [
      ['De Heuvel heeft een tank van 14 liter.', 'tank', 14],
      ['A Heuvel tem um depósito de 14 litros.', 'tank', 14],
      ['Heuvel har en sitthöjd på 870 mm.', 'seatHeight', 870],
    ],
  },
};

describe.each(Object.entries(TALK))('%s', (_, { heads, theirs, own }) => {
  test.each(theirs)('not this machine’s: %s', (...told) => {
    for (const head of heads) expect(ticked(head + told[0], told), head).toBe(false);
  });
  test.each(own)('this machine’s: %s', (...told) => {
    for (const head of heads) expect(ticked(head + told[0], told), head).toBe(true);
  });
});

describe('what stands by no name', () => {
  const AFTER = 'The Brannoch is a sofa. ';
  test('is shown, asked about, and taken by the rider alone', () => {
    const told: Told = ['Seat height is 885 mm.', 'seatHeight', 885];
    const seat = found(`Hennock Tor 490 report. ${AFTER}${told[0]}`, told);
    expect(seat?.ticked).toBe(false);
    expect(seat?.doubts.map((d) => d.code)).toContain('which-machine');
  });
  test('is the own machine’s again where its name comes back, and in the next paragraph', () => {
    const told: Told = ['Seat height is 860 mm.', 'seatHeight', 860];
    expect(ticked(`Hennock Tor 490 report. ${AFTER}The Tor is not. ${told[0]}`, told)).toBe(true);
    expect(ticked(`Hennock Tor 490 report. ${AFTER}\n\n${told[0]}`, told)).toBe(true);
  });
  test('stays in doubt over the lines of one paragraph', () => {
    const told: Told = ['Seat height is 885 mm.', 'seatHeight', 885];
    const wrapped = `Hennock Tor 490 report.\n\nThe Brannoch is a sofa and I would not want to ride it on\nany of the tracks that we were on that week. It is soft\nand wide and low. ${told[0]}`;
    expect(ticked(wrapped, told)).toBe(false);
    const long = `Hennock Tor 490 report. ${'It rained and we rode on. '.repeat(14)}The Brannoch is a sofa. ${told[0]}`;
    expect(ticked(long, told)).toBe(false);
    const listed = `Hennock Tor 490 report.\nThe Brannoch is a sofa\nSeat height: 860 mm`;
    expect(ticked(listed, ['', 'seatHeight', 860])).toBe(true);
  });
  test('is what an advert sells', () => {
    const told: Told = ['Seat height 860 mm.', 'seatHeight', 860];
    const why = 'Only selling because I have ordered a Pellow 700. ';
    const advert = `For sale: 2021 Hennock Tor 490, 8,400 miles, £5,200. ${why}`;
    expect(ticked(advert + told[0], told)).toBe(true);
    expect(ticked(`Hennock Tor 490 report. The Pellow 700 is big. ${told[0]}`, told)).toBe(false);
  });
});

describe('machines that are called by letters and numbers', () => {
  const NAMED: readonly (readonly [string, string, string])[] = [
    ['Hennock VQT 490', 'QVR 700', 'VQT'],
    ['Hennock VQT 490', 'QVR700', 'VQT 490'],
    ['Hennock V490R', 'J640L', 'V490R'],
    ['Hennock Tor 490', 'TQ-5', 'Tor'],
    ['Hennock Tor 490', '640 QV', 'Tor'],
    ['Hennock QT 490', 'JV', 'QT'],
    ['Hennock Tor 490', 'BRANNOCH', 'Tor'],
  ];
  const TANK: Told = ['', 'tank', 19];
  test.each(NAMED)('%s beside %s', (title, rival, own) => {
    for (const head of [`${title} long term report. `, `I ride the ${title}.\n\n`]) {
      for (const said of [
        `The ${rival} has a 19 litre tank.`,
        `The ${rival} weighs 214 kg wet. It also has a 19 litre tank.`,
        `I also rode the ${rival}. The tank holds 19 litres.`,
        `Compared with the ${rival} it is tiny. The ${rival} has a 19 litre tank.`,
      ])
        expect(ticked(head + said, TANK), head + said).toBe(false);
      for (const said of [
        `The ${own} has a 19 litre tank.`,
        `It is lighter than the ${rival}. The ${own} has a 19 litre tank.`,
        'The TFT is bright. The tank holds 19 litres.',
        'The ABS is fine. The tank holds 19 litres.',
      ])
        expect(ticked(head + said, TANK), head + said).toBe(true);
    }
  });
  test('another of the same number is another', () => {
    const head = 'Hennock 450 report. The 450 is light. ';
    expect(ticked(`${head}The 450 S has a 19 litre tank.`, TANK)).toBe(false);
    expect(ticked(`${head}The 450 has a 19 litre tank.`, TANK)).toBe(true);
  });
});

describe('facts', () => {
  const drive = (said: string) =>
    first(`Hennock Tor 490 report. ${said}`)
      .filter((p) => p.kind === 'fact' && p.key === 'finalDrive' && p.ticked)
      .map((p) => (p.kind === 'fact' ? p.value : undefined));
  test('of the rival are none of this machine’s', () => {
    expect(drive('The Pellow 700 has shaft drive. The Tor has chain drive.')).toEqual(['chain']);
    expect(drive('The Pellow 700 has shaft drive.')).toEqual([]);
    expect(drive('The Tor has shaft drive.')).toEqual(['shaft']);
  });
});

describe('names', () => {
  const named = (text: string, own: readonly string[]) =>
    namesInTalk(text, own).others.map((n) => n.words.join(' '));
  test('the maker’s word beside the model’s is the machine’s own', () => {
    const text = 'The Tor 490 from Hennock is light. The Hennock has 46 hp, the Brannoch has 60.';
    expect(named(text, ['tor', '490'])).toEqual(['brannoch']);
  });
  test('a label, a place or many of a kind are no machine', () => {
    const own = ['hennock', 'tor', '490'];
    for (const text of [
      'Hennock Tor 490. The Tor is fine. Mods: 6.6 gal tank.',
      'Hennock Tor 490. The Tor is fine. Front: 43 mm fork. Rear: 240 mm disc.',
      'Hennock Tor 490. The Tor is fine. In the Alps it rained.',
      'Hennock Tor 490. The Tor is fine. The Alps were high.',
      'Hennock Tor 490. The Tor is fine. The Bluetooth dash is dim.',
    ])
      expect(named(text, own), text).toEqual([]);
  });
  test('nothing is told apart where the own name is not known', () => {
    expect(whoseIn([{ written: 'The Brannoch has 19 litres.', offset: 0 }], [])).toEqual({
      theirs: [],
      apart: false,
    });
  });
  test('places are those of the whole text', () => {
    const lines = ['Hennock Tor 490 report.', 'The Brannoch has 19 litres. The Tor has 14.'];
    const text = lines.join('\n');
    const at = text.indexOf('The Brannoch');
    const { theirs } = whoseIn(
      [
        { written: lines[0] ?? '', offset: 0 },
        { written: lines[1] ?? '', offset: at },
      ],
      ['hennock', 'tor', '490'],
    );
    expect(theirs.map((t) => text.slice(t.from, t.to).trim())).toEqual([
      'The Brannoch has 19 litres.',
    ]);
  });
});

describe('machines told in one breath', () => {
  const models = (text: string) => readText(text).machines.map((m) => m.model);
  const TOLD =
    'The Loma: 860 mm seat, 155 kg wet, 13 litres. The Corvane: 820 mm seat, 148 kg wet, 9.5 litres.';
  test('two between which somebody chooses stay two', () => {
    expect(models(`Narrowed it to the Ressic Loma 390 and the Corvane 250. ${TOLD}`)).toHaveLength(
      2,
    );
  });
  test('a rival beside the machine that a text is about is no machine of its own', () => {
    const french =
      'La Pellow pèse 208 kg, réservoir 18 litres. La Causse pèse 189 kg, réservoir 16 litres.';
    expect(models(`Duvrac Causse 560 : j'ai hésité avec la Pellow. ${french}`)).toEqual([
      'Causse 560',
    ]);
  });
  test('an adverb at the head of a sentence is no machine', () => {
    const spanish =
      'La Collado pesa 162 kg, depósito 12 litros. También tiene asiento a 875 mm, pesa poco y lleva 12 litros.';
    expect(models(`Lomera Collado 410. ${spanish}`)).toHaveLength(1);
  });
});

describe('the machine that a text is of', () => {
  const OF: readonly (readonly [string, string])[] = [
    ["My buddy Cal rides an Ardmoor 800, tank 20 l. I'm on the Hask 560, 186 kg wet.", 'Hask 560'],
    ['Traded my Tor 490 for a Brannoch 660. Seat height 885 mm.', 'Brannoch 660'],
    [
      'Mein Kumpel Jens hat eine Ardmoor 800. Ich fahre die Heide 580, Sitzhöhe 865 mm.',
      'Heide 580',
    ],
    ['Die Heide 580 wiegt 198 Kilo vollgetankt. Tank 15 Liter.', 'Heide 580'],
    ['Me compré la Lomera Collado 410. Depósito de 12 litros.', 'Collado 410'],
    ['Essai Duvrac Causse 560\nRéservoir : 16 litres', 'Causse 560'],
    ['Claimed 192 kg wet, the scale showed 197. Seat height 860 mm.', ''],
  ];
  test.each(OF)('%s', (text, model) => {
    expect(readText(text).machines[0]?.model).toBe(model);
  });
  test('the number of its name is no figure', () => {
    const text = 'Die Heide 580 wiegt 198 Kilo vollgetankt. Tank 15 Liter.';
    expect(ticked(text, ['', 'mass', 198])).toBe(true);
    expect(found(text, ['', 'mass', 580])).toBeUndefined();
    expect(found('Seat 850. Kerb weight 178 kg.', ['', 'seatHeight', 850])).toBeDefined();
  });
  test('what its owner calls his is another, where he says so', () => {
    const head = 'Kestwick Rove 610 test. I brought my own Ardmoor 800 along. ';
    expect(ticked(`${head}Mine has a seat height of 880 mm.`, ['', 'seatHeight', 880])).toBe(false);
    const own = 'Kestwick Rove 610 test. The Ardmoor 800 came along. ';
    expect(ticked(`${own}Mine has a seat height of 860 mm.`, ['', 'seatHeight', 860])).toBe(true);
  });
});

test('a sum by which another is cheaper is no price', () => {
  const told: Told = ['At £9,150 on the road it costs £2,600 less.', 'price', 2600];
  expect(found(`Kestwick Rove 610 test. ${told[0]}`, told)).toBeUndefined();
  expect(ticked(`Kestwick Rove 610 test. ${told[0]}`, ['', 'price', 9150])).toBe(true);
});
