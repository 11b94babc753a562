import {
  figureDefinition,
  findReadingFault,
  type Basis,
  type FigureKey,
  type Origin,
} from '../../readings';
import type { Quantity } from '../lattice/quantity';
import { isGrave, type Doubt, type FigureProposal } from '../proposal';
import type { Assigned } from './assign';
import type { Option } from './option';
import { agreedUnit } from './pairs';
import { plausibility } from './plausible';
import { possibleAmounts } from './senses';
import { OTHER_END } from './ends';
import { WEIGHTS } from './weights';

/** Figures of which the words nearly always say how they were taken, so that silence is a doubt. */
const SAID_AS_A_RULE: ReadonlySet<FigureKey> = new Set(['mass', 'consumption']);

/** Figures that lowering, cutting and fitting change. */
const MAY_CHANGE: ReadonlySet<FigureKey> = new Set([
  'seatHeight',
  'clearance',
  'travelFront',
  'travelRear',
  'tank',
  'mass',
  'sprocketFront',
  'sprocketRear',
  'barHeight',
  'forkRate',
  'shockRate',
  'wheelFront',
  'wheelRear',
]);

export interface Proposed {
  readonly quantity: Quantity;
  readonly twin: Quantity | undefined;
  readonly assigned: Assigned & { readonly option: Option & { readonly key: FigureKey } };
  /** By the words around, or by what the kind of text means. */
  readonly basis: Basis | undefined;
  /** "(34.1 standard)" stands at the number itself. */
  readonly standardSaid: boolean;
  readonly usual: Basis;
  readonly hedge: string | undefined;
  /** Words that say that something was lowered or fitted. */
  readonly changed: string | undefined;
  /** "Range went from 230 km to 430": before a part was fitted, or of another machine. */
  readonly wentFrom?: boolean;
  /** Who speaks, where the words tell. */
  readonly origin: Origin | undefined;
  readonly ours: boolean;
  /** No word says which end. */
  readonly sideUnsaid: boolean;
  /** The text speaks of several machines by name. */
  readonly several: boolean;
}

/** A quantity that has found its figure, as a proposal; `undefined` where no unit makes it possible. */
export function propose(
  p: Proposed,
  words: (to: number) => { readonly words: string; readonly from: number; readonly to: number },
): FigureProposal | undefined {
  const { option } = p.assigned;
  const { key } = option;
  // A label that says how it was sold, or which seat, knows better than words around it: "sticker 7499, out the door 8650".
  const told =
    key === 'price' || (key === 'seatHeight' && !p.standardSaid)
      ? (option.basis ?? p.basis)
      : (p.basis ?? option.basis);
  const basis = told ?? p.usual;
  const doubts: Doubt[] = [];
  const possible = possibleAmounts(key, option.amounts, option.units).filter(
    ({ amount, unit }) =>
      findReadingFault(key, { amount, unit, basis, origin: 'claimed', note: '' }) === undefined,
  );
  const [first] = possible;
  if (!first) return undefined;
  let { amount, unit } = first;
  let open = option.open;
  if (p.twin) {
    const { unit: agreed, other } = agreedUnit(amount, option.units, p.twin);
    if (agreed === undefined) doubts.push({ code: 'pair-disagrees', other });
    else {
      amount = possible.find((x) => x.unit === agreed)?.amount ?? amount;
      unit = agreed;
      open = undefined;
    }
  }
  doubts.push(...doubtsOf(p, possible, open, basis, amount, unit));
  const spread = p.quantity.spread;
  return {
    kind: 'figure',
    key,
    amount,
    unit,
    basis,
    doubts,
    ticked: !doubts.some((d) => isGrave(d, key)),
    ...words(p.twin?.to ?? p.quantity.to),
    ...(spread === undefined ? {} : { spread }),
    ...(p.origin === undefined ? {} : { origin: p.origin }),
  };
}

function doubtsOf(
  p: Proposed,
  possible: readonly { readonly amount: number; readonly unit: string; readonly points: number }[],
  open: Option['open'],
  basis: Basis,
  amount: number,
  unit: FigureProposal['unit'],
): readonly Doubt[] {
  const { option, margin, rival } = p.assigned;
  const { key } = option;
  const doubts: Doubt[] = [];
  if (!option.unitSaid) doubts.push({ code: 'unit-unsaid' });
  if (open === 'gallon') doubts.push({ code: 'gallon-unclear' });
  if (open === 'currency') doubts.push({ code: 'currency-unclear' });
  const second = possible.find((x) => x.unit === unit && x.amount !== amount);
  if (
    second &&
    figureDefinition(key).dimension !== 'money' &&
    second.points >= (possible[0]?.points ?? 0)
  )
    doubts.push({ code: 'mark-unclear', other: second.amount });
  if (p.basis === undefined && option.basis === undefined && SAID_AS_A_RULE.has(key))
    doubts.push({ code: 'basis-unsaid', taken: basis });
  if (option.by === 'unit' || option.by === 'sum') doubts.push({ code: 'label-unsaid' });
  else if (option.by === 'likeness') doubts.push({ code: 'by-likeness' });
  else if (margin < WEIGHTS.margin) doubts.push({ code: 'close-call', rival: rival?.key });
  if (plausibility(key, amount, unit) < 0) doubts.push({ code: 'far-from-usual' });
  if (p.changed !== undefined && MAY_CHANGE.has(key))
    doubts.push({ code: 'may-be-changed', words: p.changed });
  if (p.wentFrom) doubts.push({ code: 'may-be-changed', words: 'went from' });
  if (p.hedge !== undefined) doubts.push({ code: 'hedged', words: p.hedge });
  if (p.sideUnsaid) doubts.push({ code: 'close-call', rival: OTHER_END[key] });
  if (p.several) doubts.push({ code: 'which-machine' });
  if (!p.ours) doubts.push({ code: 'text-unlike' });
  return doubts;
}

/** An advert asks; a sheet lists. */
export const usualBasis = (key: FigureKey, { sale }: { readonly sale: boolean }): Basis =>
  key === 'price' && sale ? 'asked' : figureDefinition(key).bases[0];
