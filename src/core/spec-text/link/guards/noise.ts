import { spelt } from '../../vocabulary/letters';
/** Numbers that are no figures: days, times, telephones, shares, oil grades, addresses. */
const NOISE = spelt(
  /(?<=(?:consumption|economy|verbrauch|conso(?:mmation)?|consumo|verbruik)(?: \p{L}+)? (?:at|@|bei|à|a|bij) )\d{2,3}(?= ?: ?\d)|(?<=[([] ?(?:l|lit(?:re|er)s?|litros|litri) ?\/ ?)100 ?km|(?<!\d)\d{1,2}(?<mark>[./-])\d{1,2}\k<mark>(?:\d{2}|\d{4})(?!\d|[.,]\d)|(?<![\d.,/])0[1-9][./](?:[0-3]\d)(?![\d/]|[.,]\d)|(?<=(?:EZ|Inspektion|Service|TÜV|HU|Baujahr|révision|CT|revisión|tagliando|revisione|MOT|inspection)(?: neu)?(?: bis)?:? )1[0-2][./][0-3]\d(?![\d/]|[.,]\d)|(?<!\d)(?:0?[1-9]|1[0-2])[./-](?:19|20)\d{2}(?!\d)|(?<!\d)\d{1,2}:\d{2}(?::\d{2})?(?!\d)|\d+(?:[.,]\d+)? ?(?:%|(?:m?g|grams?|gramm) ?(?:\/|per|pro) ?(?:km|mi(?:les?)?)(?!\p{L}))|(?<!\d)\d{1,2}W[- ]?\d{2}\b|(?<![\d.,])\d{1,2}(?:st|nd|rd|th)\b|(?<![\d.,])[1-9] (?:seats|tanks|helmets|keys|doors|owners|positions|settings|heights|options|versions|panniers|boxes|wheels|riders|people|friends|bikes|others)\b|(?<!\d)\d{1,2}[ -]ax[ei]s(?!\p{L})|(?<!\d)\+?\d{2,5}(?:[ /-]\d{2,4}){2,}(?![\d ]*(?:km|mm|kg|rpm|€|eur|miles|g\/min|min))|https?:\S+|\b[\w.]+@[\w-]+\.\w+\b|\d{2,4} ?(?:cc|ml|cm3) (?:per|each|in each|of (?:fork |shock )?oil)(?!\p{L})|(?<=(?:tank|fill|fill-up|tankful|Tankfüllung|plein) #?)\d{1,2}(?=:)|\d{3}-\d{4}|(?<!\d|kr |R ?|(?:eur|sek|nok|dkk|pln|czk|zar) ?)\d{6}(?!\d| ?(?:kr|kč|czk|sek|nok|dkk|pln|zł|zar|rand|:-|,-)(?!\p{L}))|(?<!\d)\d{7,}(?!\d)|(?<![\d.,])\d{1,2} ?(?:V|volts?)(?![\p{L}\d])/giu,
);

/** Stretches of a sentence whose numbers are no figures. */
export const noiseIn = (text: string): readonly (readonly [number, number])[] =>
  [...text.matchAll(NOISE)].map((m) => [m.index, m.index + m[0].length] as const);
