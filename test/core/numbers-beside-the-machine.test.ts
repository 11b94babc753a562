import { describe, expect, test } from 'vitest';
import { readText } from '@/core/spec-text';

// What adverts say of money, mass and litres beside the machine's own; common usage, no source.
const TONGUES = {
  en: {
    head: 'Ostrel Senda 450 for sale. Wheelbase 1500 mm.',
    beside:
      'New tyres cost me £320.|Insurance is £450 a year.|Just had a £380 service.|Deposit of £500 secures it.|It was £7,200 new.|Panniers worth £800 included.|Receipts for over £2,000.|I would swap for a van plus £1,000.|Comes with £600 worth of extras.|You save £1,200 over new.|Part exchange up to £3,000 considered.|Dealer offered me £3,900.|I lost £900 on the last one.|My wife is 62 kg.|Rated for riders up to 110 kg.|It carried 180 kg of us.|Filled up with 11 litres.|The tune adds 6 hp.|Bars are 860 mm wide.',
    price: ['Asking £4,600.', 4600],
  },
  de: {
    head: 'Ostrel Senda 450 zu verkaufen. Radstand 1500 mm.',
    beside:
      'Inspektion für 380 € gemacht.|Anzahlung 500 €.|Koffer im Wert von 800 € dabei.|Rechnungen über 2.000 € vorhanden.|Ähnliche gehen für 5.900 € weg.|Zubehör für 600 €.|Habe 1.400 € ins Fahrwerk gesteckt.|Allein der Auspuff hat 750 € gekostet.|Der Händler bot mir 3.900 €.|Getankt habe ich 11 Liter.|Der Lenker ist 860 mm breit.|Das Tuning bringt 6 PS.|Man braucht keine 100 PS.|Meine Frau wiegt 62 kg.',
    price: ['Preis 4.600 €.', 4600],
  },
  fr: {
    head: 'Ostrel Senda 450 à vendre. Empattement 1500 mm.',
    beside:
      'Révision à 380 € faite.|Acompte de 500 €.|Factures pour plus de 2 000 €.|Les mêmes partent à 5 900 €.|600 € d’accessoires.|J’ai mis 1 400 € dans les suspensions.|Le pot a coûté 750 €.|Le garage me proposait 3 900 €.|J’ai mis 11 litres.|Le guidon fait 860 mm de large.|Mon autre moto a 105 ch.|Le kit ajoute 6 ch.',
    price: ['Prix 4 600 €.', 4600],
  },
  it: {
    head: 'Ostrel Senda 450 in vendita. Interasse 1500 mm.',
    beside:
      'Tagliando da 380 € fatto.|Acconto di 500 €.|Da nuova costava 8.200 €.|Fatture per oltre 2.000 €.|Accessori per 600 €.|Il concessionario mi offriva 3.900 €.|Ho messo 11 litri.|Il manubrio è largo 860 mm.|L’altra moto ha 105 CV.',
    price: ['Prezzo 4.600 €.', 4600],
  },
  es: {
    head: 'Ostrel Senda 450 en venta. Distancia entre ejes 1500 mm.',
    beside:
      'Revisión de 380 € hecha.|Señal de 500 €.|Nueva costaba 8.200 €.|Maletas por valor de 800 €.|Facturas por más de 2.000 €.|Extras por 600 €.|El concesionario me daba 3.900 €.|Le puse 11 litros.|El manillar mide 860 mm de ancho.|Mi otra moto tiene 105 CV.',
    price: ['Precio 4.600 €.', 4600],
  },
} as const;

const figures = (text: string) =>
  readText(text)
    .machines.flatMap((m) => m.proposals)
    .flatMap((p) => (p.kind === 'figure' ? [[p.key, p.amount]] : []));

describe.each(Object.entries(TONGUES))('%s', (_tongue, { head, beside, price: [said, sum] }) => {
  test.each(beside.split('|'))('%s: nothing of the machine', (words) =>
    expect(figures(`${head} ${words}`)).toEqual([['wheelbase', 1500]]),
  );
  test('what is asked for it, in spite of all that', () =>
    expect(figures(`${head} ${beside.replaceAll('|', ' ')} ${said}`)).toContainEqual([
      'price',
      sum,
    ]));
});
