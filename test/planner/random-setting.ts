import { GROUNDS, MUST_KEYS, SCHOOLS, type Brief, type GroundShares } from '@/core/brief';
import type { PlanSetting } from '@/core/build';
import { spendLimit } from '@/core/build';
import { SHIPPED_PARTS } from '@/core/catalogue';
import type { Donor } from '@/core/donor';
import { FACT_KEYS, factDefinition } from '@/core/facts';
import { seededRandom } from '@/core/numeric';
import { AFFECTED_FIGURES, PART_KINDS, type Part, type PartEffect } from '@/core/part';
import { WANT_KEYS } from '@/core/preference';
import { FIGURE_DEFINITIONS, type FigureKey } from '@/core/readings';
import { demoDossier } from '@/demo/scenario';
import { planSetting, standing } from '@/store/queries';
import { BRIEF_KEY, type Dossier } from '@/store/records';

/** Chances and choices of one seed. */
function dice(seed: number) {
  const random = seededRandom(seed);
  const between = (a: number, b: number) => a + random() * (b - a);
  const whole = (a: number, b: number) => Math.round(between(a, b));
  return {
    between,
    whole,
    happens: (chance: number) => random() < chance,
    one: <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)] as T,
    /** A whole number in as many cases as `chance` says, else nothing. */
    perhaps: (chance: number, a: number, b: number) =>
      random() < chance ? whole(a, b) : undefined,
  };
}
type Dice = ReturnType<typeof dice>;

/** Shares of ground that add to 100; many of them none. */
function groundOf({ between, happens, whole }: Dice): GroundShares {
  const cuts = GROUNDS.map(() => (happens(0.3) ? 0 : between(0, 1) ** 2));
  cuts[whole(0, cuts.length - 1)] = 1;
  const sum = cuts.reduce((a, b) => a + b, 0);
  const shares = cuts.map((c) => Math.floor((c / sum) * 100));
  const rest = 100 - shares.reduce((a, b) => a + b, 0);
  return Object.fromEntries(
    GROUNDS.map((g, i) => [g, (shares[i] ?? 0) + (i === 0 ? rest : 0)]),
  ) as GroundShares;
}

function briefOf(brief: Brief, d: Dice): Brief {
  const { whole, happens, one, perhaps } = d;
  const luggage_kg = whole(0, 50);
  const belief = <K extends keyof typeof SCHOOLS>(key: K) =>
    happens(0.5) ? one<(typeof SCHOOLS)[K][number]>(SCHOOLS[key]) : undefined;
  return {
    ...brief,
    ground: groundOf(d),
    rider: {
      ...brief.rider,
      height_mm: whole(1500, 1950),
      mass_kg: whole(48, 120),
      kit_kg: whole(5, 18),
      inseam_mm: perhaps(0.5, 680, 900),
      skill: one(['new', 'improving', 'seasoned', 'expert'] as const),
      licence: one(['A', 'A2', 'A'] as const),
      lift_kg: perhaps(0.3, 40, 120),
    },
    trip: {
      ...brief.trip,
      cruise_kmh: whole(60, 135),
      fuelGap_km: whole(100, 420),
      reserve_percent: whole(0, 25),
      luggage_kg,
      luggage_L: perhaps(0.5, 10, 120),
      cold_C: perhaps(0.5, -15, 20),
      wet_percent: perhaps(0.5, 0, 90),
      workshopGap_km: whole(0, 9000),
      pillion_kg: perhaps(0.2, 40, 80),
      tankBag_kg: happens(0.3) ? Math.min(luggage_kg, 5) : undefined,
      altitude_m: perhaps(0.3, 0, 4500),
      heat_C: perhaps(0.3, 0, 45),
      headwind_kmh: perhaps(0.3, 0, 50),
      longestDay_km: perhaps(0.4, 100, 900),
      length_km: whole(300, 25_000),
    },
    money: {
      ...brief.money,
      budget: whole(9000, 20_000),
      tripFund: whole(0, 2500),
      gear: whole(0, 800),
      ownSpanners: happens(0.5),
      papers: perhaps(0.5, 0, 500),
      partsExtra_percent: perhaps(0.3, 0, 40),
      wrongPart_percent: perhaps(0.3, 0, 20),
    },
    musts: {
      ...brief.musts,
      on: MUST_KEYS.filter(() => happens(0.12)),
      stance: one(['flat', 'balls', 'tiptoes'] as const),
      readyMass_kg: whole(150, 260),
      clearance_mm: whole(140, 270),
      sureness_percent: whole(50, 95),
    },
    schools: {
      size: belief('size'),
      engine: belief('engine'),
      springs: belief('springs'),
      aids: belief('aids'),
    },
    swings: happens(0.4)
      ? Object.fromEntries(WANT_KEYS.filter(() => happens(0.4)).map((k) => [k, whole(0, 100)]))
      : undefined,
  };
}

/** What is no matter of more or less: money, and what is counted in teeth or ratios. */
const FIXED = /^(?:price$|sprocket|teeth)|gear/i;

