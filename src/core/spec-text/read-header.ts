import { FACT_KEYS, type FactKey } from '../facts';
import { figureDefinition, type Basis, type FigureKey } from '../readings';
import { isUnitId, type Dimension, type UnitId } from '../units';
import { writtenUnit, type TextUnit } from './lattice/written-units';
import { basesOf } from './link/bases';
import { sensesOf, UNDECIDED } from './link/dimensions';
import { sidesOf } from './link/side-of';
import { scanWords, targetOf, VOCABULARIES, type Mention } from './vocabulary/lexicon';

export type HeaderMeaning =
  | {
      readonly kind: 'figure';
      readonly key: FigureKey;
      readonly unit: UnitId | undefined;
      readonly basis: Basis;
      /** A bare gallon or mpg. */
      readonly gallonUnclear: boolean;
      /** A sign of money of no country: `$`, `kr`. */
      readonly sign?: TextUnit;
    }
  | { readonly kind: 'fact'; readonly key: FactKey };

const FACT_LABEL_PATTERNS = VOCABULARIES.flatMap((v) =>
  FACT_KEYS.flatMap((key) => {
    const row = v.factLabels[key];
    return row ? [{ key, pattern: new RegExp(`^(?:${row.labels})$`, 'iu') }] : [];
  }),
);

/** All of them in one: most words are none. */
const ANY_FACT = new RegExp(
  `^(?:${VOCABULARIES.flatMap((v) => FACT_KEYS.flatMap((key) => v.factLabels[key]?.labels ?? [])).join('|')})$`,
  'iu',
);

/** Figures that a heading names by its unit alone. */
const BY_UNIT: Partial<Record<Dimension, FigureKey>> = {
  power: 'power',
  torque: 'torque',
  consumption: 'consumption',
  displacement: 'displacement',
  mass: 'mass',
  volume: 'tank',
  money: 'price',
};

/** "mm seat": a unit before its label. */
const PLAIN_UNIT = /^(?:mm|kg|hp|kw|ps|nm|lbs?)$/iu;

/** The words of a heading and the unit behind them: in brackets, behind a slash, as the last word, or all of it. */
function parted(text: string): { readonly name: string; readonly unit: TextUnit | undefined } {
  const tidy = text.trim().replace(/_+/g, ' ');
  const whole = writtenUnit(tidy);
  const meanings = scanWords(tidy).flatMap((m) => m.meanings);
  const named = meanings.some((x) => x.kind === 'label');
  // "kg wet".
  const taken = meanings.some((x) => x.kind === 'basis');
  // "MPG" is a label and a unit; "Gears" a label alone.
  if (whole !== undefined)
    return named
      ? { name: tidy, unit: whole === 'gears' ? undefined : whole }
      : { name: '', unit: whole };
  const open = tidy.search(/[([]/);
  if (open >= 0) {
    const units = tidy
      .slice(open + 1)
      .replace(/[)\]]\s*$/, '')
      .split(/[,;]/)
      .map((d) => writtenUnit(d.trim()) ?? writtenUnit(d.trim().split(/\s/).at(-1) ?? ''));
    const said = units.find((u) => u !== undefined);
    if (said !== undefined) return { name: tidy.slice(0, open).trim(), unit: said };
  }
  const two =
    /^(.+?)[\s/,:_-]+(?:in )?((?:us|imp\.?|uk)\s(?:gal\p{L}*|mpg)|mpg\s(?:us|imp|uk))$/iu.exec(
      tidy,
    );
  const gallons = two && writtenUnit(two[2] ?? '');
  if (two && gallons) return { name: two[1] ?? '', unit: gallons };
  const last = /^(.+?)[\s/,]+(?:in )?(\S+(?: ?\/ ?100 ?km)?)$/iu.exec(tidy);
  const unit = last && writtenUnit(last[2] ?? '');
  const middle = unit
    ? undefined
    : tidy
        .split(/[\s/]+/)
        .find(
          (w, i) =>
            (i > 0 || ((named || taken) && PLAIN_UNIT.test(w))) && writtenUnit(w) !== undefined,
        );
  if (middle !== undefined)
    return { name: tidy.replace(middle, ' ').trim(), unit: writtenUnit(middle) };
  return unit
    ? { name: last[1] ?? '', unit }
    : { name: open < 0 ? tidy : tidy.slice(0, open).trim(), unit: undefined };
}

