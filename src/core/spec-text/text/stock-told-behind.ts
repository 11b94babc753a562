import { spelt } from '../vocabulary/letters';
import type { Quantity } from '../lattice/quantity';
import type { ScannedLine } from './scanned-line';

/** Where it came from the factory, in the languages that are read. */
const STOCK =
  "(?:stock|oem|standard|std|orig(?:inal(?:ly)?|\\.)?|factory|serie(?:nmäßig)?|de serie|di serie|de série|d['’]origine|originale|originee?le?|standaard|orginal|fabryczn\\p{L}*|seriowo)";
const SPEAKS_OF_STOCK = spelt(new RegExp(`(?<!\\p{L})${STOCK}(?!\\p{L})`, 'iu'));

/** What may stand between that word and its number. */
const IS =
  "(?:is|was|are|were|it['’]s|it is|it was|would be|being|at|about|one|ist|war|sind|waren|es|era|è|est|était|with|of|mit|avec|con|met|med|é|era de|je|er|är|on)";
/** The figure named once more, as its unit lets it be. */
const NAMED: Readonly<Record<'pair' | 'length' | 'mass' | 'volume' | 'power', string>> = {
  pair: '(?:gearing|sprockets?|ratio|final drive|übersetzung)',
  length: '(?:seat|saddle|travel|height|clearance)',
  mass: '(?:weight|wet|kerb|curb|dry)',
  volume: '(?:tank|fuel tank|capacity)',
  power: '(?:power|output|figure)',
};
type Kind = keyof typeof NAMED;

const BETWEEN = Object.fromEntries(
  Object.entries(NAMED).map(([kind, named]) => [
    kind,
    new RegExp(
      `^(?<own>[^\\d.,;:()|\\n]{0,30}?)(?<gap>(?:\\.{1,3}|[,;(–—-]|…)[\\s(]{0,3}(?:(?:the|its|my|but|and|el|lo|la|le|il|de|het|der|die|das|den|det|to|o|a|l['’]) ?)?${STOCK}(?: ${named})?(?: ${IS}){0,2}:?(?: an?| de| di| da)? )$`,
      'iu',
    ),
  ]),
);

