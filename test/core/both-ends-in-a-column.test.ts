import { describe, expect, test } from 'vitest';
import { readHeader } from '@/core/spec-text';
import { guessColumns, readDonorRow, upright, type RowSetting } from '@/core/tables';

const setting = (headings: readonly string[]): RowSetting => ({
  columns: guessColumns(headings, undefined),
  origin: 'claimed',
  note: '',
  donorClass: 'rally-twin',
  id: 'd',
});
const amounts = (table: Parameters<typeof upright>[0]) => {
  const { headings, rows } = upright(table);
  return rows.map((row) => {
    const result = readDonorRow(row, setting(headings));
    if (result.kind !== 'donor') throw new Error(JSON.stringify(result));
    const figures = Object.entries(result.donor.figures).map(
      ([key, figure]) => `${key} ${figure?.readings[0]?.amount}`,
    );
    const facts = Object.entries(result.donor.facts ?? {}).map(
      ([key, fact]) => `${key} ${fact?.readings[0]?.value}`,
    );
    return [...figures, ...facts];
  });
};

/** Front stands before rear wherever both share a heading; common practice, no source. */
describe('a column of both ends', () => {
  test.each([
    ['Travel F/R (mm)', '230/225', ['travelFront 230', 'travelRear 225']],
    ['Suspension travel front/rear (mm)', '230 / 225', ['travelFront 230', 'travelRear 225']],
    ['Travel front and rear', '230/225 mm', ['travelFront 230', 'travelRear 225']],
    ['Axle load F/R (kg)', '150/230', ['axleLimitFront 150', 'axleLimitRear 230']],
    ['Wheels F/R', '21/18', ['wheelFront 21', 'wheelRear 18']],
    ['Sprockets F/R', '15/45', ['sprocketFront 15', 'sprocketRear 45']],
    ['Tyres F/R', '90/90-21 / 140/80-18', ['tyreFront 90/90-21', 'tyreRear 140/80-18']],
    ['Federweg v/h (mm)', '230/225', ['travelFront 230', 'travelRear 225']],
  ])('%s', (heading, cell, both) => {
    expect(amounts({ headings: ['Model', heading], rows: [['Kestrin 450', cell]] })).toEqual([
      both,
    ]);
  });
  test('with machines side by side', () => {
    const headings = ['', 'Kestrin 450', 'Kestrin 700'];
    const rows = [
      ['Power (kW)', '33', '54'],
      ['Travel front/rear (mm)', '230/225', '210/200'],
      ['Wet weight (kg)', '168', '204'],
    ];
    expect(amounts({ headings, rows }).map((m) => m.slice(1, 3))).toEqual([
      ['travelFront 230', 'travelRear 225'],
      ['travelFront 210', 'travelRear 200'],
    ]);
  });
  test('a cell that is no pair stays whole, and an empty one says nothing', () => {
    const rows = [
      ['One', '230/225'],
      ['Two', ''],
      ['Three', '210/200'],
      ['Four', '190'],
    ];
    expect(upright({ headings: ['Model', 'Travel F/R (mm)'], rows }).rows).toEqual([
      ['One', '230', '225'],
      ['Two', '', ''],
      ['Three', '210', '200'],
      ['Four', '190', ''],
    ]);
  });
  test('a heading of one end, or without pairs, stays one column', () => {
    for (const [heading, cell] of [
      ['Rear travel (mm)', '225'],
      ['Travel F/R (mm)', '230'],
    ] as const)
      expect(upright({ headings: ['Model', heading], rows: [['One', cell]] })).toEqual({
        headings: ['Model', heading],
        rows: [['One', cell]],
        turned: false,
      });
  });
  test('tyres are designations, and power may be the wheel’s', () => {
    expect(readHeader('Tyre front')).toEqual({ kind: 'fact', key: 'tyreFront' });
    expect(readHeader('Tires rear')).toEqual({ kind: 'fact', key: 'tyreRear' });
    expect(readHeader('Front tyre pressure (bar)')).toMatchObject({ key: 'pressureFront' });
    expect(readHeader('Power at wheel (hp)')).toMatchObject({ key: 'power', basis: 'wheel' });
    expect(readHeader('Power (hp)')).toMatchObject({ key: 'power', basis: 'crank' });
  });
});
