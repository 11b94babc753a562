import type { AffectedFigure, Part } from '../part';
import { SHIPPED_PARTS } from './shipped';

/** A shipped part as it was before a correction, and what the correction was. */
export interface Correction {
  /** The version of the catalogue that brought it. */
  readonly version: number;
  readonly id: string;
  /** What is different now, in a rider's words. */
  readonly what: string;
  /** The part as it was until then; absent: it was not there. */
  readonly was?: Part | undefined;
}

/** The parts that come with the app. Dossiers name them by id, so a correction reaches every dossier. */
export interface Catalogue {
  readonly version: number;
  readonly parts: Readonly<Record<string, Part>>;
  /** Oldest first; append-only. */
  readonly corrections: readonly Correction[];
}

const PARTS = Object.fromEntries(SHIPPED_PARTS.map((p) => [p.id, p]));

/** Figures that version 3 taught parts to set. */
const LIMITS: readonly AffectedFigure[] = ['rackLimit', 'carrierLimit'];

/** Effects as version 2 had them: taken as told, and without the limits of racks. */
const withoutSpread = (effects: Part['effects']): Part['effects'] =>
  effects
    .filter((e) => !LIMITS.includes(e.figure))
    .map(({ figure, change, amount }) => ({ figure, change, amount }));
const asOfTwo = ({ effects }: Part): Pick<Part, 'effects'> => ({ effects: withoutSpread(effects) });
/** Parts that version 3 taught a fact. */
const TAUGHT_FACTS: readonly string[] = ['tubes-heavy'];

/** A part as it was before a version said more of it; `sets` undefined: it changed no fact. */
function before(id: string, was: Partial<Part>): Pick<Correction, 'was'> {
  const part = PARTS[id];
  if (!part) return {};
  const { sets, ...rest } = { ...part, ...asOfTwo(part), ...was };
  return { was: sets === undefined ? rest : { ...rest, sets } };
}

/** What version 2 brought, oldest first. */
const CORRECTIONS: readonly Correction[] = [
  {
    version: 2,
    id: 'can-5',
    what: 'is no tank any more: luggage until it is poured in, and one can or bladder at a time',
    ...before('can-5', { slot: '', note: 'Counts as tank once poured in.' }),
  },
  {
    version: 2,
    id: 'bladder-7',
    what: 'is no tank any more: luggage until it is poured in, and one can or bladder at a time',
    ...before('bladder-7', { slot: '' }),
  },
  { version: 2, id: 'unlock', what: 'is new: full power for machines sold restricted' },
  {
    version: 2,
    id: 'wheels-21-18',
    what: 'brings its tyre sizes into gearing',
    ...before('wheels-21-18', { sets: { wheelType: 'spoked-tubes' } }),
  },
  {
    version: 2,
    id: 'wheels-19-17-tubeless',
    what: 'brings its tyre sizes into gearing',
    ...before('wheels-19-17-tubeless', { sets: { wheelType: 'spoked-tubeless' } }),
  },
  {
    version: 2,
    id: 'seat-comfort',
    what: 'is wide, and so takes reach from the feet',
    ...before('seat-comfort', { sets: undefined }),
  },
];

/** Effects that version 2 taught: how much bags hold, and what lowering one end does to the steering. */
const TAUGHT: readonly AffectedFigure[] = ['luggageVolume', 'rake', 'trail'];
const TAUGHT_PARTS: readonly Correction[] = SHIPPED_PARTS.filter((p) =>
  p.effects.some((e) => TAUGHT.includes(e.figure)),
).map(({ id, effects }) => ({
  version: 2,
  id,
  what: effects.some((e) => e.figure === 'luggageVolume')
    ? 'says how much it holds'
    : 'says what it does to rake and trail',
  ...before(id, { effects: withoutSpread(effects).filter((e) => !TAUGHT.includes(e.figure)) }),
}));

/** What version 3 said more of a part. */
const saidMore = ({ id, effects }: Part): string | undefined =>
  effects.some((e) => LIMITS.includes(e.figure))
    ? 'says how much it carries'
    : TAUGHT_FACTS.includes(id)
      ? 'counts as a rim lock'
      : effects.some((e) => e.spread !== undefined)
        ? 'says how far what it does may lie off'
        : undefined;
const IN_THREE: readonly Correction[] = SHIPPED_PARTS.flatMap((part) => {
  const what = saidMore(part);
  const was = TAUGHT_FACTS.includes(part.id) ? { sets: undefined } : {};
  return what === undefined ? [] : [{ version: 3, id: part.id, what, ...before(part.id, was) }];
});

export const SHIPPED: Catalogue = {
  version: 3,
  parts: PARTS,
  corrections: [...CORRECTIONS, ...TAUGHT_PARTS, ...IN_THREE],
};

/** Corrections that came after a version. */
export const correctionsSince = (
  { corrections }: Catalogue,
  version: number,
): readonly Correction[] => corrections.filter((c) => c.version > version);

/** Every form in which a part has been shipped, the present one first. */
export const formsOf = ({ parts, corrections }: Catalogue, id: string): readonly Part[] => [
  ...(Object.hasOwn(parts, id) ? [parts[id] as Part] : []),
  ...corrections.flatMap((c) => (c.id === id && c.was ? [c.was] : [])),
];
