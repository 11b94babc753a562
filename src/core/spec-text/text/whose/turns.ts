/** A machine as the subject of what is told, in the languages of riders: what it does that has a figure. Common usage, no source. */
export const MACHINE_VERB =
  /^(?: \d{2,4})?(?:['’]s (?:got(?!\p{L})|(?=(?:seat|tank|weight|power|range|fork|shock|travel|clearance|engine)(?!\p{L})))|['’]s(?= \d)|s? (?:has|had|have|weighs|makes|gets|holds|carries|costs|offers|comes|does|packs|runs|manages|claims only|tips|sits|is (?=\d|\p{L}+er(?!\p{L})|only|about|just|an?(?!\p{L}))|wiegt|hat|leistet|kostet|bringt|schafft|verbraucht|fasst|pèse|fait|a|coûte|affiche|consomme|annonce|offre|pesa|tiene|cuesta|hace|lleva|gasta|rinde|ofrece|ha|costa|fa|porta|consuma|offre|dichiara|weegt|heeft|kost|haalt|levert|verbruikt|väger|har|kostar|drar|ger|veier|vejer|koster|waży|ma|kosztuje|pali|pesa|tem|faz|custa|leva|gasta)(?!\p{L}))/u;

/** Words before a name that weigh machines against each other. */
export const AGAINST =
  /(?:(?<!\p{L})(?:than|unlike|versus|vs\.?|against|compared (?:to|with)|next to|beside|rival,?|instead of|rather than|considered|(?:nearly|almost) (?:bought|got)|between|torn between|over|alongside|in contrast,?|by contrast,?|whereas|where|while|meanwhile,?|traded|from|off|like|als|gegen|gegenüber|gegensatz zur?|im gegensatz dazu (?:hat|ist|wiegt)|vergleich (?:zur?|mit)|verglichen mit|zwischen|geschwankt mit|que|contrairement à|hésit\p{L}* (?:avec|entre)|par rapport à|comparée? (?:à|avec)|face à|à côté de|dudaba (?:con|entre)|dud\p{L}* (?:con|entre)|frente a|comparad[ao] con|a diferencia de|indecis[oa] (?:con|tra)|rispetto a|a differenza d|confronto (?:a|con)|accanto a|dan|twijfel\p{L}* (?:met|tussen)|vergeleken met|in tegenstelling tot|tegenover|än|jämfört med|till skillnad från|tvekade mellan den och|enn|sammenlignet med|end|sammenlignet med|niż|w porównaniu z|do que|comparad[ao] com|ao contrário d))(?: the| a| an| my| his| her| d(?:ie|er|as|en|em)| l[ae]| el| il| un[ae]?| de| het| [ao]|ella| alla|alla|a)? $/iu;

/** Words before a name in a comparison, or in what is behind somebody: the sentence goes on about another. */
export const BESIDE =
  /(?<!\p{L})(?:than|as|like|unlike|versus|vs\.?|against|to|with|next to|beside|instead of|rather than|from|off|over|after|between|and|or|bought|had|rode|sold|considered|als|wie|gegen|gegenüber|zur?|mit|nach|von|vom|und|oder|zwischen|que|à|avec|comme|de|entre|et|ou|con|a|como|y|o|tra|come|alla|della|dalla|sulla|e|dan|met|tot|naar|van|en|of|än|med|från|och|eller|do)(?: the| an?| my| his| her| d(?:ie|er|as|en|em)| l[ae]| el| il| un[ae]?| de| het)? $/iu;

/** Words before a name that say whose the figure before it is: "19 litres on the Brannoch". */
export const OF_IT =
  /\d[^.,;:]*(?<!\p{L})(?:on|for|of|in|bei|auf|für|an|chez|sur|pour|dans|en|para|su|sulla|nella|per|op|bij|voor|på|för)(?: the| d(?:ie|er|as|en|em)| l[ae]| el| il| de| het)? $/iu;

/** A sentence that goes on about what the last one told of. */
export const GOES_ON =
  /^[^\p{L}\d]*(?:(?:and|but|so|plus|then|also|auch|außerdem|dazu|und|aber|dafür|et|mais|aussi|de plus,?|y|pero|además|también|e|ma|inoltre|anche|en|ook|maar|och|men|också),? )?(?:(?:it|its|it['’]s|they|their|that one|he|she|his|her|sie|ihre?|er|seine?|hat sie|ist sie|elle|il|son|sa|ses|hij|zij|ze|zijn|het|haar|heeft (?:hij|ze|het)|den|det|dess|hon)(?!\p{L})|(?:tiene|pesa|cuesta|hace|lleva|gasta|da|rinde|monta|también tiene|su|sus|ha|costa|fa|porta|monta|la sua|il suo)(?: anche| también)?(?!\p{L}))/iu;

/** Words for the machine that a text is about, when it does not say its name. */
export const THIS_ONE =
  /(?<!\p{L})(?:this (?:one|thing|bike|machine)|mine|ours|our (?:bike|one|test bike|tester)|my (?:bike|own|one)|the test bike|(?:I|we) (?:get|got|have|see|manage)(?=[^.;]* \d)|meine(?= (?:hat|ist|wiegt|kostet|braucht))|(?:die|meine) eigene|diese(?: hier)?(?= (?:hat|ist|wiegt|kostet))|celle-ci|la mienne|ma moto|ésta|esta(?= (?:pesa|tiene|cuesta|hace))|la mía|la mia|questa(?= (?:ha|pesa|costa|fa))|deze(?= (?:heeft|weegt|kost))|de mijne|mijn motor|min egen|den här|denna)(?!\p{L})/giu;

/** Where a clause begins. */
export const CLAUSE =
  /[.;:!?()–—]\s*|, |(?<!\p{L})(?:and|but|while|whereas|where|und|aber|während|et|mais|tandis que|alors que|y|pero|mientras(?: que)?|e|ma|mentre|en|maar|terwijl|och|men|medan) /giu;
