import { describe, expect, test } from 'vitest';
import { readText, type Proposal } from '@/core/spec-text';

// What may be had or set beside a figure explains it; what cannot be together is asked about. Read by hand; common usage, no source.

const all = (text: string): readonly Proposal[] =>
  readText(text).machines.flatMap((m) => m.proposals);
const ticked = (text: string): readonly string[] =>
  all(text).flatMap((p) =>
    p.ticked && p.kind === 'figure' ? [`${p.key} ${p.amount} ${p.unit} ${p.basis}`] : [],
  );
const waits = (text: string): readonly string[] =>
  all(text).flatMap((p) => (p.ticked ? [] : [p.key]));

describe('a second number that is an option or a setting leaves the first ticked', () => {
  test.each([
    'Drover 390. Seat height: 885 mm (optional low 860 mm), 14 l tank',
    'Drover 390. 885 mm seat, adjustable to 860. Tank 14 l',
    'Drover 390. altura asiento: 885 mm (opcional baja 860 mm), depósito 14 l',
    'Drover 390. Sitzhöhe 885 mm (niedrige Option 860 mm), Tank 14 l',
    'Drover 390. Sitzhöhe 885 mm, einstellbar auf 860 mm. Tank 14 l',
    'Drover 390. Hauteur de selle : 885 mm (option basse 860 mm), réservoir 14 l',
    'Drover 390. Altezza sella: 885 mm (regolabile 860-885), serbatoio 14 l',
    'Drover 390. Altura do assento: 885 mm (ajustável 860-885), depósito 14 l',
    'Drover 390. Zithoogte: 885 mm (optie laag 860 mm), tank 14 l',
    'Drover 390. Selle : 885 mm (option 860 ou 905), réservoir 14 l',
    'Drover 390. Wysokość siedzenia 885 mm (opcjonalnie niskie 860 mm), zbiornik 14 l',
    'Drover 390. Výška sedla 885 mm (volitelně snížené 860 mm), nádrž 14 l',
  ])('%s', (text) => expect(ticked(text)).toContain('seatHeight 885 mm standard-seat'));
  test.each([
    // Nothing says what the other one is.
    'Drover 390. Seat height 885 mm on the sticker, 860 mm on mine. Tank 14 l',
    'Drover 390. Sitzhöhe 885 mm auf dem Papier, 860 mm am Tresen. Tank 14 l',
  ])('unexplained it waits: %s', (text) => expect(waits(text)).toContain('seatHeight'));
});

describe('an option of the maker alters nothing', () => {
  test.each([
    ['Dunelark 720: 203 kg col pieno, sella a 870 mm (ma c’è l’opzione ribassata).', 870],
    ['Dunelark 720: 203 kg wet, seat height 870 mm, lowered suspension available.', 870],
    [
      'Dunelark 720: weight (fully fuelled) 203kg; seat height 870mm (20mm lower with low seat)',
      870,
    ],
    ['Dunelark 720: 203 kg vollgetankt, Sitzhöhe 870 mm (20 mm niedriger mit niedriger Bank)', 870],
  ])('%s', (text, seat) =>
    expect(ticked(text).join()).toMatch(new RegExp(`seatHeight ${seat} mm standard-seat`)),
  );
  test.each([
    'Dunelark 720: 203 kg col pieno, sella a 870 mm, ribassata.',
    'Dunelark 720: 203 kg wet, seat height 870 mm, lowered by the dealer’s fitter.',
    'Dunelark 720: 203 kg vollgetankt, Sitzhöhe 870 mm, 20 mm niedriger.',
  ])('done, it waits: %s', (text) => expect(ticked(text).join()).not.toMatch(/seatHeight/));
});

describe('a low seat that may be had is not the seat that is told of', () => {
  test.each([
    'Seat height: 870 mm (low seat available).',
    'Seat height: 870 mm, low seat optional.',
    'Seat height 870 mm, optional low seat.',
    'Seat height is 870 mm but a low seat can be had.',
    'Seat height 870 mm, lowered suspension available.',
    'Sitzhöhe: 870 mm (niedrige Sitzbank erhältlich).',
    'Sitzhöhe: 870 mm, wahlweise niedrige Sitzbank.',
    'Hauteur de selle: 870 mm, selle basse en option.',
    'Altezza sella: 870 mm (sella bassa in opzione).',
    'Altura asiento: 870 mm (asiento bajo opcional).',
    'Altura do banco: 870 mm (banco baixo opcional).',
    'Zithoogte: 870 mm, lage zit optioneel.',
    'Sitthöjd: 870 mm (låg sadel tillval).',
  ])('%s', (words) =>
    expect(ticked(`Dunelark 720. ${words} 203 kg wet.`)).toContain(
      'seatHeight 870 mm standard-seat',
    ),
  );
  test.each([
    'Seat height 840 mm with low seat.',
    'Seat height 840 mm with the optional low seat.',
    'Seat 870 mm, low seat option 840 mm.',
    'Seat height 870 mm (optional low seat: 840 mm).',
    'Seat height 870 mm / 840 mm (low seat option).',
    'With the low seat option: seat height 840 mm.',
    'With the low seat fitted the seat height drops to 840 mm.',
    'Mit der niedrigen Sitzbank: Sitzhöhe 840 mm.',
  ])('and where a number is its own it is that: %s', (words) =>
    expect(ticked(`Dunelark 720. ${words} 203 kg wet.`)).toContain('seatHeight 840 mm low-seat'),
  );
});

