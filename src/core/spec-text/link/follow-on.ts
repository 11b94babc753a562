import { spelt } from '../vocabulary/letters';
import type { FigureKey } from '../../readings';
import type { Quantity } from '../lattice/quantity';
import type { Option, SentenceWords } from './option';
import { senses } from './senses';
import { WEIGHTS } from './weights';

const FOLLOWS: readonly {
  readonly needs: readonly FigureKey[];
  readonly key: FigureKey;
  readonly gap: RegExp;
}[] = [
  {
    needs: ['power', 'unrestrictedPower'],
    key: 'powerRpm',
    gap: spelt(
      /^(?![^;|]{0,34}?(?:servic|done|due|replac|chang|fitted|valve|chain|tyre|tire))[^;|]{0,34}?(?:@|(?<!\p{L})(?:at|bei|à|a|às|alle|przy|při|bij|ad|vid|ved)(?!\p{L})|\/|-)\s*(?:about |just |only |around |approx\.? )?$/iu,
    ),
  },
  {
    needs: ['torque'],
    key: 'torqueRpm',
    gap: spelt(
      /^(?![^;|]{0,34}?(?:servic|done|due|replac|chang|fitted|valve|chain|tyre|tire))[^;|]{0,34}?(?:@|(?<!\p{L})(?:at|bei|à|a|às|alle|przy|při|bij|ad|vid|ved)(?!\p{L})|\/|-)\s*(?:about |just |only |around |approx\.? )?$/iu,
    ),
  },
  // "220 of travel, fully adjustable, and at the back 215"
  {
    needs: ['travelFront'],
    key: 'travelRear',
    gap: spelt(
      /^(?![^;|]*(?:dis[ck]|brake|ty?i?re|wheel|spring|rim|tube|preload|clicks?))[^;|\d]{0,60}?(?<!\p{L})(?:at|on|out) (?:the )?(?:back|rear)(?: end)?(?: (?:it['’]s|you['’]?(?:ve)? (?:got|get)|there['’]s|it has|we have))?(?:,? (?:a |the )?(?:\p{L}+ ){0,2}(?:shock|monoshock|damper),?(?: (?:with|giving|gives|offers|offering|has|and|at))?)?(?: about| around)?\s*$/iu,
    ),
  },
  // "The fork gives you eight point three inches and the shock seven point nine"
  {
    needs: ['travelFront'],
    key: 'travelRear',
    gap: /^(?:(?: of travel)?,? and the (?:rear )?(?:mono)?shock(?: (?:gives?|does|has|gets?|offers|moves))?(?: you| us)?(?: about)?|(?: hub| federweg)?(?:,| und)(?: das)? (?:zentral)?federbein(?: (?:bietet|arbeitet mit|hat|mit|schafft))?|(?: de débattement)?(?:,| et)(?: l['’]| le )?(?:mono-?)?amortisseur(?: (?:offre|a|avec|de|en (?:offre|a)))?|(?: di escursione)?(?:,| e)(?: il| l['’])? ?(?:mono(?:ammortizzatore)?|ammortizzatore)(?: (?:offre|ha|con|da|di))?|(?: de recorrido)?(?:,| y)(?: el)? (?:mono)?amortiguador(?: (?:ofrece|tiene|con|de))?|(?: veerweg)?(?:,| en)(?: de)? (?:mono)?(?:schok)?demper(?: (?:biedt|heeft|met))?) $/iu,
  },
  // "200 mil front, 220 rear"
  {
    needs: ['travelFront'],
    key: 'travelRear',
    gap: /^ (?:at the |up )?front,? (?:and )?$/iu,
  },
  // "240 front travel and 235 rear"
  {
    needs: ['travelFront'],
    key: 'travelRear',
    gap: /^ ?(?:mm |in |")?(?:of )?(?:front )?travel(?: (?:at|up|on|in) (?:the )?front)?,? (?:and|&|\/|\+) (?:an? )?$/iu,
  },
  {
    needs: ['travelRear'],
    key: 'travelFront',
    gap: spelt(
      /^(?![^;|]*(?:dis[ck]|brake|ty?i?re|wheel|spring|rim|tube|preload|clicks?))[^;|\d]{0,60}?(?<!\p{L})(?:at the front|up front|on the front)(?: (?:it['’]s|you['’]?(?:ve)? (?:got|get)|there['’]s|it has|we have))?(?: about| around)?\s*$/iu,
    ),
  },
  // "Vorne einundzwanzig Zoll und hinten achtzehn"
  {
    needs: ['wheelFront'],
    key: 'wheelRear',
    gap: /^[^;.\d]{0,20}(?:and|und|et|y|e|en|i|och|og),? (?:an? |ein |eine |une? |un |una |een )?(?:(?:at|in|on) the )?(?:rear|back|out back|hinten|derrière|à l['’]arrière|detrás|atrás|dietro|achter)(?: (?:it['’]s|is|an?|ein|une?|een))* $/iu,
  },
  { needs: ['finalRatio'], key: 'sprocketFront', gap: /^\s*\(?\s*$/u },
  { needs: ['finalRatio'], key: 'sprocketRear', gap: /^\s*\(?\s*$/u },
  { needs: ['sprocketRear'], key: 'sprocketFront', gap: /^\s*[/:x-]\s*$/u },
  { needs: ['sprocketFront'], key: 'sprocketRear', gap: /^\s*[/:x-]\s*$/u },
  { needs: ['rake'], key: 'trail', gap: /^\s*(?:[/,&+]|and)\s*(?:trail:?\s*)?$/iu },
  ...(
    [
      ['serviceInterval', 'serviceHours', 'serviceMonths'],
      ['valveInterval', 'valveHours'],
      ['oilInterval', 'oilHours'],
    ] as const
  ).flatMap((family) =>
    family.map((key) => ({
      needs: family.filter((k) => k !== key),
      key,
      gap: /^\s*(?:[/,]|or|and|oder|ou|o|or every|or annually or)\s*$/iu,
    })),
  ),
];

/** `61 hp @ 8250`, `25.5° / 109 mm`, `12 000 km or 12 months`: figures that go with the one before them. */
export function followOptions(s: SentenceWords, q: Quantity, index: number): readonly Option[] {
  const last = s.quantities[index - 1];
  if (!last) return [];
  const gap = s.text.slice(last.to, q.from);
  // Hours and months are never bare; revs and teeth may be.
  return FOLLOWS.filter(
    (f) => f.gap.test(gap) && (q.unit !== undefined || !/Hours|Months|Interval/.test(f.key)),
  ).flatMap(({ needs, key }) =>
    senses(s, q, key, true, index).map(
      (sense): Option => ({
        key,
        word: undefined,
        ...sense,
        points: WEIGHTS.follows + sense.points,
        needs,
        by: 'follows',
      }),
    ),
  );
}
