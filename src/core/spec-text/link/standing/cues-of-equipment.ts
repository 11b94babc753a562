import { each, type Cue } from './cue';

const IS =
  '(?:(?:is|are|was|were|has been|have been|ist|sind|wurden?|wird|est|sont|a été|ont été|è|sono|es|son|está|están|é|são|zijn|är|er|on) )?';

/** "❌ Tempomat ✅ ABS": crosses and ticks before what they are of, where the line begins with one. */
const CROSSED: Cue = {
  standing: 'denied',
  factsOnly: true,
  words: /(?<=^[^\p{L}\d]*(?:[✅✔☑❌✖✗✘🚫].*)?)[❌✖✗✘🚫]/u,
};

/** What is said behind the name of a thing that it has not, that it costs more, or that it is no longer there. */
const BEHIND: readonly Cue[] = [
  ...each({ standing: 'denied', factsOnly: true, behind: true }, [
    'ontbreekt|není(?=\\s*(?:$|[,;.)]))',
    `${IS}(?:not (?:included|fitted|supplied|provided|offered)|unavailable|absent|(?:deleted|dropped|omitted|gone|axed)(?= (?:from|for|on|in|this)|$|[.,;]))`,
    `${IS}(?:nicht (?:möglich|erhältlich|inklusive|enthalten|vorgesehen|verbaut)|gestrichen|entfallen|weggefallen|weggelassen)|entfällt|sucht man (?:\\p{L}+ )?verge(?:blich|bens)`,
    `${IS}(?:non (?:fournie?s?|disponibles?|livrée?s?|présente?s?|inclus(?:es?)?)|absente?s?|supprimée?s?|indisponibles?|pas (?:prévue?s?|disponibles?|fournie?s?|de série|compris(?:es?)?))`,
    `${IS}(?:assent[ei]|non (?:previst[oaie]|inclus[oaie]|disponibil[ei]|present[ei]|di serie|compres[oaie]|c['’]è|ci sono)|eliminat[oaie])`,
    `${IS}(?:no (?:incluid[oa]s?|disponibles?|vienen?|trae)|ausentes?|eliminad[oa]s?|suprimid[oa]s?)`,
    `${IS}(?:niet (?:aanwezig|inbegrepen|beschikbaar|leverbaar|mogelijk)|vervallen|geschrapt)|mis(?:sen)? (?:ik|we|wij)`,
    '(?:ingår|finns|medföljer) (?:inte|ej)|følger ikke med|medfølger ikke|ikke (?:inkludert|inkluderet)',
    'niedostępn\\p{L}+|nie ma|chybí|není (?:k dispozici|součástí)|puuttuu|ei (?:ole|kuulu)',
    `não ${IS}(?:incluíd[oa]s?|disponíve(?:l|is)|vem)`,
  ]),
  ...each({ standing: 'optional', factsOnly: true, behind: true }, [
    `${IS}(?:not standard|an? (?:extra|accessory)|accessories)`,
    'costs? (?:another |about |an? extra )?[£$€]? ?\\d[\\d.,]* ?(?:[£$€]|eur|euros?|pounds|dollars)? ?(?:extra|more|on top)',
    '(?:can|could|may) be (?:added|retrofitted|had|bought|ordered)',
    `nicht serienmäßig|nachrüstbar|${IS}zubehör|kostet (?:extra|aufpreis)|gegen (?:aufpreis|zuzahlung)|zum nachrüsten|als zubehör|auf wunsch`,
    `${IS}(?:payante?s?|en (?:supplément|sus|accessoire)|à prévoir|moyennant (?:un )?supplément)`,
    'a pagamento|come (?:optional|accessorio)|con sobrecoste|como accesorio|aparte|de pago|à parte',
    'niet standaard|tegen meerprijs|als accessoire|is een optie|kost extra|kost(?:ar|er) (?:extra|ekstra)',
    'mot (?:tillägg|tillegg)|mod tillæg|som tillval|ekstrautstyr|ekstraudstyr|tilvalg',
    'opcja|opcjonaln\\p{L}+|za dopłatą|za příplatek|na přání|lisävaruste(?:ena)?|lisähintaan',
  ]),
  {
    standing: 'of-another',
    factsOnly: true,
    behind: true,
    words:
      /(?<!\p{L})(?:only|nur|seulement|uniquement|solo|sólo|alleen|endast|bara|kun|tylko|só|jen) (?:on|with|for|bei|mit|auf|sur|avec|sulla|con|en|op|bij|på|med|w|na|no|em|u) (?:the|der|dem|den|la|le|les|de|het|il|el|los)? ?(?:\p{L}+ )?(?:version|model|pro|rally|sport|tour\p{L}*|adventure|plus|deluxe|premium|pack\p{L}*|variante|version\p{L}*|versión|versie)(?!\p{L})/iu,
  },
  ...each({ standing: 'changed', factsOnly: true, behind: true }, [
    '(?:is|are|was|were|got|been) (?:stolen|broken|removed|taken off|ripped off|snapped|smashed|cracked)|(?:broken|stolen|removed)(?=\\s*(?:$|[.;,)]))',
    `${IS}(?:defekt|kaputt|abgebaut|demontiert|gestohlen|abgebrochen)`,
    `${IS}(?:démontée?s?|cassée?s?|volée?s?|déposée?s?)(?=\\s*(?:$|[.;,)]))`,
    `${IS}(?:rott[oaie]|smontat[oaie]|rubat[oaie])`,
    `${IS}(?:rot[oa]s?|desmontad[oa]s?|robad[oa]s?)(?=\\s*(?:$|[.;,)]))`,
    'kapot|gedemonteerd|gestolen|verwijderd|avariad[oa]|roubad[oa]|zepsut\\p{L}|uszkodzon\\p{L}|skradzion\\p{L}|zdemontowan\\p{L}',
    `${IS}(?:er )?(?:trasig[at]?|ødelagt|i stykker|demontert|rikki|hajalla)|nefunguje|rozbit\\p{L}`,
  ]),
  ...each({ standing: 'wished', factsOnly: true, behind: true }, [
    'wünsche? (?:ich|man|wir)|(?:wäre|wären) (?:wünschenswert|nice|gut)',
    'zou (?:fijn|mooi|leuk|handig) zijn|vore (?:bra|trevligt|skönt)|(?<=had (?:\\p{L}+ ){1,3})maar',
    'serai(?:t|ent) (?:un plus|bienvenue?s?|appréciée?s?|le bienvenu)',
  ]),
];

