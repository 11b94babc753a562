import type { Cue } from './cue';

const GERMAN: readonly Cue[] = [
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
      /(?<!\p{L})(?:(?:wär|wäre|wären) (?:schön|toll|super|besser|perfekt|cool|ideal|nett|klasse)|(?:brauch|vermiss)\p{L}* (?:ich|man|keiner|niemand|kein mensch))(?!\p{L})/iu,
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
      /(?<!\p{L})(?:optional|(?:gegen|kostet) aufpreis|aufpreispflichtig|als extra|als option)(?!\p{L})/iu,
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

const FRENCH: readonly Cue[] = [
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
      /(?<!\p{L})(?:j['’]aimerais|j['’]aurais (?:aimé|préféré|voulu)|je (?:voudrais|rêve d|préférerais)|si seulement|ce serait (?:bien|mieux|parfait|top|génial)(?: si| d)?|il (?:me|nous) faut|il (?:me|nous) faudrait|je (?:cherche|veux) (?:une?|quelque chose|au moins|plus|moins|(?=[\d.,]+ ?(?:kg|mm|cm|l|lit|km|nm|cv|ch|ps|kw)(?!\p{L})))|l['’]idéal serait|idéalement|j['’]ai besoin d|quelque chose (?:avec|de moins|de plus)|qui a besoin d|si (?:tu veux|vous voulez|on veut|tu cherches|vous cherchez|il (?:te|vous) faut)|je n['’]ai pas besoin d|on m['’]avait promis)(?!\p{L})/iu,
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

const SPANISH: readonly Cue[] = [
  {
    standing: 'denied',
    factsOnly: true,
    words:
      /(?<!\p{L})(?:(?:echo|echamos|se echa) (?:\p{L}+ )?de menos|no hace falta|sin necesidad de)(?!\p{L})/iu,
  },
  {
    standing: 'of-another',
    factsOnly: true,
    words:
      /(?<!\p{L})(?:comparad[oa]s? con|respecto (?:a|al) un?a?|(?:me|nos) recuerda|(?:más|menos|mejor|peor) [^.;,]{0,24}que una?|mi (?:vecino|amigo|hermano|padre) (?:tiene|lleva))(?!\p{L})/iu,
  },
  {
    standing: 'optional',
    factsOnly: true,
    behind: true,
    words: /(?<!\p{L})(?:sólo |solo |incluid[oa]s? )?(?:en|con) el (?:pack|paquete)(?!\p{L})/iu,
  },
  {
    standing: 'changed',
    words:
      /(?<!\p{L})(?:si (?:le |se le |se )?(?:montas?|pones?|añades?|instalas?)|con el depósito (?:grande|ampliado|de gran capacidad))(?!\p{L})/iu,
  },
  {
    standing: 'wished',
    factsOnly: true,
    words: /(?<!\p{L})(?:yo )?(?:necesito|quiero|busco)(?!\p{L})/iu,
  },
  {
    standing: 'wished',
    behind: true,
    words: /(?<!\p{L})(?:estaría|sería|vendría) (?:bien|genial|mejor|ideal|perfect[oa])(?!\p{L})/iu,
  },
  {
    standing: 'wished',
    sparesMoney: true,
    words:
      /(?<!\p{L})(?:me gustaría|quisiera|ojalá|(?:necesito|quiero|busco|prefiero) (?:una?|algo|al menos|mínimo|más|menos|(?=[\d.,]+ ?(?:kg|mm|cm|l|lit|km|nm|cv|ch|ps|kw)(?!\p{L})))|lo ideal sería|idealmente|estaría (?:bien|genial|mejor)(?: si| que)?|sería (?:perfecta?|ideal|mejor)(?: si| con)?|algo (?:con|de menos|de más)|si (?:quieres|queréis|necesitas|buscas|uno quiere)|quién necesita|no necesito|me prometieron|esperaba)(?!\p{L})/iu,
  },
  {
    standing: 'wished',
    asked: true,
    factsOnly: true,
    words: /^\s*¿?(?:tiene|lleva|trae|hay|por qué|quién|cuál|alguien)(?!\p{L})(?=[^?]*\?\s*$)/iu,
  },
  {
    standing: 'denied',
    words:
      /(?<!\p{L})(?:no (?:tiene|lleva|trae|pesa|hace|llega a|ofrece|incluye|cuenta con|hay)|le faltan?|carece de|no es (?:verdad|cierto) que|es (?:mentira|falso) que)(?! más de| menos de)(?!\p{L})/iu,
  },
  {
    standing: 'denied',
    factsOnly: true,
    words: /(?<!\p{L})(?:sin|ni|faltan?|ningún|ninguna)(?!\p{L})/iu,
  },
  {
    standing: 'denied',
    factsOnly: true,
    behind: true,
    words:
      /(?<!\p{L})(?:no (?:está|están|viene|vienen) (?:disponibles?|incluid[oa]s?)|no (?:tiene|lleva|trae))(?!\p{L})/iu,
  },
  {
    standing: 'optional',
    factsOnly: true,
    behind: true,
    words:
      /(?<!\p{L})(?:(?:es|son|como|en) (?:opcional(?:es)?|opción|extra)|opcional(?:es)?|se pagan? aparte)(?!\p{L})/iu,
  },
  { standing: 'optional', factsOnly: true, words: /(?<!\p{L})opcional(?:es)? ?:/iu },
  {
    standing: 'of-another',
    words:
      /(?<!\p{L})(?:mi (?:moto )?(?:anterior|antigua|última|primera|otra)(?: moto)?|la (?:competencia|mayoría)|a diferencia d\p{L}+(?!\p{L})[^.,;]{0,40}?,? que|las demás|otras motos|el modelo anterior)(?!\p{L})/iu,
  },
  {
    standing: 'changed',
    words:
      /(?<!\p{L})(?:con|tras|después de|gracias a) (?:el|la|un|una|mi)(?: \p{L}+)? ?(?:kit|reprogramación|centralita|bieletas?|escape)(?!\p{L})/iu,
  },
];

const ITALIAN: readonly Cue[] = [
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
  ...GERMAN,
  ...FRENCH,
  ...SPANISH,
  ...ITALIAN,
  ...SUPPOSED,
  ...NAMED_PARTS,
];
