import { spelt } from '../vocabulary/letters';
import { languagesOf } from '../vocabulary/lexicon';
/** What an advert says of the very machine besides its figures: who had it, its history, its papers, where it stands. */
export interface SaleWord {
  readonly kind: 'owners' | 'history' | 'papers' | 'place';
  /** As the text writes it. */
  readonly words: string;
}

/** How much behind "MOT until" still belongs to it. */
const TERM = String.raw`(?:[ :]+(?:till|until|to|due|expires|valid(?: until)?|left|bis|neu|up to date|included|incl|jusqu['’]?(?:en|au)?|vierge|ok|hasta|fino a))?(?:[ :]+(?:(?:the )?(?:end of )?(?:\d{1,2}[./-])?\d{2,4}|(?!(?:prix|price|preis|prezzo|precio|cena|pris|hinta|asking|only|km)(?!\p{L}))\p{L}{3,9} \d{2,4}|\d{1,2} (?:months?|mois|Monate|meses|mesi)))?`;

// Words of adverts in the languages that are read; common usage, no source.
const FORMS: readonly (readonly [SaleWord['kind'], RegExp])[] = [
  [
    'owners',
    spelt(
      /(?<![\p{L}\d])(?:one|two|three|four|[1-5]|first|second|third|1st|2nd|3rd|single|sole) (?:(?:previous|former|careful|lady|private|mature) )*(?:owners?|keepers?)(?: from new)?(?!\p{L})|(?<![\p{L}\d])[1-4]\. Hand(?!\p{L})|(?<![\p{L}\d])(?:[1-5]|ein|zwei|drei|kein) (?:Vorbesitzer|Besitzer)(?!\p{L})|(?<!\p{L})(?:erste|zweite|dritte) Hand(?!\p{L})|(?<![\p{L}\d])(?:première|deuxième|1 ?[èe]re|2 ?(?:è?me|nde)) main(?!\p{L})|(?<!\p{L})(?:unico|primo|secondo) proprietario(?!\p{L})|(?<!\p{L})(?:único|primer|segundo) (?:dueño|propietario)(?!\p{L})/giu,
    ),
  ],
  [
    'history',
    spelt(
      /(?<!\p{L})(?:(?:no|full|part|complete|partial|dealer|main dealer) ){0,2}(?:service history|history file)(?!\p{L})|(?<!\p{L})FSH(?!\p{L})|(?<!\p{L})(?:lückenlos )?scheckheftgepflegt(?!\p{L})|(?<!\p{L})(?:carnet d['’]entretien(?: à jour| complet)?|entretien(?: suivi)?(?: en concession| à jour)|suivi en concession)(?!\p{L})|(?<!\p{L})tagliandi (?:regolari|certificati|documentati)(?!\p{L})|(?<!\p{L})libro de mantenimiento(?: completo| sellado)?(?!\p{L})|(?<!\p{L})(?:all|every) (?:receipts?|invoices?)(?!\p{L})/giu,
    ),
  ],
  [
    'papers',
    spelt(
      new RegExp(
        String.raw`(?<!\p{L})(?:(?:no|long|full|fresh|new|recent|current|\d{1,2} months?) (?:of )?)?(?:MOT|RWC|rego|WOF|roadworthy|safety certificate|TÜV(?:\/AU)?|HU|contrôle technique|CT|ITV|revisione)(?!\p{L})${TERM}|(?<!\p{L})(?:clean title|title in hand|salvage title|no title|V5C? (?:present|in (?:my )?name|here)|HPI clear|A2 (?:papers|certificate))(?!\p{L})`,
        'giu',
      ),
    ),
  ],
  [
    'place',
    spelt(
      /(?<!\p{L})(?:[Ll]ocated in|[Ll]ocation:|[Vv]iewing in|[Cc]ollection from|[Pp]ick ?up in|Standort:|[Ss]teht in|[Vv]isible à|[Àà] voir à|Ubicación:|[Ss]e encuentra en|[Ss]i trova a|[Vv]isibile a) ?(\p{Lu}[\p{L}'’-]+(?: (?:\p{Lu}[\p{L}'’-]+|am|an|der|sur|la|le|de|del))*)/gu,
    ),
  ],
];

/** Towards or against in Swedish and Norwegian: a test of the road-worthy in English alone. */
const SMALL_MOT = /^mot\b/u;
/** Its place among the vocabularies. */
const FURTHER_TONGUES = 5;

/** No more are kept: an advert that says more says it again. */
const MOST = 8;

/** What is said of the machine for sale, in the order of the text, each once. */
export function saleWords(text: string): readonly SaleWord[] {
  const found = FORMS.flatMap(([kind, form]) =>
    [...text.matchAll(form)].map((m) => ({ kind, words: m[0].trim(), at: m.index })),
  ).sort((a, b) => a.at - b.at);
  const languages = languagesOf(text);
  const seen = new Set<string>();
  return found
    .filter(({ words }) => {
      if (SMALL_MOT.test(words) && languages.has(FURTHER_TONGUES)) return false;
      const word = words.toLowerCase();
      if (seen.has(word)) return false;
      seen.add(word);
      return true;
    })
    .slice(0, MOST)
    .map(({ kind, words }) => ({ kind, words }));
}