/** A machine with other figures, some of them and of its facts not told. */
function donorOf<D extends Donor>(donor: D, known: number, told: number, d: Dice): D {
  const figures = Object.entries(donor.figures).flatMap(([key, line]) => {
    if (!d.happens(known) && key !== 'price') return [];
    const factor = d.between(0.88, 1.14);
    if (!line || FIXED.test(key)) return [[key, line]];
    const readings = line.readings.map((r) => ({
      ...r,
      amount: Number((r.amount * factor).toFixed(2)),
    }));
    return [[key, { ...line, readings }]];
  });
  const facts = FACT_KEYS.flatMap((key) => {
    const fact = donor.facts?.[key];
    return fact && (factDefinition(key).kind !== 'choice' || d.happens(told)) ? [[key, fact]] : [];
  });
  return {
    ...donor,
    figures: Object.fromEntries(figures) as D['figures'],
    facts: Object.fromEntries(facts) as D['facts'],
  };
}

/** A part of the catalogue with another price, mass, time and effects. */
function changed(part: Part, { between }: Dice): Part {
  const effect = (e: PartEffect): PartEffect => {
    if (e.change === 'add')
      return { ...e, amount: Number((e.amount * between(0.5, 1.6)).toFixed(3)) };
    if (e.change !== 'scale') return e;
    return { ...e, amount: Number((1 + (e.amount - 1) * between(0.5, 1.6)).toFixed(3)) };
  };
  return {
    ...part,
    own: true,
    price: { ...part.price, amount: Math.round(part.price.amount * between(0.3, 1.8)) },
    mass_kg: Number((part.mass_kg + between(-1, 1)).toFixed(2)),
    fitting_h: Number((part.fitting_h * between(0.3, 2)).toFixed(1)),
    effects: part.effects.map(effect),
  };
}

const SHIPPED: readonly Part[] = SHIPPED_PARTS;

function effectOf({ one, between }: Dice): PartEffect {
  const figure = one(AFFECTED_FIGURES);
  const change = one(['add', 'scale'] as const);
  if (change === 'scale') return { figure, change, amount: Number(between(0.9, 1.12).toFixed(3)) };
  if (figure.startsWith('sprocket')) return { figure, change, amount: one([-1, 1]) };
  if (figure.startsWith('wheel')) return { figure, change, amount: 0 };
  const { min, max } = FIGURE_DEFINITIONS[figure as FigureKey].limits;
  return { figure, change, amount: Number((between(-0.05, 0.08) * (max - min)).toFixed(2)) };
}

/** A part of the rider's own that may do anything a part can do. */
function ownPart(number: number, currency: Part['price']['currency'], d: Dice): Part {
  const { between, happens, one, whole } = d;
  const some = () => one(SHIPPED).id;
  return {
    id: `own-${number}`,
    name: `Own ${number}`,
    kind: one(PART_KINDS),
    price: { amount: whole(10, 900), currency },
    fitting_h: between(0, 4),
    workshop: happens(0.3),
    mass_kg: Number(between(-4, 6).toFixed(2)),
    effects: Array.from({ length: whole(0, 3) }, () => effectOf(d)),
    needs: happens(0.2) ? [[some()]] : [],
    shutsOut: happens(0.2) ? [some()] : [],
    slot: happens(0.4) ? one(['x', 'y', ...SHIPPED.map((p) => p.slot)]) : '',
    fits: { kind: 'all' },
    flags: [],
    reversible: true,
    leadTime_days: 0,
    note: '',
    own: true,
  };
}

/**
 * A rider, a ground, a budget, a machine and a catalogue made up from a seed, wider than any rider's own: figures and facts left out, parts
 * with other prices and effects, parts that do what they like. The same for the same seed; `undefined` where nothing can be planned.
 */
export function randomSetting(seed: number): { setting: PlanSetting; spend: number } | undefined {
  const d = dice(seed);
  const demo = demoDossier();
  const was = demo.briefs[BRIEF_KEY];
  if (!was) throw new Error('no brief in the demo');
  const brief = briefOf(was, d);
  const [known, told] = [d.between(0.4, 1), d.between(0.2, 1)];
  const donors = Object.fromEntries(
    Object.entries(demo.donors).map(([id, donor]) => [id, donorOf(donor, known, told, d)]),
  );
  const parts = [
    ...SHIPPED.flatMap((p) => (d.happens(0.5) ? [changed(p, d)] : [])),
    ...Array.from({ length: d.whole(0, 14) }, (_, i) => ownPart(i, brief.money.currency, d)),
  ];
  const dossier: Dossier = {
    ...demo,
    briefs: { [BRIEF_KEY]: { ...was, ...brief } },
    donors,
    parts: Object.fromEntries(parts.map((p) => [p.id, p])) as Dossier['parts'],
  };
  const now = standing(dossier);
  if (!now || now.candidates.length === 0) return undefined;
  const plain = planSetting(dossier, now, d.one(now.candidates), {
    legalOnly: d.happens(0.15),
    today: '2026-12-01',
  });
  const few = (chance: number) =>
    d.happens(chance) ? Array.from({ length: d.whole(1, 2) }, () => d.one(plain.choices).id) : [];
  const banned = new Set([...plain.banned, ...few(0.2)]);
  const pinned = new Set([...plain.pinned, ...few(0.15)].filter((id) => !banned.has(id)));
  const setting = { ...plain, banned, pinned };
  return { setting, spend: Math.min(d.whole(9000, 20_000), spendLimit(setting)) };
}
