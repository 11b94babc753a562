import { spelt } from '../vocabulary/letters';
import { scanWords } from '../vocabulary/lexicon';
import { GOES_ON } from './whose/turns';

/** A machine by its name at the head of a sentence: "De Stavnik 430 is lighter (162 kg)", "The Fell has 41 hp". */
const SUBJECT = spelt(
  /(?<=^\s*|[.!?] +)(?:(?:[Tt]he|[Dd]e|[Dd]ie|[Dd]er|[Ll]a|[Ll]e|[Ii]l|[Ee]l|[Oo]|[Aa]) )?(\p{Lu}[\p{L}'-]{2,}(?: \p{Lu}[\p{L}'-]+)?(?: \d{2,4})?)(?: \p{Lu}{1,2})?(?: (?:has|is|makes|weighs|gets|holds|comes|costs|heeft|weegt|haalt|kost|hat|ist|wiegt|macht|leistet|kostet|a|est|pèse|fait|coûte|tiene|es|pesa|hace|cuesta|rinde|ha|è|fa|costa|tem|é|custa|väger|har|vejer|veier|waży|ma)(?!\p{L})|: )/gu,
);

/** What a stretch tells of, by its units and words. */
const TELLS: readonly RegExp[] = [
  spelt(/\d ?(?:hp|bhp|ps|pk|ch|cv|kw|hk|km|horse\p{L}*|caballos|cavalli|chevaux)(?!\p{L})/iu),
  spelt(/\d ?(?:kg|kilos?|lbs?|pounds)(?!\p{L})/iu),
  spelt(/\d ?(?:l|lit(?:re|er|ro|ri|ros)s?|gallons?|gal)(?!\p{L})/iu),
  spelt(
    /(?<!\p{L})(?:seat|saddle|sitz\p{L}*|selle|asiento|sella|zadel|zithoogte|kanapa|sits)(?!\p{L})/iu,
  ),
  spelt(/[£$€] ?\d|\d ?(?:€|euros?|dollars?|quid|kr|zł)(?!\p{L})/iu),
];
/** Shorter lines tell of one, in characters. */
const SHORTEST = 60;
/** So much of the same is told of each of two. */
const LEAST_ALIKE = 2;

const tells = (words: string): readonly number[] =>
  TELLS.flatMap((kind, i) => (kind.test(words) ? [i] : []));

/** "También tiene", "Ook heeft", "Auch hat". */
const ADVERB =
  /^(?:También|Además|Tampoco|Aussi|Auch|Ook|Anche|Inoltre|Även|Også|Också|Também|Dazu|Dafür|Elle|Ella|Lei|Eso|Ésta|Esta|Questa|Diese|Deze|Denna)$/u;

/** A word of the trade opens a sentence about a part, and none about another machine. */
const isOfPart = (name: string): boolean =>
  GOES_ON.test(name) ||
  ADVERB.test(name) ||
  scanWords(name).some((m) =>
    m.meanings.some(
      (x) => x.kind === 'label' || x.kind === 'side' || x.kind === 'taker' || x.kind === 'trade',
    ),
  );

/** "Orvane 690" and "Orvane" are one; "The 250" and "The 450" are two. */
const whose = (name: string): string =>
  /^(?:The|Die|Der|De|La|Le|El|Il)(?!\p{L})/u.test(name) ? name : (name.split(' ')[0] ?? name);

/** A stretch of a line, and the machine it tells of. */
export interface Told {
  readonly words: string;
  readonly machine?: string;
}

/**
 * A paragraph that tells of one machine after another, each by its name at the head of a sentence and with the same kinds of figures;
 * in one piece where it does not.
 */
export function toldInTurn(line: string): readonly Told[] {
  if (line.length < SHORTEST) return [{ words: line }];
  const heads = [...line.matchAll(SUBJECT)].flatMap(({ index, 1: name = '' }) =>
    isOfPart(name) ? [] : [{ at: index, name, of: whose(name) }],
  );
  if (new Set(heads.map((h) => h.of)).size < 2) return [{ words: line }];
  const parts: { from: number; name: string; of: string }[] = [];
  for (const { at, name, of } of heads)
    if (parts.at(-1)?.of !== of) parts.push({ from: at, name, of });
  const stretches = parts.map(({ from, name }, i) => ({
    name,
    from,
    words: line.slice(from, parts[i + 1]?.from ?? line.length),
  }));
  const first = tells(stretches[0]?.words ?? '');
  const alike = stretches.every(
    ({ words }) => tells(words).filter((t) => first.includes(t)).length >= LEAST_ALIKE,
  );
  if (!alike) return [{ words: line }];
  const before = line.slice(0, stretches[0]?.from ?? 0);
  return [
    ...(before === '' ? [] : [{ words: before }]),
    ...stretches.map(({ words, name }) => ({ words, machine: name })),
  ];
}
