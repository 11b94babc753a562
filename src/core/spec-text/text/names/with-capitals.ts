import { spelt } from '../../vocabulary/letters';
import { namesIn } from '.';
import { mayName } from './in-small-letters';
import { isCommon } from './no-names';

const LETTERS = spelt(/\p{L}/gu);
const LARGE = spelt(/\p{Lu}/gu);
/** A name, or a sentence's first word, as they are written by those who use capitals. */
const CAPITAL = spelt(/\p{Lu}\p{Ll}{2}/u);
/** So much of a text in capitals is shouted. */
const SHOUTED = 0.8;
const LEAST_LETTERS = 40;

const UNIT_BEHIND = String.raw`(?![\d.,:]*\d|[\d\s]{0,12}(?:cc|ccm|cm³|km|k|kms|mi|miles?|kg|kilos?|lbs?|pounds?|mm|mil|cm|hp|bhp|ps|cv|ch|pk|kw|w|watts?|eur|euros?|quid|dollars?|bucks|grand|rpm|revs|nm|newton|times|percent|per|days?|hours?|h|met(?:re|er)s?|feet|range|l|lit(?:re|er)s?)(?![\p{L}])|['’%€£$])`;
/** What a machine's name stands behind: the head of a line, an article, whose it is, what it is set beside. */
const BEFORE = String.raw`(?:(?:^[ \t>*•-]{0,16}|(?<!\p{L})(?:for sale:?|selling|sell|wts|fs|verkaufe|biete|vends|à vendre|se vende|vendo|vendesi|te koop|säljer|säljes|selger|selges|sælger|sælges|sprzedam|prodám|vende-se|myydään|the|this|an?|my|our|his|her|new|called|vs\.?|versus|against|than|and|or|der|die|das|den|dem|eine?|einer|meine?r?|gegen|als|und|oder|la|le|une?|ma|sa|el|il|mi|su|del|della|alla|de|het|een|mijn) )(?:(?:19|20)\d\d )?)`;
/** "selling 2021 …": no machine is called by a year. */
const YEAR = String.raw`(?:19[5-9]|20[0-4])\d(?!\d)`;
/** "vastel 580", "ressic loma 390". */
const NUMBERED = spelt(
  new RegExp(
    String.raw`${BEFORE}(?:(\p{Ll}{4,}) )?(\p{Ll}{3,}) (?!${YEAR})\d{3,4}${UNIT_BEHIND}`,
    'gmu',
  ),
);
/** "the brannoch weighs", "die vastel hat". */
const DOES = spelt(
  /(?<!\p{L})(?:the|der|die|la|il|el|de) (\p{Ll}{4,})(?:['’]s)? (?:has|is|makes|weighs|gets|holds|carries|costs|goes|feels|offers|hat|wiegt|ist|kostet|bringt|schafft|braucht|heeft|weegt|kost|pèse|fait|coûte|offre|pesa|tiene|cuesta|ha|costa)(?!\p{L})/gu,
);
/** Others that have and are something: no machine's name. Common usage, no source. */
const SOMETHING =
  /^(?:things?|dealer|maker|shop|guy|bloke|mate|friend|wife|husband|salesman|importer|factory|weather|road|roads|track|trip|ride|rest|truth|problem|question|answer|idea|point|plan|rule|trick|catch|downside|upside|verdict|manual|book|brochure|sheet|website|review|magazine|forum|video|channel|previous|latter|former|family|company|brand|industry|market|world|country|sache|frage|antwort|händler|werk|leute|kumpel|fahrt|strecke|chose|gens|concessionnaire|route|question|cosa|gente|strada|cosas?|tienda|ding|zaak)$/u;
/** A longer first line is running text. */
const LONGEST_TITLE = 48;
/** The name that a shouted text gives in a title, where it stands, and its words. */
function titleOf(typed: string) {
  let offset = 0;
  const lines = typed.split('\n').map((line) => {
    const placed = { line, offset };
    offset += line.length + 1;
    return placed;
  });
  const first = lines.find((l) => l.line.trim() !== '');
  if (!first || first.line.length > LONGEST_TITLE) return undefined;
  const found = namesIn('', [first]);
  if (!found?.model) return undefined;
  const words = `${found.maker} ${found.model}`.trim().toLowerCase();
  const from = typed.toLowerCase().indexOf(words, found.from);
  return from < 0 ? undefined : { from, to: from + words.length, words: words.split(' ') };
}

const isShouted = (text: string): boolean => {
  const letters = text.match(LETTERS)?.length ?? 0;
  return letters >= LEAST_LETTERS && (text.match(LARGE)?.length ?? 0) > letters * SHOUTED;
};

/** A text that is shouted, or typed without capitals, with capitals where it names machines. Place for place. */
export function withCapitals(typed: string): string {
  const small = isShouted(typed) ? typed.toLowerCase() : typed;
  if (small.length !== typed.length || CAPITAL.test(small)) return typed;
  const title = small === typed ? undefined : titleOf(typed);
  const names = new Set<string>();
  for (const [, maker, model = ''] of small.matchAll(NUMBERED)) {
    if (!mayName(model) || SOMETHING.test(model)) continue;
    names.add(model);
    if (maker !== undefined && mayName(maker)) names.add(maker);
  }
  for (const [, word = ''] of small.matchAll(DOES))
    if (mayName(word) && !SOMETHING.test(word)) names.add(word);
  for (const word of title?.words ?? []) if (!isCommon(word)) names.add(word);
  return small.replace(WORD, (word, at: number) =>
    names.has(word) || (title && at >= title.from && at < title.to)
      ? word.charAt(0).toUpperCase() + word.slice(1)
      : word,
  );
}

const WORD = spelt(/(?<![\p{L}\d])\p{Ll}{3,}(?![\p{L}])/gu);
