import { isCurrency, parseNumber } from '../units';
import {
  type PartEffect,
  EFFECT_CHANGES,
  AFFECTED_FIGURES,
  type PartFits,
  type Part,
  PART_LIMITS,
  PART_KINDS,
  PART_FLAGS,
} from '../part';
import { PART_HEADINGS, PartHeading, SIGN } from './part-table';
import { DONOR_CLASSES } from '../donor';
import { isFactKey, factDefinition } from '../facts';

const LONGEST: Partial<Record<PartHeading, number>> = {
  Id: 64,
  Name: 120,
  Slot: 40,
  Replaces: 120,
  Legal: 400,
  Warranty: 400,
  Note: 1000,
};

/** Which column holds which heading; headings that are not a part's are left out, and case does not count. */
export const partColumns = (headings: readonly string[]): ReadonlyMap<PartHeading, number> =>
  new Map(
    PART_HEADINGS.flatMap((heading) => {
      const at = headings.findIndex((h) => h.trim().toLowerCase() === heading.toLowerCase());
      return at < 0 ? [] : [[heading, at] as const];
    }),
  );
function readEffects(
  list: readonly string[],
  fail: (effect: string) => void,
): readonly PartEffect[] {
  return list.flatMap((text): PartEffect[] => {
    const match = /^([A-Za-z]+)\s*([+=*])\s*([^\s±]+)(?:\s*±\s*(\S+))?$/.exec(text);
    const change = EFFECT_CHANGES.find((c) => SIGN[c] === match?.[2]);
    const figure = AFFECTED_FIGURES.find((f) => f.toLowerCase() === match?.[1]?.toLowerCase());
    const amount = parseNumber(match?.[3] ?? '');
    const spread = match?.[4] === undefined ? undefined : parseNumber(match[4]);
    if (!change || !figure || amount === undefined || (match?.[4] && spread === undefined)) {
      fail(text);
      return [];
    }
    return [{ figure, change, amount, ...(spread === undefined ? {} : { spread }) }];
  });
}

function readFits(list: readonly string[], fail: (word: string) => void): PartFits {
  if (list.length === 0 || (list.length === 1 && list[0]?.toLowerCase() === 'all'))
    return { kind: 'all' };
  if (list.every((t) => t.startsWith('donor:')))
    return { kind: 'donors', donorIds: list.map((t) => t.slice('donor:'.length)) };
  const classes = list.flatMap((word) => {
    const known = DONOR_CLASSES.find((c) => c === word.toLowerCase());
    if (!known) fail(word);
    return known ? [known] : [];
  });
  return { kind: 'classes', classes };
}

function readSets(list: readonly string[], fail: (set: string) => void): Pick<Part, 'sets'> {
  const pairs = list.flatMap((text): [string, string][] => {
    const [fact = '', option = ''] = text.split('=').map((t) => t.trim());
    const definition = isFactKey(fact) ? factDefinition(fact) : undefined;
    const known =
      definition?.kind === 'choice'
        ? definition.options.includes(option)
        : definition?.kind === 'tyre' && option !== '';
    if (!known) fail(text);
    return known ? [[fact, option]] : [];
  });
  return pairs.length === 0 ? {} : { sets: Object.fromEntries(pairs) };
}

