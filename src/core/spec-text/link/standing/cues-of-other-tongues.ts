import type { Cue } from './cue';
import { FRENCH_CUES } from './french-cues';
import { GERMAN_CUES } from './german-cues';
import { ITALIAN_CUES } from './italian-cues';
import { SPANISH_CUES } from './spanish-cues';

/** "Angenommen", "supposons": a sum is done, and nothing is told. */
const SUPPOSED: readonly Cue[] = [
  // "Elle existe aussi en 20 litres", "es gibt sie auch mit 48 PS": other versions are to be had as well.
  {
    standing: 'of-another',
    words:
      /(?<!\p{L})(?:(?:elle |il )?existe (?:aussi|également)|esiste anche|c['’]è anche (?:una? )?(?:versione|da|con)|también (?:hay|existe|se vende)|ook (?:leverbaar|verkrijgbaar|te koop)|gibt es (?:sie )?auch (?:mit|als|in)|auch (?:mit|als) [^.,;]{0,24} (?:erhältlich|lieferbar|zu haben))(?!\p{L})/iu,
  },
  {
    standing: 'of-another',
    behind: true,
    words: /(?<!\p{L})(?:gibt es (?:sie|die|das) auch|existe aussi|ook leverbaar)(?=[,.;]|$)/iu,
  },
  {
    standing: 'wished',
    words:
      /(?<!\p{L})(?:angenommen|nehmen wir an|sagen wir(?: mal)?|gehen wir von|supposons|admettons|mettons|disons|en supposant|supongamos|pongamos|digamos|suponiendo|supponiamo|mettiamo|poniamo|diciamo|supponendo)(?!\p{L})/iu,
  },
];

/** "Tank soll mindestens 15 Liter haben": what is asked of one, by its least or its most. */
const ASKED: readonly Cue[] = [
  {
    standing: 'wished',
    whole: true,
    words:
      /(?<!\p{L})(?:soll(?:te|ten|en)?(?: sie| es| er| die| der)? (?:\p{L}+ )?(?:mindestens|höchstens|maximal|minimal|nicht (?:mehr|weniger|über|unter))|(?:devrait|doit) (?:avoir |peser |faire )?(?:au (?:moins|minimum|maximum|plus)|maximum|minimum)|(?:debería|tiene que|debe) (?:\p{L}+ )?(?:al menos|como (?:mínimo|máximo)|mínimo|máximo)|(?:dovrebbe|deve) (?:\p{L}+ )?(?:almeno|al massimo|minimo|massimo)|moet (?:\p{L}+ )?(?:minstens|minimaal|maximaal|hoogstens)|(?:should|must|has to|needs to) (?:\p{L}+ )?(?:at least|at most|no more than|not more than|no less than|under|below|over|above))(?!\p{L})/iu,
  },
];

/** "Mit der Morlund-Sitzbank", "avec la selle Morlund": a maker of parts. */
const NAMED_PARTS: readonly Cue[] = [
  // "890 mm mit hoher Sitzbank".
  {
    standing: 'changed',
    behind: true,
    words:
      /(?<=\d ?(?:mm|cm)? )(?:mit (?:der )?hohe[rn] (?:sitzbank|sitz)|avec (?:la )?selle (?:haute|confort)|con (?:el )?asiento (?:alto|confort)|con (?:la )?sella (?:alta|comfort))(?!\p{L})/iu,
  },
  {
    standing: 'changed',
    words:
      /(?<!\p{L})[Mm]it (?:der|dem|einer|einem|meiner|meinem) \p{Lu}\p{Ll}+[- ](?:Sitzbank|Sitz|Tank|Auspuff|Endtopf|Fahrwerk|Federbein|Windschild|Scheibe)(?!\p{L})/u,
  },
  {
    standing: 'changed',
    words:
      /(?<!\p{L})(?:[Aa]vec (?:la|le|une?|ma|mon) (?:selle|réservoir|échappement|silencieux|ligne|bulle)|[Cc]on (?:el|la|un|una|mi) (?:asiento|depósito|escape|pantalla)|[Cc]on (?:la|il|lo|una?) (?:mia |mio )?(?:sella|serbatoio|scarico|cupolino)) \p{Lu}\p{Ll}+/u,
  },
];

/** Said in German, French, Spanish and Italian of what this machine is not. */
export const CUES_OF_OTHER_TONGUES: readonly Cue[] = [
  ...GERMAN_CUES,
  ...FRENCH_CUES,
  ...SPANISH_CUES,
  ...ITALIAN_CUES,
  ...SUPPOSED,
  ...ASKED,
  ...NAMED_PARTS,
];
