import { describe, expect, test } from 'vitest';
import { nominalRate } from '@/core/money';
import type { CurrencyCode } from '@/core/units';
import { saidIn, type Tongue } from './said-in-a-tongue';

// What sellers write beside their price; common usage, no source.
const ASKED: readonly (readonly [Tongue, CurrencyCode, amount: number, said: string])[] = [
  [
    'en',
    'GBP',
    5900,
    'Asking £5,900|£5,900 ono|Price: £5,900 OVNO|I want £5,900 for it|Looking for £5,900|5,900 pounds or near offer|£5900 firm|Open to offers around £5,900|Will take £5,900|Reduced to £5,900|£5,900 no offers|Was £6,400, now £5,900|Price dropped to £5,900',
  ],
  [
    'de',
    'EUR',
    5900,
    '5.900 € VB|VB 5.900 €|Festpreis 5.900 Euro|Verhandlungsbasis 5900 €|Für 5.900 € zu verkaufen|5.900 EUR VHB|Preis 5900 € (MwSt. nicht ausweisbar)|5900€ FP|Gebe sie für 5.900 € ab|Jetzt nur noch 5.900 €|Neu 9.900 €, jetzt nur noch 5.900 €',
  ],
  [
    'fr',
    'EUR',
    5900,
    '5 900 € à débattre|Prix ferme 5 900 €|5 900 euros négociable|Prix demandé 5 900 €|Je demande 5900 €|5900 € ferme|Cédée à 5 900 €|Prix en baisse : 5 900 €',
  ],
  [
    'it',
    'EUR',
    5900,
    '5.900 € trattabili|Prezzo non trattabile 5.900 euro|Vendo a 5.900 €|Chiedo 5900 euro|Richiesta 5.900 €|Prezzo richiesto: 5.900,00 €|Prezzo ribassato 5.900 €',
  ],
  [
    'es',
    'EUR',
    5900,
    '5.900 € negociables|Precio fijo 5900 euros|La vendo por 5.900 €|Pido 5900 €|5.900€ no negociable|Rebajada a 5.900 €|Por 5900 € es tuya',
  ],
  [
    'nl',
    'EUR',
    5900,
    'Vraagprijs € 5.900,-|Te koop voor 5.900 euro|Ik vraag er 5900 euro voor|Vaste prijs 5.900 euro|Weg voor 5900 euro|Nu voor € 5.900',
  ],
  ['pt', 'EUR', 5900, '5.900 € negociável|Peço 5.900 €|Preço fixo: 5.900 €'],
  [
    'pl',
    'PLN',
    25900,
    '25 900 zł do negocjacji|Sprzedam za 25900 zł|Oddam za 25 900 zł|Cena do uzgodnienia 25 900 zł|Chcę za niego 25 900 zł|Cena ostateczna 25 900 zł',
  ],
  [
    'sv',
    'SEK',
    125900,
    '125 900 kr eller bud|Säljes för 125 900 kr|Begärt pris 125900 kr|Jag vill ha 125 900 kr|Utgångspris 125900 kr|Fast pris 125 900 kr|Prutat och klart 125 900 kr',
  ],
  [
    'no',
    'NOK',
    125900,
    'Selges for 125 900,-|Prisantydning 125900 kr|125 900 kr eller høystbydende|Ønsker 125 900 kr for den|Fast pris 125 900 kr',
  ],
  ['da', 'DKK', 65900, 'Sælges for 65.900 kr|Prisidé 65.900 kr|Fast pris kr. 65.900'],
  [
    'cs',
    'CZK',
    145900,
    '145 900 Kč k jednání|Prodám za 145900 Kč|Cena pevná 145900 CZK|Za 145 900 Kč je vaše|Cena dohodou 145 900 Kč',
  ],
  [
    'fi',
    'EUR',
    5900,
    'Hintapyyntö 5900 €|Myydään 5 900 eurolla|5 900 € tai tarjous|Kiinteä hinta 5900 euroa|Pyydän 5 900 euroa|Lähtee 5 900 eurolla',
  ],
];

const pricesIn = (tongue: Tongue, words: string) =>
  saidIn(tongue, words).flatMap((p) => (p.kind === 'figure' && p.key === 'price' ? [p] : []));

describe('what a seller asks is what is asked', () => {
  test.each(
    ASKED.flatMap(([tongue, currency, amount, said]) =>
      said.split('|').map((words) => [tongue, words, currency, amount] as const),
    ),
  )('%s: %s', (tongue, words, currency, amount) => {
    const asked = pricesIn(tongue, words).filter((p) => p.basis === 'asked');
    expect(asked).toMatchObject([{ amount, unit: currency }]);
  });
});

describe('and what cases and a service cost is not', () => {
  test.each<[Tongue, string]>([
    ['sv', 'Stor service till fast pris 13 900 kr'],
    ['de', 'Koffersystem für 1.200 € VB dazu'],
    ['de', 'Koffer gebe ich für 1.200 € dazu ab'],
    ['nl', 'Koffers weg voor 1.100 euro'],
    ['pl', 'Kufry oddam za 4 900 zł'],
    ['da', 'Kufferter fast pris 8.900 kr'],
    ['cs', 'Kufry cena pevná 24 900 Kč'],
    ['fi', 'Laukut lähtee 1 100 eurolla'],
  ])('%s: %s', (tongue, words) => expect(pricesIn(tongue, words)).toEqual([]));

  // From both sides: below 2000 EUR it is the cases, from there on the machine.
  test('a sum that a machine is had for is the machine’s', () => {
    expect(pricesIn('de', 'Koffer inklusive nur 1.990 € VB')).toEqual([]);
    expect(pricesIn('de', 'Koffer inklusive nur 2.010 € VB')).toMatchObject([{ amount: 2010 }]);
    expect(pricesIn('de', 'Mit Koffern 1.990 € VB')).toMatchObject([{ amount: 1990 }]);
    const crowns = Math.ceil(2000 / nominalRate('SEK', 'EUR') / 100) * 100;
    expect(pricesIn('da', `Kufferter fast pris ${crowns - 200} kr`)).toEqual([]);
  });
});

describe('six figures without a gap are a sum where money stands beside them', () => {
  test.each<[Tongue, string, number]>([
    ['sv', 'Pris 125900 kr', 125900],
    ['cs', 'Cena: 105000 Kč', 105000],
    ['no', 'Pris kr 125900', 125900],
    ['no', 'Pris kr. 125.900,-', 125900],
    ['cs', 'Cena 145900 CZK', 145900],
  ])('%s: %s', (tongue, words, amount) =>
    expect(pricesIn(tongue, words)).toMatchObject([{ amount, ticked: true }]),
  );
  test.each<[Tongue, string]>([
    ['en', 'Frame no 145900'],
    ['en', 'Call 145900 Kate'],
    ['sv', 'Regnr 123456'],
    ['sv', 'Mätarställning 125000 km'],
  ])('and else they are none: %s: %s', (tongue, words) =>
    expect(pricesIn(tongue, words)).toEqual([]),
  );
});