/** "(16 L d'origine)", "(850 stock)". */
const IN_BRACKET = /^(?<own>[^\d.,;:()|\n]{0,24}?)(?<gap> ?\((?:it )?(?:was )?)$/iu;
const STOCK_BEHIND = spelt(new RegExp(`^ ?(?:mm|l)? ?${STOCK}(?!\\p{L})`, 'iu'));

/** "14/46 statt 15/46": of a pair of sprockets what it had first, where no new model is spoken of. */
const INSTEAD_OF =
  /^ ?(?:t|teeth)? ?(?:instead of|rather than|in place of|(?:an)?statt|au lieu de|à la place de|en vez de|en lugar de|invece di|al posto di|in plaats van|i\.?p\.?v\.?|zamiast|istället för|i stedet for|místo)(?: the| a| den| der)?(?: stock| original)? $/iu;
const INSTEAD = spelt(
  /(?:instead|rather|place|statt|lieu|place|vez|lugar|invece|posto|plaats|i\.?p\.?v|zamiast|istället|stedet|místo)(?!\p{L})/iu,
);
const OF_A_MODEL = spelt(
  /(?<!\p{L})(?:comes|now has|new model|model year|for 20\d\d|neues modell|modelljahr|ab werk|nouveau modèle|nuevo modelo|nuovo modello|nieuwe model)(?!\p{L})/iu,
);

/** "825 low, standard 850", "35 kW for A2, standard 53": both are the machine's. */
const ANOTHER_OF_ITS = spelt(
  /(?<!\p{L})(?:low(?:er|ered|est)?|niedrig\p{L}*|tief\p{L}*|basse|bassa|baj[ao]|a2|restrict\p{L}*|gedrosselt|option(?:al)?|as tested|versions?|model|rally|sport|reserve)(?!\p{L})/iu,
);

/** "880 mm with the comfort seat", "12 L desert tank": said of a part, which other rules know. */
const MADE_BY = spelt(
  /(?<!\p{L})(?:with|on|mit|avec|con|met|med|desert|safari|long[- ]range|rally)(?!\p{L})/iu,
);

/** Two numbers of one thing differ by less than this factor. Own assumption. */
const ALIKE = 2;

function kindOf(q: Quantity, paired: boolean): Kind | undefined {
  if (paired || q.unit === 'teeth') return 'pair';
  switch (q.unit) {
    case 'mm':
    case 'cm':
    case 'in':
      return 'length';
    case 'kg':
    case 'lb':
      return 'mass';
    case 'L':
    case 'gallon':
      return 'volume';
    case 'kW':
    case 'hp':
    case 'PS':
    case 'Nm':
    case 'N/mm':
      return 'power';
    default:
      return undefined;
  }
}

interface Became {
  /** Of the quantities that it became, the first and the last. */
  readonly first: Quantity;
  readonly last: Quantity;
  /** Where the words of the gap begin. */
  readonly gap: number;
  readonly stock: Quantity;
}

/** What the numbers from `i` on became of a machine whose stock number stands behind them. */
function becameAt({ line, quantities }: ScannedLine, i: number): Became | undefined {
  const first = quantities[i];
  if (!first) return undefined;
  const paired = first.listed && quantities[i + 1]?.listed === true && first.unit === undefined;
  const last = paired ? quantities[i + 1] : first;
  const stock = quantities[i + (paired ? 2 : 1)];
  const kind = kindOf(first, paired);
  if (!last || !stock || !kind || stock.listed !== first.listed) return undefined;
  if (stock.unit !== first.unit && stock.unit !== undefined) return undefined;
  const factor = (stock.amounts[0] ?? 0) / (first.amounts[0] ?? 1);
  if (factor >= ALIKE || factor <= 1 / ALIKE || stock.from - last.to > 70) return undefined;
  const words = line.slice(last.to, stock.from);
  const found =
    BETWEEN[kind]?.exec(words) ??
    (STOCK_BEHIND.test(line.slice(stock.to, stock.to + 20)) ? IN_BRACKET.exec(words) : undefined);
  const { own = '', gap = '' } = found?.groups ?? {};
  const before = line.slice(Math.max(0, first.from - 30), first.from);
  if (paired && INSTEAD_OF.test(words) && !OF_A_MODEL.test(line))
    return { first, last, gap: last.to, stock };
  if (!found || ANOTHER_OF_ITS.test(`${before} ${own}`)) return undefined;
  if (MADE_BY.test(`${before} ${own}`)) return undefined;
  if (paired && !/\p{L}{4}/u.test(`${before}${own}`)) return undefined;
  // "Wheelbase 1520 mm, standard seat 850 mm" are two figures.
  const seat = /(?<!\p{L})(?:seat|saddle)(?!\p{L})/iu;
  if (seat.test(gap) && !seat.test(line.slice(Math.max(0, first.from - 60), last.to + own.length)))
    return undefined;
  return { first, last, gap: last.to + own.length, stock };
}

/**
 * "17/45 sprockets, stock is 15/45", "the 22 litre tank. Standard is 16 litres": what a machine became is no figure of it where the one
 * that it came with stands right behind. The number before and the stops between are blanked out, so that the stock one has its label; places
 * stay.
 */
export function withStockInstead(scanned: ScannedLine): ScannedLine {
  if (!SPEAKS_OF_STOCK.test(scanned.line) && !INSTEAD.test(scanned.line)) return scanned;
  const became = scanned.quantities.flatMap((_, i) => becameAt(scanned, i) ?? []);
  if (became.length === 0) return scanned;
  let { line } = scanned;
  const blank = (from: number, to: number): void => {
    line = line.slice(0, from) + ' '.repeat(to - from) + line.slice(to);
  };
  for (const { first, last, gap, stock } of became) {
    blank(first.from, last.to);
    // The word itself stays: it says that the number behind it is the machine's, whatever its sentence is about.
    const word = SPEAKS_OF_STOCK.exec(line.slice(gap, stock.from));
    const at = word ? gap + word.index : stock.from;
    blank(gap, at);
    blank(at + (word?.[0].length ?? 0), stock.from);
  }
  const unitOf = new Map(became.map(({ stock, first }) => [stock.from, first.unit]));
  return {
    ...scanned,
    line,
    quantities: scanned.quantities
      .filter((q) => !became.some((b) => q.from >= b.first.from && q.from <= b.last.from))
      .map((q) => ({ ...q, unit: q.unit ?? unitOf.get(q.from) })),
    mentions: scanned.mentions.filter((m) => line.slice(m.from, m.to).trim() !== ''),
  };
}
