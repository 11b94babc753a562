import type { Brief } from '../brief';
import type { SpringsOff } from '../cautions';
import type { Donor } from '../donor';
import { factInUse } from '../facts';
import { combine } from '../numeric';
import { looseFuel, type Part } from '../part';
import type { NormalFigures } from '../readings';
import { SAG_BOUNDS, SPRING_SLACK } from '../suspension';
import { parseTyre } from '../tyre';
import { axleLoads, luggagePlaces } from './axles';
import { lightOf } from './light';
import { lastsFor, liftedWithTheBack, wattsLeft, type Metrics } from './metrics';

/** What cautions ask of the loaded machine beside the metrics. */
export function loadFacts({
  brief,
  donor,
  figures,
  suspension: { ends },
  loaded,
  fitted,
}: {
  readonly brief: Brief;
  readonly donor: Donor;
  readonly figures: NormalFigures;
  readonly suspension: Pick<Metrics['suspension'], 'ends'>;
  readonly loaded: Metrics['loadedMass'];
  readonly fitted: readonly Part[];
}) {
  const axles = axleLoads(brief, figures, looseFuel(fitted));
  return {
    frontShare: axles.frontShare,
    axles,
    axleLimits: { front: figures.axleLimitFront.estimate, rear: figures.axleLimitRear.estimate },
    tyreLoads_kg: { front: tyreLoad(donor, 'tyreFront'), rear: tyreLoad(donor, 'tyreRear') },
    watts: wattsLeft(figures),
    wattsSlow: wattsLeft(figures, 'slow'),
    springsOff: springsOff(ends),
    passenger: factInUse(donor.facts?.passenger)?.value,
    rackLimit: figures.rackLimit.estimate,
    carrierLimit: figures.carrierLimit.estimate,
    subframe: factInUse(donor.facts?.subframe)?.value,
    behind_kg: behind(brief, fitted),
    liftBack: combine([figures.mass.estimate] as const, liftedWithTheBack),
    tyreSpeeds_kmh: {
      front: tyreOf(donor, 'tyreFront')?.speed_kmh,
      rear: tyreOf(donor, 'tyreRear')?.speed_kmh,
    },
    tyreLife: lastsFor({ brief, donor, figures, loaded }, 'rearTyre'),
    chainLife: lastsFor({ brief, donor, figures, loaded }, 'chain'),
    light: lightOf(brief),
  };
}

/** Slots of what hangs on side carriers and what sits on a rack: their own mass is borne there, too. */
const BORNE = { panniers: 'side-luggage', tail: 'tail-load' } as const;

/** What hangs at the sides and lies behind the seat, kg: luggage with its bags and cases. Where cans go is the rider's choice: they count on the axles alone. */
export function behind(brief: Pick<Brief, 'trip'>, fitted: readonly Part[]) {
  const { panniers, tail } = luggagePlaces(brief);
  const bags = (slot: string) =>
    fitted.reduce((sum, p) => sum + (p.slot === slot ? p.mass_kg : 0), 0);
  return {
    panniers: panniers + bags(BORNE.panniers),
    tail: tail + bags(BORNE.tail),
  };
}

/** The end whose springs are furthest from what they carry, where that is beyond what is let pass or sag leaves its bounds. */
function springsOff(ends: Metrics['suspension']['ends']): SpringsOff | undefined {
  const off = (['rear', 'front'] as const).flatMap((end) => {
    const { suits, sag, mismatch, carried_kg } = ends[end];
    if (suits.kind === 'unknown' || sag.kind === 'unknown' || mismatch.kind === 'unknown')
      return [];
    const isWithin = sag.mid >= SAG_BOUNDS.low && sag.mid <= SAG_BOUNDS.high;
    return Math.abs(mismatch.mid) <= SPRING_SLACK + 1e-9 && isWithin
      ? []
      : [
          {
            by: Math.abs(mismatch.mid),
            off: { end, suits_kg: suits.mid, carried_kg, sag: sag.mid },
          },
        ];
  });
  return off.toSorted((a, b) => b.by - a.by)[0]?.off;
}

const tyreOf = (donor: Donor, key: 'tyreFront' | 'tyreRear') =>
  parseTyre(factInUse(donor.facts?.[key])?.value ?? '');
const tyreLoad = (donor: Donor, key: 'tyreFront' | 'tyreRear'): number | undefined =>
  tyreOf(donor, key)?.load_kg;