/** What is said before it. */
const BEFORE: readonly Cue[] = [
  ...each({ standing: 'denied', factsOnly: true }, [
    '(?:they|the makers?|the factory|the manufacturer|it) (?:has |have )?(?:deleted|dropped|removed|omitted|left out|axed|lost)',
    "(?:l['’]absence|le manque) d(?:e|u|es)?|regrett\\p{L}+ (?:de ne pas avoir|l['’]absence)|dispens\\p{L}+ d(?:e|u)",
    'auf(?= [^.;,]{2,50}verzicht)|verzicht auf|es mangelt an|vermiss(?:e|t|en) (?:\\p{L}+ )?',
    'ik mis|savner|nemá|ilman|faltan?|carece de|echo (?:de menos|en falta)|se echa (?:de menos|en falta)|si sente la mancanza d(?:i|el|ella|ei|elle)|mancan[oa]',
  ]),
  ...each({ standing: 'optional', factsOnly: true }, [
    'pay (?:\\p{L}+ )?(?:extra|more)(?: [£$€]?\\d[\\d.,]*)? for|(?:another|an extra) [£$€] ?\\d[\\d.,]* for',
  ]),
  ...each({ standing: 'wished', factsOnly: true }, [
    'przydał(?:by|oby|aby) się',
    '(?:it|she|this|bike|machine|really|just|still) (?:(?:really|just|only|badly|still) )?(?:needs|wants|deserves)(?! (?:premium|super|regular|high|\\d|to))|^\\W*(?:needs|wants)(?! (?:premium|super|regular|high|\\d|to))|could do with|crying out for|begs for',
  ]),
];

/** Of what a machine is equipped with, in all the languages that are read. Common usage, no source. */
export const CUES_OF_EQUIPMENT: readonly Cue[] = [...BEHIND, ...BEFORE, CROSSED];
