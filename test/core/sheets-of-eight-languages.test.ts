import { describe, expect, test } from 'vitest';
import { readText } from '@/core/spec-text';

/** One made-up machine as sheets of eight languages tell it; labels from common practice, no source. */
const SHEETS = {
  Danish: `Larkspur Tern 400 – tekniske specifikationer
Motor: encylindret, 392 cm³, luftkølet
Effekt: 24,5 kW (33 hk) ved 7.000 o/min
Drejningsmoment: 33 Nm ved 5.500 o/min
Gearkasse: 6 trin
Forgaffel: telegaffel 41 mm, vandring 230 mm
Bagaffjedring: centralfjeder med justerbar forspænding, vandring 228 mm
Forbremse: enkelt skive 270 mm
ABS: kan slås fra på baghjulet
Dæk: 90/90-21 og 120/80-18
Sædehøjde: 865 mm
Frihøjde: 270 mm
Akselafstand: 1.460 mm
Tankindhold: 14,8 l
Køreklar vægt: 148 kg
Tilladt totalvægt: 330 kg
Brændstofforbrug: 28,5 km/l
Pris: 62.900 kr.`,
  Finnish: `Larkspur Tern 400 - Tekniset tiedot
Moottori: yksisylinterinen, ilmajäähdytteinen, 392 cm³
Teho: 24,5 kW (33 hv) / 7000 rpm
Vääntö: 33 Nm / 5500 rpm
Vaihteisto: 6-vaihteinen
Etujousitus: teleskooppihaarukka 41 mm, joustomatka 230 mm
Takajousitus: monoiskari, esijännityksen säätö, joustomatka 228 mm
Etujarru: yksi levy 270 mm
ABS: poiskytkettävä takapyörältä
Istuinkorkeus: 865 mm
Maavara: 270 mm
Akseliväli: 1460 mm
Polttoainesäiliö: 14,8 l
Ajokuntoinen paino: 148 kg
Kulutus: 3,5 l/100 km
Hinta: 6 490 €`,
  Czech: `Larkspur Tern 400 – technické údaje
Motor: jednoválec, vzduchem chlazený, 392 cm³
Výkon: 24,5 kW (33 k) při 7000 ot/min
Točivý moment: 33 Nm při 5500 ot/min
Převodovka: 6stupňová
Přední odpružení: teleskopická vidlice 41 mm, zdvih 230 mm
Zadní odpružení: centrální tlumič, nastavitelné předpětí, zdvih 228 mm
Přední brzda: kotouč 270 mm
ABS: vypínatelné vzadu
Výška sedla: 865 mm
Světlá výška: 270 mm
Rozvor: 1460 mm
Objem nádrže: 14,8 l
Pohotovostní hmotnost: 148 kg
Spotřeba: 3,5 l/100 km
Cena: 159 900 Kč`,
  Portuguese: `Larkspur Tern 400 – Ficha técnica
Motor: monocilíndrico, 392 cm³, refrigerado a ar
Potência máxima: 24,5 kW (33 cv) às 7.000 rpm
Binário máximo: 33 Nm às 5.500 rpm
Caixa: 6 velocidades
Suspensão dianteira: forquilha telescópica de 41 mm, curso de 230 mm
Suspensão traseira: monoamortecedor com ajuste de pré-carga, curso de 228 mm
Travão dianteiro: disco de 270 mm
ABS: desligável atrás
Altura do assento: 865 mm
Distância ao solo: 270 mm
Distância entre eixos: 1.460 mm
Depósito: 14,8 litros
Peso em ordem de marcha: 148 kg
Consumo: 3,5 l/100 km
Preço: 6.290 €`,
  Swedish: `Larkspur Tern 400 – tekniska data
Motor: encylindrig, luftkyld, 392 cm³
Effekt: 24,5 kW (33 hk) vid 7 000 rpm
Vridmoment: 33 Nm vid 5 500 rpm
Växellåda: 6-växlad
Fjädring fram: teleskopgaffel 41 mm, fjädringsväg 230 mm
Fjädring bak: monodämpare, justerbar förspänning, 228 mm
Bromsar fram: enkelskiva 270 mm
ABS: ja, avstängningsbart bak
Sitthöjd: 865 mm
Markfrigång: 270 mm
Hjulbas: 1 460 mm
Tank: 14,8 liter
Tjänstevikt: 148 kg
Bränsleförbrukning: 0,35 l/mil
Pris: 64 900 kr`,
  Dutch: `Larkspur Tern 400 – Technische gegevens
Motor: luchtgekoelde eencilinder, 392 cc
Vermogen: 24,5 kW (33 pk) bij 7.000 tpm
Koppel: 33 Nm bij 5.500 tpm
Versnellingsbak: 6 versnellingen
Vering voor: telescoopvork 41 mm, veerweg 230 mm
Vering achter: monoschokdemper, instelbare veervoorspanning, veerweg 228 mm
Rem voor: enkele schijf 270 mm
ABS: achter uitschakelbaar
Zithoogte: 865 mm
Bodemvrijheid: 270 mm
Wielbasis: 1.460 mm
Tankinhoud: 14,8 liter
Rijklaar gewicht: 148 kg
Max. belasting: 175 kg
Verbruik: 1 op 28,5
Prijs: € 6.490`,
  Polish: `Larkspur Tern 400 – dane techniczne
Silnik: jednocylindrowy, chłodzony powietrzem, 392 cm³
Moc: 24,5 kW (33 KM) przy 7000 obr./min
Moment obrotowy: 33 Nm przy 5500 obr./min
Skrzynia biegów: 6-biegowa
Przednie zawieszenie: widelec teleskopowy 41 mm, skok 230 mm
Tylne zawieszenie: pojedynczy amortyzator, regulacja napięcia wstępnego, skok 228 mm
Hamulec przedni: pojedyncza tarcza 270 mm
ABS: tak, odłączany z tyłu
Wysokość siedzenia: 865 mm
Prześwit: 270 mm
Rozstaw osi: 1460 mm
Zbiornik paliwa: 14,8 l
Masa własna: 148 kg
Ładowność: 175 kg
Spalanie: 3,5 l/100 km
Cena: 27 900 zł`,
  Norwegian: `Larkspur Tern 400 – tekniske data
Motor: ensylindret, luftkjølt, 392 cm³
Effekt: 24,5 kW (33 hk) ved 7000 o/min
Dreiemoment: 33 Nm ved 5500 o/min
Girkasse: 6 gir
Fjæring foran: teleskopgaffel 41 mm, fjæringsvei 230 mm
Fjæring bak: monodemper med justerbar forspenning, fjæringsvei 228 mm
Bremse foran: en skive 270 mm
ABS: kan slås av på bakhjulet
Setehøyde: 865 mm
Bakkeklaring: 270 mm
Akselavstand: 1460 mm
Tankvolum: 14,8 liter
Egenvekt: 148 kg
Forbruk: 0,35 l/mil
Pris: kr 79 900`,
};

