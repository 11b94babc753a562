import { describe, expect, test } from 'vitest';
import { readText } from '@/core/spec-text';
import { readAdjusters } from '@/core/spec-text/facts/adjusters';
import { readAntilock } from '@/core/spec-text/facts/antilock';

const adjusters = (line: string) =>
  Object.fromEntries(
    readAdjusters(line).map(({ key, value }) => [key.replace('Adjust', ''), value]),
  );

// What sheets, tests and posts say can be turned at each end; common usage, no source.
describe('what can be turned at each end', () => {
  test.each<readonly [string, Readonly<Record<string, string>>]>([
    [
      'a fully adjustable fork and a shock with preload and rebound',
      { fork: 'full', shock: 'preload-rebound' },
    ],
    ['fork fully adjustable, shock preload only', { fork: 'full', shock: 'preload' }],
    ['fully adjustable fork, and preload on the shock', { fork: 'full', shock: 'preload' }],
    ['Preload-adjustable rear shock, non-adjustable fork', { fork: 'none', shock: 'preload' }],
    ['Suspension: fully adjustable front and rear', { fork: 'full', shock: 'full' }],
    ['fork and shock are fully adjustable', { fork: 'full', shock: 'full' }],
    [
      'Gabel nicht einstellbar, Federbein in der Vorspannung verstellbar',
      { fork: 'none', shock: 'preload' },
    ],
    [
      'Fahrwerk hinten: Zentralfederbein, Vorspannung und Zugstufe einstellbar',
      { shock: 'preload-rebound' },
    ],
    [
      'Suspension avant : fourche inversée 43 mm, réglable en précharge, compression et détente',
      { fork: 'full' },
    ],
    [
      'fourche non réglable, mono-amortisseur réglable en précharge',
      { fork: 'none', shock: 'preload' },
    ],
    ['horquilla regulable en precarga, compresión y extensión', { fork: 'full' }],
    ['amortiguador trasero regulable en precarga y rebote', { shock: 'preload-rebound' }],
    [
      'Forcella da 43 mm, escursione 240 mm, regolabile in estensione e precarico',
      { fork: 'preload-rebound' },
    ],
    ['Suspensiones regulables en todo', { fork: 'full', shock: 'full' }],
    ['monoammortizzatore completamente regolabile', { shock: 'full' }],
    ['Voorvork 48 mm upside-down, volledig instelbaar', { fork: 'full' }],
    ['Suspensão dianteira: garfo de 41 mm, curso 200 mm, sem regulagem', { fork: 'none' }],
    ['Zawieszenie przód: widelec USD 43 mm, skok 210 mm, pełna regulacja', { fork: 'full' }],
    [
      'centralny amortyzator, regulacja napięcia wstępnego i tłumienia odbicia',
      { shock: 'preload-rebound' },
    ],
    ['Framgaffel 43 mm, ej justerbar', { fork: 'none' }],
    ['Bakdemper: enkel støtdemper, justerbar forspenning', { shock: 'preload' }],
    ['Etuhaarukka täysin säädettävä', { fork: 'full' }],
    [
      'Vidlice plně nastavitelná, tlumič nastavitelný v předpětí',
      { fork: 'full', shock: 'preload' },
    ],
    ['remote preload adjuster', { shock: 'preload' }],
    ['Federvorspannung per Handrad', { shock: 'preload' }],
    ['mono regolabile solo nel precarico', { shock: 'preload' }],
    ['clickers for everything on the fork', { fork: 'full' }],
    ['the fork has zero adjustability', { fork: 'none' }],
    // Damping without preload is none of the four options.
    ['the fork is a 43mm with compression and rebound clickers, no preload', {}],
    ['Compression ratio 12.7:1. Fork: 43 mm', {}],
    ['Fork: 43 mm, adjustable lever, non adjustable clutch', {}],
    ['Horquilla de 43 mm, asiento no regulable', {}],
    ['Fork 43 mm, seat is not adjustable', {}],
    ['Gabel 43 mm, Windschild nicht verstellbar', {}],
    ['USD fork 43 mm, screen fully adjustable', {}],
    ['a fork of 43 mm with 210 mm of travel', {}],
  ])('%s', (line, told) => expect(adjusters(line)).toEqual(told));

  test('two versions told in one line are both offered, and neither is ticked', () => {
    const { machines } = readText(
      'Ostrel Senda 450. The rally version gets a fully adjustable fork, the base one has a non-adjustable fork.',
    );
    const told = machines.flatMap((m) => m.proposals).filter((p) => p.key === 'forkAdjust');
    expect(told.map((p) => [p.kind === 'fact' && p.value, p.ticked])).toEqual([
      ['full', false],
      ['none', false],
    ]);
  });
  test.each([
    'Would be nice if the fork was fully adjustable.',
    'Fully adjustable suspension is optional.',
    'Upgraded to a fully adjustable shock.',
  ])('%s: not ticked', (line) =>
    expect(
      readText(`Ostrel Senda 450. ${line}`)
        .machines.flatMap((m) => m.proposals)
        .filter((p) => p.ticked),
    ).toEqual([]),
  );
});

describe('ABS that can be switched off, and at which end', () => {
  test.each([
    ['ABS that can be turned off at the rear only', 'rear-off'],
    ['cornering ABS with an off-road mode that disables the rear', 'rear-off'],
    ['ABS: two-channel, rear can be deactivated', 'rear-off'],
    ['there is ABS and you can turn the rear one off', 'rear-off'],
    ['off-road ABS (rear off)', 'rear-off'],
    ['Einzelscheibe vorn, Kurven-ABS mit Supermoto-Modus (hinten abschaltbar)', 'rear-off'],
    ["ABS déconnectable à l'arrière", 'rear-off'],
    ['ABS desconectable en la rueda trasera', 'rear-off'],
    ['ABS sulla ruota posteriore disinseribile', 'rear-off'],
    ['ABS uitschakelbaar op het achterwiel', 'rear-off'],
    ['ABS desligável na roda traseira', 'rear-off'],
    ['ABS z możliwością odłączenia tylnego koła', 'rear-off'],
    ['ABS som kan slås av på bakhjulet', 'rear-off'],
    ['ABS odpojitelné na zadním kole', 'rear-off'],
    ["on peut couper l'ABS à l'arrière", 'rear-off'],
    ["l'ABS posteriore si disinserisce", 'rear-off'],
    ['el ABS se puede quitar detrás', 'rear-off'],
    ['ABS can be turned off front and rear', 'both-off'],
    ['abschaltbares ABS', 'both-off'],
    ['pas de modes, ABS déconnectable', 'both-off'],
    ['El ABS se puede desconectar', 'both-off'],
    ['ABS and traction control can be switched off', 'both-off'],
    ['ABS cannot be switched off', 'fixed'],
    ['non-switchable ABS', 'fixed'],
    ['ABS lässt sich nicht abschalten', 'fixed'],
    ['ABS non déconnectable', 'fixed'],
    ['Is ABS switchable? Yes, ABS goes off at the rear.', 'rear-off'],
    ['ABS, switchable traction control', undefined],
    ['dual-channel ABS, off-road mode', undefined],
    // Only one end is spoken of, and that it stays on.
    ["the ABS at the front can't be turned off but the rear can", undefined],
  ])('%s', (line, value) => expect(readAntilock(line)?.value).toBe(value));

  test('said behind its label as well', () =>
    expect(
      readText('Valdris Trilha 500\nABS: desligável na roda traseira')
        .machines.flatMap((m) => m.proposals)
        .filter((p) => p.key === 'abs'),
    ).toMatchObject([{ value: 'rear-off', ticked: true }]));
});
