import type { Cue } from './cue';

/** Said in Italian of what this machine is not. */
export const ITALIAN_CUES: readonly Cue[] = [
  {
    standing: 'denied',
    factsOnly: true,
    words:
      /(?<!\p{L})(?:(?:mi|ci|gli) manca(?:no)?|non (?:serve|servono|c['’]è bisogno d[ie]l?))(?!\p{L})/iu,
  },
  {
    standing: 'of-another',
    factsOnly: true,
    words:
      /(?<!\p{L})(?:rispetto a(?:d)? un[ao']?|(?:mi|ci) ricorda|(?:più|meno|meglio|peggio) [^.;,]{0,24}di un[ao']?|il mio (?:vicino|amico|collega) (?:ha|guida))(?!\p{L})/iu,
  },
  {
    standing: 'optional',
    factsOnly: true,
    behind: true,
    words: /(?<!\p{L})(?:solo |inclus[oaie] )?(?:nel|con il) pacchetto(?!\p{L})/iu,
  },
  {
    standing: 'changed',
    words:
      /(?<!\p{L})(?:se (?:si |ci |le )?(?:monti?|montate|aggiungi|installi|metti)|con (?:il|un) serbatoio (?:maggiorato|grande))(?!\p{L})/iu,
  },
  {
    standing: 'wished',
    behind: true,
    words: /(?<!\p{L})sarebbe (?:bello|meglio|ideale|perfett[oa]|comod[oa])(?!\p{L})/iu,
  },
  {
    standing: 'wished',
    sparesMoney: true,
    words:
      /(?<!\p{L})(?:vorrei|mi piacerebbe|avrei (?:voluto|preferito)|magari (?:avesse|fosse|pesasse)|se solo|sarebbe (?:bello|meglio|perfetta|ideale|il massimo)(?: se| con| avere)?|mi serv(?:e|ono)|(?:cerco|voglio|preferisco) (?:una?|qualcosa|almeno|più|meno|(?=[\d.,]+ ?(?:kg|mm|cm|l|lit|km|nm|cv|ch|ps|kw)(?!\p{L})))|ho bisogno di|l['’]ideale sarebbe|idealmente|qualcosa (?:con|sotto|sopra|di meno)|se (?:vuoi|volete|cerchi|cercate|ti serve|vi serve)|a chi serve|non (?:mi )?serve|mi aspettavo|avevano promesso)(?!\p{L})/iu,
  },
  {
    standing: 'wished',
    asked: true,
    factsOnly: true,
    words: /^\s*(?:ha|c['’]è|perché|chi|quale|qualcuno|monta)(?!\p{L})(?=[^?]*\?\s*$)/iu,
  },
  {
    standing: 'denied',
    words:
      /(?<!\p{L})(?:non (?:ha|monta|pesa|fa|arriva a|offre|dispone di|c['’]è|ci sono|prevede)|le manca(?:no)?|è priva di|non è vero che|è falso che)(?! più di| meno di)(?!\p{L})/iu,
  },
  {
    standing: 'denied',
    factsOnly: true,
    words: /(?<!\p{L})(?:senza|niente|né|manca(?:no)?|priva di|nessun[oa']?)(?!\p{L})/iu,
  },
  {
    standing: 'denied',
    factsOnly: true,
    behind: true,
    words:
      /(?<!\p{L})(?:manca(?:no)?|non (?:è|sono) (?:disponibil[ei]|previst[oaei]|inclus[oaei]))(?!\p{L})/iu,
  },
  {
    standing: 'optional',
    factsOnly: true,
    behind: true,
    words:
      /(?<!\p{L})(?:(?:è |sono )?(?:optional|opzional[ei]|a richiesta|a pagamento))(?!\p{L})/iu,
  },
  {
    standing: 'optional',
    factsOnly: true,
    words: /(?<!\p{L})(?:optional|a richiesta) ?:/iu,
  },
  {
    standing: 'of-another',
    words:
      /(?<!\p{L})(?:la mia (?:precedente|vecchia|ultima|prima|altra)(?: moto)?|la (?:concorrenza|maggior parte|precedente)|a differenza d\p{L}+(?!\p{L})[^.,;]{0,40}?,? che|le altre(?: moto)?|il modello precedente)(?!\p{L})/iu,
  },
  {
    standing: 'changed',
    words:
      /(?<!\p{L})(?:con|dopo|grazie a) (?:il|la|lo|un|una|mio|al)(?: \p{L}+)? ?(?:kit|rimappatura|mappa|scarico|leveraggi?)(?!\p{L})/iu,
  },
];
