import { readHeader } from '../spec-text';
import { isSameTarget, type ColumnTarget, type TextColumn } from './column-target';

const TEXT_HEADINGS: Readonly<Record<TextColumn, RegExp>> = {
  maker:
    /^(?:maker|make|brand|manufacturer|marque|marke|hersteller|marca|merk|fabricante|constructeur|costruttore|producent)$/i,
  model:
    /^(?:model|name|bike|motorcycle|machine|modell|modèle|modelo|modello|motorrad|moto|maschine|bezeichnung|nom|nombre|nome)$/i,
  version:
    /^(?:version|variant|year|trim|market|model year|baujahr|année|año|anno|ausführung|versione|versión)$/i,
  donorClass:
    /^(?:class|category|type|segment|klasse|kategorie|catégorie|categoría|categoria|classe|clase)$/i,
  tags: /^(?:tags?|labels?)$/i,
  note: /^(?:notes?|comments?|remarks?|notiz(?:en)?|bemerkung(?:en)?|remarques?|notas?|commentaires?)$/i,
};

/** What a bare gallon or mpg stands for in this table; undefined: the rider has to say. */
export type Gallon = 'us' | 'imp' | undefined;

/** A first guess at what each heading means. A meaning that stands twice counts for the first column only. */
export function guessColumns(headings: readonly string[], gallon: Gallon): readonly ColumnTarget[] {
  const made: ColumnTarget[] = [];
  for (const heading of headings) {
    const target = guess(heading.trim(), gallon);
    made.push(
      made.some((m) => m.kind !== 'ignore' && isSameTarget(m, target))
        ? { kind: 'ignore' }
        : target,
    );
  }
  return made;
}

function guess(heading: string, gallon: Gallon): ColumnTarget {
  const text = (Object.entries(TEXT_HEADINGS) as [TextColumn, RegExp][]).find(([, pattern]) =>
    pattern.test(heading),
  )?.[0];
  if (text) return { kind: 'text', column: text };
  const meaning = readHeader(heading);
  if (!meaning) return { kind: 'ignore' };
  if (meaning.kind === 'fact') return meaning;
  const { key, basis } = meaning;
  const unclear = meaning.gallonUnclear
    ? gallon === undefined
      ? undefined
      : key === 'consumption'
        ? (`mpg-${gallon}` as const)
        : (`gal-${gallon}` as const)
    : meaning.unit;
  return { kind: 'figure', key, basis, unit: unclear };
}

/** One line that stands for a set of headings, so that a mapping made once is found again. Order counts, case and spaces do not. */
export const headingsKey = (headings: readonly string[]): string =>
  headings.map((h) => h.trim().toLowerCase().replace(/\s+/g, ' ')).join('\u001f');
