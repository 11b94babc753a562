import { each, type Cue } from './cue';

/** How far from a verb its other half is looked for. */
const UP_TO = '[^.;,!?]{2,60}';

/**
 * Of numbers as of equipment: what another machine has, what somebody made of his own, what can be had for more, what it would be better
 * with. Several languages to a row, since each row is one thing said. Common usage, no source.
 */
export const CUES_OF_WHOSE: readonly Cue[] = [
  ...each({ standing: 'of-another' }, [
    "the (?:rental|hire|loan|demo)(?:er)?(?: bike| machine| one)? (?:had|weighed|was|had got)|(?:the )?(?:class|segment|category) average (?:is|was|would be)|(?:the new one(?= next| coming| due)|next year['’]s(?: one| model)?)",
    'mein(?:e|em|en|es)? (?:auto|wagen|roller|rad|fahrrad)|die vo(?:n|m) (?:mein|ein)\\p{L}* \\p{L}+|das (?:vorjahres|alte )modell|die (?:leih|miet|vorführ)(?:maschine|motorrad) (?:hatte|wog|war)|andere(?: maschinen| motorräder| bikes)?(?: in (?:der|dieser) klasse)? (?:haben|hatten|wiegen|bieten)',
    'ma (?:voiture|bagnole)|mon autre (?:moto|brêle)|la moto de (?:location|prêt)|les autres(?: motos)? (?:ont|avaient|font|pèsent|offrent)|celle d(?:e|u) (?:mon|ma|un)? ?\\p{L}+ (?:a|avait|fait|pèse)',
    "la mia (?:auto|macchina)|l['’]altra(?: moto)? (?:ha|pesa|fa)|quell[ao] (?:del|della|di un|di mi[ao]|a noleggio)|il vecchio modello|il modello vecchio",
    'mi (?:coche|carro)|la de (?:alquiler|mi \\p{L}+|un \\p{L}+)|las otras(?: motos)? (?:tienen|tenían|pesan|llevan)',
    'mijn (?:auto|wagen)|die van (?:mijn|een) \\p{L}+|het (?:vorige|oude) model|de (?:huur|leen|demo)motor|andere(?:n| motoren)? (?:hebben|hadden|wegen)',
    'min (?:bil|kompis|granne|kamrat|kompis hoj|kompisens)|(?:hyr|låne?)(?:hojen|motorcykeln|maskinen)|andra(?: hojar| motorcyklar)? (?:har|väger)',
    'de (?:concurrent|voorganger|voorgangster)|die van de \\p{L}+ (?:heeft|had)',
    'o meu carro|a (?:minha )?de alugue[rl]|as outras(?: motos)? (?:têm|tinham)|a do (?:meu )?\\p{L}+(?: \\p{L}+)? (?:tem|tinha)',
    'mój (?:stary|poprzedni|samochód)|wypożyczon\\p{L} (?:miał|ma)|inne (?:mają|miały)|motocykl (?:kolegi|kumpla|żony|brata)|poprzedni model',
    'föregångaren|min (?:väns|brors|fars|vens|nabos)|forgjengeren|forgængeren|(?:den )?forrige model{1,2}|bilen min|lei[e]?(?:sykkelen|motorsykkelen)|leje(?:cyklen|motorcyklen)|andre (?:har|hadde|havde)|kompisen (?:sin|min)',
    'm[oů]j[ae]? (?:star[áý]|auto|předchozí)|konkurence|ostatní (?:mají|měly)|kamarádov\\p{L}|půjčen\\p{L} (?:má|měla?)|předchozí model',
    'vanhassa(?:ni)?|kilpailija\\p{L}*|edellise\\p{L}+|autossa\\p{L}*|vuokra\\p{L}+|muissa on|kaverilla(?:ni)? on',
  ]),
  ...each({ standing: 'changed' }, [
    "mine (?:now|is now|currently) (?:has|weighs|makes|sits|runs|with|at)|(?:i|we)(?: have|['’]ve)? (?:modified|converted|changed|upgraded) (?:it|her|mine) (?:to|with|for)|after (?:the|my|its) (?:re-?build|conversion|mods?|modifications?) (?:it|she|the bike)",
    'meine (?:hat|wiegt|leistet) (?:jetzt|nun|inzwischen|mittlerweile)',
    'la mienne (?:a|fait|pèse) (?:maintenant|désormais|à présent)',
    '(?:la mia (?:adesso|ora) (?:ha|pesa|fa)|la mia (?:ha|pesa|fa) (?:adesso|ora))',
    '(?:la mía ahora (?:tiene|pesa|da)|la mía (?:tiene|pesa|da) ahora)',
    'de mijne (?:heeft|weegt) (?:nu|inmiddels)|met de (?:kit|set)',
    'min (?:har|väger) nu|med (?:kitet|satsen)',
    'na de ombouw|a minha agora|com o kit|mój teraz|z zestawem|efter ombyggnaden|etter ombyggingen|efter ombygningen|min har nå|moje teď|se sadou',
  ]),
  ...each({ standing: 'optional' }, [
    'an optional \\p{L}+ (?:kit |pack )?(?:gives|brings|adds|offers|takes it)',
    '(?:gegen aufpreis|optional) (?:gibt es|ist|bekommt man|erhält man)',
    'en option,? (?:il y a|on (?:a|peut avoir|trouve)|elle)',
    "come optional,? (?:c['’]è|si può avere|ci sono)",
    'como (?:opción|extra),? (?:hay|tiene|se puede)|opcionalmente',
    'optioneel (?:is er|zijn er|verkrijgbaar)|tegen meerprijs (?:is er|krijg je)',
    'como opção,? (?:há|tem)|opcjonalnie (?:jest|dostępn\\p{L}+)|som (?:tillval|tilvalg) (?:finns|finnes|fås)',
  ]),
  ...each({ standing: 'wished', sparesMoney: true }, [
    `i(?: would|['’]d)? want(?= an? )`,
    `(?:hatten?|hätten?)(?= ${UP_TO} erwartet)|sollten?(?= ${UP_TO} (?:haben|sein|wiegen))`,
    "(?:elle|il|ça) devrait (?:avoir|faire|peser)|on parle d(?:e|['’]une?|u)",
    'dovrebbe (?:avere|pesare|fare|essere)',
    'debería (?:tener|pesar|dar|ser)',
    'zou (?:hij |ze |het )?(?:moeten hebben|moeten wegen)',
    'jag (?:söker|vill ha|letar efter)',
    `(?:had|hadden)(?= ${UP_TO} verwacht)|zou(?= ${UP_TO} moeten)`,
    'gostava de|dev(?:er)?ia ter|chciał[ab]?bym|powin(?:ien|na|no) mieć|den (?:borde|burde)|chtěla? bych|měl[ao]? by|haluaisin|pitäisi olla',
  ]),
  ...each({ standing: 'wished', sparesMoney: true, whole: true }, [
    'ich wünschte?,? (?:sie|es|er|die|das|ich)',
    `mit ${UP_TO} wäre (?:sie|es|er|die|das)`,
    `wenn (?:sie|es|er|die|das) ${UP_TO} hätten?`,
    `als (?:hij|ze|hem|het) ${UP_TO} had`,
    'se (?:a moto )?tivesse|gdyby miał[ao]?|om den hade|hvis den (?:hadde|havde)|kdyby měl[ao]?',
  ]),
];
