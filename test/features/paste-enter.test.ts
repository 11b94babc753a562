import { describe, expect, test } from 'vitest';
import type { Donor } from '@/core/donor';
import { namedParts, readText } from '@/core/spec-text';
import { madeDonor, modelLike, readingChanges, withProposals } from '@/features/donors/paste/enter';
import { demoDossier } from '@/demo/scenario';
import { partsOf } from '@/store/queries';
import { donorSchema, newDonor } from '@/store/records';

const SOURCE = { origin: 'claimed', note: '' } as const;
const read = (text: string) => {
  const [machine] = readText(text).machines;
  if (!machine) throw new Error('no machine');
  return machine;
};
const wanted = (text: string) => {
  const m = read(text);
  return { ...m, donorClass: m.donorClass?.donorClass, taken: m.proposals };
};
const model = (id: string, maker: string, name: string): Donor => ({
  ...newDonor(id),
  maker,
  model: name,
  donorClass: 'rally-twin',
});

describe('what was found becomes readings', () => {
  test('amount, unit and basis as quoted; the words as the note; who speaks before the source', () => {
    const { figures, facts } = withProposals(
      newDonor('d'),
      read('Measured wet weight 463 lb. Shaft drive. Seat height 34 in').proposals,
      SOURCE,
    );
    expect(figures.mass?.readings).toMatchObject([
      { amount: 463, unit: 'lb', basis: 'ready', origin: 'measured' },
    ]);
    expect(figures.seatHeight?.readings).toMatchObject([
      { amount: 34, unit: 'in', origin: 'claimed', note: '“Seat height 34 in”' },
    ]);
    expect(facts.finalDrive?.readings).toMatchObject([{ value: 'shaft', origin: 'claimed' }]);
  });
  test('they stand beside what is there, and only what is new is a change', () => {
    const own: Donor = {
      ...newDonor('d'),
      figures: {
        seatHeight: {
          readings: [
            { id: 'a', amount: 860, unit: 'mm', basis: 'standard-seat', origin: 'heard', note: '' },
          ],
        },
        tank: {
          readings: [
            { id: 'b', amount: 12, unit: 'L', basis: 'stated', origin: 'heard', note: '' },
          ],
        },
      },
    };
    const changes = readingChanges(own, read('Seat height 34 in').proposals, SOURCE);
    expect(changes).toMatchObject([{ table: 'donors', key: 'd', path: ['figures', 'seatHeight'] }]);
    expect(changes[0]?.after).toMatchObject({ readings: [{ id: 'a' }, { amount: 34 }] });
  });
});

describe('a donor is made of it', () => {
  const advert = 'For sale: 2020 Pellow Drift 390, 8,300 miles, £3,350 ono. Kerb weight 163 kg.';
  test('an advert is a machine for sale with what is on its clock, as written', () => {
    const made = madeDonor(wanted(advert), SOURCE, []);
    expect(made).toMatchObject({
      kind: 'machine',
      state: 'for-sale',
      maker: 'Pellow',
      model: 'Drift 390',
      version: '2020',
      machine: { year: 2020, fitted: [] },
      figures: { price: { readings: [{ amount: 3350, unit: 'GBP', basis: 'asked' }] } },
    });
    // 1 mile = 1.609344 km.
    expect(made.kind === 'machine' && made.machine.odometer_km).toBeCloseTo(8300 * 1.609344, 6);
    expect(donorSchema.safeParse(made).success).toBe(true);
  });
  test('it stands on its model where that is in the list, and takes its class', () => {
    const list = [model('m', 'pellow', 'drift 390'), model('n', 'Pellow', 'Drift 250')];
    const made = madeDonor(wanted(advert), SOURCE, list);
    expect(made).toMatchObject({
      kind: 'machine',
      baseId: 'm',
      donorClass: 'rally-twin',
      maker: '',
    });
    expect(donorSchema.safeParse(made).success).toBe(true);
    expect(modelLike(list, { maker: '', model: 'Drift 250' })?.id).toBe('n');
    expect(modelLike(list, { maker: 'Other', model: 'Drift 250' })).toBeUndefined();
  });
  test('a sheet is a model, of the class that the text tells', () => {
    const made = madeDonor(
      wanted('Marrow Vantage 310\nAir-cooled single\nKerb weight 128 kg\nTank 9 L\n15 kW'),
      SOURCE,
      [],
    );
    expect(made).toMatchObject({ kind: 'model', maker: 'Marrow', donorClass: 'air-trail-single' });
    expect(donorSchema.safeParse(made).success).toBe(true);
  });
});

describe('parts that an advert names', () => {
  test('what the rider ticks stands on the machine, half worn', () => {
    const [stand] = namedParts('Centre stand', Object.values(partsOf(demoDossier())));
    const made = madeDonor(
      {
        ...wanted('For sale: 2020 Pellow Drift 390, 8,300 miles, £3,350'),
        carries: [stand?.part.id ?? ''],
      },
      SOURCE,
      [],
    );
    expect(made.kind === 'machine' && made.machine.fitted).toEqual([
      { partId: stand?.part.id, wear: 0.5 },
    ]);
  });
});
