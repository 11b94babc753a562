import { FACT_KEYS, factDefinition, type FactKey } from '../facts';
import { figureDefinition, type Basis, type FigureKey } from '../readings';
import { unitEntry, type UnitId } from '../units';
import { basisIn } from './basis-words';
import { FACT_LABELS } from './fact-words';
import { labelTarget, scanLabels, scanSides } from './scan-labels';
import { writtenUnit } from './written-units';

export type HeaderMeaning =
  | {
      readonly kind: 'figure';
      readonly key: FigureKey;
      readonly unit: UnitId | undefined;
      readonly basis: Basis /** A bare gallon or mpg. */;
      readonly gallonUnclear: boolean;
    }
  | { readonly kind: 'fact'; readonly key: FactKey };

const FACT_LABEL_PATTERNS = FACT_KEYS.map((key) => ({
  key,
  pattern: new RegExp(`^(?:${FACT_LABELS[key].labels})$`, 'iu'),
}));

/** What a table's heading names: `Weight (lb, dry)` → mass, lb, dry. `undefined` when it names no line of the sheet. */
export function readHeader(text: string): HeaderMeaning | undefined {
  const open = text.search(/[([]/);
  const name = (open < 0 ? text : text.slice(0, open)).trim().replace(/[_]+/g, ' ');
  const details =
    open < 0
      ? []
      : text
          .slice(open + 1)
          .replace(/[)\]]\s*$/, '')
          .split(/[,;]/)
          .map((d) => d.trim());
  const fact = FACT_LABEL_PATTERNS.find((f) => f.pattern.test(name));
  const units = details.map(writtenUnit);
  const unit = units.find((u) => u !== undefined) ?? writtenUnit(/\s(\S+)$/.exec(name)?.[1] ?? '');
  const keys = keysNamed(name, text);
  const gallon = unit === 'gallon' || unit === 'mpg';
  const dimension =
    unit === undefined
      ? undefined
      : unit === 'gallon'
        ? 'volume'
        : unit === 'mpg'
          ? 'consumption'
          : unitEntry(unit).dimension;
  const key =
    keys.find((k) => dimension !== undefined && figureDefinition(k).dimension === dimension) ??
    (dimension === undefined ? keys[0] : undefined);
  if (
    fact &&
    (key === undefined || (dimension === undefined && factDefinition(fact.key).kind === 'choice'))
  )
    return { kind: 'fact', key: fact.key };
  if (!key) return undefined;
  const { basis } = basisIn(key, text, figureDefinition(key).bases[0]);
  return {
    kind: 'figure',
    key,
    basis,
    unit: gallon || unit === undefined ? ownUnit(key) : unit,
    gallonUnclear: gallon,
  };
}

function keysNamed(name: string, text: string): readonly FigureKey[] {
  const target = labelTarget(name) ?? scanLabels(name)[0]?.target;
  if (!target) return [];
  switch (target.kind) {
    case 'none':
      return [];
    case 'figures':
      return target.keys;
    case 'sides':
      return [scanSides(text).at(-1)?.side === 'rear' ? target.rear : target.front];
  }
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
  };
  return only[dimension];
}
