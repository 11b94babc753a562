import type { Line } from '../text/lines';
import { cellsOf } from './cells';

/** Heads of columns that only a log of fills has beside its litres; common usage, no source. */
const WHEN =
  /^(?:date|datum|data|fecha|dato|pvm|day|odo(?:meter)?(?: ?\(?(?:km|mi|miles)\)?)?|(?:km|kilometer)[- ]?stand|kilométrage|tacho|station|tankstelle|fill(?:-?up)?(?: ?(?:no\.?|#))?)$/iu;
const FILLED =
  /^(?:litres?|liters?|liter|litros|litri|l|gal(?:lons?)?|getankt|fuel(?: ?\(?(?:l|gal)\)?)?|menge|volume|tankad)(?: ?\(?(?:l|gal)\)?)?$/iu;
const NAMED = /(?:model|modell|modèle|modelo|modello|bike|machine|name|make|maker)/iu;

/** Lines without the rows of a log of fills ("Date;Odo;Litres;km"): each tells of a day, and none of a machine. Places stay. */
export function withoutFillLogs(lines: readonly Line[]): readonly Line[] {
  const head = lines.findIndex(({ line }) => {
    const heads = cellsOf(line).map((c) => c.text.trim());
    return (
      heads.some((h) => WHEN.test(h)) &&
      heads.some((h) => FILLED.test(h)) &&
      !heads.some((h) => NAMED.test(h))
    );
  });
  if (head < 0) return lines;
  const width = cellsOf(lines[head]?.line ?? '').length;
  const ends = lines.findIndex((l, i) => i > head && cellsOf(l.line).length < width - 1);
  const past = ends < 0 ? lines.length : ends;
  return lines.map((l, i) =>
    i >= head && i < past ? { ...l, line: ' '.repeat(l.line.length) } : l,
  );
}
