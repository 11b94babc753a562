import type { Quantity } from '../lattice/quantity';
import { isAlone, LISTED_FIGURES, PLAINLY, type Form } from './form';
import { WEIGHTS } from './weights';

/** "5.990 €" is no six euros: of two readings of a mark a price is the larger. */
const sumOf = ({ amounts }: Quantity): number => Math.max(...amounts);

/** In any currency: a service costs less. Own assumption. */
const LEAST_PAID = 1500;

/** In any currency: less is asked for a part. Own assumption. */
const LEAST_ASKED = 1000;

/** "It's up at 3 750", "the dealer would do 9,990". */
const ASKED_FOR =
  /(?<!\p{L})(?:(?:is|it['’]s|this one['’]s|he['’]s|one) up (?:at|for)|(?:would|will|could|to) (?:do|take|let (?:it|me have it) go for|let it go (?:at|for)))(?: about)? $/iu;

/** What is asked, paid or listed, said without the word price. */
export const PRICE_FORMS: readonly Form[] = [
  // "6,899 pounds, plus on the road charges": what a new one is listed at.
  {
    key: 'price',
    dimension: 'money',
    points: WEIGHTS.byBasis,
    by: 'basis',
    behind:
      /^,? ?(?:plus|\+|before|then) (?:the |your )?(?:fees|on[- ](?:the[- ])?roads?|otr|freight|dealer fees|destination|tax(?:es)?|rego|überführung\p{L}*|nebenkosten|fracht)(?!\p{L})/iu,
  },
  // "Neu fünftausendsechshundert."
  {
    key: 'price',
    points: PLAINLY,
    by: 'basis',
    basis: 'list',
    before: /(?:^|[.,;!]) ?neu(?: kostet sie| hat sie| lag sie bei| war sie bei| für)? $/iu,
    behind: /^(?: euro)?(?=[.,;!]|$)/iu,
    when: (s, { amounts: [a = 0] }) => s.units.money === 'EUR' && a >= 1500,
  },
  // "£6,799 + £250 OTR": what comes on top is said behind it.
  {
    key: 'price',
    dimension: 'money',
    points: PLAINLY + 1,
    by: 'basis',
    basis: 'list',
    when: (s) => !s.sale,
    behind:
      /^ ?(?:\+|plus|and) ?(?:about )?[£$€]? ?\d[\d.,]* ?[£$€]? ?(?:for |in |of )?(?:the )?(?:otr|on[- ]the[- ]roads?|pdi|freight|delivery|dealer fees|destination|rego|registration|fees|doc fees?)(?!\p{L})/iu,
  },
  // "Siebentausendneunhundertneunzig hab ich bezahlt."
  {
    key: 'price',
    points: PLAINLY,
    by: 'basis',
    basis: 'paid',
    behind:
      /^(?: euro)? (?:hab(?:e)? ich|haben wir|hab i) (?:dafür |für sie )?(?:bezahlt|gezahlt|gegeben|hingelegt)(?!\p{L})/iu,
    when: (s, { amounts: [a = 0] }) => a >= 500 && s.units.money !== undefined,
  },
  // "4.400 FP", "6200 VB".
  {
    key: 'price',
    points: PLAINLY,
    by: 'basis',
    basis: 'asked',
    behind: /^,? ?(?:fp|vb|vhb|fix|festpreis|verhandlungsbasis|verhandelbar)(?!\p{L})/iu,
    when: (s, { amounts: [a = 0] }) => a >= 500 && s.units.money !== undefined,
  },
  // "Eleven four ninety nine plus destination."
  {
    key: 'price',
    points: PLAINLY,
    by: 'basis',
    basis: 'list',
    behind:
      /^,? (?:plus|before|not counting) (?:the )?(?:destination|freight|dealer fees|setup|tax(?:es)?)(?!\p{L})/iu,
    when: (s, { amounts: [a = 0] }) =>
      a >= 1500 && (s.units.money !== undefined || s.units.likelyMoney !== undefined),
  },
  // "What do you get for seven thousand nine hundred ninety nine dollars?"
  {
    key: 'price',
    dimension: 'money',
    points: WEIGHTS.byBasis,
    by: 'basis',
    before:
      /(?<!\p{L}|can )you(?:['’]re)? get(?:ting)?(?: \p{L}+){0,3} for (?:your |just |only )?$/iu,
  },
  // "£5,400 for the bike itself".
  {
    key: 'price',
    dimension: 'money',
    points: PLAINLY + 1,
    by: 'basis',
    basis: 'paid',
    behind: /^ for the (?:bike|machine|motorcycle)(?: itself| alone| on its own)(?!\p{L})/iu,
  },
  // "Forty five hundred dollars I gave for it".
  {
    key: 'price',
    dimension: 'money',
    points: PLAINLY + 1,
    by: 'basis',
    basis: 'paid',
    behind: /^,? (?:is what |was what )?(?:I|we) (?:gave|paid|handed over)(?!\p{L})/iu,
  },
  // "Cost us four and a half thousand": of the machine, and not of a service.
  {
    key: 'price',
    dimension: 'money',
    points: PLAINLY + 1,
    by: 'basis',
    basis: 'paid',
    before:
      /(?:^|[.!?,;] ?|(?<!\p{L})(?:it|she|he|bike|mine|which) )cost (?:me|us) (?:about |around )?$/iu,
    when: (_, q) => sumOf(q) >= LEAST_PAID,
  },
  // "Eighteen nine ninety five to you".
  {
    key: 'price',
    dimension: 'money',
    points: WEIGHTS.byBasis,
    by: 'basis',
    basis: 'asked',
    behind: /^ to you(?=[.,!]|$)/iu,
  },
  // "It's up at three seven fifty", "the dealer would do 9,990".
  {
    key: 'price',
    dimension: 'money',
    points: WEIGHTS.byBasis,
    by: 'basis',
    basis: 'asked',
    before: ASKED_FOR,
  },
  // "Elle est à 10 999 euros".
  {
    key: 'price',
    dimension: 'money',
    points: WEIGHTS.byBasis,
    by: 'basis',
    before:
      /(?<!\p{L})(?:est|affichée?|proposée?|vendue?|facturée?|disponible|steht|liegt|gibt['’]?s|gibt es) (?:à partir de |à|bei|mit|ab|für) $/iu,
  },
  // "We pay about twelve thousand dollars a unit".
  {
    key: 'price',
    dimension: 'money',
    points: WEIGHTS.byBasis,
    by: 'basis',
    basis: 'paid',
    before: /(?<!\p{L})(?:we|I) (?:pay|have paid) (?:about |around |roughly )?$/iu,
    behind: /^ (?:a|per|each)(?: unit| bike| piece| machine)?(?=[.,;]|$| (?:for|from))/iu,
  },
  // "It's six thousand four hundred and ninety nine pounds": no mass is so large.
  {
    key: 'price',
    dimension: 'money',
    points: WEIGHTS.bySum,
    by: 'sum',
    before:
      /(?<!\p{L})(?:it['’]s|it is|that['’]s|for|at|yours for) (?:about |around |only |just )?$/iu,
    when: (s, q) => !s.sale && q.unit === 'pounds' && sumOf(q) >= LEAST_PAID,
  },
  // "It will be in showrooms in March from €11,290".
  {
    key: 'price',
    dimension: 'money',
    points: WEIGHTS.bySum,
    by: 'sum',
    before: /(?<!\p{L})(?:from|starting at|priced from|ab|à partir de|desde|a partire da) $/iu,
    when: (s, q) =>
      !s.sale &&
      sumOf(q) >= LEAST_PAID &&
      /(?<!\p{L})(?:showrooms?|dealers?|available|on sale|arrives?|händler\p{L}*|concession\p{L}*|concesionari\p{L}*)(?!\p{L})/iu.test(
        s.text,
      ),
  },
  // "3.0 gal, 359 lbs, $5,749": the one sum of a list.
  {
    key: 'price',
    dimension: 'money',
    points: WEIGHTS.bySum,
    by: 'sum',
    when: (s, q) =>
      !s.sale &&
      isAlone(s, q) &&
      s.quantities.length >= LISTED_FIGURES &&
      s.quantities.filter((o) => o.unit === q.unit).length === 1 &&
      sumOf(q) >= LEAST_PAID &&
      !/(?<!\p{L})(?:picked|paid|bought|gave)(?!\p{L})/iu.test(s.text),
  },
  // "The dealer would do 9,990".
  {
    key: 'price',
    points: WEIGHTS.byBasis,
    by: 'basis',
    basis: 'asked',
    before: ASKED_FOR,
    when: (s, q) => s.units.money !== undefined && sumOf(q) >= LEAST_ASKED,
  },
  // "Under 10 grand out the door, mine was 9,870".
  {
    key: 'price',
    points: PLAINLY,
    by: 'basis',
    basis: 'paid',
    before:
      /(?<!\p{L})(?:out the door|otd|on the road|otr)[,;:]? (?:mine|ours) (?:was|came to|cost) $/iu,
    when: (_, q) => sumOf(q) >= LEAST_PAID,
  },
  // "Got it for $4,800 with 41,000 on it", "presa usata con 12mila km a 4.200 euro".
  {
    key: 'price',
    dimension: 'money',
    points: PLAINLY + 1,
    by: 'basis',
    basis: 'paid',
    before:
      /(?:(?<!\p{L})(?:got|bought|picked|had|grabbed) (?:it|her|him|mine|this one)(?: up)?(?: used| new| second hand)? (?:for|at) |(?<!\p{L})(?:paguei|comprei por|zapłaciłem|betalade|betalte) |(?<!\p{L})(?:presa|preso|comprata|comprato|comprada|achetée?|gekauft|gebraucht gekauft)(?!\p{L})[^.;!?]{0,44} (?:a|por|à|pour|für) )$/iu,
    behind: /^(?! (?:for|per|off|less|more)(?!\p{L}))/iu,
    when: (_, q) => sumOf(q) >= LEAST_PAID,
  },
  // "$$: 9,199 new".
  {
    key: 'price',
    points: PLAINLY,
    by: 'basis',
    before: /^\s*(?:\P{L}{0,4})[$£€]{1,4} ?[:=-] ?$/u,
    when: (_, q) => sumOf(q) >= LEAST_ASKED,
  },
  // "9.800 bezahlt vor zwei Jahren", "ik heb er 8.400 euro voor betaald".
  ...([undefined, 'money'] as const).map(
    (dimension): Form => ({
      key: 'price',
      ...(dimension ? { dimension } : {}),
      points: PLAINLY,
      by: 'basis',
      basis: 'paid',
      behind:
        /^ (?:(?:dafür|(?:er|daar)?voor|für sie|per lei|por ella|pour elle|por ela|za niego|för den|for den) )?(?:bezahlt|gezahlt|hingelegt|payés?|pagat[oi]|pagados?|betaald|neergelegd|neergeteld|betalt|betalat|pagos|zapłacone)(?!\p{L})/iu,
      when: (_, q) => sumOf(q) >= LEAST_PAID,
    }),
  ),
  // "Soll fünftausendvierhundert kosten".
  {
    key: 'price',
    points: PLAINLY,
    by: 'basis',
    basis: 'asked',
    before: /(?<!\p{L})(?:soll|sollte|will er|will sie)(?: noch| jetzt| nur)? $/iu,
    behind: /^(?: euro)? (?:kosten|bringen|haben|dafür)(?!\p{L})/iu,
    when: (_, q) => sumOf(q) >= LEAST_PAID,
  },
  // "9.490 f.c.": at the dealer's.
  {
    key: 'price',
    points: PLAINLY,
    by: 'basis',
    behind: /^ f\.?c\.?(?=[,.;)]|$)/u,
    when: (_, q) => sumOf(q) >= LEAST_PAID,
  },
  // "$11,990 rideaway".
  {
    key: 'price',
    dimension: 'money',
    points: PLAINLY,
    by: 'basis',
    basis: 'on-the-road',
    behind: /^,? (?:ride[- ]?away|drive[- ]?away)(?!\p{L})/iu,
  },
  // "New they're 7,299".
  ...(['money', undefined] as const).map(
    (dimension): Form => ({
      key: 'price',
      ...(dimension ? { dimension } : {}),
      points: PLAINLY,
      by: 'basis',
      basis: 'list',
      before:
        /(?<!\p{L})(?:new,? (?:they['’]re|they are|it['’]s|it is|ones are|one is)|neu,? (?:kostet sie|sind es)|neuve,? elle est à)(?: about| around)? $/iu,
      when: (_, q) => sumOf(q) >= LEAST_PAID,
    }),
  ),
  // "Elle est affichée six mille neuf cent quatre-vingt-dix-neuf".
  {
    key: 'price',
    points: PLAINLY,
    by: 'basis',
    before: /(?<!\p{L})(?:affichée?|proposée?|vendue?|facturée?) (?:à )?$/iu,
    when: (_, q) => sumOf(q) >= LEAST_PAID,
  },
  // "12.799 € Liste".
  {
    key: 'price',
    dimension: 'money',
    points: PLAINLY,
    by: 'basis',
    basis: 'list',
    behind:
      /^ (?:liste|listenpreis|laut liste|uvp|list(?: price)?|prix catalogue|di listino|de tarifa|de catálogo)(?=[,.;)]|$| (?:und|dazu|plus|and|et|e|y)(?!\p{L}))/iu,
  },
  // "Fifty-seven hundred out the door", "for $6,299 OTD".
  ...([undefined, 'money'] as const).map(
    (dimension): Form => ({
      key: 'price',
      ...(dimension ? { dimension, basis: 'on-the-road' as const } : {}),
      points: PLAINLY,
      by: 'basis',
      behind:
        /^,? (?:out the door|otd|on the road|otr|ride[- ]?away|drive[- ]?away)(?!\p{L})(?!,? ?(?:was|is|at|came to|for)? ?[$£€]?\d)/iu,
      ...(dimension ? { when: (_: unknown, q: Quantity) => sumOf(q) >= LEAST_PAID } : {}),
    }),
  ),
];
