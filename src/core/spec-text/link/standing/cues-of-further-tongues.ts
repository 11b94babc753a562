import type { Cue } from './cue';

const DUTCH: readonly Cue[] = [
  // "Was fehlt: Tempomat und Windschild", "What's missing: cruise control": it is not there, to the end of the list.
  {
    standing: 'denied',
    whole: true,
    words:
      /(?<!\p{L})(?:was (?:mir |ihr )?(?:noch )?fehlt(?: mir| ihr)?|es fehl(?:t|en)|fehl(?:t|en)(?=:)|what(?:['’]s| is) (?:missing|lacking|not there)|(?:what )?it (?:lacks|is missing|['’]s missing)|ce qui manque|il (?:lui |me )?manque|manque(?:nt)?(?=:)|lo que (?:le |me )?falta|le faltan?|faltan?(?=:)|(?:ciò|quello) che manca|mancano?(?=:)|manca(?:no)? (?:il|la|lo|i|le|l['’])|wat ontbreekt|ontbreekt(?=:)|brakuje(?: mi)?|saknar?(?=:)|vad (?:som|jag) saknas?)(?!\p{L})/iu,
  },
  {
    standing: 'wished',
    sparesMoney: true,
    words:
      /(?<!\p{L})(?:ik (?:zou graag|wou|had graag|zoek|wil) (?:een|iets|minstens|meer|minder)|het zou (?:mooi|fijn|beter) zijn als|was het maar|had (?:hij|ze) maar|idealiter|wie heeft)(?!\p{L})/iu,
  },
  {
    standing: 'denied',
    words: /(?<!\p{L})(?:heeft (?:helaas )?geen|haalt geen|weegt geen)(?!\p{L})/iu,
  },
  {
    standing: 'denied',
    factsOnly: true,
    words: /(?<!\p{L})(?:zonder|geen|ontbreekt|mist)(?!\p{L})/iu,
  },
  {
    standing: 'optional',
    factsOnly: true,
    behind: true,
    words: /(?<!\p{L})(?:optioneel|tegen meerprijs|als optie)(?!\p{L})/iu,
  },
  {
    standing: 'of-another',
    words:
      /(?<!\p{L})(?:mijn (?:vorige|oude|eerste|andere)|de (?:concurrentie|meeste (?:andere|motoren)))(?!\p{L})/iu,
  },
];

const PORTUGUESE: readonly Cue[] = [
  {
    standing: 'wished',
    sparesMoney: true,
    words:
      /(?<!\p{L})(?:gostava d|gostaria d|(?:queria|quero|preciso de|procuro) (?:uma?|algo|pelo menos|mais|menos)|o ideal (?:era|seria)|quem me dera|se ao menos)(?!\p{L})/iu,
  },
  { standing: 'denied', words: /(?<!\p{L})não (?:tem|traz|pesa|faz|leva|chega a|há)(?!\p{L})/iu },
  { standing: 'denied', factsOnly: true, words: /(?<!\p{L})(?:sem|nem|falta|faltam)(?!\p{L})/iu },
  {
    standing: 'optional',
    factsOnly: true,
    behind: true,
    words: /(?<!\p{L})(?:opcional|opcionais|como extra|em opção)(?!\p{L})/iu,
  },
  {
    standing: 'of-another',
    words:
      /(?<!\p{L})(?:a minha (?:moto )?(?:anterior|última|antiga|primeira|outra)|a (?:concorrência|maioria))(?!\p{L})/iu,
  },
];

const POLISH: readonly Cue[] = [
  {
    standing: 'wished',
    sparesMoney: true,
    words:
      /(?<!\p{L})(?:chciał(?:bym|abym)|gdyby (?:miał[ao]?|tylko)|szukam (?:czegoś|co najmniej)|potrzebuję (?:co najmniej|czegoś)|najlepiej gdyby)(?!\p{L})/iu,
  },
  { standing: 'denied', words: /(?<!\p{L})nie (?:ma|waży|osiąga)(?!\p{L})/iu },
  { standing: 'denied', factsOnly: true, words: /(?<!\p{L})(?:bez|brak|brakuje|ani)(?!\p{L})/iu },
  {
    standing: 'optional',
    factsOnly: true,
    behind: true,
    words: /(?<!\p{L})(?:opcjonalni?e?|w opcji|za dopłatą)(?!\p{L})/iu,
  },
  {
    standing: 'of-another',
    words:
      /(?<!\p{L})(?:mój poprzedni|moja poprzednia|poprzedni model|konkurencja|większość)(?!\p{L})/iu,
  },
];

const NORDIC: readonly Cue[] = [
  {
    standing: 'wished',
    sparesMoney: true,
    words:
      /(?<!\p{L})(?:jag (?:skulle vilja|önskar|vill) (?:ha|att)|jeg (?:skulle ønske|ønsker|vil) (?:ha|at|have)|om den bara|bare den|helst)(?!\p{L})/iu,
  },
  {
    standing: 'denied',
    words:
      /(?<!\p{L})(?:har|väger|gör) (?:tyvärr |desværre |dessverre )?(?:inte|ikke|ingen|inget|intet)(?!\p{L})/iu,
  },
  {
    standing: 'denied',
    factsOnly: true,
    words: /(?<!\p{L})(?:utan|uten|uden|ingen|inget|intet|saknar|mangler)(?!\p{L})/iu,
  },
  {
    standing: 'optional',
    factsOnly: true,
    behind: true,
    words: /(?<!\p{L})(?:tillval|tilvalg|ekstraudstyr|som tilbehør)(?!\p{L})/iu,
  },
  {
    standing: 'of-another',
    words:
      /(?<!\p{L})(?:min (?:förra|gamla|forrige|gamle|tidligere)|de flesta|de fleste|konkurrent\p{L}*)(?!\p{L})/iu,
  },
];

/** Said in Dutch, Portuguese, Polish, Swedish, Norwegian and Danish of what this machine is not. */
export const CUES_OF_FURTHER_TONGUES: readonly Cue[] = [
  ...DUTCH,
  ...PORTUGUESE,
  ...POLISH,
  ...NORDIC,
  {
    standing: 'wished',
    words:
      /(?<!\p{L})(?:stel dat|laten we zeggen|aangenomen|suponhamos|vamos supor|digamos|załóżmy|powiedzmy|anta(?:r|g)? at|låt säga|la oss si|lad os sige|säg att)(?!\p{L})/iu,
  },
];
