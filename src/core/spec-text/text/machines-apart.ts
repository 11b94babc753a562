import { spelt } from '../vocabulary/letters';
import { targetOf } from '../vocabulary/lexicon';
import { isLabel } from '../layout/labels';
import type { ScannedLine } from './scanned-line';
import { namesIn } from './names';
import { formerIn } from './whose/former';

/** Figures that every text about a machine gives once: two of them in two paragraphs tell of two machines. */
const ONCE: ReadonlySet<string> = new Set([
  'mass',
  'seatHeight',
  'tank',
  'power',
  'price',
  'displacement',
  'torque',
  'clearance',
  'wheelbase',
]);

/** In a list of machines each line opens with a name that has a number in it: "Tarn 390: 43 hp, 158 kg". */
const HEAD = spelt(
  /^\s*(?:(?:[-*•+]|\d{1,2}[.)]|[a-h]\))\s*)?(\p{L}[\p{L}' -]{0,30} ?\d{2,4}[\p{L}\d ]{0,12}?)(?:\s*[:–—]\s| - )/u,
);
/** "Tarn 390 (43 hp, 158 kg)", "la 380 (37 ch, 166 kg)": figures in brackets behind the name. */
const BRACKET_HEAD = spelt(
  /^\s*((?:\p{Lu}[\p{L}'-]+ ){0,2}(?:\p{Lu}[\p{L}'-]+|[Tt]he|an?|la|le|il|el|die|der|de|een) \d{3,4}(?: \p{Lu}[\p{L}\d]{0,9})?) \((?=[^()]*\d[^()]*,[^()]*\d)/u,
);
const LEAST_FIGURES = 3;
const LEAST_IN_BRACKETS = 2;

function headOf({ line, machine, quantities, mentions }: ScannedLine): string | undefined {
  if (machine !== undefined) return machine;
  const bracket = BRACKET_HEAD.exec(line);
  if (bracket) {
    // "My Brunda 650 (214 kg, 68 hp) is sold."
    if (formerIn(line).length > 0) return undefined;
    const to = bracket[0].length;
    const named = mentions.some((m) => m.from < to && m.meanings.some((x) => x.kind === 'label'));
    return !named && quantities.filter((q) => q.from >= to).length >= LEAST_IN_BRACKETS
      ? bracket[1]
      : undefined;
  }
  const head = HEAD.exec(line);
  const end = head?.[0].length ?? 0;
  const named = mentions.some((m) => m.from < end && m.meanings.some((x) => x.kind === 'label'));
  const figures = quantities.filter((q) => q.from >= end).length;
  return head && !named && figures >= LEAST_FIGURES ? head[1] : undefined;
}

/** "The old one: 35 kW, 193 kg": a line that opens with words for a machine. */
const WORDS = spelt(
  /^\s*(?:(?:[-*•+]|\d{1,2}[.)]|[a-h]\))\s*)?(\p{L}[\p{L}']*(?: \p{L}[\p{L}']*){0,3})\s*[:–—]\s/u,
);
const LEAST_ALIKE = 2;

const headWords = ({ line }: ScannedLine): string => WORDS.exec(line)?.[1] ?? '';

/** How many lines of a text begin with which words; counted once. */
const counted = new WeakMap<readonly ScannedLine[], ReadonlyMap<string, number>>();
function headsOf(lines: readonly ScannedLine[]): ReadonlyMap<string, number> {
  const known = counted.get(lines);
  if (known) return known;
  const counts = new Map<string, number>();
  for (const words of lines.map(headWords)) counts.set(words, (counts.get(words) ?? 0) + 1);
  counted.set(lines, counts);
  return counts;
}

/** What the first figures of a line are in: lines alike in this tell the same of two machines. */
const unitsOf = ({ quantities }: ScannedLine): string | undefined =>
  quantities.length < LEAST_FIGURES
    ? undefined
    : quantities
        .slice(0, LEAST_FIGURES)
        .map((q) => q.unit ?? '')
        .join(' ');

