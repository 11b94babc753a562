import { describe, expect, test } from 'vitest';
import { readText } from '@/core/spec-text';

// Ways in which people open a text about one machine: common usage, no source. All makers and models are made up.
const SHEET = 'Seat height 855 mm, kerb weight 190 kg.';

const namesOf = (text: string) =>
  readText(text).machines.map(({ maker, model, year }) =>
    [maker, model, year].filter((x) => x !== '' && x !== undefined).join(' | '),
  );

describe('what a text calls its machine', () => {
  test.each([
    [
      'FIRST RIDE: 2024 Calloway Ridgeback 800 – big on comfort.',
      'Calloway | Ridgeback 800 | 2024',
    ],
    ['My dealer’s quote: Pennard 650 T - list £8,450.', 'Pennard | 650 T'],
    ['2019 (69) GARNET RIDGE 500 L TOURING PACK.', 'Garnet | Ridge 500 L Touring | 2019'],
    ['Selling my beloved Tarnside Scout (2017 model). 28k miles.', 'Tarnside | Scout | 2017'],
    ['For sale: Tarnside Scout.', 'Tarnside | Scout'],
    ['Technical data MOORLAND RANGER 410 Model year 2025.', 'Moorland | Ranger 410 | 2025'],
    ['Candidate A - Ostrava ML350', 'Ostrava | ML350'],
    ['Ostrava ML350 ABS E5+ (2024 - ) Technical data', 'Ostrava | ML350 | 2024'],
    ['Reduced for quick sale - Ostrava ML350.', 'Ostrava | ML350'],
    ['Price drop! 2021 Penrith 520 w/ 4,800 miles.', 'Penrith 520 | 2021'],
    ['PRESS RELEASE — Ostrava Motors today unveiled the ML 350.', 'Ostrava | ML 350'],
    ['Vorgestellt: Lindacher Kora 510 Modelljahr 2025.', 'Lindacher | Kora 510 | 2025'],
    ["Stock bike: '22 Ostrava ML350.", 'Ostrava | ML350 | 2022'],
    ['WTS/WTT Penrith 520T.', 'Penrith 520T'],
    ['KX-470 Nomad by Penrith.', 'Penrith | KX-470 Nomad'],
    ["We spent a week with Lindow's 450 X in Portugal.", 'Lindow | 450 X'],
    ["Ostrava's new ML350 is here.", 'Ostrava | ML350'],
    ['Ostrava Motors announces the ML 350.', 'Ostrava | ML 350'],
    ['The Vantage 310 is a motorcycle made by Marrow.', 'Marrow | Vantage 310'],
    ['Dauertest-Zwischenbilanz Brandmoor 500 GS nach 20.000 km.', 'Brandmoor | 500 GS'],
    ['Biete Brandmoor 500GS Bj 2021', 'Brandmoor 500GS | 2021'],
    ['Die neue Kora 510 von Lindacher im Test.', 'Kora 510'],
    ['Top gepflegte Kora 510 abzugeben, Bj 2020.', 'Kora 510 | 2020'],
    ['Cedo Torrevia 700 X anno 2022 km 9000.', 'Torrevia | 700 X | 2022'],
    ['La Vaillac 410 Sentier arrive en concession en avril.', 'Vaillac | 410 Sentier'],
    ['Säljer min Skarvann 600 -21. Gått 840 mil.', 'Skarvann 600 | 2021'],
    ['Specificaties Veldhoek 500 Reis.', 'Veldhoek | 500 Reis'],
    ['Rental fleet: Model Granby 500 Touring.', 'Granby | 500 Touring'],
    ['Dealer ad: NEW STANMORE 650 - only £7,299.', 'Stanmore 650'],
    ["Heads up: the Northgate 500's seat is hard.", 'Northgate 500'],
    ['Unser Urteil zur Heidekraut 400: gelungen.', 'Heidekraut 400'],
    ['Year: 2021 Make: Penrith Model: 520T', 'Penrith | 520T | 2021'],
  ])('%s', (opening, name) => expect(namesOf(`${opening}\n${SHEET}`)).toEqual([name]));

  test.each([
    ['so the new brackenridge 700 we had it on the scales', 'Brackenridge 700'],
    ['2022 ostrava ml350 low miles', 'Ostrava | ML350 | 2022'],
    ['penrith 520 2023', 'Penrith 520 | 2023'],
    ['i did the first 500 miles on it', ''],
    ['bought a used stanmore 650 for the commute', 'Stanmore 650'],
    ['the other 300 was no good', ''],
    ['the old girl makes 450 newton metres no the 45', ''],
  ])('without capitals: %s', (opening, name) =>
    expect(namesOf(`${opening}, seat height 855 mm, kerb weight 190 kg`)).toEqual([name]),
  );

  test('the fuller name, where it stands elsewhere', () =>
    expect(namesOf(`The Loma 390 is light. ${SHEET} A Ressic Loma 390 costs 6,200 euros.`)).toEqual(
      ['Ressic | Loma 390'],
    ));
});

