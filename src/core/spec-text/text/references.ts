import { spelt } from '../vocabulary/letters';
/** A directive, a regulation or a standard by its number, of those that sheets name behind a label. From memory. */
const REFERENCE = String.raw`(?:\d{2,4}\/\d{1,4}\/(?:EC|EG|EWG|EEC|CEE?|EU|UE)|(?:(?:EU|UE|VO|Reg(?:ulation)?\.?) ?(?:\((?:EU|UE)\) ?)?(?:No\.? |Nr\.? |n° ?)?)?(?:168\/2013|134\/2014|44\/2014|3\/2014|2016\/1824)|(?:DIN|ISO|SAE|JASO|JIS|ECE|UNECE|UN)[ -]?[RJD]?[ -]?\d{2,6}(?![ -]?\d*(?:W|T)\b))`;
const WHOLE_BRACKET = new RegExp(
  String.raw`\((?:[Aa]cc(?:ording|\.)? to |nach |selon |secondo |según |per )?${REFERENCE}(?: ?[,;/] ?${REFERENCE})*\)`,
  'gu',
);
const BARE = spelt(
  new RegExp(
    String.raw`(?<![\p{L}\d.,/-])${REFERENCE}(?![\p{L}\d/])(?! ?(?:kg|mm|kw|hp|ps|cv|nm|l|lit\p{L}*)(?!\p{L}))`,
    'gu',
  ),
);

/** "Max. power (95/1/EC): 38 kW", "Leistung nach DIN 70020": the numbers of rules are no figures. Blanked out; length stays. */
export const withoutReferences = (line: string): string =>
  /\d{2,4}\/\d|(?:DIN|ISO|SAE|JASO|JIS|ECE|UN)[ -]?\p{L}?[ -]?\d/u.test(line)
    ? [WHOLE_BRACKET, BARE].reduce(
        (text, rule) => text.replace(rule, (r) => ' '.repeat(r.length)),
        line,
      )
    : line;