/** What a line calls its machine, where the line before or behind tells the same of another. */
function besideAnother(lines: readonly ScannedLine[], i: number): string | undefined {
  const line = lines[i];
  const head = line && WORDS.exec(line.line);
  const end = head?.[0].length ?? 0;
  if (
    !head ||
    line.mentions.some(
      (m) => m.from < end && m.meanings.some((x) => x.kind === 'label' || x.kind === 'side'),
    )
  )
    return undefined;
  const keys = new Set(figuresNamed(line));
  const alike = [lines[i - 1], lines[i + 1]].some(
    (o) =>
      o !== undefined &&
      WORDS.test(o.line) &&
      (figuresNamed(o).filter((k) => keys.has(k)).length >= LEAST_ALIKE ||
        (unitsOf(o) !== undefined &&
          unitsOf(o) === unitsOf(line) &&
          headsOf(lines).get(head[1] ?? '') === 1)),
  );
  return alike ? head[1] : undefined;
}

/** A list of machines, a line each; what stands before the first of them belongs to none. */
function listed(lines: readonly ScannedLine[]): readonly (readonly ScannedLine[])[] | undefined {
  const heads = lines.map((line, i) => headOf(line) ?? besideAnother(lines, i));
  if (new Set(heads.filter((h) => h !== undefined)).size < 2) return undefined;
  if (isOfOne(lines, heads)) return undefined;
  const blocks: ScannedLine[][] = [];
  for (const [i, line] of lines.entries()) {
    if (heads[i] !== undefined) blocks.push([line]);
    else blocks.at(-1)?.push(line);
  }
  return blocks;
}

/** "Duvrac Causse 560: … La Pellow pèse 208 kg. La Causse fait 189.": the first words name one of those told in turn, and none of the others. */
function isOfOne(lines: readonly ScannedLine[], heads: readonly (string | undefined)[]): boolean {
  const first = heads.findIndex((h) => h !== undefined);
  const before = lines.slice(0, first).filter((l) => l.line.trim() !== '');
  if (before.length === 0 || lines.some((l, i) => heads[i] !== undefined && !l.machine))
    return false;
  const title = before.flatMap((l) => nameOf([l])?.toLowerCase().split(' ') ?? []);
  const named = new Set(
    heads.flatMap((h) => (h === undefined ? [] : [h.toLowerCase().split(' ')[0] ?? ''])),
  );
  // "Narrowed it to the Loma 390 and the Corvane": of both.
  const together = before.some((l) => [...named].some((word) => withAnother(l.line, word)));
  return [...named].filter((word) => title.includes(word)).length === 1 && !together;
}

/** Whether a machine's word is joined to a name before it by "and" or "or". */
const withAnother = (line: string, word: string): boolean => {
  const at = line.toLowerCase().indexOf(word);
  return at > 0 && JOINED_TO.test(line.slice(0, at));
};
const JOINED_TO = spelt(
  /\p{Lu}[\p{L}\d]*(?: \d{2,4})? (?:and|or|&|und|oder|et|ou|y|o|e|en|of|och|eller|i) (?:(?:the|die|l[ae]|el|il|de|an?) )?(?:\p{Lu}\p{L}+ )?$/u,
);

/** "1) Used Northgate 500, …", or a line that is nothing but a name: as good as a blank line before it. */
const POINT = /^\s*(?:[-*•+]|\d{1,2}[.)])\s/u;
const NAME_ALONE = /^[^,;:|\t]{4,40}$/u;
/** "Maker: Brandtau", "Model: Pfad 480" of a form filled in once for each machine. */
const MAKER_FIELD =
  /^\s*(?:make|maker|brand|manufacturer|marke|hersteller|marque|marca|casa|merk|märke|mærke|merke|značka)\s*[:=|\t]\s*\S/iu;
const MODEL_FIELD =
  /^\s*(?:model|modell|modèle|modelo|modello|bike|motorcycle|machine|motorrad|moto)\s*[:=|\t]\s*\S/iu;
const opensForm = (line: ScannedLine, before: ScannedLine | undefined): boolean =>
  MAKER_FIELD.test(line.line) ||
  (MODEL_FIELD.test(line.line) && !(before && MAKER_FIELD.test(before.line)));
const opensAnew = (line: ScannedLine, before: ScannedLine | undefined): boolean =>
  opensForm(line, before) ||
  ((POINT.test(line.line) ||
    (NAME_ALONE.test(line.line.trim()) && figuresNamed(line).length === 0)) &&
    /\d{3}/.test(nameOf([line]) ?? ''));