describe('two masses in the order of their head', () => {
  test.each([
    'Poids à sec / TPF : 148 / 163 kg',
    'Poids à sec / poids TPF : 148/163 kg',
    'Poids à sec / pleins faits : 148/163 kg',
    'Dry weight / wet weight: 148/163 kg',
    'Weight (dry/wet): 148/163 kg',
    'Peso a secco / col pieno: 148/163 kg',
    'Peso en seco / lleno: 148/163 kg',
    'Vikt torr/körklar: 148/163 kg',
    'Masa sucha/gotowy do jazdy: 148/163 kg',
    'Hmotnost suchá/pohotovostní: 148/163 kg',
    'Paino kuiva/ajokunnossa: 148/163 kg',
  ])('dry first: %s', (text) =>
    expect(ticked(text).filter((t) => t.startsWith('mass'))).toEqual([
      'mass 148 kg dry',
      expect.stringMatching(/^mass 163 kg ready/),
    ]),
  );
  test.each(['Poids TPF / à sec : 163 / 148 kg', 'Wet weight / dry weight: 163/148 kg'])(
    'ready first: %s',
    (text) =>
      expect(ticked(text).filter((t) => t.startsWith('mass'))).toEqual([
        'mass 163 kg ready',
        'mass 148 kg dry',
      ]),
  );
});

describe('what cannot be together is asked about on both sides', () => {
  const sheet = (...lines: readonly string[]) => ['Pellan 450', ...lines].join('\n');
  test.each([
    ['dry above ready', sheet('Dry weight: 164 kg', 'Wet weight: 163 kg'), 2],
    ['dry as ready', sheet('Dry weight: 163 kg', 'Wet weight: 163 kg'), 0],
    ['in other units', sheet('Dry weight: 164 kg', 'Wet weight: 360 lb'), 2],
    ['a pound apart', sheet('Dry weight: 163 kg', 'Wet weight: 360 lb'), 0],
    ['ready above permitted', sheet('Wet weight: 263 kg', 'Gross vehicle weight: 262 kg'), 2],
    ['ready below permitted', sheet('Wet weight: 163 kg', 'Gross vehicle weight: 345 kg'), 0],
    ['low above standard', sheet('Seat height: 850 mm', 'Low seat: 870 mm'), 2],
    ['low below standard', sheet('Seat height: 850 mm', 'Low seat: 830 mm'), 0],
  ])('%s', (_, text, odd) => {
    const doubted = all(text).filter((p) => p.doubts.some((d) => d.code === 'at-odds'));
    expect(doubted.map((p) => p.ticked)).toEqual(Array.from({ length: odd }, () => false));
  });
});

describe('whose money a bare sum counts in is as open as that of the sum beside it', () => {
  test('open there, open here', () => {
    const told = all('Pellan 450. I paid 58 grand on the road when the list was 56 900.');
    const list = told.find((p) => p.kind === 'figure' && p.amount === 56_900);
    expect(list?.doubts.map((d) => d.code)).toContain('currency-unclear');
    expect(list?.ticked).toBe(false);
  });
  test('said there, said here', () =>
    expect(
      ticked('Pellan 450. I paid €5,800 on the road when the list price was 5,690.'),
    ).toContain('price 5690 EUR list'));
});

describe('whose gallons a label’s bracket means', () => {
  test.each([
    ['Wren 310\nFuel (gal): 4.2\nMSRP: $5,200', 'tank 4.2 gal-us stated'],
    [
      'Wren 310\nFuel capacity (gal): 4.2\nOTR price: £5,200, MOT exempt',
      'tank 4.2 gal-imp stated',
    ],
    ['Wren 310\nFuel (L): 16\nMSRP: $5,200', 'tank 16 L stated'],
  ])('%s', (text, tank) => expect(ticked(text)).toContain(tank));
  test('open where the text does not say', () =>
    expect(waits('Wren 310\nFuel (gal): 4.2\nSeat height (in): 35')).toContain('tank'));
});

describe('said of nobody’s machine, and of ours', () => {
  test.each([
    'Für 1,68 m und 75 kg suche ich etwas mit max. 830 mm Sitzhöhe.',
    'Met 1,68 m zoek ik iets met maximaal 830 mm zithoogte.',
    'Med mina 168 cm söker jag något med högst 830 mm sitthöjd.',
  ])('%s', (text) => expect(ticked(text)).toEqual([]));
  test('because, in French, is no car', () => {
    const text =
      'Je vends ma Pika 360 car permis A passé. Hauteur de selle 840 mm, 163 kg tous pleins faits.';
    expect(ticked(text)).toEqual(['seatHeight 840 mm standard-seat', 'mass 163 kg ready']);
  });
});

