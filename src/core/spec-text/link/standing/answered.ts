/** What parts a label from its answer: a colon, a cell, dots, blanks, a dash, a bracket, a question mark. */
const PARTED = String.raw`^\s*(?:[:;=|\t?]|\.{2,}|\s{2,}|[–—-]\s|\(|\s(?=\[|[✗✘☐❌×○◯]))\s*`;
const ENDS = String.raw`(?=\s*(?:$|[,;.|)(*]))`;

const NO = new RegExp(
  String.raw`${PARTED}(?:\[ {0,2}\]|[✗✘☐❌×]|no|none|nope|nein|keine?[rs]?|non|nee|geen|nej|nei|ingen|nie|brak|não|sem|ei|aucune?|ning[uú]n[oa]?|nessun[oa]?|without|ohne|sans|sin|senza|nicht (?:verfügbar|vorhanden|lieferbar|dabei)|not (?:available|fitted|offered|included)|pas disponible|no disponible|non disponibile)${ENDS}`,
  'iu',
);
/** "Cruise control no, ABS yes": with nothing between, and nothing behind but the next of a list. */
const PLAINLY_NO =
  /^ (?:no(?!\. ?\d)|none|nope|nein|keine?[rs]?|non|aucune?|nessun[oa]?|ningun[oa]|geen|ingen|nee|nej|nei|nie|não|ne|ei|fehlt|missing|absente?|manque|manca|falta|ontbreekt|saknas|mangler|puuttuu|brak|chybí|nicht (?:vorhanden|dabei)|not (?:fitted|available))(?=\s*(?:$|[,;.|)]))/iu;
const OPEN = new RegExp(
  String.raw`${PARTED}(?:n\/?a|k\.? ?a\.?|n\.? ?c\.?|tb[ac]|–|—|-|\?|option(?:al|ally|nel|nelle)?|optioneel|opcional|opzionale|en option|en opción|a richiesta|(?:(?:gegen|kostet|nur gegen) )?aufpreis(?:pflichtig)?|accessory|accessoire|accesorio|zubehör|○|◯|[£$€] ?\d[\d.,]*|\d[\d.,]* ?(?:€|eur|euros?|pounds|chf|kr|zł)|(?:at )?extra(?: cost)?|als extra|als optie|tillval|til(?:legg|valg))${ENDS}`,
  'iu',
);

/** "Cruise control –", and nothing more on the line. */
const BARE_DASH = /^ {1,4}(?:[–—-]{1,3}|n\/?a|tb[ac])\s*$/iu;

/**
 * What the words right behind a label answer: that it is not there ("Shaft drive: no"), or neither yes nor no ("optional", "n/a").
 * Common usage, no source.
 */
export function answerBehind(text: string): 'denied' | 'optional' | undefined {
  if (NO.test(text) || PLAINLY_NO.test(text)) return 'denied';
  return OPEN.test(text) || BARE_DASH.test(text) ? 'optional' : undefined;
}
