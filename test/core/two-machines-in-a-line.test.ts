import { describe, expect, test } from 'vitest';
import { readText } from '@/core/spec-text';

const machines = (text: string) =>
  readText(text).machines.map((m) => [
    `${m.maker} ${m.model}`.trim(),
    ...m.proposals.flatMap((p) =>
      p.kind === 'figure' ? [`${p.key} ${p.amount} ${p.unit}${p.ticked ? ' ✓' : ''}`] : [],
    ),
  ]);

/** How comparisons are written in a line each; common practice, no source. */
describe('two machines told in pairs under a title that names them', () => {
  test.each([
    `Pellan Boréale 650 vs Brennock Heide 700 S
Power: 62 hp vs 73 hp
Wet weight: 202 kg vs 209 kg
Seat height: 870 mm vs 850 mm`,
    `Compared (Pellan Boréale 650 / Brennock Heide 700 S)
Power: 62 / 73 hp
Wet weight: 202 / 209 kg
Seat height: 870 / 850 mm`,
    `Pellan Boréale 650 versus Brennock Heide 700 S

Power
62 hp
73 hp
Wet weight
202 kg
209 kg
Seat height
870 mm
850 mm`,
  ])('%s', (text) => {
    expect(machines(text)).toEqual([
      ['Pellan Boréale 650', 'power 62 hp ✓', 'mass 202 kg ✓', 'seatHeight 870 mm ✓'],
      ['Brennock Heide 700 S', 'power 73 hp ✓', 'mass 209 kg ✓', 'seatHeight 850 mm ✓'],
    ]);
  });
  test('both ends of both', () => {
    const text = `Pellan Boréale 650 / Brennock Heide 700 S
Power: 62 / 73 hp
Travel: 200/195 / 190/180 mm`;
    expect(machines(text)).toEqual([
      ['Pellan Boréale 650', 'power 62 hp ✓', 'travelFront 200 mm ✓', 'travelRear 195 mm ✓'],
      ['Brennock Heide 700 S', 'power 73 hp ✓', 'travelFront 190 mm ✓', 'travelRear 180 mm ✓'],
    ]);
  });
  test.each([
    ['two ends of one machine', 'Front / Rear\nTravel: 200 / 190 mm\nSpring: 5.2 / 68 N/mm'],
    [
      'what was claimed and what was measured',
      'Claimed vs Measured\nPower: 62 hp vs 58 hp\nWeight: 202 kg vs 207 kg',
    ],
    [
      'a machine and its year',
      'Heide 700 S / 2021\nTravel: 200 / 190 mm\nSeat height: 850 / 870 mm',
    ],
    [
      'one machine, seats and ends',
      'Pellan Boréale 650\nTravel: 200 / 190 mm\nSeat height: 850 / 870 mm',
    ],
  ])('%s: one', (_, text) => {
    expect(machines(text)).toHaveLength(1);
  });
});
