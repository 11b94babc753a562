import type { Cue } from './cue';

/** Said in German of what this machine is not. */
export const GERMAN_CUES: readonly Cue[] = [
  {
    standing: 'denied',
    factsOnly: true,
    words:
      /(?<!\p{L})(?:(?:ich|wir|man) (?:\p{L}+ )?vermiss\p{L}*|(?:ich|wir|man) (?:\p{L}+ )?brauch\p{L}* (?:\p{L}+ )?keine?n?)(?!\p{L})/iu,
  },
  {
    standing: 'of-another',
    factsOnly: true,
    words:
      /(?<!\p{L})(?:(?:im vergleich zu|verglichen mit|gegenüber) (?:einem|einer|den|dem|der)|als (?:eine?|jede[rs]?|die meisten)|erinner\p{L}* (?:mich|einen|uns) an|mein\p{L}* (?:nachbar|kumpel|freund|bruder|kollege|vater)\p{L}* (?:hat|fährt|hatte|fuhr))(?!\p{L})/iu,
  },
  {
    standing: 'changed',
    factsOnly: true,
    behind: true,
    words:
      /(?<!\p{L})(?:statt|gegen) (?:der|die|den|dem) [^.;,]{1,40} (?:getauscht|verbaut|montiert)(?!\p{L})/iu,
  },
  {
    standing: 'optional',
    factsOnly: true,
    behind: true,
    words:
      /(?<!\p{L})(?:nur )?(?:im|mit dem|teil des|bestandteil des|enthalten im) (?:\p{L}+[- ])?\p{L}*pakete?s?(?!\p{L})/iu,
  },
  {
    standing: 'changed',
    words:
      /(?<!\p{L})(?:wenn (?:man|du|ich|ihr|wir)(?=[^.;]{0,60}(?:montier|verbau|nachrüst|dazukauf|dazubestell|anbau|einbau))|mit dem (?:großen|größeren|langstrecken)[ -]?tank)(?!\p{L})/iu,
  },
  {
    standing: 'wished',
    words:
      /(?<!\p{L})(?:ich wünschte?|ich wünsche mir|wünschenswert wären?|(?:ich|wir) hätten? (?:gerne?|lieber)|hätte (?:sie|es|er|die) (?:doch|nur)|(?:wär|wäre) (?:doch )?(?:schön|toll|super|besser|perfekt|cool|ideal|nett|klasse),? wenn|(?:ideal|schön|toll|super|gut|besser|perfekt|klasse) wären?|idealerweise|am liebsten|wunschliste|wünsche?:|(?:ich|wir) (?:brauche?n?|will|wollen|möchten?) (?:unbedingt|mindestens|eine?n?|was|etwas|mehr|weniger)|(?:alles|nichts|irgendwas|etwas) (?:mit|unter|über)|(?:(?:brauch|will|vermiss)\p{L}* (?:ich|man|keiner|niemand|kein mensch))|wer braucht (?:schon)?|(?:wer|wenn (?:du|man|ihr|sie)) (?:unbedingt |lieber |mehr |gern )?(?:einen?|eine|was|mehr|[\d.,]+ ?\p{L}+)(?: [\p{L}\d.,-]+){0,4} (?:will|willst|braucht|brauchst|möchte|möchtest|sucht|suchst)|(?:erwartet|erhofft|versprochen) (?:hatte|hätte|waren|wurden))(?!\p{L})/iu,
    sparesMoney: true,
  },
  {
    standing: 'wished',
    factsOnly: true,
    words: /(?<!\p{L})(?:ich|wir) (?:brauche?n?|will|wollen|möchten?|suchen?)(?!\p{L})/iu,
  },
  {
    standing: 'wished',
    behind: true,
    words:
      /(?<!\p{L})(?:(?:wär|wäre|wären) (?:mir lieber|schön|toll|super|besser|perfekt|cool|ideal|nett|klasse)|(?:brauch|vermiss)\p{L}* (?:ich|man|keiner|niemand|kein mensch))(?!\p{L})/iu,
  },
  {
    standing: 'wished',
    asked: true,
    factsOnly: true,
    words:
      /^\s*(?:hat|ist|gibt es|gibt['’]s|kann|warum|wieso|wer|welche\p{L}*|weiß (?:jemand|wer))(?!\p{L})(?=[^?]*\?\s*$)/iu,
  },
  {
    standing: 'denied',
    words:
      /(?<!\p{L})(?:(?:hat|hatte|bietet|wiegt|bringt|schafft|gibt es|gibt['’]s|bekommt|kriegt) (?:leider |aber |sie |man |auch )*(?:keine?n?|nicht(?! mehr als| weniger)|weder)|es (?:stimmt nicht|ist nicht wahr|ist falsch),? dass|fehlt (?:leider )?(?:der|die|das|eine?)?)(?!\p{L})/iu,
  },
  {
    standing: 'denied',
    factsOnly: true,
    words:
      /(?<!\p{L})(?:keine?n?|ohne|weder|noch(?= \p{Lu})|fehlt|fehlen|leider nicht)(?!\p{L})(?! (?:mehr|problem))/iu,
  },
  {
    standing: 'denied',
    factsOnly: true,
    behind: true,
    words:
      /(?<!\p{L})(?:fehlt|fehlen|gibt es(?: [^.,;]{0,24})? nicht|gibt['’]s nicht|hat sie (?:leider )?nicht|nicht (?:an bord|dabei|vorhanden|verfügbar|lieferbar))(?!\p{L})/iu,
  },
  {
    standing: 'optional',
    factsOnly: true,
    behind: true,
    words:
      /(?<!\p{L})(?:optional|(?:gegen|kostet) aufpreis|aufpreispflichtig|kost(?:et|en)(?: [\d.]+ ?(?:€|euro))? (?:extra|aufpreis)|als extra|als option)(?!\p{L})/iu,
  },
  {
    standing: 'optional',
    factsOnly: true,
    words: /(?<!\p{L})(?:optional|gegen aufpreis|aufpreispflichtig)(?!\p{L})/iu,
  },
  {
    standing: 'of-another',
    words:
      /(?<!\p{L})(?:meine (?:vorige|letzte|vorherige|erste|andere|zweite|alte)|im gegensatz zu(?!\p{L})[^.,;]{0,40},? (?:die|der|das)|die (?:konkurrenz|vorige|meisten (?:anderen|konkurrent\p{L}*)?)|die anderen|der durchschnitt)(?!\p{L})/iu,
  },
  {
    standing: 'changed',
    words:
      /(?<!\p{L})(?:mit|nach|seit|dank) (?:dem|der|einem|einer|meinem)(?: \p{L}+)? (?:\p{L}*kit|tuning|remap|\p{L}*umbau|tieferlegung|tieferlegungssatz|auspuff|zusatztank)(?!\p{L})/iu,
  },
];