/** The unit a heading says, whatever it is taken to mean; none for a gallon or a dollar of no country. */
export const headingUnit = (text: string): UnitId | undefined => {
  const { unit } = parted(text);
  return unit !== undefined && isUnitId(unit) ? unit : undefined;
};

/** What a table's heading names: `Weight (lb, dry)` → mass, lb, dry. `undefined` when it names no line of the sheet. */
export function readHeader(text: string): HeaderMeaning | undefined {
  const { name, unit: written } = parted(text);
  // "Moc (KM)": horses of Polish, in capitals.
  const unit =
    written === 'km' && /\(KM\)|\[KM\]/.test(text) && /(?<!\p{L})moc(?!\p{L})/iu.test(name)
      ? 'PS'
      : written;
  const mentions = scanWords(text);
  const fact = ANY_FACT.test(name)
    ? FACT_LABEL_PATTERNS.find((f) => f.pattern.test(name))
    : undefined;
  const senses = sensesOf(unit, UNDECIDED);
  const fits = (k: FigureKey) => senses.some((s) => s.dimension === figureDefinition(k).dimension);
  const keys = keysNamed(scanWords(name), mentions, name);
  const key = unit === undefined ? keys[0] : (keys.find(fits) ?? byUnit(name, mentions, senses));
  if (fact && (key === undefined || unit === undefined)) return { kind: 'fact', key: fact.key };
  if (!key) return undefined;
  const [basis] = basesOf(text, [{ key, from: 0, to: 0 }], mentions);
  const labelled = mentions.flatMap((m) => m.meanings).find((x) => x.kind === 'label' && x.basis);
  return {
    kind: 'figure',
    key,
    basis:
      basis ??
      (labelled?.kind === 'label' &&
      labelled.basis &&
      figureDefinition(key).bases.includes(labelled.basis)
        ? labelled.basis
        : figureDefinition(key).bases[0]),
    unit:
      unit !== undefined && isUnitId(unit)
        ? unitFor(key, unit)
        : unit === undefined
          ? ownUnit(key)
          : undefined,
    gallonUnclear: unit === 'gallon' || unit === 'mpg',
    ...(unit === 'dollar' || unit === 'crowns' || unit === 'money' ? { sign: unit } : {}),
  };
}

/** Litres under "consumption" are litres for each 100 km. */
const unitFor = (key: FigureKey, unit: UnitId): UnitId =>
  unit === 'L' && figureDefinition(key).dimension === 'consumption' ? 'L/100km' : unit;

/** A heading that is a unit, perhaps with a word of basis: `kW`, `Wet kg`. Lengths and distances say too little. */
function byUnit(
  name: string,
  mentions: readonly Mention[],
  senses: readonly { readonly dimension: Dimension }[],
): FigureKey | undefined {
  const words = name.trim();
  const basis = mentions.some((m) => m.meanings.some((x) => x.kind === 'basis'));
  if (words !== '' && !basis) return undefined;
  const dimension = senses[0]?.dimension;
  return dimension && BY_UNIT[dimension];
}

function keysNamed(
  named: readonly Mention[],
  all: readonly Mention[],
  name: string,
): readonly FigureKey[] {
  const label = named.flatMap((m) => m.meanings).find((x) => x.kind === 'label');
  const taken = named.some((m) => m.meanings.every((x) => x.kind === 'taker'));
  if (label?.kind !== 'label' || taken) return [];
  const target = targetOf(label.name);
  if (target.kind === 'figures') return target.keys;
  // "Travel R": a single letter at the end of a heading is a side.
  const letter = /\s([fr])\.?$/iu.exec(name)?.[1]?.toLowerCase();
  const side = sidesOf(all).at(-1)?.side ?? (letter === 'r' ? 'rear' : 'front');
  return [side === 'rear' ? target.rear : target.front];
}

/** The trade's only unit of a figure, so that a heading need not say it. */
function ownUnit(key: FigureKey): UnitId | undefined {
  const { unit, dimension } = figureDefinition(key);
  if (unit) return unit;
  const only: Partial<Record<string, UnitId>> = {
    rotation: 'rpm',
    ratio: 'ratio',
    angle: 'deg',
    year: 'year',
    count: 'gears',
    duration: 'h',
    electric: 'W',
    charge: 'Ah',
    displacement: 'cc',
  };
  return only[dimension];
}
