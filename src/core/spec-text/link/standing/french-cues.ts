import type { Cue } from './cue';

/** Said in French of what this machine is not. */
export const FRENCH_CUES: readonly Cue[] = [
  {
    standing: 'denied',
    factsOnly: true,
    behind: true,
    words: /(?<!\p{L})(?:me|nous) manque(?:nt)?(?!\p{L})/iu,
  },
  {
    standing: 'denied',
    factsOnly: true,
    words:
      /(?<!\p{L})(?:il (?:me|nous|lui) manque|pas besoin d[eu'’]|sans besoin d[eu'’])(?!\p{L})/iu,
  },
  {
    standing: 'of-another',
    factsOnly: true,
    words:
      /(?<!\p{L})(?:par rapport (?:à|aux)|comparée? (?:à|aux)|(?:me|nous) rappelle(?:nt)?|(?:plus|moins|mieux) [^.;,]{0,24}qu['’]une?|mon (?:voisin|pote|frère|père|collègue) (?:a|roule))(?!\p{L})/iu,
  },
  {
    standing: 'optional',
    factsOnly: true,
    behind: true,
    words:
      /(?<!\p{L})(?:(?:seulement |uniquement |inclus\p{L}* )?(?:dans|avec) le pack|en pack)(?!\p{L})/iu,
  },
  {
    standing: 'changed',
    words:
      /(?<!\p{L})(?:si (?:on|l['’]on|vous|tu|je) (?:monte[sz]?|ajoute[sz]?|installe[sz]?|pose[sz]?)|avec le (?:gros|grand) réservoir)(?!\p{L})/iu,
  },
  {
    standing: 'wished',
    behind: true,
    words:
      /(?<!\p{L})serai(?:t|ent) (?:bien|mieux|parfaite?s?|top|géniale?s?|appréciée?s?)(?!\p{L})/iu,
  },
  {
    standing: 'wished',
    sparesMoney: true,
    words:
      /(?<!\p{L})(?:j['’]aimerais|j['’]aurais (?:aimé|préféré|voulu)|je (?:voudrais|rêve d|préférerais)|si seulement|ce serait (?:bien|mieux|parfait|top|génial)(?: si| d)?|il (?:me|nous) faut|il (?:me |nous |lui |leur )?faudrait|je (?:cherche|veux) (?:une?|quelque chose|au moins|plus|moins|(?=[\d.,]+ ?(?:kg|mm|cm|l|lit|km|nm|cv|ch|ps|kw)(?!\p{L})))|l['’]idéal serait|idéalement|j['’]ai besoin d|quelque chose (?:avec|de moins|de plus)|qui a besoin d|si (?:tu veux|vous voulez|on veut|tu cherches|vous cherchez|il (?:te|vous) faut)|je n['’]ai pas besoin d|on m['’]avait promis)(?!\p{L})/iu,
  },
  {
    standing: 'wished',
    asked: true,
    factsOnly: true,
    words:
      /^\s*(?:est-ce qu|a-t-elle|y a-t-il|pourquoi|qui|quelle?s?|quelqu['’]un)(?=[^?]*\?\s*$)/iu,
  },
  {
    standing: 'denied',
    words:
      /(?<!\p{L})(?:(?:n['’]a|n['’]ont|n['’]avait|n['’]offre|ne (?:pèse|fait|propose|dispose|possède|comporte)|n['’]y a|il n['’]y a) (?:même |malheureusement |donc )?(?:pas|ni|aucune?|jamais)|il (?:lui )?manque|ce n['’]est pas vrai que|c['’]est faux que|dommage qu['’]elle n['’]ait pas)(?!\p{L})/iu,
  },
  {
    standing: 'denied',
    factsOnly: true,
    words: /(?<!\p{L})(?:pas d[e'’]|sans|ni|aucune?|manque|dépourvue? d)(?!\p{L})/iu,
  },
  {
    standing: 'denied',
    factsOnly: true,
    behind: true,
    words:
      /(?<!\p{L})(?:manque(?:nt)?|(?:n['’]est|ne sont) pas (?:disponibles?|proposée?s?|prévue?s?)|absente?s?)(?!\p{L})/iu,
  },
  {
    standing: 'optional',
    factsOnly: true,
    behind: true,
    words:
      /(?<!\p{L})(?:en option|(?:est|sont) (?:en option|optionnel\p{L}*|en supplément)|moyennant supplément)(?!\p{L})/iu,
  },
  { standing: 'optional', factsOnly: true, words: /(?<!\p{L})en option ?:/iu },
  {
    standing: 'of-another',
    words:
      /(?<!\p{L})(?:ma (?:moto )?(?:précédente|dernière|première|autre)|la (?:concurrence|précédente|plupart d\p{L}*)|mon ancienne|contrairement à(?!\p{L})[^.,;]{0,40}?,? qui|les autres motos|l['’]ancien modèle)(?!\p{L})/iu,
  },
  {
    standing: 'changed',
    words:
      /(?<!\p{L})(?:avec|après|depuis|grâce à) (?:le|la|un|une|mon|ma)(?: \p{L}+)? ?(?:kit|reprogrammation|cartographie|ligne complète|biellettes?|échappement)(?!\p{L})/iu,
  },
];