/** One row as one of the rider's own parts, or everything that is wrong with it. Without an id it gets `freshId`. */
export function readPartRow(
  cells: readonly string[],
  columns: ReadonlyMap<PartHeading, number>,
  freshId: string,
): PartRowResult {
  const faults: PartCellFault[] = [];
  const text = (heading: PartHeading): string => {
    const cell = (cells[columns.get(heading) ?? -1] ?? '').trim().replace(/^'(?=[=+\-@\t\r])/, '');
    const most = LONGEST[heading];
    if (most !== undefined && cell.length > most)
      faults.push({ heading, code: 'too-long', text: cell.slice(0, 40) });
    return cell;
  };
  const number = (
    heading: PartHeading,
    key: keyof typeof PART_LIMITS,
    empty: number | undefined,
  ): number => {
    const cell = text(heading);
    if (cell === '' && empty !== undefined) return empty;
    const value = parseNumber(cell.replace('\u2212', '-'));
    const { min, max } = PART_LIMITS[key];
    if (value === undefined)
      faults.push({ heading, code: cell === '' ? 'missing' : 'not-a-number', text: cell });
    else if (value < min || value > max)
      faults.push({ heading, code: 'out-of-limits', text: cell });
    return value ?? 0;
  };
  const list = (heading: PartHeading): readonly string[] =>
    text(heading)
      .split(';')
      .map((t) => t.trim())
      .filter(Boolean);
  const option = <T extends string>(heading: PartHeading, options: readonly T[], empty?: T): T => {
    const cell = text(heading).toLowerCase();
    const found =
      options.find((o) => o.toLowerCase() === cell) ?? (cell === '' ? empty : undefined);
    if (found === undefined)
      faults.push({ heading, code: cell === '' ? 'missing' : 'not-an-option', text: cell });
    return found ?? (options[0] as T);
  };
  const currency = text('Currency').toUpperCase();
  if (!isCurrency(currency))
    faults.push({
      heading: 'Currency',
      code: currency === '' ? 'missing' : 'not-an-option',
      text: currency,
    });
  const name = text('Name');
  if (name === '') faults.push({ heading: 'Name', code: 'missing', text: '' });
  const [replaces, legal, warranty] = [text('Replaces'), text('Legal'), text('Warranty')];
  const part: Part = {
    id: text('Id') || freshId,
    name,
    kind: option('Kind', PART_KINDS),
    price: {
      amount: number('Price', 'price', undefined),
      currency: isCurrency(currency) ? currency : 'EUR',
    },
    fitting_h: number('Fitting (h)', 'fitting_h', 0),
    workshop: option('Workshop', ['no', 'yes'], 'no') === 'yes',
    mass_kg: number('Mass (kg)', 'mass_kg', 0),
    effects: readEffects(list('Effects'), (effect) =>
      faults.push({ heading: 'Effects', code: 'not-an-effect', text: effect }),
    ),
    ...readSets(list('Sets'), (set) =>
      faults.push({ heading: 'Sets', code: 'not-a-fact', text: set }),
    ),
    needs: list('Needs').map((group) =>
      group
        .split('|')
        .map((t) => t.trim())
        .filter(Boolean),
    ),
    shutsOut: list('Shuts out'),
    slot: text('Slot'),
    fits: readFits(list('Fits'), (word) =>
      faults.push({ heading: 'Fits', code: 'not-an-option', text: word }),
    ),
    flags: list('Flags').flatMap((flag) => {
      const known = PART_FLAGS.find((f) => f === flag);
      if (!known) faults.push({ heading: 'Flags', code: 'not-an-option', text: flag });
      return known ? [known] : [];
    }),
    reversible: option('Reversible', ['yes', 'no'], 'yes') === 'yes',
    leadTime_days: Math.round(number('Lead time (days)', 'leadTime_days', 0)),
    note: text('Note'),
    own: true,
    ...(replaces ? { replaces } : {}),
    ...(legal ? { legal } : {}),
    ...(warranty ? { warranty } : {}),
  };
  return faults.length > 0 ? { kind: 'faults', faults } : { kind: 'part', part };
}

export type PartCellFault = {
  readonly heading: PartHeading;
  readonly code:
    | 'missing'
    | 'not-a-number'
    | 'out-of-limits'
    | 'not-an-option'
    | 'not-an-effect'
    | 'not-a-fact'
    | 'too-long';
  readonly text: string;
};

export type PartRowResult =
  | { readonly kind: 'part'; readonly part: Part }
  | { readonly kind: 'faults'; readonly faults: readonly PartCellFault[] };
