import { spelt } from '../../vocabulary/letters';
const SALE_YEAR =
  /(?:\b(?:ez|erstzulassung|bj\.?|jg\.?|baujahr|de|du|del|anno|uit|reg|registered|immatricolata|from)\s*(?:\d{1,2}\/)?|\(|\b)((?:19[5-9]|20[0-3])\d)(?![\d.,]\d|\d|\s?(?:km(?! ?\d)|mi|€|EUR|rpm|mm|cc))/iu;
const YEAR = /(?<![\d.,])(19[5-9]\d|20[0-3]\d)(?![\d.,]\d|\d)/u;

/** Money or a unit behind: no year. */
const AMOUNT_BEHIND = spelt(
  /^ ?(?:€|£|\$|eur|usd|gbp|chf|kr|zł|kms?(?! ?\d)|mi|miles|rpm|mm|cc|ccm)(?!\p{L})/iu,
);
const SUM_BEFORE = spelt(/(?:[€£$]|(?<!\p{L})(?:eur|usd|gbp|chf)) ?$/iu);
/** "MOT till May 2027", "tested 12 May 2026": when it was looked at, or until when it may run. */
const OF_PAPERS = spelt(
  /(?<!\p{L})(?:mot|tüv|hu|ct|itv|apk|revisione|contrôle technique|controle|besiktad|besiktigad|badanie|stk|inspection|tested|test|expir\p{L}*|until|till?|bis|jusqu'en|valid\p{L}*|gültig|tax(?:ed)?|rego|insurance|warranty|garantie|garanzia|garantía|posted|updated|published|listed|online|copyright|©)(?:[ :]+(?:\p{L}+\.?|\d{1,2}(?:st|nd|rd|th)?\.?|\d{1,2}[./-]\d{1,2}))*[ :./-]+$/iu,
);
/** "Pagata 8.900 nel 2022": when somebody bought it, which says of a used one nothing. */
const BOUGHT = spelt(
  /(?<!\p{L})(?:bought|purchased|paid|acquired|gekauft|bezahlt|pagat[ao]|comprat[ao]|comprad[ao]|pagad[ao]|achetée?|payée?|gekocht|betaald|kupion\p{L}*|köpt|kjøpt|købt)(?!\p{L})(?![^.;]*(?<!\p{L})(?:new|neu|neuve|nuova|nueva|nieuw|ny|nowy|nowa)(?!\p{L}))(?:[^.;\n]|\.\d){0,24}(?<!\p{L})(?:in|im|nel|en|i|w|em)(?: \p{L}+)? $/iu,
);
/** "14/11/2026", "14 Nov 2026": the day of something, unless it is said to be the first registration. */
const A_DAY = spelt(
  /(?<!\d)\d{1,2}[./-]\d{1,2}[./-]$|(?<!\d)\d{1,2}(?:st|nd|rd|th|\.)? (?:jan|feb|f[ée]v|m[aä]r|apr|avr|abr|ma[iy]|jun|juin|giu|jul|juil|lug|a[ug]o|ao[uû]|sep|set|o[ck]t|ott|nov|de[cz]|d[ée]c|dic)\p{L}{0,6}\.? $|(?:jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec)[a-z]{0,6}\.? \d{1,2}(?:st|nd|rd|th)?, $/iu,
);
const REGISTERED = spelt(
  /(?<!\p{L})(?:ez|erstzulassung|zugelassen|reg(?:istered|istration)?|immatricola\p{L}*|immatricul\p{L}*|matricula\p{L}*|circulation|toelating|dd|rejestrac\p{L}*|registrert|registrerad|first)(?!\p{L})[^.;\n]{0,24}$/iu,
);

function isModelYear(text: string, from: number): boolean {
  const before = text.slice(Math.max(0, from - 40), from);
  return (
    !AMOUNT_BEHIND.test(text.slice(from + 4, from + 14)) &&
    !SUM_BEFORE.test(before) &&
    !OF_PAPERS.test(before) &&
    !BOUGHT.test(before) &&
    (!A_DAY.test(before) || REGISTERED.test(before))
  );
}

/** The first year that a pattern finds which is no sum, no distance and no day of a test. */
function found(text: string, pattern: RegExp): number | undefined {
  for (const match of text.matchAll(new RegExp(pattern.source, `${pattern.flags}g`))) {
    const year = match[1] ?? '';
    if (isModelYear(text, match.index + match[0].lastIndexOf(year))) return Number(year);
  }
  return undefined;
}

/** "MY25", "MY 2025". */
const MODEL_YEAR = spelt(/(?<![\p{L}\d])MY ?(\d{2}|20\d{2})(?!\d)/u);
const inModelYear = (text: string): number | undefined => {
  const year = MODEL_YEAR.exec(text)?.[1];
  return year === undefined ? undefined : Number(year.length === 2 ? `20${year}` : year);
};

/** The model year in a line that names a machine. */
export const yearInLine = (line: string): number | undefined =>
  inModelYear(line) ?? found(line, YEAR);

const FAR_ENOUGH = 600;
/** The model year anywhere in the first words of a text. */
export const yearInText = (text: string): number | undefined =>
  inModelYear(text.slice(0, FAR_ENOUGH)) ?? found(text.slice(0, FAR_ENOUGH), SALE_YEAR);
