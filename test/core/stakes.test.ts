import { describe, expect, test } from 'vitest';
import { assess, type Case } from '@/core/assessment';
import { figureMore, stakes, type Stake } from '@/core/stakes';
import { fitScore, wantCurves, wantWeights } from '@/core/preference';
import { typicalOf } from '@/core/typical';
import { dossier, entryOf, standingOf } from '../store/demo-standing';

const { brief } = standingOf(dossier);
const contender = (id: string): Case => ({
  ...entryOf(standingOf(dossier), id).bare,
  parts: [],
});
const leader = contender('c-drover-430-brenfold');
const found = stakes(leader);
const of = (list: readonly Stake[], key: string) => list.find((s) => s.key === key);

describe('what hangs on a figure', () => {
  test('musts come first, then the most points; nothing measured is asked again', () => {
    const decided = found.map((s) => s.decides.length);
    expect(decided).toEqual(decided.toSorted((a, b) => b - a));
    expect(found.every((s) => s.origin !== 'measured')).toBe(true);
    expect(found.length).toBeGreaterThan(3);
  });
  test('a quoted mass is worth what the whole assessment says at its two ends', () => {
    const reading = {
      id: 'r',
      amount: 170,
      unit: 'kg' as const,
      basis: 'ready' as const,
      origin: 'heard' as const,
      note: '',
      spread: 10,
    };
    const donor = {
      ...leader.donor,
      figures: { ...leader.donor.figures, mass: { readings: [reading] } },
    };
    const points = (amount: number) =>
      fitScore(
        assess({
          ...leader,
          donor: {
            ...donor,
            figures: { ...donor.figures, mass: { readings: [{ ...reading, amount, spread: 0 }] } },
          },
        }).metrics,
        wantCurves(brief),
        wantWeights(brief),
      ).points.mid;
    expect(of(stakes({ ...leader, donor }), 'mass')?.points).toBeCloseTo(
      Math.abs(points(160) - points(180)),
      9,
    );
  });
  test('one that nobody has quoted is worth what lies between both ends of what is typical of its class, and names the must it decides', () => {
    const { seatHeight: _gone, ...figures } = leader.donor.figures;
    const flat = { ...leader.brief, musts: { ...leader.brief.musts, stance: 'flat' as const } };
    const untold = { ...leader, brief: flat, donor: { ...leader.donor, figures } };
    const stake = of(stakes(untold), 'seatHeight');
    expect(stake?.origin).toBeUndefined();
    const { low, high } = typicalOf(leader.donor.donorClass, 'seatHeight') ?? { low: 0, high: 0 };
    const points = (amount: number) =>
      fitScore(
        assess({
          ...untold,
          donor: {
            ...untold.donor,
            figures: {
              ...figures,
              seatHeight: {
                readings: [
                  {
                    id: 'm',
                    amount,
                    unit: 'mm' as const,
                    basis: 'standard-seat' as const,
                    origin: 'measured' as const,
                    note: '',
                    spread: 0,
                  },
                ],
              },
            },
          },
        }).metrics,
        wantCurves(flat),
        wantWeights(flat),
      ).points.mid;
    expect(stake?.points).toBeCloseTo(Math.abs(points(low) - points(high)), 9);
    expect(stake?.decides).toContain('stance');
  });
  test('one that nothing is typical of puts the weight of its wants at stake', () => {
    const { price: _gone, ...figures } = leader.donor.figures;
    const stake = of(stakes({ ...leader, donor: { ...leader.donor, figures } }), 'price');
    expect(stake?.points).toBeCloseTo(wantWeights(brief).outlay * 100, 9);
    expect(stake?.decides).toContain('money');
  });
  test('measuring a figure takes it off the list', () => {
    const { tank: _tank, ...figures } = leader.donor.figures;
    const without = { ...leader, donor: { ...leader.donor, figures } };
    expect(of(stakes(without), 'tank')).toBeDefined();
    const measured = {
      ...leader,
      donor: {
        ...leader.donor,
        figures: {
          ...figures,
          tank: {
            readings: [
              {
                id: 'm',
                amount: 14,
                unit: 'L' as const,
                basis: 'stated' as const,
                origin: 'measured' as const,
                note: '',
              },
            ],
          },
        },
      },
    };
    expect(of(stakes(measured), 'tank')).toBeUndefined();
  });
});

describe('what hangs on a fact', () => {
  test('rims that nobody has named are asked for; named, they are not', () => {
    const { wheelType: _gone, ...facts } = leader.donor.facts ?? {};
    expect(
      of(stakes({ ...leader, donor: { ...leader.donor, facts } }), 'wheelType')?.points,
    ).toBeGreaterThan(0);
    expect(
      of(
        stakes({
          ...leader,
          donor: {
            ...leader.donor,
            facts: {
              ...facts,
              wheelType: { readings: [{ id: 'f', value: 'cast', origin: 'heard', note: '' }] },
            },
          },
        }),
        'wheelType',
      ),
    ).toBeUndefined();
  });
});

describe('what one figure more would bring', () => {
  const { wheelbase: _, ...others } = leader.donor.figures;
  const all = (donor: Case['donor']) => {
    const a = assess({ ...leader, donor });
    return [...Object.values(a.metrics), ...Object.values(a.underLoad())];
  };
  test('said to open a figure, it does', () => {
    const opening = figureMore(all(leader.donor)).filter((f) => f.opens.length > 0);
    expect(opening.map((f) => f.name)).toContain('oilCapacity');
    const told = {
      ...leader.donor,
      figures: {
        ...leader.donor.figures,
        oilCapacity: {
          readings: [
            {
              id: 'oil',
              amount: 1.6,
              unit: 'L' as const,
              basis: 'stated' as const,
              origin: 'measured' as const,
              note: '',
              spread: 0,
            },
          ],
        },
      },
    };
    for (const key of opening.find((f) => f.name === 'oilCapacity')?.opens ?? [])
      expect(all(told).find((m) => m.key === key)?.estimate.kind, key).toBe('known');
    expect(figureMore(all(told)).some((f) => f.name === 'oilCapacity')).toBe(false);
  });
  test('a figure taken away is one that would firm what rests on its class', () => {
    const firmed = (donor: Case['donor']) =>
      figureMore(all(donor)).find((f) => f.name === 'wheelbase')?.firms ?? [];
    expect(firmed(leader.donor)).toEqual([]);
    expect(firmed({ ...leader.donor, figures: others }).length).toBeGreaterThan(0);
  });
});
