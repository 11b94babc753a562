import { describe, expect, test } from 'vitest';
import { readFactValue, readText } from '@/core/spec-text';

const facts = (text: string) =>
  readText(`Sulvik Dovrek 450. ${text}`).machines.flatMap(({ proposals }) =>
    proposals.flatMap((p) => (p.kind === 'fact' && p.ticked ? [`${p.key} ${p.value}`] : [])),
  );

/** How riders and testers tell what a machine does not have as it comes; common usage, no source. */
describe('what is had in a pack of extras is not what it comes with', () => {
  test.each([
    'Cruise control, quickshifter and heated grips are part of the £900 Tour pack.',
    'Cruise control comes with the Tour pack.',
    'Tempomat und Heizgriffe im Touring-Paket (890 Euro).',
    'Régulateur de vitesse dans le pack Voyage.',
    'Control de crucero con el paquete Touring.',
    'Cruise control nel pacchetto Touring.',
  ])('%s', (text) => {
    expect(facts(text)).toEqual([]);
  });
  test('without a pack it is', () => {
    expect(facts('Cruise control comes as standard.')).toEqual(['cruiseControl yes']);
  });
});

describe('what is missed, not needed, or had at a price', () => {
  test.each([
    'I miss cruise control.',
    'Mir fehlt ein Tempomat.',
    'Il me manque un régulateur de vitesse.',
    'Echo de menos el control de crucero.',
    'Mi manca il cruise control.',
  ])('is not there: %s', (text) => {
    expect(facts(text)).toEqual(['cruiseControl no']);
  });
  test.each(['No need for cruise control on a bike like this.', 'You don’t need cruise control.'])(
    'is not told: %s',
    (text) => {
      expect(facts(text)).toEqual([]);
    },
  );
  const sheet = (line: string) =>
    readText(`Sulvik Dovrek 450\n${line}`).machines.flatMap(({ proposals }) =>
      proposals.flatMap((p) => (p.kind === 'fact' && p.ticked ? [`${p.key} ${p.value}`] : [])),
    );
  test.each(['Tempomat: Aufpreis', 'Cruise control: £320', 'Cruise control ○', 'Tempomat: 320 €'])(
    'is had at a price: %s',
    (line) => {
      expect(sheet(line)).toEqual([]);
    },
  );
  test('a box without a tick', () => {
    expect(sheet('Cruise control [ ]')).toEqual(['cruiseControl no']);
  });
});

describe('what another machine or version has', () => {
  test.each([
    'The shaft drive rivals cost two grand more.',
    'Tubeless spokes are standard on the R only.',
    'Cruise control nur bei der R.',
    'Régulateur de vitesse uniquement sur la version R.',
    'Reminds me of the old shaft-drive twin my dad had.',
    'Less weight than a V-twin, less vibration than a single.',
    'Half the price of a shaft-driven V-twin.',
    'Im Vergleich zu einem Einzylinder läuft er seidig.',
    'Par rapport à un monocylindre, c’est doux.',
    'Kickstart deleted for 2020; electric only.',
  ])('%s', (text) => {
    expect(facts(text)).toEqual([]);
  });
  test.each([
    ['It’s not a parallel twin, it’s a V-twin.', 'layout v-twin'],
    ['Mein Nachbar hat die mit Kardan. Meine hat Kette.', 'finalDrive chain'],
  ])('beside what it has itself: %s', (text, fact) => {
    expect(facts(text)).toEqual([fact]);
  });
});

describe('what somebody made of it', () => {
  test.each([
    ['Swapped the cast wheels for spoked tubeless ones.', ['wheelType cast']],
    ['Aftermarket fully adjustable shock fitted.', []],
  ])('%s', (text, found) => {
    expect(facts(text)).toEqual(found);
  });
});

describe('ABS that is switched off behind alone', () => {
  test.each([
    ['Rear ABS switchable, front always on.', 'abs rear-off'],
    ['ABS: dual channel, rear can be disabled.', 'abs rear-off'],
    ['ABS is always on.', 'abs fixed'],
  ])('%s', (text, fact) => {
    expect(facts(text)).toEqual([fact]);
  });
});

describe('a year', () => {
  const years = (text: string) =>
    readText(`Sulvik Dovrek 450. ${text}`).machines.flatMap(({ proposals }) =>
      proposals.flatMap((p) => (p.kind === 'figure' ? [`${p.key} ${p.amount}`] : [])),
    );
  test('since when it is made, and since when something else', () => {
    expect(years('In production since 2019.')).toEqual(['madeFrom 2019']);
    expect(years('Fuel injected since 2016, carbs before.')).toEqual([]);
    expect(years('Had it since 2021.')).toEqual([]);
  });
});

describe('power that is held back', () => {
  test('beside the full one is not the machine’s', () => {
    const told = readText('Sulvik Dovrek 450. It is rated at 73 hp but the A2 version makes 47.');
    expect(
      told.machines
        .flatMap((m) => m.proposals)
        .flatMap((p) => (p.kind === 'figure' ? [p.amount] : [])),
    ).toEqual([73]);
  });
});

describe('an answer that is had for more money', () => {
  const sheet = (lines: string) =>
    readText(`Sulvik Dovrek 450\n${lines}`).machines.flatMap(({ proposals }) =>
      proposals.flatMap((p) => (p.kind === 'fact' && p.ticked ? [`${p.key} ${p.value}`] : [])),
    );
  test.each([
    'Cruise control: yes (optional)',
    'Engine guard: alloy (accessory)',
    'Tempomat: ja (gegen Aufpreis)',
    'Screen: tall (option)',
  ])('is not told of the machine as it comes: %s', (line) => {
    expect(sheet(line)).toEqual([]);
  });
  test.each([
    ['Screen: small (tall optional)', 'screen small'],
    ['Hand guards: plastic, spine optional', 'handGuards plastic'],
    ['Räder: Guss, Speichen optional', 'wheelType cast'],
    ['ABS: switchable (rear)', 'abs rear-off'],
  ])('beside what it comes with: %s', (line, fact) => {
    expect(sheet(line)).toEqual([fact]);
  });
  test.each([
    ['screen', 'tall (option)', undefined],
    ['screen', 'none, tall optional', 'none'],
    ['sumpGuard', 'optional alloy', undefined],
    ['sumpGuard', 'plastic (alloy optional)', 'plastic'],
    ['cruiseControl', 'yes', 'yes'],
    ['cruiseControl', 'yes (optional)', undefined],
  ] as const)('in a cell of a table: %s, %s', (key, cell, value) => {
    expect(readFactValue(key, cell)).toBe(value);
  });
});
