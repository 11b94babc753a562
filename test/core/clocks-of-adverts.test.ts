import { describe, expect, test } from 'vitest';
import { readText } from '@/core/spec-text';

// What adverts say of the clock, and of distances that are none of it; X is where they say it. Common usage, no source.
const ADVERTS: readonly (readonly [advert: string, clock: string, others: string])[] = [
  [
    'Selling my Pellworth Marrow 520 from 2021. Seat height 830 mm. Asking €4,600. X',
    '14,200 km on the clock|14200 km|Mileage: 14,200 km|done 14,200 km|only 14,200 km|Odometer 14 200 km|14.2k km|has covered 14,200 km|kms: 14,200|showing 14,200 km|14,200 kms from new|It has 14,200 kilometres on it',
    'serviced at 12,000 km|next service at 18,000 km|tyres have 3,000 km left|tank range 350 km|chain changed 2,000 km ago|service every 10,000 km',
  ],
  [
    'Verkaufe meine Pellworth Marrow 520, Bj. 2021. Sitzhöhe 830 mm. 4.600 € VB. X',
    '14.200 km gelaufen|Laufleistung 14.200 km|km-Stand 14.200|Kilometerstand: 14200 km|14.200 km runter|erst 14.200 km|14200 Km|Tacho 14.200 km|14 tkm|14.200 km auf der Uhr',
    'Service bei 12.000 km|nächster Service bei 18.000 km|Reifen bei 12.500 km neu|Reichweite 350 km|Inspektion alle 10.000 km|Kette bei 11.000 km neu',
  ],
  [
    'Vends Pellworth Marrow 520 de 2021. Hauteur de selle 830 mm. 4 600 €. X',
    '14 200 km|Kilométrage 14 200 km|14200 km au compteur|compteur : 14 200 km|seulement 14 200 km|elle a 14 200 km|14 200 kms',
    'révision à 12 000 km|prochaine révision à 18 000 km|pneus changés à 12 500 km|autonomie 350 km|révision tous les 10 000 km|kit chaîne à 11 000 km',
  ],
  [
    'Vendo Pellworth Marrow 520 del 2021. Altezza sella 830 mm. 4.600 €. X',
    '14.200 km|km 14.200|chilometri 14.200|percorsi 14.200 km|14.200 km reali|ha 14.200 km|chilometraggio: 14.200 km',
    'tagliando a 12.000 km|prossimo tagliando a 18.000 km|gomme cambiate a 12.500 km|autonomia 350 km|tagliandi ogni 10.000 km',
  ],
  [
    'Vendo Pellworth Marrow 520 de 2021. Altura del asiento 830 mm. 4.600 €. X',
    '14.200 km|con 14.200 km|kilómetros: 14.200|tiene 14.200 km|14.200 kms|kilometraje 14.200 km|marca 14.200 km',
    'revisión a los 12.000 km|próxima revisión a los 18.000 km|ruedas cambiadas a los 12.500 km|autonomía 350 km|revisiones cada 10.000 km',
  ],
  [
    'Te koop Pellworth Marrow 520 uit 2021. Zithoogte 830 mm. € 4.600. X',
    '14.200 km|km-stand 14.200|kilometerstand: 14.200 km|14.200 km gelopen|gereden 14.200 km|tellerstand 14.200 km',
    'beurt bij 12.000 km|volgende beurt bij 18.000 km|banden bij 12.500 km|onderhoud elke 10.000 km',
  ],
  [
    'Säljer Pellworth Marrow 520 från 2021. Sitthöjd 830 mm. 49 000 kr. X',
    '1420 mil|gått 1420 mil|mätarställning 14 200 km|gått 14 200 km|14 200 km',
    'nästa service vid 1800 mil',
  ],
  [
    'Selger Pellworth Marrow 520, 2021-mod. Setehøyde 830 mm. 64 900 kr. X',
    '14 200 km|gått 14 200 km|km-stand 14 200|kilometerstand 14200 km|kjørt 14 200 km',
    'service ved 12 000 km|neste service ved 18 000 km',
  ],
  [
    'Sælger Pellworth Marrow 520 fra 2021. Sædehøjde 830 mm. 69.900 kr. X',
    '14.200 km|kørt 14.200 km|km 14.200|kilometertæller 14.200 km',
    'service ved 12.000 km|næste service ved 18.000 km',
  ],
  [
    'Sprzedam Pellworth Marrow 520 z 2021. Wysokość siedzenia 830 mm. 26 900 zł. X',
    'przebieg 14 200 km|14 200 km|14 200 km przebiegu|Przebieg: 14200|przejechane 14 200 km|nalot 14 200 km',
    'serwis przy 12 000 km|następny przegląd przy 18 000 km|przeglądy co 10 000 km',
  ],
  [
    'Vendo Pellworth Marrow 520 de 2021. Altura do assento 830 mm, depósito 16 litros cheio. 4.600 €. X',
    '14.200 km|com 14.200 km|quilómetros: 14.200|14.200 kms|quilometragem 14.200 km',
    'revisão aos 12.000 km|próxima revisão aos 18.000 km|revisões a cada 10.000 km',
  ],
  [
    'Prodám Pellworth Marrow 520, r.v. 2021. Výška sedla 830 mm. 149 000 Kč. X',
    'najeto 14 200 km|stav tachometru 14 200 km|nájezd 14 200 km|14 200 km|tachometr 14200 km',
    'servis při 12 000 km|další servis při 18 000 km|servis každých 10 000 km',
  ],
  [
    'Myydään Pellworth Marrow 520 vm. 2021. Istuinkorkeus 830 mm. 6 200 €. X',
    'ajettu 14 200 km|mittarilukema 14 200 km|14,2 tkm|ajettu 14200|mittarissa 14 200 km',
    'seuraava huolto 18 000 km',
  ],
];

