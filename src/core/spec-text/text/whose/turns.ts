import { spelt } from '../../vocabulary/letters';
/** A machine as the subject of what is told, in the languages of riders: what it does that has a figure. Common usage, no source. */
export const MACHINE_VERB = spelt(
  /^(?:(?:['’]s got| has| had| have| weighs| makes| gets| holds| carries| costs| offers| comes| does| packs| runs| manages| tips| sits| needs| uses| wiegt| hat| leistet| kostet| bringt| schafft| verbraucht| fasst| bietet| pèse| fait| a(?= (?:une?|le|la|les|aussi|\d))| coûte| affiche| consomme| annonce| offre| pesa| tiene| cuesta| hace| lleva| gasta| rinde| ofrece| mide| ha| costa| fa| porta| consuma| dichiara| monta| weegt| heeft| kost| haalt| levert| verbruikt| väger| har| kostar| drar| ger| veier| vejer| koster| waży| ma| kosztuje| pali| tem| faz| leva| weighed| made| got| held| carried| cost| came| wog| hatte| leistete| kostete| brauchte| pesait| faisait| avait| coûtait| consommait| pesaba| tenía| gastaba| costaba| hacía| pesava| aveva| faceva| costava| consumava| woog| kostte| vägde| hade| drog| vejede| havde| veide| ważył| miał| palił| ważyła| miała| paliła| tinha| fazia| gastava)(?!\p{L})|['’]s? (?=(?:seat|tank|weight|kerb|curb|wet|dry|power|range|fork|shock|travel|clearance|ground|wheelbase|payload|suspension|engine|price|service|fuel)(?!\p{L}))|['’]s(?= \d)| is (?=\d|\p{L}+er(?!\p{L})|only|about|just|an?(?!\p{L})))/u,
);

/** "Im Gegensatz zur … hat sie": the verb is not the name's. */
export const INVERTED = spelt(
  /^ (?:hat|ist|wiegt|kostet|heeft|weegt|kost) (?:sie|es|meine|hij|ze|deze|mijn)(?!\p{L})/u,
);

/** Figures behind a name: "…: 209 kg", "… (209 kg". */
export const LISTED = /^(?: ?: ?(?=[^.;]*\d)| \((?=\d))/u;

/** Words before a name by which a text weighs machines against each other. Common usage, no source. */
export const AGAINST = spelt(
  /(?:(?<!\p{L})(?:than|unlike|versus|vs\.?|against|compared (?:to|with)|compare (?:it )?(?:to|with)|next to|beside|rival,?|instead of|rather than|considered|(?:nearly|almost) (?:bought|got|went for)|between|over|alongside|in (?:contrast|comparison),?|by contrast,?|whereas|where|while|meanwhile,?|traded(?: in)?|as|like|shop (?:it |this )?(?:with|against)|this or|(?:I|we|he|she) (?:had|owned|used to have)|j['’](?:avais|ai eu)|tenía|tuve|avevo|ho avuto|ich hatte|hatte ich|tinha|tive|miałem|miałam|hade|hadde|havde|ik had|had ik|veng[oa] d|venía d|vengo da|viens d|komme von|kom(?:mer)? fr(?:ån|a)|(?:als|wie)|gegen|gegenüber|zum gegensatz zur?|gegensatz zur?|gegensatz dazu (?:hat|ist|wiegt)|vergleich (?:zur?|mit)|verglichen mit|zwischen|geschwankt mit|que|contrairement à|hésit\p{L}* (?:avec|entre)|rapport à|comparée? (?:à|avec)|face à|à côté de|dud\p{L}* (?:con|entre)|frente a|comparad[ao] con|diferencia de|indecis[oa] (?:con|tra)|rispetto|differenza d|confronto (?:a|con)|accanto a|dan|twijfel\p{L}* (?:met|tussen)|vergeleken met|tegenstelling tot|tegenover|än|jämfört med|skillnad från|mellan den och|enn|end|sammenlignet med|niż|porównaniu z|comparad[ao] com|contrário d))(?: the| an?| my| his| her| d(?:ie|er|as|en|em)| l[ae]| el| il| un[ae]?| de| het| [ao]|ella|alla| alla|a)? $/iu,
);

/** Words of a sentence that make what it names a rival, or a machine that somebody else has. */
export const RIVALRY = spelt(
  /(?<!\p{L})(?:rivals?|competitors?|competition|alternatives?|opposition|mate|friend|brother|buddy|wife|husband|along for|tried|tested|test[- ]rode|test rides?|test ridden|rode|ridden|sat on|comparison|konkurren\p{L}*|fast hätte|beinahe|probe|probefahrt|getestet|probegefahren|gegner\p{L}*|kumpel|freund\p{L}*|rivale|concurrente?s?|essayé\p{L}*|testé\p{L}*|copain|ami|probé|probado|competidora?|amigo|provat[oa]|provai|amico|concorrente|concurrent|getest|vriend|maat|konkurrent\p{L}*|provkör\p{L}*|kompis\p{L}*)(?!\p{L})/iu,
);

/** Words before a name that stands beside what the sentence is of. */
export const BESIDE = spelt(
  /(?<!\p{L})(?:than|as|like|unlike|versus|vs\.?|against|to|with|next to|beside|instead of|rather than|from|off|over|after|between|and|or|bought|sold|considered|als|wie|gegen|gegenüber|zur?|mit|nach|von|vom|und|oder|zwischen|que|à|avec|comme|de|entre|et|ou|con|a|como|y|o|tra|come|alla|della|dalla|e|dan|met|tot|naar|van|en|of|än|med|från|och|eller|do)(?: the| an?| my| his| her| d(?:ie|er|as|en|em)| l[ae]| el| il| un[ae]?| de| het)? $/iu,
);

/** Words before a name that is only weighed, or that was let go: what follows is of the own machine. */
export const COMPARED = spelt(
  /(?<!\p{L})(?:than|as|like|unlike|over|against|versus|vs\.?|compared (?:to|with)|next to|beside|instead of|rather than|sold|traded(?: in)?|nearly (?:bought|got)|almost (?:bought|got)|considered|from|off|after|shop (?:it|this) (?:with|against)|(?:this|it) or|que|als|wie|gegenüber|statt|dan|än|end|enn|che|della|rispetto a|alla|frente a|rapport à|contrairement à|vendu|vendí|venduto|verkauft|verkocht|sålde)(?: the| an?| my| his| d(?:ie|er)| l[ae]| el| il| un[ae]?| de| mi| ma| mia)? $/iu,
);

/** Words before a name that somebody has got. */
export const ACQUIRED = spelt(
  /(?<!\p{L})(?:bought|got|ordered|home with|up with|(?:traded|swapped|sold|exchanged)(?!\p{L})[^.;]* for|(?:I|we) (?:now )?(?:have|own|ride)|(?:new|current|next|present) (?:ride|bike|machine|steed|one)(?: is(?: now)?|:)|now (?:on|riding)|acheté|pris|roule en|gekauft|geholt|fahre(?: jetzt)?|comprado|compré|preso|presa|comprato|gekocht|köpt|köpte|kjøpt|købt|kupiłem|comprei)(?: the| an?| my| d(?:ie|er)| eine| l[ae]| un[ae]?| uma?| de| een| en)? $/iu,
);

/** A name as the subject of its clause, with its article. */
export const SUBJECT = spelt(
  /^[^\p{L}\d]*(?:(?:and|but|while|where|whereas|et|mais|y|pero|e|ma|en|maar|och|men) )?(?:the|an?|his|her|their|\p{L}+['’]s|la|le|el|il|una?|une|de|een|sa|son|su|die|eine)(?: \p{Ll}+)? $/iu,
);

/** A name that is spoken of as a thing, in a sentence. */
export const SPOKEN_OF = spelt(
  /(?:(?<!\p{L})(?:the|an?|his|her|their|la|una?|une|el|un|il|le|de|een|uma?|sa|son|su)(?: \p{Ll}+)?|\p{L}['’]s) $/iu,
);
/** The same in German, of what is feminine as machines are. */
export const SPOKEN_OF_IN_GERMAN = spelt(
  /(?<!\p{L})(?:die|eine|einer|zur|seine|ihre|(?:bei|mit|von|auf|an|zu|nach|aus|gegenüber|als|\p{L}{4,}) der)(?: \p{Ll}+e[nr]?)? $/iu,
);
/** What German nouns end in, feminine or many. Common usage, no source. */
export const GERMAN_NOUN =
  /(?:e|en|ung|heit|keit|schaft|ion|tät|ei|anz|enz|ik|ur|in|innen|nis|zeit|fahrt|art|form|kraft|tour|bank|gabel|feder|zahl|welt|stadt|wahl|last|luft|hand|uhr|nacht|arbeit|antwort|person|tür|wand|nummer|frau|mutter|schwester|tochter|schulter|werkstatt|firma|lima|software|app|basis|power|höh|maß|leute|eltern|kinder|räder|reifen|koffer|bremsen|daten|werte|tests?|bikes?|händler|fahrer|leiter|kunst|post|schrift|sicht|pflicht|angst|lust|macht|nut|wucht|federn|gabeln|alpen)$/u;
export const PLACE = spelt(
  /(?<!\p{L})(?:in|into|at|through|across|around|near|to|towards|inside|outside|dans|en|à|vers|por|hacia|nel|nella|per|verso|door|naar|genom|i|til|w|do)(?: the| la| le| el| il| lo| de)? $/iu,
);
/** A part or a pack behind a name: "the Morlund panniers". */
export const A_PART = spelt(
  /^ (?:(?:alloy|soft|hard|steel|heated|tall|low|high|comfort|touring|sport|rear|front) )?(?:panniers?|bags?|boxe?s?|luggage|packs?|packages?|dash|display|screens?|tyres?|tires?|seats?|saddle|tanks?|cans?|silencers?|mufflers?|exhausts?|pipes?|shocks?|springs?|suspension|forks?|links?|sprockets?|kits?|versions?|models?|editions?|trims?|modes?|bars?|grips?|brakes?|calipers?|discs?|pads?|chains?|racks?|guards?|plates?|stands?|pumps?|filters?|oil|batter(?:y|ies)|plugs?|engines?|motors?|twins?|singles?|frames?|wheels?|rims?|tubes?|app|store|shop|dealers?|dealership|manual|brochure|website|forum|road|roads|trail|trails|pass|rally|race|desert|mountains?|border|ferry|owners?)(?!\p{L})/iu,
);

/** A clause that opens with what it is told of: "On the …", "With the …". */
export const OPENS_WITH = spelt(
  /^[^\p{L}\d]*(?:(?:and|but|while|und|aber|et|mais|y|pero|e|ma|en|maar|och|men) )?(?:on|with|for|in the case of|bei|mit|auf|für|sur|avec|chez|pour|en|con|para|su|sulla|sul|nella|per|bij|met|op|på|med|na|w)(?: the| an?| his| her| d(?:ie|er|as|en|em)| l[ae]| el| il| de| het)? $/iu,
);

/** Behind the name that a clause opens with: no part, but what is said of the machine. */
export const THEN_SAYS = spelt(
  /^(?:,| (?:the|you|it|there|I|we|they|la|le|les|el|l['’]|los|die|der|das|man|is|ist|beträgt|bekommt|kriegt|hat|liegt|fasst|de|het|är|är|è|es|est|on|c['’]est|hai|tienes|si|se|a|o|as|os)(?!\p{L})| l['’])/iu,
);

/** "The seat height of the …" */
export const LABEL_OF = spelt(
  /\p{L}{3,} (?:of|de|d['’]|della|del|dell['’]|van|av|da|do|der|von|på|för)(?: the| d(?:ie|er|en|em)| la| el| il| de| het)? $/iu,
);
export const IS_SO = spelt(
  /^,? (?:is|are|was|measures|stands|est|es|mide|mesure|fait|è|misura|liegt|beträgt|ist|bedraagt|är|é|wynosi|\d)(?!\p{L})/iu,
);

/** Words before a name that say whose the figure before it is: "19 litres on the …". */
export const OF_IT = spelt(
  /\d[^.,;:]*(?<!\p{L})(?:on|for|of|in|with|bei|auf|für|an|chez|sur|pour|dans|en|para|su|sulla|nella|per|op|bij|voor|på|för)(?: the| an?| d(?:ie|er|as|en|em)| l[ae]| el| il| de| het)? $/iu,
);

/** A sentence that goes on about what the last one told of. */
export const GOES_ON = spelt(
  /^[^\p{L}\d]*(?:(?:and|but|so|plus|then|also|auch|außerdem|dazu|und|aber|dafür|et|mais|aussi|de plus,?|y|pero|además|también|e|ma|inoltre|anche|en|ook|maar|och|men|också),? )?(?:(?:it|its|it['’]s|they|their|that one|he|she|his|her|sie|ihre?|er|seine?|hat sie|ist sie|wiegt sie|elle|il|son|sa|ses|hij|zij|ze|zijn|het|haar|heeft (?:hij|ze|het)|den|det|dess|hon)(?!\p{L})|(?:tiene|pesa|cuesta|hace|lleva|gasta|da|rinde|monta|mide|su|sus|ha|costa|fa|porta|la sua|il suo|le sue|i suoi)(?: anche| también)?(?!\p{L}))/iu,
);

/** Words for the machine that a text is about, where it does not say its name. */
export const THIS_ONE = spelt(
  /(?<!\p{L})(?:this (?:one|thing|bike|machine)|the test bike|our (?:test bike|tester)|diese(?: hier)?(?= (?:hat|ist|wiegt|kostet|\d))|celle-ci|ésta|esta(?= (?:pesa|tiene|cuesta|hace|\d))|questa(?= (?:ha|pesa|costa|fa|\d))|deze(?= (?:heeft|weegt|kost|\d))|den här|denna)(?!\p{L})/giu,
);

/** Words for the machine of whoever tells: the one that the text is about, or another that he calls his. */
export const MINE = spelt(
  /(?<!\p{L})(?:mine|ours|our (?:bike|one)|my (?:bike|own(?! \p{Lu})|one)|(?:I|we) (?:get|got|have|see|manage)(?=[^.;]* \d)|meine(?= (?:hat|ist|wiegt|kostet|braucht))|(?:die|meine) eigene(?! \p{Lu})|la mienne|ma moto|la mía|la mia(?= (?:ha|pesa|costa|fa|moto|\d))|de mijne|mijn motor|min egen)(?!\p{L})/giu,
);

/** "My own Ardmoor": before the name of another machine than the text is about. */
export const MY = spelt(
  /(?<!\p{L})(?:my|our|meine[rm]?|ma|mi|la mia|mia|mijn|min)(?: own| eigenen?r?)?(?: (?:bike|machine|motorcycle|motorrad|maschine|moto|motocicletta|motor|motorcykel)(?:,| \(|:| is)(?: (?:an?|the|eine|une|un[ao]?|een|en))?)? ?$/iu,
);

/** Where a clause begins. */
const CLAUSE = spelt(
  /[.;:!?()–—]\s*|, |(?<!\p{L})(?:and|but|while|whereas|where|und|aber|während|et|mais|tandis que|alors que|y|pero|mientras(?: que)?|e|ma|mentre|en(?= (?:de|het|hij|ze|een|mijn|deze)(?!\p{L}))|maar|terwijl|och|men|medan) /giu,
);

/** A clause is looked for so far back, in characters. */
const CLAUSE_REACH = 200;

/** Where the clause that holds a place begins. */
export function clauseAt(text: string, at: number): number {
  const start = Math.max(0, at - CLAUSE_REACH, text.lastIndexOf('\n', at - 1) + 1);
  let from = start;
  for (const m of text.slice(start, at).matchAll(CLAUSE)) from = start + m.index + m[0].length;
  return from;
}

const ELIDED = spelt(/(?<!\p{L})(l|d|all|dell|sull|nell|dall|un)['’]$/iu);
const IN_FULL: Readonly<Record<string, string>> = {
  l: 'la ',
  d: 'de ',
  all: 'alla ',
  dell: 'della ',
  sull: 'sulla ',
  nell: 'nella ',
  dall: 'dalla ',
  un: 'una ',
};

/** Words before a name, "l'" and the like in full: "celle de l'…" reads as "celle de la …". */
export const inFull = (before: string): string =>
  before.replace(ELIDED, (_, article: string) => IN_FULL[article.toLowerCase()] ?? 'la ');

/** As far as words are looked back for before a name, in characters. */
export const BACK_TO = 44;

/** What goes on about a name in its own clause: "…, which has", "… with its", "… (214 kg)". */
export const WHICH = spelt(
  /^,? (?:which|who|that|having|at (?=\d)|with (?:its|a)|die|der|qui|que|che|som|con (?:sus?|il suo|la sua)|avec (?:son|sa|ses))(?!\p{L})|^ \((?=[^)]*\d)/u,
);

/** "Dave bought a Brannoch": the next sentence may be of that. */
export const SOMEBODY_BOUGHT = spelt(
  /(?<!\p{L})(?:\p{Lu}\p{Ll}+|he|she|they|mate|friend|brother|wife|neighbour) (?:has |had |just )?bought (?:an?|the) $/u,
);

/** "The other one was the …": the machine that is named behind is not the one that was told of before. Common usage, no source. */
export const THE_OTHER = spelt(
  /(?<!\p{L})(?:the (?:other|second|next) (?:one|bike|machine|option)|(?:die|das) (?:andere|zweite|nächste)(?: maschine)?|l['’]autre(?: moto)?|la (?:deuxième|seconde)(?: moto)?|la otra(?: moto)?|la segunda(?: moto)?|l['’]altra(?: moto)?|la seconda(?: moto)?|de (?:andere|tweede)(?: motor)?|(?:den|det) (?:andra|andre|anden)(?: hojen| sykkelen)?|a (?:outra|segunda)(?: moto)?|(?:drugi|druhý|druhá|druga)(?: motocykl)?|toinen)(?: (?:they|he|she|I|we) (?:had|have|tried|rode|sat on))? ?(?:was|is|['’]s|war|ist|était|c['’]est|est|era|es|è|é|was|is|var|är|er|to|byla?|byl|je|oli|on|[:,–-]) ?(?:an?|the|die|eine|der|une?|la|le|una|el|uma|een|de|en|ett)? ?$/iu,
);
