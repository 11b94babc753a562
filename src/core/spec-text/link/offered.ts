import { spelt } from '../vocabulary/letters';

// What may be had or set beside what a machine comes with. Common usage in thirteen languages, no source.

/** Words that say that something is an option or to be had. */
const TO_BE_HAD =
  'option(?:al|nelle?|en)?(?:ly)?|optionale[rns]?|available|offered|erhältlich|lieferbar|möglich|wählbar|verfügbar|auf wunsch|wahlweise|(?:gegen )?aufpreis|disponib\\p{L}*|proposée|sur demande|supplément|opzion(?:e|ale)|richiesta|optativ[oa]|opción|opcional|opção|bajo pedido|leverbaar|optioneel|optie|verkrijgbaar|beschikbaar|meerprijs|tillval|valfri\\p{L}*|tilvalg|tilgjengelig|tilleggsutstyr|ekstrautstyr|dostępn\\p{L}*|opcj\\p{L}*|opcjonaln\\p{L}*|volitelně|na přání|za příplatek|valinnai\\p{L}*|lisävarust\\p{L}*|saatavilla';
/** Words that say that something can be set. */
const TO_BE_SET =
  'adjustable|adjusts|ajustable|réglable|regolabile|regulable|ajustável|regulável|(?:ver|ein)stellbar|verstelbaar|justerbar|ställbar|regulowan\\p{L}*|nastavitelná?|säädettävä';
const LOW =
  'low(?:er(?:ed)?)?|baj[ao]|basse|bassa|baixo|niedrig(?:e[rs]?)?|tief(?:e[rs]?)?|laag|lage|låg|lav|nisk\\p{L}*|obniżon\\p{L}*|nízk\\p{L}*|nižší|snížen\\p{L}*|matala';
const SEAT = 'seat|sitzbank|selle|sella|asiento|banco|zadel|sits|sæde|sete';
const AT =
  'to|at|of|from|between|bei|auf|von|zwischen|à|de|entre|da|a|tra|op|til|till|från|fra|na|od|do';

const BEFORE_A_NUMBER = spelt(
  new RegExp(
    `(?<!\\p{L})(?:in )?(?:${TO_BE_HAD}|${TO_BE_SET})(?: (?:${LOW}|${SEAT}))*(?: ?(?:${AT}))?:? ?(?:\\d{2,4} ?(?:mm|cm)? ?(?:[-–—/]|ou|or|oder|o|e|and|und|et|eller|of|y|,) ?)?$`,
    'iu',
  ),
);
const BEHIND_A_NUMBER = spelt(
  new RegExp(
    `^ ?(?:mm|cm|l|kg|in\\.?|")? ?\\(?(?:(?:as an? |en |in |als |como )?(?:${TO_BE_HAD})(?!\\p{L})|(?:with|mit|avec|con|com|met|med) (?:the |der |la |el |il |de )?(?:optional|low|accessory|optionale[rn]|niedrigen?|flachen?|tiefen?|selle basse|sella (?:bassa|ribassata)|asiento bajo|banco baixo|lage|låg|lav)(?!\\p{L}))`,
    'iu',
  ),
);

/** "885 mm (opcional baja 860 mm)", "860 mm seat, adjustable to 840": a number of what may be had or set. */
export const isOptionalAmount = (text: string, from: number, to: number): boolean =>
  BEFORE_A_NUMBER.test(text.slice(Math.max(0, from - 48), from)) ||
  BEHIND_A_NUMBER.test(text.slice(to, to + 40));

const BEFORE_WORDS = spelt(
  new RegExp(
    `(?<!\\p{L})(?:in )?(?:${TO_BE_HAD}|available (?:with|in)|there(?:['’]s| is)(?: also)? an?|also (?:with|as) an?|aussi en|auch als|auch mit):?(?: (?!\\d)\\p{L}{1,12}){0,2} ?$`,
    'iu',
  ),
);
const BEHIND_WORDS = spelt(
  new RegExp(
    `^(?: (?:height|suspension|sitzbank|sitz|bank|seat|saddle|version|kit))? ?(?:\\p{L}{1,4} ){0,2}\\(?(?:${TO_BE_HAD}|can be (?:had|ordered|fitted|specified)|may be (?:had|ordered)|to order|at (?:extra|no) cost)(?!\\p{L})`,
    'iu',
  ),
);

/** "870 mm (low seat available)", "ma c'è l'opzione ribassata": words of what may be had, and was not done. */
export const isOffered = (text: string, from: number, to: number): boolean =>
  BEFORE_WORDS.test(text.slice(Math.max(0, from - 48), from)) ||
  BEHIND_WORDS.test(text.slice(to, to + 48));
