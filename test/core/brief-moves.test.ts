import { describe, expect, it } from 'vitest';
import { BASE_METRIC_KEYS, LOAD_METRIC_KEYS, type LoadMetricKey } from '@/core/assessment';
import { BRIEF_FIGURES, BRIEF_LIMITS, MUST_KEYS, type Brief, type BriefFigure } from '@/core/brief';
import type { Estimate } from '@/core/numeric';
import { WANT_KEYS } from '@/core/preference';
import { BRIEF_MOVES } from '@/core/stakes';
import { demoDossier } from '@/demo/scenario';
import { forestDossier } from '@/demo/forest';
import { BRIEF_KEY, type Dossier } from '@/store/records';
import { standing, type Standing } from '@/store/queries';

// The reference is the computation itself: every figure is changed and what follows is looked at.

const withFigure = (brief: Brief, figure: string, value: number): Brief => {
  const [section, field] = figure.split('.') as ['rider' | 'trip' | 'money' | 'musts', string];
  return { ...brief, [section]: { ...brief[section], [field]: value } };
};

/** A value for each figure that may be left empty, so that all of them are at work. */
const GIVEN: Readonly<Record<string, number>> = {
  'trip.luggage_L': 60,
  'trip.cold_C': 5,
  'trip.wet_percent': 30,
  'trip.pillion_kg': 60,
  'trip.tankBag_kg': 5,
  'trip.tail_kg': 8,
  'trip.altitude_m': 1500,
  'trip.heat_C': 25,
  'trip.headwind_kmh': 20,
  'trip.latitude_deg': 50,
  'trip.longestDay_km': 400,
  'trip.serviceStretch_percent': 110,
  'money.onTheRoadCosts': 500,
  'money.yearsKept': 4,
  'money.yearly_km': 9000,
  'money.fuel_perL': 1.8,
  'money.insurance_perYear': 400,
  'money.tax_perYear': 60,
  'money.service_each': 200,
  'money.wear_per1000km': 50,
  'money.loanInterest_percent': 6,
  'money.loanMonths': 36,
  'money.loanDeposit': 1000,
  'money.partsExtra_percent': 5,
  'money.wrongPart_percent': 5,
  'money.papers': 100,
};

const full = (dossier: Dossier): Dossier => {
  let brief = dossier.briefs[BRIEF_KEY] as Brief;
  for (const [figure, value] of Object.entries(GIVEN)) brief = withFigure(brief, figure, value);
  return withBrief(dossier, {
    ...brief,
    trip: { ...brief.trip, season: { from: 11, to: 12 } },
    money: { ...brief.money, ownSpanners: false },
    musts: { ...brief.musts, on: MUST_KEYS },
  });
};
const withBrief = (dossier: Dossier, brief: Brief): Dossier => ({
  ...dossier,
  briefs: { [BRIEF_KEY]: brief },
});

/** The middle is enough to see that something moved; rows take long. */
const middle = (estimate: Estimate) =>
  estimate.kind === 'known' ? estimate.mid : estimate.missing;

/** Everything that may follow, as text by name. */
function outcome(dossier: Dossier): Readonly<Record<string, string>> {
  const { candidates, weights, curves } = standing(dossier) as Standing;
  const states = candidates.flatMap(({ stock, built }) => [stock, built]);
  const loaded = states.slice(0, 2).map((s) => s.underLoad());
  const seen = (of: unknown): string => JSON.stringify(of);
  const entry = (name: string, of: unknown) => [name, seen(of)] as const;
  const entries = [
    ...WANT_KEYS.map((want) => entry(`need ${want}`, curves[want])),
    ...MUST_KEYS.map((must) =>
      entry(
        `must ${must}`,
        states.map((s) => s.musts.filter((m) => m.key === must)),
      ),
    ),
    ...BASE_METRIC_KEYS.map((m) =>
      entry(
        m,
        states.map((s) => middle(s.metrics[m].estimate)),
      ),
    ),
    entry(
      'load',
      loaded.map((l) => LOAD_METRIC_KEYS.map((k) => !KEEPING.has(k) && middle(l[k].estimate))),
    ),
    entry(
      'keeping',
      loaded.map((l) => [...KEEPING].map((k) => middle(l[k].estimate))),
    ),
  ];
  return {
    weights: seen(weights),
    cautions: seen(states.map((s) => s.cautions)),
    ...Object.fromEntries(entries),
  };
}
const KEEPING: ReadonlySet<LoadMetricKey> = new Set([
  'resale',
  'yearlyCost',
  'costPerKm',
  'servicesYear',
]);

/** Four of the shortlist are enough: each figure moves one of them. */
const few = (dossier: Dossier): Dossier => ({
  ...dossier,
  candidates: Object.fromEntries(Object.entries(dossier.candidates).slice(0, 4)),
});

const STARTS = [demoDossier(), forestDossier()].map((d) => {
  const dossier = few(full(d));
  return { dossier, before: outcome(dossier) };
});

/** What follows when a figure goes up, down and to both ends of what it may be. */
function followers(figure: BriefFigure): ReadonlySet<string> {
  const { min, max } = BRIEF_LIMITS[figure];
  return new Set(
    STARTS.flatMap(({ dossier, before }) => {
      const brief = dossier.briefs[BRIEF_KEY] as Brief;
      const [section, field] = figure.split('.') as ['rider', 'mass_kg'];
      const now = brief[section][field] ?? (min + max) / 2;
      return [now * 0.85, min + 0.9 * (max - min), min].flatMap((value) => {
        const after = outcome(
          withBrief(dossier, withFigure(brief, figure, Math.min(max, Math.max(min, value)))),
        );
        return Object.keys(before).filter((name) => before[name] !== after[name]);
      });
    }),
  );
}

describe('what a figure of the brief moves', () => {
  it.each(BRIEF_FIGURES.filter((f) => f !== 'musts.sureness_percent'))(
    '%s: what is said to follow, follows, and nothing else that is weighed',
    (figure) => {
      const moves = BRIEF_MOVES[figure];
      const seen = followers(figure);
      const said = [
        ...(moves.musts ?? []).map((must) => `must ${must}`),
        ...(moves.metrics ?? []),
        ...(moves.needs ?? []).map((want) => `need ${want}`),
        ...(moves.weights ? ['weights'] : []),
      ];
      const beside = new Set(['cautions', 'load', 'keeping']);
      expect([...seen].filter((name) => !beside.has(name)).toSorted()).toEqual(said.toSorted());
      for (const name of moves.beside ?? []) expect([...seen]).toContain(name);
    },
    30_000,
  );

  it('the sureness moves verdicts of musts and nothing else', () => {
    const seen = followers('musts.sureness_percent');
    expect([...seen].filter((name) => !name.startsWith('must '))).toEqual([]);
    expect(seen.size).toBeGreaterThan(2);
  });
});
