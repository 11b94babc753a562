import { PLAINLY, type Form } from '../form';
import { either, largest, LEAST_SUM } from '../frames/frame';
import { WEIGHTS } from '../weights';
import { LEAST_ASKED } from './asked';

const PAID = { key: 'price', points: PLAINLY, by: 'basis', basis: 'paid' } as const;

/** What somebody gave for his. */
export const PAID_FORMS: readonly Form[] = [
  // "Siebentausendneunhundertneunzig hab ich bezahlt."
  {
    ...PAID,
    behind:
      /^(?: euro)? (?:hab(?:e)? ich|haben wir|hab i) (?:dafür |für sie )?(?:bezahlt|gezahlt|gegeben|hingelegt)(?!\p{L})/iu,
    when: (s, { amounts: [a = 0] }) => a >= 500 && s.units.money !== undefined,
  },
  // "Ich hab 4.900 für die zwei Jahre alte gezahlt."
  {
    ...PAID,
    points: PLAINLY + 1,
    before: /(?<!\p{L})(?:ich|wir) hab(?:e|en)? (?:nur |dafür |damals |dann )?$/iu,
    behind:
      /^(?: ?€| euro)? [^.,;!?\d]{0,40}(?<!\p{L})(?:be|ge|hin)(?:zahlt|legt|gelegt|geblättert)(?!\p{L})/iu,
    when: (s, q) => largest(q) >= LEAST_ASKED && s.units.money !== undefined,
  },
  // "Für 4.600 € gekauft".
  {
    ...PAID,
    dimension: 'money',
    points: PLAINLY + 1,
    behind: /^ (?:gekauft|erstanden|übernommen|mitgenommen)(?!\p{L})/iu,
    when: (_, q) => largest(q) >= LEAST_SUM,
  },
  // "£5,400 for the bike itself".
  {
    ...PAID,
    dimension: 'money',
    points: PLAINLY + 1,
    behind: /^ for the (?:bike|machine|motorcycle)(?: itself| alone| on its own)(?!\p{L})/iu,
  },
  // "Forty five hundred dollars I gave for it".
  {
    ...PAID,
    dimension: 'money',
    points: PLAINLY + 1,
    behind: /^,? (?:is what |was what )?(?:I|we) (?:gave|paid|handed over)(?!\p{L})/iu,
  },
  // "Elle m'a coûté 4 600 €", "Hat mich 4.600 € gekostet".
  {
    ...PAID,
    dimension: 'money',
    points: PLAINLY + 1,
    before:
      /(?:^|[.!?] ?|(?<!\p{L})(?:elle|sie|maschine) )\s*(?:(?:m['’]a|nous a) coûté|hat (?:mich|uns)) (?:environ |rund |etwa )?$/iu,
    when: (_, q) => largest(q) >= LEAST_SUM,
  },
  // "Cost us four and a half thousand": of the machine, and not of a service.
  {
    ...PAID,
    dimension: 'money',
    points: PLAINLY + 1,
    before:
      /(?:^|[.!?,;] ?|(?<!\p{L})(?:it|she|he|bike|mine|which) )cost (?:me|us) (?:about |around )?$/iu,
    when: (_, q) => largest(q) >= LEAST_SUM,
  },
  // "We pay about twelve thousand dollars a unit".
  {
    ...PAID,
    dimension: 'money',
    points: WEIGHTS.byBasis,
    before: /(?<!\p{L})(?:we|I) (?:pay|have paid) (?:about |around |roughly )?$/iu,
    behind: /^ (?:a|per|each)(?: unit| bike| piece| machine)?(?=[.,;]|$| (?:for|from))/iu,
  },
  // "Under 10 grand out the door, mine was 9,870".
  {
    ...PAID,
    before:
      /(?<!\p{L})(?:out the door|otd|on the road|otr)[,;:]? (?:mine|ours) (?:was|came to|cost) $/iu,
    when: (_, q) => largest(q) >= LEAST_SUM,
  },
  // "Got it for $4,800 with 41,000 on it", "presa usata con 12mila km a 4.200 euro".
  {
    ...PAID,
    dimension: 'money',
    points: PLAINLY + 1,
    before:
      /(?:(?<!\p{L})(?:got|bought|picked|had|grabbed) (?:it|her|him|mine|this one)(?: up)?(?: used| new| second hand)? (?:for|at) |(?<!\p{L})(?:paguei|comprei por|zapłaciłem|betalade|betalte) |(?<!\p{L})(?:comprei|kupiłem|kupiłam|köpte|kjøpte|købte|kocht|ostin)(?!\p{L})[^.;!?]{0,44} (?:por|za|för|for|voor) |(?<!\p{L})(?:presa|preso|comprata|comprato|comprada|achetée?|gekauft|gebraucht gekauft)(?!\p{L})[^.;!?]{0,44} (?:a|por|à|pour|für) )$/iu,
    behind: /^(?! (?:for|per|off|less|more)(?!\p{L}))/iu,
    when: (_, q) => largest(q) >= LEAST_SUM,
  },
  // "Gekauft für 4.100", "acheté 5 200", "picked up for 4,300".
  {
    ...PAID,
    before:
      /(?:^|[.!?;,] ?)(?:(?:and |und |et )?(?:gebraucht |occasion |used )?(?:gekauft|ergattert|bought|picked (?:it )?up|achetée?|comprad[ao]|comprat[ao]|gekocht)) (?:für|for|à|por|per|a|voor) $/iu,
    behind: /^(?: euro| eur)?(?=[.,;!)]|$| (?:mit|with|avec|con|met) )/iu,
    when: (s, q) =>
      largest(q) >= LEAST_ASKED && (s.units.money ?? s.units.likelyMoney) !== undefined,
  },
  // "9.800 bezahlt vor zwei Jahren", "ik heb er 8.400 euro voor betaald".
  ...either('money', {
    ...PAID,
    behind:
      /^ (?:(?:dafür|(?:er|daar)?voor|für sie|per lei|por ella|pour elle|por ela|za niego|för den|for den) )?(?:bezahlt|gezahlt|hingelegt|payés?|pagat[oi]|pagados?|betaald|neergelegd|neergeteld|betalt|betalat|pagos|zapłacone)(?!\p{L})/iu,
    when: (_, q) => largest(q) >= LEAST_SUM,
  }),
];
