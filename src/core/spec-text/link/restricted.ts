import { convert } from '../../units';
import { spelt } from '../vocabulary/letters';
import { CHANGE } from '../lattice/scan-quantities';
import type { Quantity } from '../lattice/quantity';
import { RESTRICTS } from './guards/changes';
import type { SentenceWords } from './option';

const RESTRICTED_TO = spelt(
  /^[\s,(]{0,3}(?:but |and )?(?:now |currently )?(?:(?:restricted|limited|detuned|choked) (?:down )?to|auf \d{2}(?:[.,]\d)? ?kW gedrosselt|gedrosselt auf|bridée? à|limitad[ao] a|(?:libres? )?(?:y )?se (?:limita|puede limitar) a|depotenziat[ao] a)(?![\p{L}\d])/iu,
);
/** Words of a limit set for a licence, in the languages that are read. */
const OF_A_LIMIT = spelt(
  /(?<!\p{L})(?:limit\p{L}*|restrict\p{L}*|throttl\p{L}*|gedrosselt|drossel\p{L}*|begrenzt|bridée?|bridage|depotenziat\p{L}*|begrens\p{L}*|stryp\p{L}*|strup\p{L}*|begræns\p{L}*|ogranicz\p{L}*|omezen\p{L}*|rajoitet\p{L}*|a2)(?!\p{L})/iu,
);
export const speaksOfLimit = (text: string): boolean => OF_A_LIMIT.test(text);

const DERESTRICTED_TO =
  /(?:de-?restrict(?:ed|able|s)? to|unrestricted|open(?:ed)? up to|entdrosselbar auf|offen|débridable à)\s*$/iu;
/** "35 kW (A2) / 52 kW", "35 kW (bridage A2), 52 kW": the second is what it has when nothing holds it back. */
const BESIDE_A2 =
  /\([^()\d]{0,18}(?:A2|bridée?|bridage|restricted|gedrosselt|drossel|limitad[ao]|depotenziat[ao]|beperkt)[^()\d]{0,14}\) ?(?:\/|,|;|or|oder|ou|of|o)\s?$/iu;
export const isPower = ({ unit }: Quantity): boolean =>
  unit === 'hp' || unit === 'PS' || unit === 'kW';

/** Directive 2006/126/EC, class A2: 35 kW. What has no more needs no restricting: the figure is what it has. */
const withinA2 = ({ amounts: [a = 0], unit }: Quantity): boolean =>
  (unit === 'hp' || unit === 'PS' || unit === 'kW') && convert(a, unit, 'kW') < A2_KW;
/** Rounded up: 48 PS are 35.3 kW. */
const A2_KW = 35.4;

/** "61 hp restricted to 35 kW": what it had before, or may have again. */
export const isUnrestricted = (s: SentenceWords, q: Quantity): boolean =>
  (RESTRICTED_TO.test(s.text.slice(q.to, q.to + 40)) && !withinA2(q)) ||
  DERESTRICTED_TO.test(s.text.slice(Math.max(0, q.from - 24), q.from)) ||
  BESIDE_A2.test(s.text.slice(Math.max(0, q.from - 44), q.from));

/** "The A2 kit drops it from 70 kW to 35 kW". */
export function isDroppedFrom(s: SentenceWords, index: number): boolean {
  const [q, next] = [s.quantities[index], s.quantities[index + 1]];
  return (
    q !== undefined &&
    next !== undefined &&
    isPower(q) &&
    RESTRICTS.test(s.text) &&
    CHANGE.test(s.text.slice(Math.max(0, q.from - 40), q.from)) &&
    /^\s*(?:down )?to (?:a )?$/iu.test(s.text.slice(q.to, next.from))
  );
}

const RESTRICTED_BEFORE = spelt(
  /(?<!\p{L})(?:restricted|limited|detuned|choked|gedrosselt auf|bridée? à|limitad[ao] a|depotenziat[ao] a)(?: (?:down )?(?:to|at))?\s*$/iu,
);

/** "Restricted to 35 kW", "auf 35 kW gedrosselt": the words say that it is what it has. */
export const isRestricted = (s: SentenceWords, q: Quantity): boolean =>
  RESTRICTED_BEFORE.test(s.text.slice(Math.max(0, q.from - 28), q.from)) ||
  /^ gedrosselt(?!\p{L})/iu.test(s.text.slice(q.to, q.to + 14));
