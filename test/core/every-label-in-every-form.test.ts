import { describe, expect, test } from 'vitest';
import { readText } from '@/core/spec-text';

/**
 * How sheets and lists of figures are laid out; common practice, no source. Numbers are made up. A row: the figure, what it is called,
 * and amounts with their units, as written and as Jugator calls them where that differs.
 */
const FIGURES = `
power | Power, Max power, Peak power, Leistung, Puissance, Potencia, Potenza, Vermogen | 35 kW, 47.6 hp, 48 PS
torque | Torque, Max torque, Drehmoment, Couple, Par máximo, Coppia, Koppel | 44 Nm, 32.5 lb-ft = lbf-ft, 32.5 ft-lb = lbf-ft, 4.5 kgf-m
mass | Wet weight, Kerb weight, Dry weight, Weight (wet), Gewicht vollgetankt, Poids à sec, Rijklaar gewicht | 187 kg, 412 lb, 412 lbs = lb
seatHeight | Seat height, Saddle height, Sitzhöhe, Hauteur de selle, Altura del asiento, Altezza sella | 865 mm, 34.1 in, 86.5 cm
clearance | Ground clearance, Bodenfreiheit, Garde au sol, Distancia libre al suelo, Luce a terra | 245 mm, 9.6 in
tank | Fuel capacity, Tank, Fuel, Tankinhalt, Réservoir, Depósito, Serbatoio | 13.5 L, 3.6 US gal = gal-us, 3.0 imp gal = gal-imp
consumption | Fuel consumption, Verbrauch, Consommation, Consumo | 60 mpg (US) = mpg-us, 25 km/L
travelFront | Front travel, Fork travel, Federweg vorn, Débattement avant, Recorrido delantero, Escursione anteriore | 220 mm, 8.7 in
displacement | Displacement, Capacity, Hubraum, Cylindrée, Cilindrada | 449 cc, 449.6 cm3 = cc
price | Price, MSRP, List price, RRP, Preis, Prix, Prezzo | 7,499 USD; 7,499 EUR; 7,499 AUD; 74,990 SEK; 74,990 ZAR
payload | Payload, Load capacity, Zuladung, Charge utile, Carga máxima | 182 kg, 401 lb
serviceInterval | Service interval, Service every, Wartungsintervall | 10,000 km; 6,000 miles = mi
valveInterval | Valve check interval, Valve clearance check, Valve check | 24,000 km; 16,000 miles = mi
`
  .trim()
  .split('\n')
  .map((row) => {
    const [key = '', labels = '', said = ''] = row.split(' | ');
    return {
      key,
      labels: labels.split(', '),
      said: said.split(/[,;] /).map((one) => {
        const [, amount = '', unit = '', known = unit] =
          /^(\S+) (.*?)(?: = (.*))?$/.exec(one) ?? [];
        return { amount, unit, known };
      }),
    };
  });

const FORMS: Readonly<Record<string, (label: string, amount: string, unit: string) => string>> = {
  'a colon': (l, v, u) => `${l}: ${v} ${u}`,
  'nothing between': (l, v, u) => `${l} ${v}${u}`,
  'the unit in brackets': (l, v, u) => `${l} (${u}): ${v}`,
  'the unit in square ones': (l, v, u) => `${l} [${u}]: ${v}`,
  'the unit behind a comma': (l, v, u) => `${l}, ${u}: ${v}`,
  'the unit behind in': (l, v, u) => `${l} in ${u}: ${v}`,
  'the unit as the last word': (l, v, u) => `${l} ${u}: ${v}`,
  'the unit behind a slash': (l, v, u) => `${l} / ${u}: ${v}`,
  'a row of two cells': (l, v, u) => `| ${l} | ${v} ${u} |`,
  'a row of three': (l, v, u) => `| ${l} | ${v} | ${u} |`,
  'a row with the unit in its head': (l, v, u) => `| ${l} (${u}) | ${v} |`,
  tabs: (l, v, u) => `${l}\t${v}\t${u}`,
  'a tab, the unit in the head': (l, v, u) => `${l} (${u})\t${v}`,
  dots: (l, v, u) => `${l} ....... ${v} ${u}`,
  'a dash': (l, v, u) => `${l} – ${v} ${u}`,
  'a bullet in bold': (l, v, u) => `- **${l}:** ${v} ${u}`,
  'the number on the next line': (l, v, u) => `${l}\n${v} ${u}`,
  'the unit above the number': (l, v, u) => `${l} (${u})\n${v}`,
  'a file': (l, v, u) => `"${l}": "${v} ${u}",`,
  'a name of a file': (l, v, u) => `${l.toLowerCase().replaceAll(' ', '_')}: ${v} ${u}`,
  capitals: (l, v, u) => `${l.toUpperCase()}: ${v} ${u.toUpperCase()}`,
  'the number first': (l, v, u) => `${v} ${u} ${l.toLowerCase()}`,
  'a sentence': (l, v, u) => `The ${l.toLowerCase()} is ${v} ${u}.`,
};

