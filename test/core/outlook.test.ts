import { describe, expect, test } from 'vitest';
import { assess, caseOf, mustsOf, reckon } from '@/core/assessment';
import type { Brief } from '@/core/brief';
import { SHIPPED_PARTS } from '@/core/catalogue';
import { DONOR_CLASSES, type Model } from '@/core/donor';
import { shareOf } from '@/core/numeric';
import { byPromise, classOutlook, liftsTo, limitOn, lookFor } from '@/core/outlook';
import { figureDefinition, figureUnit, type FigureKey, type Reading } from '@/core/readings';
import { fitScore, wantCurves, wantWeights } from '@/core/preference';
import { typicalOf } from '@/core/typical';
import { newBrief } from '@/store/records';

const begun = newBrief('EUR');
const asking = (more: Partial<Brief['musts']>, trip: Partial<Brief['trip']> = {}): Brief => ({
  ...begun,
  trip: { ...begun.trip, ...trip },
  musts: { ...begun.musts, ...more },
});
const outlook = (brief: Brief, c: (typeof DONOR_CLASSES)[number]) =>
  classOutlook(brief, c, undefined);

/** A machine of a class that shows one figure, as an advert does. */
const showing = (c: (typeof DONOR_CLASSES)[number], key: FigureKey, reading: Reading): Model => ({
  id: `class/${c}`,
  kind: 'model',
  maker: '',
  model: '',
  version: '',
  donorClass: c,
  figures: { [key]: { readings: [reading] } },
  note: '',
});

describe('a class weighed before any machine is known', () => {
  test('a mass limit holds as often as the spread of the class says', () => {
    // Low and high of the class table are the 5th and 95th percentile, the middle is the median (split normal, by definition).
    for (const c of DONOR_CLASSES) {
      const span = typicalOf(c, 'mass');
      if (!span) throw new Error('every class has a mass');
      const at = (kg: number) =>
        outlook(asking({ on: ['readyMass'], readyMass_kg: kg }), c).musts[0]?.chance ?? Number.NaN;
      expect(at(span.low)).toBeCloseTo(0.05, 1);
      expect(at(span.mid)).toBeCloseTo(0.5, 1);
      expect(at(span.high)).toBeCloseTo(0.95, 1);
    }
  });
  test('it is what an assessment of a machine says of which nothing is told', () => {
    const brief = asking({ on: ['stance', 'range', 'readyMass'] });
    const said = outlook(brief, 'rally-twin');
    const donor = { ...showing('rally-twin', 'mass', {} as Reading), figures: {} };
    const { musts } = assess(caseOf({ brief, donor }));
    for (const must of musts)
      if (must.holds.kind === 'known')
        expect(said.musts.find((m) => m.key === must.key)?.chance).toBe(shareOf(must.holds));
  });
  test('a must more never makes it likelier that all hold', () => {
    const one = asking({ on: ['range'] });
    const two = asking({ on: ['range', 'readyMass'], readyMass_kg: 170 });
    for (const c of DONOR_CLASSES)
      expect(outlook(two, c).all).toBeLessThanOrEqual(outlook(one, c).all);
  });
  test('without a price money is left out and said; with one it counts', () => {
    const brief = asking({ on: ['money'] });
    const without = outlook(brief, 'scrambler-single');
    expect(without.unpriced).toBe(true);
    expect(without.musts).toEqual([{ key: 'money', chance: undefined }]);
    const dear = classOutlook(brief, 'scrambler-single', undefined, {
      low: 9000,
      mid: 10_000,
      high: 11_000,
    });
    expect(dear.unpriced).toBe(false);
    expect(dear.promise).toBe('unlikely');
    expect(dear.binds?.key).toBe('money');
  });
  test('what is likely stands before what is worth a search, and that before the unlikely', () => {
    const order = byPromise(
      DONOR_CLASSES.map((c) => outlook(asking({ on: ['readyMass'], readyMass_kg: 185 }), c)),
    );
    const places = order.map((o) => ['likely', 'search', 'unlikely'].indexOf(o.promise));
    expect(places).toEqual(places.toSorted((a, b) => a - b));
    expect(new Set(places).size).toBe(3);
  });
});

