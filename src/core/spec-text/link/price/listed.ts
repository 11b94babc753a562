import type { Quantity } from '../../lattice/quantity';
import { isAlone, LISTED_FIGURES, PLAINLY, type Form } from '../form';
import { either, largest, LEAST_SUM } from '../frames/frame';
import { WEIGHTS } from '../weights';
import { LEAST_ASKED } from './asked';

/** What a new one costs, by a list or at a dealer’s, and sums that only a machine has. */
export const LISTED_FORMS: readonly Form[] = [
  // "£6,299 + OTR": what comes on top is not in it.
  {
    key: 'price',
    dimension: 'money',
    points: PLAINLY + 1,
    by: 'basis',
    basis: 'list',
    behind: /^,? ?(?:plus|\+) ?(?:the |your )?(?:otr|on[- ](?:the[- ])?roads?)(?!\p{L})/iu,
  },
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
  // "Elle est à 10 999 euros".
  {
    key: 'price',
    dimension: 'money',
    points: WEIGHTS.byBasis,
    by: 'basis',
    before:
      /(?<!\p{L})(?:est|affichée?|proposée?|vendue?|facturée?|disponible|steht|liegt|gibt['’]?s|gibt es) (?:à partir de |à|bei|mit|ab|für) $/iu,
  },
  // "It's six thousand four hundred and ninety nine pounds": no mass is so large.
  {
    key: 'price',
    dimension: 'money',
    points: WEIGHTS.bySum,
    by: 'sum',
    before:
      /(?<!\p{L})(?:it['’]s|it is|that['’]s|for|at|yours for) (?:about |around |only |just )?$/iu,
    when: (s, q) => !s.sale && q.unit === 'pounds' && largest(q) >= LEAST_SUM,
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
      largest(q) >= LEAST_SUM &&
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
      largest(q) >= LEAST_SUM &&
      !/(?<!\p{L})(?:picked|paid|bought|gave)(?!\p{L})/iu.test(s.text),
  },
  // "$$: 9,199 new".
  {
    key: 'price',
    points: PLAINLY,
    by: 'basis',
    before: /^\s*(?:\P{L}{0,4})[$£€]{1,4} ?[:=-] ?$/u,
    when: (_, q) => largest(q) >= LEAST_ASKED,
  },
  // "9.490 f.c.": at the dealer's.
  {
    key: 'price',
    points: PLAINLY,
    by: 'basis',
    behind: /^ f\.?c\.?(?=[,.;)]|$)/u,
    when: (_, q) => largest(q) >= LEAST_SUM,
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
  // "They go for $7,499 new", "you can have one for $7,499", "$7,499 new".
  {
    key: 'price',
    dimension: 'money',
    points: PLAINLY + 2,
    by: 'basis',
    basis: 'list',
    before:
      /(?<!\p{L})(?:they|these|it|one|that|this)(?:['’]ll)? (?:go|goes|sells?|retails?|run|runs) (?:for|at)? ?(?:about |around )?$/iu,
    behind: /^ (?:brand[- ])?new(?=[,.;!]|$| (?:and|but|so|here|over|at)(?!\p{L}))/iu,
    when: (_, q) => largest(q) >= LEAST_SUM,
  },
  {
    key: 'price',
    dimension: 'money',
    points: WEIGHTS.byBasis,
    by: 'basis',
    before:
      /(?<!\p{L})you can (?:have|get|buy|pick up) (?:one|it|this|yours)(?: new)? (?:for|at) (?:about |around |just |only )?$/iu,
    when: (s, q) => !s.sale && largest(q) >= LEAST_SUM,
  },
  // "Ab 7.499 Euro ist sie zu haben", "il faut compter 7 499 euros", "parte da 7.499 euro", "di listino sta a 7.499".
  {
    key: 'price',
    dimension: 'money',
    points: WEIGHTS.byBasis,
    by: 'basis',
    behind:
      /^ (?:ist|wäre) (?:sie|die|es|das) (?:neu )?(?:zu haben|erhältlich|verfügbar)(?!\p{L})/iu,
    when: (s, q) => !s.sale && largest(q) >= LEAST_SUM,
  },
  {
    key: 'price',
    dimension: 'money',
    points: WEIGHTS.byBasis,
    by: 'basis',
    before:
      /(?<!\p{L})(?:il faut compter|comptez|parte da|si parte da|di listino (?:sta|è|viene) a|de tarifa (?:está|sale) en) $/iu,
    when: (s, q) => !s.sale && largest(q) >= LEAST_SUM,
  },
  // "They want 8,999 for the new one".
  ...either('money', {
    key: 'price',
    points: PLAINLY + 1,
    by: 'basis',
    basis: 'list',
    before:
      /(?<!\p{L})(?:they (?:want|ask|are asking|charge)|they['’]re asking|dealers? (?:want|ask|wants|asks)) (?:about |around )?$/iu,
    behind: /^ for (?:the|a) (?:brand[- ])?new(?!\p{L})/iu,
    when: (_, q) => largest(q) >= LEAST_SUM,
  }),
  // "New they're 7,299".
  ...either('money', {
    key: 'price',
    points: PLAINLY,
    by: 'basis',
    basis: 'list',
    before:
      /(?<!\p{L})(?:new,? (?:they['’]re|they are|it['’]s|it is|ones are|one is)|neu,? (?:kostet sie|sind es)|neuve,? elle est à)(?: about| around)? $/iu,
    when: (_, q) => largest(q) >= LEAST_SUM,
  }),
  // "Elle est affichée six mille neuf cent quatre-vingt-dix-neuf".
  {
    key: 'price',
    points: PLAINLY,
    by: 'basis',
    before: /(?<!\p{L})(?:affichée?|proposée?|vendue?|facturée?) (?:à )?$/iu,
    when: (_, q) => largest(q) >= LEAST_SUM,
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
        /^,? (?:out the door|otd|on the road|otr|ride[- ]?away|drive[- ]?away|matriculad[ao]|llave en mano|chiavi in mano|clés? en main|rijklaar|alles inbegrepen|inkl\.? überführung)(?!\p{L})(?!,? ?(?:was|is|at|came to|for)? ?[$£€]?\d)/iu,
      ...(dimension ? { when: (_: unknown, q: Quantity) => largest(q) >= LEAST_SUM } : {}),
    }),
  ),
];