describe('somebody else’s machine, or the one before, is not it', () => {
  test.each([
    ['A friend’s Quill 125 weighed 118 kg. Mine, a Quill 250, is light.', 'Quill 250'],
    ['Moved on from my Ardmoor 800. New ride is a Penrith 520T.', 'Penrith 520T'],
    ['Just traded in the old Ardmoor 800 for a Penrith 520.', 'Penrith 520'],
    ['Current bike: Wandal 250, 148 kg. Looking at the Tessel 540.', 'Tessel 540'],
    [
      'After years on Ardmoors I switched to a Vastel 580. My Ardmoor 800 was 227 kg.',
      'Vastel 580',
    ],
  ])('%s', (opening, name) => expect(namesOf(`${opening} ${SHEET}`)).toEqual([name]));

  test.each([
    ['My mate Dave’s 450 weighs 150 kg.', ''],
    ['Ostrava ML350, tested by Sam Ellery.', 'Ostrava | ML350'],
    ['The Ranger 410 by Sam Ellery.', 'Ranger 410'],
    ['Sam says the Ranger 410 is light.', 'Ranger 410'],
  ])('nobody is taken for its maker: %s', (opening, name) =>
    expect(namesOf(`${opening}\n${SHEET}`)).toEqual([name]),
  );

  test('alone it is', () =>
    expect(namesOf(`Current bike: Wandal 250. ${SHEET}`)).toEqual(['Wandal 250']));
});

describe('what is no name', () => {
  test.each([
    'Wheelbase 1510, rake 25.9.',
    'Tankinhoud 15,5 liter.',
    'Prześwit 220.',
    'Page 12 of the owner’s manual.',
    'Getting 62 mpg two up.',
    'Verzekering 180 per jaar.',
    'Takes 91 RON fine.',
    'Dear Tom, thank you for your visit.',
    'Fuse 15 A.',
    'Ersatzteilpreise Lima 640 €.',
    'Gemessen mit Koffern 231 kg.',
    'Nowy 43 900 zł.',
    'Los 38 CV dan para todo.',
    'FINAL DRIVE: Chain (15T/38T)',
    'Zweiundneunzig PS, das schiebt.',
  ])('%s', (opening) => expect(namesOf(`${opening}\n${SHEET}`)).toEqual(['']));

  test('of two that are told by one word each, neither', () =>
    expect(namesOf('The Vantage has a seat of 868 mm, the Ridge has 880 mm.')[0]).toBe(''));
});

describe('years', () => {
  test.each([
    ['14/11/2026 dealer visit\nOstrava ML350', 'Ostrava | ML350'],
    ['Seen on 14 Nov 2026: Ostrava ML350.', 'Ostrava | ML350'],
    ['Ostrava ML350, first registered 14/11/2021.', 'Ostrava | ML350 | 2021'],
    ['Ostrava ML350 2022', 'Ostrava | ML350 | 2022'],
    ['Ostrava ML350 MY25, in blue', 'Ostrava | ML350 | 2025'],
    ['Ostrava ML350\nMY2025', 'Ostrava | ML350 | 2025'],
    ['Ostrava ML350 Review\nBy Sam Ellery | March 3, 2025', 'Ostrava | ML350'],
    ['Torrevia 700, pagata 8.900 nel 2022.', 'Torrevia 700'],
    ['Bought unseen for 3.1k, 2014, an Ostrava ML350.', 'Ostrava | ML350 | 2014'],
    ['2020 Ostrava ML350, serviced in 2023', 'Ostrava | ML350 | 2020'],
  ])('%s', (opening, name) => expect(namesOf(`${opening}\n${SHEET}`)).toEqual([name]));
});
