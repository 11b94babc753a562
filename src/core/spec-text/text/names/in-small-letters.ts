import { spelt } from '../../vocabulary/letters';
import { withNumbers } from '../../lattice/number-words';
import { scanWords } from '../../vocabulary/lexicon';
import { isCommon } from './no-names';

/** Talk and posts without capitals: "so the new brackenridge seven hundred", "ostrava ml350". */
const TALKED = spelt(
  /(?:^\s*(?:(?:19[5-9]|20[0-3])\d )?|(?<!\p{L})(?:the|this|my|our|an?|called) (?:all[- ]new |new |used |second[- ]hand )?)(\p{Ll}{3,}) {1,28}(\d{3,4})(?![\d.,:]*\d|[\d\s]{0,12}(?:cc|km|k|kms|mi|miles|mile|kg|kilos?|lbs?|pounds?|mm|mil|cm|hp|horse\p{L}*|ps|kw|w|watts?|eur|euros?|quid|dollars?|bucks|grand|rpm|revs|nm|newton|times|percent|per|days?|hours?|metres?|meters?|feet|range)(?!\p{L})|['’%€£$])/gu,
);
/** The same by maker and model, where talk brings on what it is about: "throwing a leg over the new ostrava ridge seven hundred". */
const BROUGHT_ON = spelt(
  /(?<!\p{L})(?:(?:we(?:['’]ve| have)? got|i(?:['’]ve| have)? got|riding|testing|reviewing|reviews? of|aboard|on board|leg over|looking at|look at|about|on|with|this is|here(?:['’]s| is)|it(?:['’]s| is)) (?:the|a|an|our|my) (?:brand[- ]new |all[- ]new |new )?|(?:the|this) (?:brand|all)?[- ]?new )(\p{Ll}{4,} \p{Ll}{3,}) {1,28}(\d{3,4})(?![\d.,:]*\d|[\d\s]{0,12}(?:cc|km|k|kms|mi|miles|mile|kg|kilos?|lbs?|pounds?|mm|mil|cm|hp|horse\p{L}*|ps|kw|w|watts?|eur|euros?|quid|dollars?|bucks|grand|rpm|revs|nm|newton|times|percent|per|days?|hours?|metres?|meters?|feet|range)(?!\p{L})|['’%€£$])/gu,
);
const WRITTEN = spelt(
  /^\s*(?:(?:19[5-9]|20[0-3])\d )?(\p{Ll}{4,}) (\p{Ll}{1,4}-?\d{3,4}\p{Ll}?)(?![\p{L}\d])/u,
);
const CAPITALS = spelt(/\p{Lu}\p{Ll}{2}/u);

/** Words that stand before a number and name no machine. Common usage, no source. */
const COUNTS =
  /^(?:new|old|big|small|little|good|great|bad|first|last|next|other|another|same|whole|full|half|about|over|around|only|just|past|extra|total|max|maximum|min|top|mid|early|late|lower|upper|nearest|further|smaller|bigger|lighter|heavier|cheap|cheaper|cheapest|wee|mere|round|rough|solid|easy|typical|average|usual|normal|real|proper|further|additional|remaining|single|twin|parallel|inline|stock|standard|rear|front|sub|plus|decent|comfortable|year|month|day|week|route|highway|road|trip|class|category|section|page|number|model|lovely|tidy|cool|almost|nearly|roughly|maybe|like|than|from|with|at|to|of|for|and|or|is|was|are|were|has|had|have|does|did|makes|made|gets|got|weighs|costs|says|said|claims|quotes|legendary|japanese|italian|german|british|indian|chinese|austrian|american|spanish|french|swedish|dual|sport|adventure|adv|enduro|rally|four|two|dirt|trail|street|road|used|fancy|market|middleweight|lightweight|heavyweight)$/u;

export const mayName = (word: string): boolean =>
  !COUNTS.test(word) && !isCommon(word) && scanWords(word).every((m) => m.meanings.length === 0);

const asTitle = (word: string): string => word.charAt(0).toUpperCase() + word.slice(1);

/** A machine's name in a line without capitals: maker's word only where a code of letters and a number follows it. */
export function inSmallLetters(
  line: string,
): { readonly maker: string; readonly model: string; readonly from: number } | undefined {
  if (CAPITALS.test(line)) return undefined;
  const written = WRITTEN.exec(line);
  const [, maker = '', code = ''] = written ?? [];
  if (written && mayName(maker))
    return { maker: asTitle(maker), model: code.toUpperCase(), from: written[0].indexOf(maker) };
  const numbered = withNumbers(line);
  for (const pattern of [BROUGHT_ON, TALKED])
    for (const match of numbered.matchAll(pattern)) {
      const [words, named = '', number = ''] = match;
      const parts = named.split(' ');
      if (!parts.every(mayName) || /^(?:19[5-9]|20[0-4])\d$/.test(number)) continue;
      const [maker, model] = parts.length > 1 ? parts.map(asTitle) : ['', asTitle(named)];
      return {
        maker: maker ?? '',
        model: `${model} ${number}`,
        from: match.index + words.indexOf(named),
      };
    }
  return undefined;
}
