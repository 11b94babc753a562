import { spelt } from '../../vocabulary/letters';
import {
  beforeChange,
  CHANGE,
  CHANGED_BY,
  CHANGED_SO_MUCH,
  GREW_ABROAD,
  NEVER_RANGED,
} from '../../lattice/scan-quantities';
import type { Quantity } from '../../lattice/quantity';
import type { BlockedBy } from './guard';
import { isMoney, isPower } from './kinds';

// "Went from 70 kW to 35", "£4,600 £4,200": of two numbers the one that is no more, or that a part made.

/** "The A2 kit drops it from 70 kW to 35 kW": both are the machine's, before and after. */
export const RESTRICTS = spelt(
  /(?<!\p{L})(?:a2|restrict\w*|throttled|gedrosselt|drossel\w*|bridé\w*)(?!\p{L})/iu,
);

/** "Power is up from 55 to 59 kW": the model before had the first; "lowered from 895 to 865" is what a part did. */
const GREW = spelt(
  /(?<!\p{L})(?:(?<!(?<!\p{L})(?:sprung|I['’]?ve|I|we|we['’]?ve|me|it) (?:gone )?)(?:up|down)|(?<!(?:I|we)(?:['’]ve| have)? )gone|grow(?:n|s)|grew|swells?|swollen|ris(?:en|es)|rose|increase[sd]|jump(?:s|ed)|climb(?:s|ed)|(?<=(?:power|torque|weight|capacity|tank|price|displacement|output) )goes(?: up| down)?) from (?:the |an? )?$/iu,
);

/** "Has dropped from 880 mm to 865 mm for 2025": by its maker. */
const LOWERED = spelt(
  /(?<!\p{L})(?:dropp?(?:s|ed)|falls|fell|lowered|reduced|cut|come down|came down|fallen|changed|changes|raised|goes) from (?:the |an? )?$/iu,
);
const OF_A_YEAR = spelt(
  /^[^.;]{0,40}(?<!\p{L})(?:(?:for|in|from) (?:the )?(?:20[12]\d|this (?:year|generation|model year)|(?:new|latest|current) (?:model|version|one|generation))|on the (?:new|latest|current) (?:model|version|one|bike))(?!\p{L})/iu,
);

/** "Up from 300 km with the big tank". */
const A_PART_DID = spelt(
  /(?<!\p{L})(?:with|after|since|thanks to|by|once) (?:the |a |an |my )?(?:\p{L}+ ){0,2}(?:tank|seat|kit|links?|can|exhaust|map|remap|pipe|filter|shock|springs?|sprockets?|tyres?|tires?|bars?|rack|cams?|pistons?|silencer|muffler|header|intake|tune|flash|gearing|big bore)(?!\p{L})/iu,
);

const A_PART_DID_ABROAD = spelt(
  /(?<!\p{L})(?:avec|mit|con|met|med|grâce au?|dank) (?:(?:le|la|l['’]|un|une|dem|der|einem|einer|il|el|lo|de|het|den) ?)?(?:\p{L}+ ){0,1}(?:kit|réservoir|tank|échappement|pot|auspuff|biellettes?|selle|sitz\p{L}*|sella|asiento|scarico|escape|tieferlegung|depósito|serbatoio)(?!\p{L})/iu,
);

/** Whether a number of a sentence is what the model before had: "power is up from 55 to 59 kW". */
export function grewIn(text: string, quantities: readonly Quantity[]): (i: number) => boolean {
  return (i) => {
    const old = quantities[i];
    return (
      old !== undefined &&
      !isMoney(old, text) &&
      !RESTRICTS.test(text) &&
      (GREW.test(beforeChange(text, old.from)) ||
        GREW_ABROAD.test(beforeChange(text, old.from)) ||
        (OF_A_YEAR.test(text.slice(old.to)) && LOWERED.test(beforeChange(text, old.from)))) &&
      !A_PART_DID.test(text.slice(old.to, old.to + 80)) &&
      !A_PART_DID_ABROAD.test(text.slice(Math.max(0, old.from - 70), old.to + 80)) &&
      !A_PART_DID.test(text.slice(Math.max(0, old.from - 70), old.from))
    );
  };
}

type Blocked = readonly (readonly [index: number, by: BlockedBy])[];

/** Which of the numbers that a sentence has from `i` on are blocked, since it tells of a change from one to the next. */
export function changedFrom(
  text: string,
  quantities: readonly Quantity[],
  i: number,
  grew: (i: number) => boolean,
): Blocked {
  const [q, next, third] = quantities.slice(i, i + 3);
  if (!q || !next) return [];
  const before = text.slice(Math.max(0, q.from - 30), q.from);
  const between = text.slice(q.to, next.from);
  const found: (readonly [number, BlockedBy])[] = [];
  if (
    q.changed === undefined &&
    !(isPower(q) && RESTRICTS.test(text)) &&
    /^\s*(?:(?:down |up )?to|auf|à|a|till|til|naar|na) (?:an? |the )?$/iu.test(between) &&
    (CHANGE.test(beforeChange(text, q.from)) || grew(i))
  )
    found.push([isMoney(next, text) || grew(i) ? i : i + 1, grew(i) ? 'other-machine' : 'changed']);
  if (
    /^\s*to (?:a |the )?$/iu.test(between) &&
    (CHANGED_BY.test(before) ||
      (q.unit !== undefined && q.unit === next.unit && CHANGED_SO_MUCH.test(before)))
  )
    found.push([i, 'changed']);
  // "Went from 15/45 to 14/47 gearing": a pair for a pair.
  if (
    third &&
    q.listed &&
    next.listed &&
    third.listed &&
    /^ to (?:an? |the )?$/iu.test(text.slice(next.to, third.from)) &&
    CHANGE.test(beforeChange(text, q.from)) &&
    !grew(i)
  )
    found.push([i + 2, 'changed'], [i + 3, 'changed']);
  // "Power from 73 to 79 hp": which of the two it has, no word says.
  if (
    (NEVER_RANGED.test(next.unit ?? '') || NEVER_RANGED.test(q.unit ?? '')) &&
    (q.unit === undefined || q.unit === next.unit) &&
    /(?<!\p{L})from $/iu.test(before.slice(-6)) &&
    /^ ?to $/iu.test(between) &&
    q.changed === undefined &&
    !CHANGE.test(beforeChange(text, q.from)) &&
    !grew(i)
  )
    found.push([i, 'changed'], [i + 1, 'changed']);
  // "£4,600 £4,200": the first was crossed out.
  const [was = 0, is = 0] = [q.amounts[0], next.amounts[0]];
  if (
    isMoney(q, text) &&
    q.unit === next.unit &&
    /^\s+$/u.test(between) &&
    is < was &&
    is > was / 2
  )
    found.push([i, 'changed']);
  return found;
}
