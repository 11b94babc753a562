import { spelt } from '../vocabulary/letters';
import type { Basis } from '../../readings';
import type { Quantity } from '../lattice/quantity';
import type { FigureProposal } from '../proposal';
import type { WantsBasis } from './bases';

const PERCENT_90 = String.raw`(?<![\d.,])90 ?(?:%|per ?cent|prozent|pour ?cents?|por ciento|per cento|proc(?:ent)?)`;
const FUEL = String.raw`(?:fuel|petrol|gas|tank|full|fill|kraftstoff|benzin|sprit|betankt|voll|carburant|essence|r[ée]servoir|plein|serbatoio|pieno|combustible|gasolina|dep[óo]sito|lleno|brandstof|br[äa]nsle|drivstof|br[æa]ndstof|paliw|zbiornik|n[áa]dr[žz]|polttoaine|combust[ií]vel)`;
/** "All fluids and a tank 90 % full", "90 pour cent de carburant". */
const NINETY = new RegExp(
  `${FUEL}[^.;\\d]{0,16}${PERCENT_90}|${PERCENT_90}[^.;\\d]{0,16}${FUEL}`,
  'iu',
);
/** "192 kg (wet, 90 %)". */
const WET_AND_90 = new RegExp(
  String.raw`^ ?\(?(?:wet|nass|ready|fuell?ed|vollgetankt|betankt)[, ]{1,2}(?:at |zu )?${PERCENT_90}`,
  'iu',
);
/** "90 % fuel 174 kg": of the mass behind it. */
const LEADS_ON = spelt(new RegExp(String.raw`${PERCENT_90}(?: \p{L}+){1,3} ?[:=]? ?$`, 'iu'));
/** "Wet, no gas". */
const EMPTY = spelt(
  /(?<!\p{L})(?:(?:no|without|minus|less|zero|ohne|sans|senza|sin|zonder) (?:any |the )?(?:fuel|gas|petrol|gasoline|kraftstoff|benzin|sprit|carburant|essence|benzina|carburante|gasolina|combustible|benzine|brandstof)|(?:empty|leerer|leerem) (?:fuel |gas |petrol )?tank|tank (?:is |was )?empty|(?:tank|fuel) leer|réservoir vide|serbatoio vuoto|depósito vacío)(?!\p{L})/iu,
);
/** "Half a tank", "5 litres in it". */
const PARTLY = spelt(
  /(?<!\p{L})(?:(?:half|quarter|third|three[- ]quarters?)(?:[- ]?(?:of )?(?:an?|full|filled))? (?:fuel |gas |petrol )?(?:tank|fuel load)|(?:half|quarter|three[- ]quarters?)[- ](?:full|fuell?ed|tanked)|tank (?:is |was |about |around )*(?:half|a quarter|quarter|a third|three[- ]quarters?)|half[- ]full|halbvoll\p{L}*|halb ?voll\p{L}*|halber tank|viertel tank|à moitié (?:plein|vide)|(?:réservoir|plein) à moitié|demi[- ](?:plein|réservoir)|mezzo (?:pieno|serbatoio)|metà serbatoio|serbatoio a metà|medio (?:depósito|tanque)|(?:depósito|tanque) a (?:la mitad|medias)|halve tank|halfvol\p{L}*|halv(?:full)? tank)(?!\p{L})|(?<!\p{L})(?:with|mit|avec|con|met|med) (?:only |just |about |around |roughly |nur |etwa |ca\.? |rund |environ |unos |circa )*\d{1,2}(?:[.,]\d)? ?(?:l|lit(?:re|er)s?|litros|litri|gal(?:lons?)?)(?!\p{L}) ?(?:of (?:fuel|petrol|gas)|in (?:it|the tank)|sprit|benzin|im tank|d['’]essence|dans le réservoir|de gasolina|di benzina|nel serbatoio|en el depósito)/iu,
);

/** "168 kg (ready)": in a bracket of its own. */
const READY_ALONE = /^ ?(?:kg|lbs?\.?)? ?\((?:ready|full|fueled|fuelled)\)/iu;

/** A bracket that holds the next number as well. */
const OPENED = /\([^()]*$/u;

const ownClause = (words: string): string => /^[^;.]*/u.exec(words)?.[0] ?? '';

/** The words that may say how much fuel is in a mass: up to the next figure, and before it where it is the first. */
function wordsAbout(text: string, figures: readonly WantsBasis[], i: number): readonly string[] {
  const own = figures[i];
  if (own?.key !== 'mass') return [];
  const next = figures.find((f, n) => n > i && f.key !== 'tank');
  const behind = ownClause(text.slice(own.to, next?.from ?? own.to + 90));
  const between = text.slice(figures[i - 1]?.to ?? 0, own.from);
  const ahead = figures.slice(0, i).some((f) => f.key === 'mass')
    ? (OPENED.exec(between)?.[0] ?? '')
    : between;
  // "Dry weight 162 kg, 90 % fuel 174 kg", "152 kg (without fuel 143 kg)": it leads to the next.
  const leadsOn = next?.key === 'mass' && (LEADS_ON.test(behind) || OPENED.test(behind));
  return leadsOn ? [ahead] : [behind, ahead];
}

/** How a mass was taken, by the fuel that it is said to be with: "wet (tank 90 % full)" is in running order, "wet, no gas" dry. */
export function fuelBasis(
  text: string,
  figures: readonly WantsBasis[],
  i: number,
  basis: Basis | undefined,
): Basis | undefined {
  if (basis === 'dry') return basis;
  const words = wordsAbout(text, figures, i);
  if (words.some((w) => NINETY.test(w) || WET_AND_90.test(w))) return 'ready-90';
  if (words.some((w) => EMPTY.test(w))) return 'dry';
  return basis ?? (words.some((w) => READY_ALONE.test(w)) ? 'ready' : undefined);
}

/** A mass with the tank partly filled is neither dry nor ready: it is asked about. */
export function asPartlyFilled(
  made: FigureProposal,
  text: string,
  figures: readonly WantsBasis[],
  i: number,
): FigureProposal {
  if (made.key !== 'mass' || !wordsAbout(text, figures, i).some((w) => PARTLY.test(w))) return made;
  const doubts = made.doubts.filter((d) => d.code !== 'basis-unsaid');
  return {
    ...made,
    ticked: false,
    doubts: [...doubts, { code: 'basis-unsaid', taken: made.basis }],
  };
}

const WITH = spelt(
  /(?<!\p{L})(?:with|mit|avec|con|met|med|plus) (?:only |just |about |around |roughly |nur |etwa |ca\.? |rund |environ |unos |circa )*$/iu,
);
const ABOARD = spelt(
  /^ ?(?:of (?:fuel|petrol|gas)|in (?:it|her|the tank)|sprit|benzin|im tank|d['’]essence|dans le réservoir|de gasolina|di benzina|nel serbatoio|en el depósito)(?!\p{L})/iu,
);

/** "174 kg with 5 litres in the tank": what was in it when it was weighed, and no tank of that size. */
export const isWeighedWith = (
  text: string,
  q: Quantity,
  quantities: readonly Quantity[],
): boolean =>
  (q.unit === 'L' || q.unit === 'gallon') &&
  quantities.some((o) => o.to <= q.from && (o.unit === 'kg' || o.unit === 'lb')) &&
  WITH.test(text.slice(0, q.from)) &&
  ABOARD.test(text.slice(q.to));