const FIGURES = [
  'power 24.5 kW',
  'powerRpm 7000 rpm',
  'torque 33 Nm',
  'torqueRpm 5500 rpm',
  'gears 6 gears',
  'travelFront 230 mm',
  'seatHeight 865 mm',
  'clearance 270 mm',
  'wheelbase 1460 mm',
  'tank 14.8 L',
];
const FACTS = {
  layout: 'single',
  cooling: 'air',
  forkType: 'conventional',
  shockAdjust: 'preload',
  brakeFront: 'single-disc',
  abs: 'rear-off',
};

describe.each(Object.entries(SHEETS))('a sheet in %s', (_, sheet) => {
  const told = readText(sheet).machines.flatMap((m) => m.proposals);
  const figures = told.flatMap((p) => (p.kind === 'figure' ? [p] : []));
  const ticked = figures.filter((p) => p.ticked).map((p) => `${p.key} ${p.amount} ${p.unit}`);

  test('is of one machine, called by its name', () =>
    expect(readText(sheet).machines).toMatchObject([{ maker: 'Larkspur', model: 'Tern 400' }]));
  test('has its figures, ticked', () => expect(ticked).toEqual(expect.arrayContaining(FIGURES)));
  test('has its mass, travel at the rear and price, each once', () => {
    for (const [key, amount] of [
      ['mass', 148],
      ['travelRear', 228],
    ] as const)
      expect(figures.filter((p) => p.key === key).map((p) => p.amount)).toEqual([amount]);
    expect(figures.filter((p) => p.key === 'price')).toHaveLength(1);
  });
  test.each(Object.entries(FACTS))('%s is %s', (key, value) =>
    expect(told.filter((p) => p.key === key)).toMatchObject([{ value, ticked: true }]),
  );
});
