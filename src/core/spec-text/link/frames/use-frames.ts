import { spelt } from '../../vocabulary/letters';
import { PLAINLY, type Form } from '../form';
import type { SentenceWords } from '../option';
import { WEIGHTS } from '../weights';
import { first, verbs } from './frame';

/** Litres on a hundred kilometres: nothing with two wheels needs more, or less. Own assumption. */
const PER_100 = { least: 1.5, most: 13, mostSaid: 10 } as const;

/** A clause ends here, or goes on with where, how and when. */
const ENDS = spelt(
  /^(?=\s*[,.;!?)]|\s*$| (?:on|in|at|with|and|but|overall|average|avg|all|two|loaded|en|por|con|y|pero|auf|im|bei|mit|und|aber|sur|avec|et|mais|su|in|con|e|ma|op|met|bij|en|maar|na|com|mas|i|na|w|på|med|och|og)(?!\p{L}))/iu,
);

/** Ways are in kilometres here, or what is used was told in litres. */
const isMetric = (s: SentenceWords): boolean =>
  s.units.continental === true ||
  s.units.distance === 'km' ||
  s.units.usual.consumption === 'L/100km';

/** Verbs that only what is burnt stands behind. */
const BURNS = verbs(
  'uses|burns|burned|burnt|drinks|sips|guzzles|verbraucht|schluckt|säuft|consomme|boit|gasta|gastando|consume|chupa|consuma|beve|verbruikt|zuipt|lust|consome|pali|spala|drar|förbrukar|bruger|bruker|kuluttaa',
);
/** Verbs of doing: with tenths and nothing behind it is what is used. */
const DOES = verbs(
  'gets|getting|makes|does|returns|returned|averages|averaged|averaging|sits at|hovers around|macht|braucht|liegt bei|lieg ich bei|komm(?:e|t)? ich auf|bin ich bei|fahr(?:e)? ich mit|fait|fais|tourne à|je suis à|descend à|monte à|hace|me hace|anda en|ando en|sale a|se queda en|se pone en|baja a|sube a|fa|faccio|sta a|si attesta su|scende a|sale a|doet|rijdt|zit (?:ik |hij )?op|faz|anda nos|fica nos|robi|schodzi do',
);

const consumption: readonly Form[] = [
  {
    key: 'consumption',
    points: PLAINLY,
    by: 'basis',
    before: BURNS,
    when: (s, q) => first(q) >= PER_100.least && first(q) < PER_100.most && isMetric(s),
  },
  {
    key: 'consumption',
    points: WEIGHTS.byBasis,
    by: 'basis',
    before: DOES,
    behind: ENDS,
    when: (s, q) =>
      first(q) >= PER_100.least && first(q) < PER_100.mostSaid && first(q) % 1 !== 0 && isMetric(s),
  },
];

/** "4,6 sur autoroute", after what it uses elsewhere. */
const elsewhere: Form = {
  key: 'consumption',
  points: WEIGHTS.byBasis,
  by: 'basis',
  basis: 'motorway',
  behind:
    /^ (?:sur|en|auf|auf der|in|su|op|op de|na|på) (?:l['’])?(?:autoroute|autobahn|autopista|autostrada|snelweg|autoestrada|motorvägen?)(?!\p{L})/iu,
  when: (s, q) =>
    first(q) >= PER_100.least &&
    first(q) < PER_100.most &&
    s.quantities.some(
      (o) => o.to <= q.from && (o.amounts[0] ?? 0) < PER_100.most && (o.amounts[0] ?? 0) >= 2,
    ),
};

/** What it uses. */
export const USE_FRAMES: readonly Form[] = [...consumption, elsewhere];