describe('what to look for', () => {
  const brief = asking({ on: ['stance', 'readyMass', 'range', 'clearance'], readyMass_kg: 180 });
  const found = lookFor(brief, 'dual-sport-single', undefined);
  const chance = (
    key: FigureKey,
    must: 'stance' | 'readyMass' | 'range' | 'clearance',
    at: number,
  ) => {
    const reading: Reading = {
      id: 'r',
      amount: at,
      unit: key === 'tank' ? 'L' : key === 'mass' ? 'kg' : 'mm',
      basis: key === 'mass' ? 'ready' : key === 'seatHeight' ? 'standard-seat' : 'stated',
      origin: 'claimed',
      note: '',
    };
    const donor = showing('dual-sport-single', key, reading);
    const [result] = mustsOf(caseOf({ brief, donor }), [must]);
    return result?.holds.kind === 'known' ? shareOf(result.holds) : Number.NaN;
  };
  test('a limit is where its must begins to hold as surely as is asked, from both sides', () => {
    expect(found.lines.map((l) => l.must)).toEqual(['stance', 'readyMass', 'range', 'clearance']);
    for (const { must, figure, side, wanted } of found.lines) {
      if (wanted.kind !== 'limit') throw new Error(`${must} has a limit`);
      const step = side === 'most' ? 1.01 : 0.99;
      const key = must as 'stance';
      expect(chance(figure, key, wanted.amount)).toBeGreaterThanOrEqual(0.8);
      expect(chance(figure, key, wanted.amount * step)).toBeLessThan(0.8);
    }
  });
  test('the surer a must has to be, the more has to be shown', () => {
    const sure = lookFor(
      { ...brief, musts: { ...brief.musts, sureness_percent: 95 } },
      'dual-sport-single',
      undefined,
    );
    found.lines.forEach((line, i) => {
      const other = sure.lines[i];
      if (line.wanted.kind !== 'limit' || other?.wanted.kind !== 'limit')
        throw new Error('a limit');
      const [usual, surer] = [line.wanted.amount, other.wanted.amount];
      if (line.side === 'most') expect(surer).toBeLessThan(usual);
      else expect(surer).toBeGreaterThan(usual);
    });
  });
  test('a can or a thriftier engine stands in for a larger tank', () => {
    const parts = ['can-5', 'rack-tail'].map((id) => {
      const part = Object.values(SHIPPED_PARTS).find((p) => p.id === id);
      if (!part) throw new Error(`${id} is shipped`);
      return part;
    });
    const line = lookFor(brief, 'dual-sport-single', undefined, { range: [parts] }).lines.find(
      (l) => l.must === 'range',
    );
    if (line?.wanted.kind !== 'limit') throw new Error('a limit');
    const { amount } = line.wanted;
    expect(line.instead.map((i) => i.kind)).toEqual(['part', 'figure']);
    for (const { wanted } of line.instead) {
      if (wanted.kind !== 'limit') throw new Error('a limit');
      expect(wanted.amount).toBeLessThan(amount);
    }
  });
  test('what no value of it can bring is said to be so, and what any brings as well', () => {
    const impossible = lookFor(asking({ on: ['money'] }, {}), 'rally-twin', undefined);
    expect(impossible.lines[0]?.wanted.kind).toBe('limit');
    const broke: Brief = {
      ...asking({ on: ['money'] }),
      money: { ...begun.money, budget: 1000, tripFund: 1000 },
    };
    expect(lookFor(broke, 'rally-twin', undefined).lines[0]?.wanted.kind).toBe('never');
    expect(
      lookFor(asking({ on: ['licence'] }), 'rally-twin', undefined).lines[0]?.wanted.kind,
    ).toBe('any');
  });
});

