import type { Random } from '@/core/numeric';
import type { Part } from '@/core/part';
import { FORGIVEN, type Field } from './judge';

type Ids = readonly string[];

const some = <T>(list: readonly T[], random: Random): T | undefined =>
  list[Math.floor(random() * list.length)];
const withNeeds = (part: Part): Ids => [...part.needs.flatMap((g) => g.slice(0, 1)), part.id];

/** Parts thrown in one after the other, up to `most`, as long as the rules allow it. */
export function thrownTogether({ choices, inRules }: Field, most: number, random: Random): Ids {
  let ids: Ids = [];
  for (let i = Math.floor(random() * most); i > 0; i -= 1) {
    const part = some(choices, random);
    if (!part || ids.includes(part.id)) continue;
    const more = [...new Set([...ids, ...withNeeds(part)])];
    if (inRules(more)) ids = more;
  }
  return ids;
}

/** The build with one part more, one less, one in another's place. */
export function nearTo({ choices }: Field, mine: Ids): readonly Ids[] {
  const others = choices.map((p) => p.id).filter((id) => !mine.includes(id));
  return [
    ...others.map((id) => [...mine, id]),
    ...mine.map((id) => mine.filter((x) => x !== id)),
    ...mine.flatMap((out) => others.map((id) => [...mine.filter((x) => x !== out), id])),
  ];
}

/** The build with up to two parts out and one or two others in, with what they need. */
export function pairsAbout({ choices }: Field, mine: Ids, random: Random): Ids {
  const others = choices.filter((p) => !mine.includes(p.id));
  let ids = mine;
  for (let out = Math.floor(random() * 3); out > 0; out -= 1) {
    const gone = some(ids, random);
    ids = ids.filter((id) => id !== gone);
  }
  for (let put = 1 + Math.floor(random() * 2); put > 0; put -= 1) {
    const part = some(others, random);
    if (part) ids = [...ids, ...withNeeds(part)];
  }
  return [...new Set(ids)];
}

/** A climb by single steps that are allowed and worth more, from where it is put. */
export function climbed(field: Field, from: Ids, steps: number, random: Random): Ids {
  const of = new Map(field.choices.map((p) => [p.id, p]));
  let ids = from;
  let worth = field.allowed(ids) ? field.points(ids) : -1;
  for (let step = 0; step < steps; step += 1) {
    const part = some(field.choices, random);
    if (!part) break;
    const free = (id: string) => part.slot === '' || of.get(id)?.slot !== part.slot;
    const next = ids.includes(part.id)
      ? ids.filter((id) => id !== part.id)
      : [...new Set([...ids.filter((id) => free(id) && random() > 0.08), ...withNeeds(part)])];
    const points = field.points(next);
    if (points <= worth || !field.allowed(next)) continue;
    [ids, worth] = [next, points];
  }
  return ids;
}

export interface Effort {
  readonly pairs: number;
  readonly thrown: number;
  readonly climbs: number;
  readonly steps: number;
}

export interface Beaten {
  readonly by: number;
  readonly how: string;
  readonly ids: Ids;
}

/** The build that beats `mine` (or the word that there is none) by most in the full assessment; `undefined` where none does. */
export function bestOpponent(
  field: Field,
  mine: Ids | undefined,
  effort: Effort,
  random: Random,
): Beaten | undefined {
  const than = mine ? field.points(mine) : Number.NEGATIVE_INFINITY;
  let beaten: Beaten | undefined;
  const offer = (ids: Ids, how: string) => {
    const by = mine ? field.points(ids) - than : 1;
    if (by <= Math.max(FORGIVEN, beaten?.by ?? 0) || !field.allowed(ids)) return;
    beaten = { by, how, ids };
  };
  if (!mine) offer([], 'as it stands');
  for (const ids of nearTo(field, mine ?? [])) offer(ids, 'one step');
  for (let i = 0; i < effort.pairs; i += 1) offer(pairsAbout(field, mine ?? [], random), 'pairs');
  for (let i = 0; i < effort.thrown; i += 1)
    offer(thrownTogether(field, 16, random), 'thrown together');
  for (let i = 0; i < effort.climbs; i += 1) {
    const from = i === 0 ? [] : thrownTogether(field, 6, random);
    offer(climbed(field, from, effort.steps, random), 'climbed');
  }
  return beaten;
}