const machine = (advert: string, said: string) =>
  readText(advert.replace('X', `${said[0]?.toUpperCase() ?? ''}${said.slice(1)}.`)).machines[0];

describe.each(ADVERTS)('%s', (advert, clock, others) => {
  test.each(clock.split('|'))('%s: on the clock', (said) => {
    const read = machine(advert, said);
    const { amount = 0, unit } = read?.sale?.odometer ?? {};
    expect([unit, Math.round(amount / 1000)]).toEqual(['km', 14]);
    expect(read?.year).toBe(2021);
  });
  test.each(others.split('|'))(
    '%s: not on the clock, and no service interval unless it says how often',
    (said) => {
      const read = machine(advert, said);
      expect(read?.sale?.odometer).toBeUndefined();
      const often = /every|alle |tous les|ogni|cada|elke|co 10|každých/u.test(said);
      expect(read?.proposals.some((p) => p.key === 'serviceInterval' && p.ticked)).toBe(often);
    },
  );
});

describe('a line of its own, a name and a range of use', () => {
  const sale = (text: string) => readText(text).machines[0]?.sale?.odometer;
  test('"odometer: 5,120" in an advert with a price and a year, and the price at its head', () => {
    const text =
      '$5,400 - 2021 Kestler 350 Trail\nodometer: 5,120\ntitle status: clean\nSeat height 33.5 inches.';
    expect(sale(text)).toEqual({ amount: 5120, unit: 'mi' });
    expect(readText(text).machines[0]?.proposals.find((p) => p.key === 'price')).toMatchObject({
      amount: 5400,
      unit: 'USD',
      basis: 'asked',
      ticked: true,
    });
  });
  test('a number of the name is none', () =>
    expect(sale('For sale: 2020 Dunelark 720 / 14,870 mi / good. £6,050')).toEqual({
      amount: 14_870,
      unit: 'mi',
    }));
  test('nor is what is used on a hundred kilometres', () =>
    expect(
      sale('For sale: Talvik Rova 600, £4,000. Consumption 4.4 L/100 km (3.6–5.9).'),
    ).toBeUndefined());
});
