import { describe, expect, test } from 'vitest';
import { axleLoads, carriedOnEnds } from '@/core/assessment';
import { newBrief, newDonor } from '@/store/records';
import { assessed } from '../cases';

const plain = newBrief('EUR');
const brief = {
  ...plain,
  rider: { ...plain.rider, mass_kg: 80, kit_kg: 10 },
  trip: { ...plain.trip, luggage_kg: 20, tankBag_kg: 4, tail_kg: 6, pillion_kg: undefined },
};

describe('what rests on each end beyond the machine', () => {
  test('the rider in kit alone: 0.6 behind, by hand 90 × 0.6', () => {
    const { front, rear } = carriedOnEnds(brief, 'solo');
    expect(rear).toBeCloseTo(54, 9);
    expect(front).toBeCloseTo(36, 9);
  });
  test('with the luggage: tank bag 0.42, panniers 0.93, tail 1.08 behind, by hand', () => {
    const { front, rear } = carriedOnEnds(brief, 'loaded');
    expect(rear).toBeCloseTo(54 + 4 * 0.42 + 10 * 0.93 + 6 * 1.08, 9);
    expect(front + rear).toBeCloseTo(110, 9);
  });
  test('a passenger sits 0.88 behind: the one the brief names, else 75 kg', () => {
    const loaded = carriedOnEnds(brief, 'loaded').rear;
    expect(carriedOnEnds(brief, 'passenger').rear - loaded).toBeCloseTo(75 * 0.88, 9);
    const named = { ...brief, trip: { ...brief.trip, pillion_kg: 60 } };
    expect(carriedOnEnds(named, 'passenger').rear - loaded).toBeCloseTo(60 * 0.88, 9);
  });
  test('it is the difference of the axle loads with and without it', () => {
    const donor = {
      ...newDonor('d'),
      figures: {
        mass: {
          readings: [
            {
              id: 'm',
              amount: 180,
              unit: 'kg' as const,
              basis: 'ready' as const,
              origin: 'measured' as const,
              note: '',
              spread: 0,
            },
          ],
        },
      },
    };
    const { figures } = assessed(brief, donor);
    const rearOf = (of: typeof brief) => {
      const { rear } = axleLoads(of, figures);
      if (rear.kind === 'unknown') throw new Error(rear.missing.join());
      return rear.mid;
    };
    const bare = { ...brief, trip: { ...brief.trip, luggage_kg: 0, tankBag_kg: 0, tail_kg: 0 } };
    expect(rearOf(bare) - 180 * 0.5).toBeCloseTo(carriedOnEnds(brief, 'solo').rear, 9);
    expect(rearOf(brief) - 180 * 0.5).toBeCloseTo(carriedOnEnds(brief, 'loaded').rear, 9);
  });
});
