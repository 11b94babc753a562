import { PLAINLY, type Form } from './form';
import { either } from './frames/frame';
import type { SentenceWords } from './option';
import { DRY_THEN_READY, READY_THEN_DRY } from './bases';
import { WEIGHTS } from './weights';

/** The sentence before asked what it weighs. */
export const asksForMass = (s: SentenceWords): boolean =>
  s.above?.meaning.kind === 'label' && s.above.meaning.name === 'mass';

/** Bare numbers that are what a machine weighs, or may carry. */
export const MASS_FORMS: readonly Form[] = [
  // "Weight (dry/wet): 172/187 kg": in the order of its head.
  ...(
    [
      ['dry', false, DRY_THEN_READY],
      ['ready', true, DRY_THEN_READY],
      ['ready', false, READY_THEN_DRY],
      ['dry', true, READY_THEN_DRY],
    ] as const
  ).flatMap(([basis, second, head]) =>
    either('mass', {
      key: 'mass',
      points: PLAINLY + 2,
      by: 'basis',
      basis,
      before: new RegExp(
        `(?<!\\p{L})${head}\\)?\\s?[:|]?\\s*${second ? '\\d{2,3}(?:[.,]\\d)? ?(?:kg|lbs?)? ?/ ?' : ''}$`,
        'iu',
      ),
      when: (_, { amounts: [a = 0] }) => a >= 60 && a <= 900,
    }),
  ),
  // "It's four kilos heavier at one ninety nine".
  {
    key: 'mass',
    points: WEIGHTS.byBasis,
    by: 'basis',
    before: /(?<!\p{L})(?:heavier|lighter)(?:,)? (?:now )?at (?:about )?$/iu,
  },
  // "Max 405, bike 214, leaves 191".
  {
    key: 'mass',
    points: WEIGHTS.byBasis,
    by: 'basis',
    before: /(?<!\p{L})bike(?: is| weighs|:)? $/iu,
    when: (s, { amounts: [a = 0] }) =>
      a >= 80 &&
      a <= 400 &&
      /(?<!\p{L})(?:max|plated?|gross|payload|leaves)(?!\p{L})/iu.test(s.text),
  },
  // "On my lift scale, with the tank full, four twenty six".
  {
    key: 'mass',
    points: PLAINLY,
    by: 'basis',
    before:
      /(?:^|[.!?,;] ?)(?:and )?on (?:my|our|the|his|a|their) (?:\p{L}+ ){0,2}scales?,? (?:with (?:the |a )?(?:full tank|tank full),? )?(?:it['’]s |she['’]s |it was |it weighs |that['’]s )?(?:about )?$/iu,
    when: (_, { amounts: [a = 0] }) => a >= 100 && a <= 900,
  },
  // "Je l'ai passée sur la bascule : 186", "auf der Waage waren es 186".
  {
    key: 'mass',
    points: PLAINLY,
    by: 'basis',
    before:
      /(?<!\p{L})(?:sur (?:la|une) (?:bascule|balance)|auf (?:der|die|einer) (?:waage|fahrzeugwaage)|sulla (?:bilancia|pesa)|en (?:la )?báscula)(?: [\p{L}' ]{0,30}?)?(?: :|:| waren es| sind es| elle fait| elle pèse| fa| fanno| son)? $/iu,
    when: (_, { amounts: [a = 0] }) => a >= 80 && a <= 400,
  },
  // "Meine Waage sagt 165", "my scale says 171".
  {
    key: 'mass',
    points: PLAINLY,
    by: 'basis',
    before:
      /(?<!\p{L})(?:(?:meine|die|unsere|seine) waage (?:sagt|zeigt|meint)|(?:my|our|the|his) scales? (?:says?|said|reads?|shows?)|ma balance dit|la (?:mia )?bilancia dice|mi báscula dice) (?:about |eher |etwa )?$/iu,
    when: (_, { amounts: [a = 0] }) => a >= 80 && a <= 900,
  },
  // "Stock claim was 133 dry", "Werksangabe 171 trocken".
  {
    key: 'mass',
    points: PLAINLY + 1,
    by: 'basis',
    before:
      /(?<!\p{L})(?:(?:stock|factory|maker['’]?s?|official|brochure) (?:claim|figure|weight|number)|claim(?:ed)?|werksangabe|annoncée?|dichiarat[ao]) (?:is |was |says |: ?)?$/iu,
    behind:
      /^ ?(?:kg |kilos |lbs? )?(?:dry|wet|ready|fuell?ed|trocken|vollgetankt|à sec|a secco)(?!\p{L})/iu,
    when: (_, { amounts: [a = 0] }) => a >= 80 && a <= 900,
  },
  // "Rolled it onto the scales with a full tank and it was 341".
  {
    key: 'mass',
    points: PLAINLY,
    by: 'basis',
    before:
      /(?<!\p{L})(?:on(?:to)?|over|across) (?:the|my|our|a|some) (?:\p{L}+ )?scales?[^.;\d]{0,60} (?:and )?(?:it|she|he|mine|we|I|that) (?:was|is|weighed|weighs|said|read|showed|came (?:out |in )?(?:at|to)|got|saw) (?:about |exactly |just )?$/iu,
    when: (_, { amounts: [a = 0] }) => a >= 80 && a <= 900,
  },
  // "On the truck scale at the co-op mine was 176".
  {
    key: 'mass',
    points: PLAINLY,
    by: 'basis',
    before:
      /(?<!\p{L})(?:scales?|weighbridge)(?: (?:at|in|down at) (?:the |my |our )?[\p{L} -]{2,24}?)?,? (?:mine|it|she|he|the bike|this one) (?:was|is|weighed|said|read|came (?:out |in )?(?:at|to)) (?:about |exactly )?$/iu,
    when: (_, { amounts: [a = 0] }) => a >= 80 && a <= 900,
  },
  // "How heavy is it? Well they say two oh four, I had it at two eleven".
  {
    key: 'mass',
    points: PLAINLY,
    by: 'basis',
    before: /(?<!\p{L})(?:I|we) (?:had|got|saw) (?:it|mine|her|him) (?:weighed )?at (?:about )?$/iu,
    when: (s, { amounts: [a = 0] }) =>
      a >= 80 && a <= 900 && (asksForMass(s) || /(?<!\p{L})(?:weigh|scale)/iu.test(s.text)),
  },
  // "Mine's a hundred and forty four, fuelled".
  {
    key: 'mass',
    points: PLAINLY,
    by: 'basis',
    basis: 'ready',
    before: /(?<!\p{L})(?:mine|it|she|he|this one)['’]s (?:about |around )?(?:an? )?$/iu,
    behind:
      /^, (?:fuell?ed|full|wet|brimmed|gassed(?: up)?|with (?:a full tank|fuel))(?=[,.;)]|$| (?:up|and))/iu,
    when: (_, { amounts: [a = 0] }) => a >= 80 && a <= 900,
  },
  // "Two ten? No. One ninety four, full."
  {
    key: 'mass',
    points: PLAINLY,
    by: 'basis',
    basis: 'ready',
    before: /^\s*$/u,
    behind: /^, (?:full|fuell?ed|wet|brimmed)[\s.!]*$/iu,
    when: (_, { amounts: [a = 0] }) => a >= 80 && a <= 900,
  },
  // "The bike's one ninety nine without them".
  {
    key: 'mass',
    points: PLAINLY,
    by: 'basis',
    before: /(?<!\p{L})(?:bike|machine)(?:['’]s| is) (?:about )?$/iu,
    behind: /^ (?:kg |kilos )?without (?:them|the|any|luggage|bags|boxes|panniers)(?!\p{L})/iu,
    when: (_, { amounts: [a = 0] }) => a >= 80 && a <= 900,
  },
  // "It's allowed four hundred and fifteen all in".
  {
    key: 'maxMass',
    points: PLAINLY,
    by: 'basis',
    before: /(?<!\p{L})allowed (?:up to |about )?$/iu,
    behind: /^ (?:kg |kilos |lbs? )?all (?:in|up)(?!\p{L})/iu,
  },
  // "And the bike alone is two twenty eight".
  {
    key: 'mass',
    points: PLAINLY,
    by: 'basis',
    before:
      /(?<!\p{L})(?:bike|machine|motorcycle|motorbike|moto)(?: (?:alone|itself|by itself|on its own))(?: (?:is|weighs|was))?(?: about)? $/iu,
  },
  // "They took four kilos out of it, so it's one eighty six now".
  {
    key: 'mass',
    points: PLAINLY,
    by: 'basis',
    before:
      /(?:kilos?|kg|pounds|lbs?) (?:out of it|off it|off|out|lighter|heavier|more|less)[^.\d]{0,16}(?:it['’]s|at|to) (?:now )?(?:about )?$/iu,
  },
  // "Started at 149.5 ready".
  {
    key: 'mass',
    points: PLAINLY,
    by: 'basis',
    basis: 'ready',
    behind: /^ ready(?=[,.;)]|$| (?:to (?:go|ride|roll)|for the road))/iu,
    when: (_, { amounts: [a = 0] }) => a >= 80 && a <= 900,
  },
  // "Fuelled it was 421 on the shop's scale".
  {
    key: 'mass',
    points: PLAINLY,
    by: 'basis',
    basis: 'ready',
    before:
      /(?<!\p{L})(?:fuell?ed(?: up)?|full|brimmed|gassed(?: up)?|with a full tank|vollgetankt|avec le plein|con il pieno|con el depósito lleno),? (?:it|mine|she|he|this one|the bike|sie|elle|la moto)?(?: (?:was|is|weighed|weighs|came (?:in|out) at|comes to|wiegt|wog|fait|pèse|pesa))(?: about| just)? $/iu,
  },
  // "We had it on our scales and it was 206".
  {
    key: 'mass',
    points: PLAINLY,
    by: 'basis',
    before:
      /(?:(?:had|put|got|stuck|rolled|ran|popped) (?:it|mine|her|this one|the bike) (?:up )?on|took (?:it|mine) to) (?:the|our|my|his|their|a|some) (?:\p{L}+ ){0,2}(?:scales?|weighbridge)[^.\d]{0,36}(?:was|is|came (?:out |up )?(?:at|to|as)|said|read|says|reads|showed|shows|at|:)(?: about| exactly| a)? $/iu,
  },
  {
    key: 'payload',
    points: WEIGHTS.byBasis,
    by: 'basis',
    before: /(?<!\p{L})(?:which |that )?leaves(?: me| us| you)?(?: with)? (?:about )?$/iu,
    when: (s, { amounts: [a = 0] }) =>
      a >= 80 && a <= 300 && /(?<!\p{L})(?:max|plated?|gross)(?!\p{L})/iu.test(s.text),
  },
  // "On our scales it was 412 pounds full of fuel".
  {
    key: 'mass',
    dimension: 'mass',
    points: PLAINLY,
    by: 'basis',
    basis: 'ready',
    behind: /^,? (?:full of|brimmed with|with a full load of) (?:fuel|petrol|gas)(?!\p{L})/iu,
    when: (_, { amounts: [a = 0] }) => a >= 80 && a <= 900,
  },
  // "It's four hundred and ten pounds on the road".
  {
    key: 'mass',
    dimension: 'mass',
    points: WEIGHTS.byBasis,
    by: 'unit',
    before: /(?<!\p{L})(?:it|she|bike|thing)(?:['’]s| is) (?:about |around |only |just |a )?$/iu,
    behind: /^ (?:on the road|all up|all in|ready to (?:go|ride)|fuell?ed(?: up)?)(?!\p{L})/iu,
    when: (_, { amounts: [a = 0], unit }) => unit === 'pounds' && a >= 200 && a <= 700,
  },
  // "Load 182 kg" as a line of a sheet: what it may carry, and to be looked at.
  {
    key: 'payload',
    dimension: 'mass',
    points: PLAINLY + 1,
    by: 'unit',
    before: /^\s*(?:[-*•|] ?)?load(?: \(?(?:max\.?|kg|lbs?)\)?)?\s?[:|=]?\s*$/iu,
    when: (s, { amounts: [a = 0], unit }) =>
      !s.sale && (unit === 'lb' ? a >= 240 && a <= 560 : a >= 110 && a <= 260),
  },
  // "Carries 190 kilos all up"; what it carries well is its own.
  {
    key: 'payload',
    dimension: 'mass',
    points: PLAINLY + 2,
    by: 'unit',
    before:
      /(?<!\p{L})(?:carries|will carry|is good for carrying|lets you carry|porte|trägt|lleva|trasporta) (?:up to |about |around |bis zu |jusqu['’]à |hasta |fino a )?$/iu,
    when: (_, { amounts: [a = 0], unit }) =>
      unit === 'lb' ? a >= 240 && a <= 560 : a >= 110 && a <= 260,
  },
  // "So that's 178 payload".
  {
    key: 'payload',
    points: PLAINLY,
    by: 'basis',
    behind: /^ (?:of )?payload(?!\p{L})(?! (?:w\/|with|after|once))/iu,
    when: (_, { amounts: [a = 0] }) => a >= 80 && a <= 300,
  },
  // "So 176 for me, her and the panniers", "192 to play with".
  {
    key: 'payload',
    points: PLAINLY,
    by: 'unit',
    behind:
      /^ (?:kg |kilos )?(?:left )?to play with(?!\p{L})|^ (?:left )?for (?:me|us|the rider|rider)(?:,| and| plus)[^.]{0,24}(?:panniers|luggage|bags|kit|gear|her|him|passenger|pillion)?/iu,
  },
];