interface Found {
  readonly key: string;
  readonly amount: number;
  readonly unit: string;
  readonly ticked: boolean;
}
const figuresIn = (lines: string): readonly Found[] =>
  readText(`Lunet 570\nGears: 6\n${lines}`).machines.flatMap((m) =>
    m.proposals.flatMap((p) =>
      p.kind === 'figure' && p.key !== 'gears'
        ? [{ key: p.key, amount: p.amount, unit: p.unit, ticked: p.ticked }]
        : [],
    ),
  );

describe('every figure, in every unit, however the line is laid out', () => {
  test.each(Object.entries(FORMS))('%s', (_, form) => {
    const wrong: string[] = [];
    let n = 0;
    for (const { key, labels, said } of FIGURES)
      for (const { amount, unit, known } of said) {
        const label = labels[n % labels.length] ?? '';
        n += 1;
        const line = form(label, amount, unit);
        const found = figuresIn(line);
        const is = (f: Found) =>
          f.key === key && f.unit === known && f.amount === Number(amount.replace(',', ''));
        if (!found.some(is) || found.some((f) => f.ticked && !is(f))) wrong.push(line);
      }
    expect(n).toBeGreaterThan(30);
    expect(wrong).toEqual([]);
  });
});

describe('front and rear, however they are told apart', () => {
  test.each([
    'Travel F/R: 220/215 mm',
    'Travel (F/R)\t220/215\tmm',
    '| Travel F/R | 220 / 215 | mm |',
    'Travel (F): 220 mm; Travel (R): 215 mm',
    'Travel\nfr: 220 mm\nrr: 215 mm',
    'Federweg v/h: 220/215 mm',
    'Federweg (v): 220 mm; Federweg (h): 215 mm',
    'Débattement AV/AR: 220/215 mm',
    'Débattement\nAV: 220 mm\nAR: 215 mm',
    'Recorrido suspensión del./tras.: 220/215 mm',
    'Recorrido suspensión: del. 220 mm, tras. 215 mm',
    'Escursione: ant. 220 mm, post. 215 mm',
    'Escursione\nant.: 220 mm\npost.: 215 mm',
    'Escursione | ant. 220 mm / post. 215 mm',
  ])('%s', (text) => {
    expect(figuresIn(text).map((f) => `${f.key} ${f.amount}`)).toEqual([
      'travelFront 220',
      'travelRear 215',
    ]);
  });
});

describe('two figures in one line, and what each is', () => {
  test.each([
    ['Power (kW/rpm): 35/8500', ['power 35 kW', 'powerRpm 8500 rpm']],
    ['Power kW @ rpm: 35 @ 8500', ['power 35 kW', 'powerRpm 8500 rpm']],
    ['Leistung (kW bei 1/min): 35 bei 8500', ['power 35 kW', 'powerRpm 8500 rpm']],
    ['Weight (dry/wet): 172/187 kg', ['mass 172 kg', 'mass 187 kg']],
    ['Weight wet/dry 187 kg / 172 kg', ['mass 187 kg', 'mass 172 kg']],
    ['Seat height 865 mm (845 mm low)', ['seatHeight 865 mm', 'seatHeight 845 mm']],
    ['Sitzhöhe 865 mm (tief 845 mm)', ['seatHeight 865 mm', 'seatHeight 845 mm']],
    ['Service 10,000km/12mth', ['serviceInterval 10000 km', 'serviceMonths 12 months']],
    ['Price: R 74,990', ['price 74990 ZAR']],
  ])('%s', (text, wanted) =>
    expect(figuresIn(text).map((f) => `${f.key} ${f.amount} ${f.unit}`)).toEqual(wanted),
  );
  test('dry is dry and wet is wet, in the order of the head', () => {
    const bases = (text: string) =>
      readText(`Lunet 570\n${text}`).machines.flatMap((m) =>
        m.proposals.flatMap((p) => (p.kind === 'figure' ? [`${p.amount} ${p.basis}`] : [])),
      );
    expect(bases('Weight (dry/wet): 172/187 kg')).toEqual(['172 dry', '187 ready']);
    expect(bases('Weight (wet/dry): 187/172 kg')).toEqual(['187 ready', '172 dry']);
  });
});
