import { spelt } from '../vocabulary/letters';
import type { FigureKey } from '../../readings';
import { type UnitId, isUnitId } from '../../units';
import type { Quantity } from '../lattice/quantity';
import { writtenUnit } from '../lattice/written-units';
import { FRONT_KEY, OTHER_END } from './ends';
import type { TextUnits } from './dimensions';
import type { SentenceWords, Word } from './option';

/** "78 kg front, 84 kg rear": what one wheel carries is not what the machine weighs. */
export const ON_ONE_WHEEL = spelt(
  /^(?: ?(?:kg |lbs? )?(?:on the |at the )?|, (?:on|at) the )(?:front|rear|back|vorne?|hinten|avant|arrière|[FR](?=[,;.)]|$))(?!\p{L})/iu,
);

const AT_THE =
  /^ ?(?:à l['’]|(?:at|in|on) the |an der |am |alla |al |en el |en la |aan de |på |z |na )$/iu;

/** The other end's word right behind the figure: "an 18-inch rear" is no front wheel. */
export function contrary(s: SentenceWords, q: Quantity, key: FigureKey): boolean {
  const wrong = FRONT_KEY.test(key) ? 'rear' : 'front';
  return (
    OTHER_END[key] !== undefined &&
    s.mentions.some(
      (m) =>
        m.from >= q.to &&
        (m.from - q.to <= 2 || AT_THE.test(s.text.slice(q.to, m.from))) &&
        (!/,/.test(s.text.slice(q.to, m.from)) ||
          // "corsa 200 mm, monoammortizzatore, corsa 190 mm": that end has a figure of its own.
          /^\s*(?:[.;)]|,(?! (?:\p{L}+[ :]+){1,3}\d)|$)/u.test(s.text.slice(m.to, m.to + 60))) &&
        !s.quantities.some((o) => o.from >= m.to && o.from - m.to <= 4) &&
        m.meanings.some((x) => x.kind === 'side' && x.side === wrong),
    )
  );
}

/** Where the words of a label end when its side stands right behind: "Pressure, front: …". */
export function afterSide(s: SentenceWords, to: number): number {
  const side = s.mentions.find(
    (m) =>
      m.from >= to &&
      m.meanings.some((x) => x.kind === 'side') &&
      /^[\s,(/-]{0,3}$/.test(s.text.slice(to, m.from)),
  );
  return side ? side.to : to;
}

/**
 * `Seat height (mm): 880`, `wet weight kg: 158`, `service interval in miles: 6,000`: the unit stands with the label.
 *
 * @param gallon whose gallons the text counts in, where that is known
 */
export function unitTold(gapText: string, gallon?: TextUnits['gallon']): UnitId | undefined {
  const inside =
    /^\s*(?:intervall?[eo]?s? ?)?[([]([^)\]]{1,18})[)\]]\s*[:=|\t\s-]*$/u.exec(gapText) ??
    /^[\s,/]+(?:intervall?[eo]?s?,? ?)?(?:(?:in|en) )?([^\s:=|]{1,10}(?: ?@ ?rpm| [^\s:=|]{1,8})?)\s*[:=|\t]\s*$/u.exec(
      gapText,
    );
  const unit =
    inside &&
    writtenUnit(
      (inside[1] ?? '').split(
        /[,;]|\s?@|\/\s?(?:rpm|min)|\s(?:bei|at|à|a|alle|bij|às|przy|vid|ved|při)\s/u,
      )[0] ?? '',
    );
  if (unit === 'gallon' && gallon !== undefined) return `gal-${gallon}`;
  return unit !== null && unit !== undefined && isUnitId(unit) ? unit : undefined;
}

/** "Horsepower: 44": the label is the unit. */
export function unitOfLabel(words: string, { units }: SentenceWords): UnitId | undefined {
  if (/\bmpg$/iu.test(words) && units.gallon !== undefined) return `mpg-${units.gallon}`;
  const unit = writtenUnit(words);
  return unit !== undefined && isUnitId(unit) ? unit : undefined;
}

/** "880 seat" names its figure; "400 weighs" and "125 Trail" do not. */
export const isNoun = (words: string): boolean =>
  (/^\p{Ll}/u.test(words) || /^(?:Federweg|Sitzhöhe|Bodenfreiheit|Radstand)/u.test(words)) &&
  !/^(?:weigh|tyre|tire|make|get|cost)/iu.test(words);
export const isCheckOrOil = ({ meaning }: Word): boolean =>
  meaning.kind === 'label' && /^(?:valves|oil)$/.test(meaning.name);
export const isCare = ({ meaning }: Word): boolean =>
  meaning.kind === 'label' && /^(?:valves|oil|service)$/.test(meaning.name);
