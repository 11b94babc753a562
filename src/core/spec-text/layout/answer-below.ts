import { spelt } from '../vocabulary/letters';
import type { PlacedText } from './placed-text';

const ANSWER = String.raw`(?:no|none|nope|not? (?:fitted|available|included)|n\/?a|[–—-]|tb[ac]|yes|option(?:al|nel|nelle)?|standard|serie|de série|di serie|de serie|nein|ja|keine?[rs]?|k\. ?a\.|optional|non|oui|aucune?|s[ìí]|si|nessun[oa]?|ningun[oa]|nee|geen|optioneel|nej|nei|ingen|nie|tak|brak|não|sim|nenhum|ano|ne|ei|kyllä|opcional|opzionale|[✓✔☑✅✗✘✖❌])`;

/** A name alone on its line, its answer alone on the next, and no other answer below that: a column of answers is none of one name. */
const BELOW = spelt(
  new RegExp(
    String.raw`(?<=^[^\S\n]*\p{L}[^\n:.,;\d?!|\t]{1,40})(:?)[^\S\n]*\n(?:[^\S\n]*\n)?(?=[^\S\n]*${ANSWER}\ufe0f?[^\S\n]*(?:\n(?![^\S\n]*${ANSWER}\ufe0f?[^\S\n]*$)|$(?!\n)))`,
    'gimu',
  ),
);

/** "Riding modes" over "no": the answer behind its name, place for place. */
export const answersBehind = (placed: PlacedText): PlacedText => ({
  ...placed,
  text: placed.text.replace(BELOW, (gap, colon: string) =>
    colon === '' ? `${' '.repeat(gap.length - 1)}:` : `:${' '.repeat(gap.length - 1)}`,
  ),
});