/** Paragraphs, by blank lines or rules, and by what opens anew. */
function paragraphs(lines: readonly ScannedLine[]): readonly (readonly ScannedLine[])[] {
  const found: ScannedLine[][] = [[]];
  for (const [i, line] of lines.entries()) {
    if (/^\s*(?:[-=_*]{3,}\s*)?$/.test(line.line)) found.push([]);
    else if (opensAnew(line, lines[i - 1])) found.push([line]);
    else found.at(-1)?.push(line);
  }
  return found.filter((p) => p.length > 0);
}

/** "2022 Norrvik 400 Trail – $6,900" above "Selling my Norrvik 400, …": an advert's title and its words. */
const isOfferedAgain = (part: readonly ScannedLine[], name: string, before: string): boolean => {
  const words = before.toLowerCase().split(' ');
  return (
    OFFERS.test(part[0]?.line ?? '') &&
    name
      .toLowerCase()
      .trim()
      .split(' ')
      .every((w) => words.includes(w))
  );
};
const OFFERS = spelt(
  /^\W*(?:(?:i['’]?m |i am |we are )?(?:selling|offering)|(?:up )?for sale|verkaufe|biete|(?:je )?vends|vendo|se vende|te koop|säljer|selger|sælger|sprzedam|prodám|myyn|vende-se)(?!\p{L})/iu,
);

/**
 * Texts of several machines in one paste, told apart: a paragraph that opens with another name and gives again what the one before gave
 * begins a new machine. One block for a text of one machine.
 */
export function blocksOf(lines: readonly ScannedLine[]): readonly (readonly ScannedLine[])[] {
  const list = listed(lines);
  if (list) return list;
  const parts = paragraphs(lines);
  const starts = parts.map((p) => nameOf(p));
  if (new Set(starts.filter(Boolean)).size < 2) return [lines];
  const blocks: { lines: ScannedLine[]; name: string; keys: Set<string> }[] = [];
  parts.forEach((part, i) => {
    const name = starts[i];
    const keys = new Set(part.flatMap(figuresNamed));
    const last = blocks.at(-1);
    const again = last && [...keys].some((k) => last.keys.has(k));
    // A heading alone in its paragraph: what follows is its own.
    const heading = last && part.length === 1 && keys.size === 0 && last.keys.size > 0;
    const another = name && name !== last?.name && !isOfferedAgain(part, name, last?.name ?? '');
    if (!last || (another && (again || heading)))
      blocks.push({ lines: [...part], name: name ?? '', keys });
    else {
      last.lines.push(...part);
      for (const key of keys) last.keys.add(key);
      if (last.name === '') last.name = name ?? '';
    }
  });
  return blocks.filter((b) => b.keys.size > 0).length < 2 ? [lines] : blocks.map((b) => b.lines);
}

/** What a line with figures names by its labels, its units or a word of basis. */
function figuresNamed({ mentions, quantities }: ScannedLine): readonly string[] {
  if (quantities.length === 0) return [];
  const named = mentions.flatMap((m) =>
    m.meanings.flatMap((x): readonly string[] => {
      if (x.kind === 'basis') return ['dry', 'ready', 'ready-90'].includes(x.basis) ? ['mass'] : [];
      if (x.kind !== 'label') return [];
      const target = targetOf(x.name);
      return target.kind === 'figures' ? target.keys : [];
    }),
  );
  const sums = quantities.some((q) => /^(?:[A-Z]{3}|dollar|money)$/.test(q.unit ?? ''));
  return [...named, ...(sums ? ['price'] : [])].filter((k) => ONCE.has(k));
}

/** "Load Capacity" and its value in the next cell: no name. */
const isRow = ({ written }: ScannedLine): boolean => {
  const cells = written.split(/[\t:]/);
  return cells.length > 1 && cells.some(isLabel);
};

const nameOf = (part: readonly ScannedLine[]): string | undefined => {
  if (part[0] && isRow(part[0])) return undefined;
  // "Make: …" and "Model: …" are of one name.
  const lines = part[0] && MAKER_FIELD.test(part[0].line) ? 2 : 1;
  const said = namesIn('', part.slice(0, lines));
  return said?.model ? `${said.maker} ${said.model}` : undefined;
};