describe('what one machine must show', () => {
  const brief = asking({ on: ['readyMass', 'range'], readyMass_kg: 180 });
  const claim = (
    key: FigureKey,
    amount: number,
    unit: Reading['unit'],
    basis: Reading['basis'],
  ) => ({
    readings: [{ id: `r-${key}`, amount, unit, basis, origin: 'claimed' as const, note: '' }],
  });
  const thirsty: Model = {
    ...showing('dual-sport-single', 'mass', {} as Reading),
    figures: { consumption: claim('consumption', 6, 'L/100km', 'mixed') },
  };
  const chanceAt = (donor: Model, must: 'readyMass' | 'range'): number => {
    const [result] = mustsOf(caseOf({ brief, donor }), [must]);
    return result?.holds.kind === 'known' ? shareOf(result.holds) : Number.NaN;
  };
  test('with nothing told it asks what its class asks', () => {
    const bare = { ...thirsty, figures: {} };
    const ofClass = lookFor(brief, 'dual-sport-single', undefined);
    for (const { must, wanted } of ofClass.lines)
      expect(limitOn(brief, bare, undefined, must).wanted).toEqual(wanted);
  });
  test('a thirsty one must show a larger tank, and with it the must just holds', () => {
    const usual = limitOn(brief, { ...thirsty, figures: {} }, undefined, 'range').wanted;
    const { figure, wanted } = limitOn(brief, thirsty, undefined, 'range');
    if (wanted.kind !== 'limit' || usual.kind !== 'limit') throw new Error('a limit');
    expect(figure).toBe('tank');
    expect(wanted.amount).toBeGreaterThan(usual.amount);
    const tanked = (litres: number): Model => ({
      ...thirsty,
      figures: { ...thirsty.figures, tank: claim('tank', litres, 'L', 'stated') },
    });
    expect(chanceAt(tanked(wanted.amount), 'range')).toBeGreaterThanOrEqual(0.8);
    expect(chanceAt(tanked(wanted.amount * 0.99), 'range')).toBeLessThan(0.8);
  });
});

describe('what lifts a machine of a class to a fit', () => {
  const brief = asking({ on: ['readyMass'], readyMass_kg: 190 });
  const found = lookFor(brief, 'rally-twin', undefined);
  const price = { low: 5000, mid: 7000, high: 9000 };
  const { now } = liftsTo(brief, 'rally-twin', undefined, found, 0, price);
  test('what is reached already asks for nothing', () => {
    expect(liftsTo(brief, 'rally-twin', undefined, found, now - 0.1, price).lines).toEqual([]);
  });
  test('each figure alone brings it there, and a little less of it does not', () => {
    const { lines } = liftsTo(brief, 'rally-twin', undefined, found, now + 0.5, price);
    expect(lines.length).toBeGreaterThan(2);
    const [curves, weights] = [wantCurves(brief), wantWeights(brief)];
    const mass = found.lines[0]?.wanted;
    if (mass?.kind !== 'limit') throw new Error('a limit');
    const points = (key: FigureKey, at: number): number => {
      const figures: Record<string, number> = {
        mass: Math.floor(mass.amount * 10) / 10,
        price: price.mid,
        [key]: at,
      };
      const donor: Model = {
        ...showing('rally-twin', 'mass', {} as Reading),
        figures: Object.fromEntries(
          Object.entries(figures).map(([k, amount]) => [
            k,
            {
              readings: [
                {
                  id: `shown-${k}`,
                  amount,
                  unit: figureUnit(k as FigureKey, 'metric', 'EUR'),
                  basis: k === 'price' ? 'asked' : figureDefinition(k as FigureKey).bases[0],
                  origin: 'claimed',
                  note: '',
                },
              ],
            },
          ]),
        ),
      };
      const { metrics } = reckon(caseOf({ brief, donor }));
      return fitScore(metrics, curves, weights, donor.id).points.mid;
    };
    for (const { figure, side, amount } of lines.filter((l) => l.figure !== 'power')) {
      const less = side === 'most' ? 1.02 : 0.98;
      expect(points(figure, amount), figure).toBeGreaterThanOrEqual(now + 0.5 - 1e-6);
      expect(points(figure, amount * less), figure).toBeLessThan(now + 0.5);
    }
  });
  test('what the class never shows is not asked for', () => {
    for (const { figure, amount } of liftsTo(brief, 'rally-twin', undefined, found, now + 1, price)
      .lines) {
      const span = figure === 'price' ? price : typicalOf('rally-twin', figure as 'mass');
      expect(amount).toBeGreaterThanOrEqual(span?.low ?? Number.NaN);
      expect(amount).toBeLessThanOrEqual(span?.high ?? Number.NaN);
    }
    expect(liftsTo(brief, 'rally-twin', undefined, found, 100, price).lines).toEqual([]);
  });
});
