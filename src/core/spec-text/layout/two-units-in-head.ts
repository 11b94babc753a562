import { spelt } from '../vocabulary/letters';
import { isUnitId, unitEntry, type Dimension } from '../../units';
import { writtenUnit } from '../lattice/written-units';
import { composed, type Piece, type PlacedText } from './placed-text';
import { textLines, type TextLine } from './text-lines';

const UNIT = String.raw`[^\d\s()/|:=][^\d()/|:=]{0,9}?(?:/100 ?km)?`;
const AMOUNT = String.raw`\d[\d.,']*(?: \d{3})?`;
/** "Seat height (mm/in): 870/34.3", "Leistung nach DIN 70020 (kW/PS): 33/44", "Leistung kW/PS: 33/44". */
const LINE = spelt(
  new RegExp(
    String.raw`^(?<head>\s*(?:[-*•] ?)?\p{L}[^():=|/]{1,60}?[\s(](?<one>${UNIT}) ?[/|] ?(?<two>${UNIT})\)?\s*[:=|\t]\s*)(?<first>${AMOUNT}) ?[/|] ?(?<second>${AMOUNT})(?<rest>(?!\s*[/|]).*)$`,
    'u',
  ),
);

const number = (written: string): number => Number(written.replace(/[' ]/g, '').replace(',', '.'));
/** A length in millimetres or centimetres and the same in inches lie further apart. */
const APART = 0.7;

const dimensionOf = (written: string): Dimension | undefined => {
  const unit = writtenUnit(written);
  if (unit === 'gallon') return 'volume';
  if (unit === 'mpg') return 'consumption';
  return unit !== undefined && isUnitId(unit) ? unitEntry(unit).dimension : undefined;
};

function inFirstUnit({ words, from }: TextLine): readonly Piece[] | undefined {
  const {
    head = '',
    one = '',
    two = '',
    first = '',
    second = '',
    rest = '',
  } = LINE.exec(words)?.groups ?? {};
  const dimension = dimensionOf(one);
  if (first === '' || dimension === undefined || dimension !== dimensionOf(two)) return undefined;
  // "Travel front/rear (mm/in): 230/225": both in the first, and two figures.
  if (dimension === 'length' && Math.abs(number(first) / number(second) - 1) < APART)
    return undefined;
  const end = from + words.length;
  return [
    { from, to: from + head.length + first.length },
    ` ${one}`,
    { from: end - rest.length, to: end },
  ];
}

/** One figure told in two units that stand in its label: the first of them, so that they are not taken for two figures. */
export function withFirstOfTwoUnits(placed: PlacedText): PlacedText {
  const lines = textLines(placed.text);
  if (!lines.some((line) => inFirstUnit(line))) return placed;
  return composed(
    placed,
    lines.flatMap((line): readonly Piece[] => [
      ...(inFirstUnit(line) ?? [{ from: line.from, to: line.to }]),
      '\n',
    ]),
  );
}