describe('carried along, due once, or on one of two roads', () => {
  test('a spare tank is not the tank', () => {
    const text = (spare: string) =>
      `Kestler 350. Wet weight 151 kg. 2.6 gal ${spare} for the rack.`;
    expect(ticked(text('spare tank')).join()).not.toMatch(/tank/);
    expect(ticked('Kestler 350. Wet weight 151 kg. 2.6 gal tank. MSRP $5,200').join()).toMatch(
      /tank 2\.6 gal-us/,
    );
  });
  // The first service is due at a thousand kilometres or a thousand miles: common practice, no source.
  test.each([
    ['1 000 km', false],
    ['1 600 km', false],
    ['1 700 km', true],
    ['10 000 km', true],
  ])('a service at %s as an interval: ticked %s', (far, sure) =>
    expect(
      ticked(`Grendon Fell 700. Selle 800 mm. Révision : tous les ${far}.`).some((t) =>
        t.startsWith('serviceInterval'),
      ),
    ).toBe(sure),
  );
  test.each([
    'Consumo médio 24 km/l na estrada a 110, 21 na cidade.',
    'Consumo medio 4,2 l/100 km en carretera y 5,1 en ciudad.',
    'Verbrauch 4,2 l/100 km auf der Landstraße, 5,1 in der Stadt.',
  ])('one of two roads: %s', (words) =>
    expect(ticked(`Sorrel 410. 187 kg wet. ${words}`).join()).not.toMatch(
      /consumption \S+ \S+ mixed/,
    ),
  );
  test('both roads together', () =>
    expect(ticked('Sorrel 410. Verbrauch im Mittel 4,6 l/100 km.').join()).toMatch(
      /consumption 4\.6/,
    ));
});

describe('a sum without the tax is asked about', () => {
  test.each([
    'Preis: 5.200 € zzgl. MwSt.',
    'Preis 5.200 € netto.',
    'Price £5,200 + VAT.',
    'Price: £5,200 ex VAT.',
    'Prix : 5 200 € HT.',
    'Prix : 5 200 €, TVA non comprise.',
    'Precio: 5.200 € + IVA.',
    'Precio: 5.200 € (IVA no incluido).',
    'Prezzo: 5.200 euro IVA esclusa.',
    'Prijs: € 5.200 excl. btw.',
    'Preço: 5.200 € mais IVA.',
    'Pris: 52 000 kr exkl. moms.',
    'Pris: 52 000 kr uten mva.',
    'Cena netto: 15 400 zł.',
    'Cena: 120 000 Kč bez DPH.',
  ])('%s', (words) => {
    const price = all(`Pellan 650. ${words} 204 kg wet.`).find((p) => p.key === 'price');
    expect(price?.ticked).toBe(false);
    expect(price?.doubts.map((d) => d.code)).toContain('without-tax');
  });
  test.each([
    'Preis: 5.200 € inkl. MwSt.',
    'Price: £5,200 inc VAT.',
    'Price: £5,200 plus delivery.',
    'Prix : 5 200 € TTC.',
    'Precio: 5.200 € (IVA incluido).',
    'Prezzo: 5.200 euro, IVA compresa.',
    'Prijs: € 5.200 incl. btw.',
    'Pris: 52 000 SEK inkl. moms.',
    // Lists of the States are without it as a rule.
    'MSRP: $5,200 plus tax.',
  ])('with it, or said of something else, it is ticked: %s', (words) =>
    expect(ticked(`Pellan 650. ${words} 204 kg wet.`).join()).toMatch(/price 52/),
  );
});

describe('a seat of another kind in a list, and power before what the engine drives', () => {
  test('"tall seat 940 mm" is not the one it came with; a seat that is called tall is', () => {
    const seats = (words: string) =>
      ticked(`Haldry Shale 450. 152 kg wet, ${words}.`).filter((t) => t.startsWith('seat'));
    expect(seats('rack, tall seat 940 mm, 14/50 sprockets')).toEqual([]);
    expect(seats('comfort seat: 940 mm')).toEqual([]);
    expect(seats('and a tall seat at 940 mm')).toEqual(['seatHeight 940 mm standard-seat']);
  });
  test.each(['Gross power 48 kW', 'Power (gross): 48 kW', 'Bruttoleistung: 48 kW'])('%s', (words) =>
    expect(ticked(`Haldry Shale 450. 152 kg wet. ${words}.`).join()).not.toMatch(/power/),
  );
  test('and the power as sheets declare it', () =>
    expect(ticked('Haldry Shale 450. 152 kg wet. Power: 48 kW.')).toContain('power 48 kW crank'));
});
