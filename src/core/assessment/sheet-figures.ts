import type { Brief } from '../brief';
import type { Donor } from '../donor';
import { factInUse } from '../facts';
import { onTheRoadPrice } from '../money';
import { certain, combine, type Estimate } from '../numeric';
import { normalFigures, type NormalFigures } from '../readings';
import { standIn } from '../typical';
import { parseTyre } from '../tyre';
import { keepingLast, type Once } from './once';
import { gearing, type GearEnd } from './gearing-of';

type SheetBrief = Pick<Brief, 'money' | 'typical'>;
const sheets = new WeakMap<Donor, Once>();

/** A donor's figures on one basis, what is typical of its class where nobody has given one; kept while nothing changes that they read. */
export function sheetFigures(donor: Donor, brief: SheetBrief): NormalFigures {
  let once = sheets.get(donor);
  if (!once) sheets.set(donor, (once = keepingLast()));
  return once('figures', { brief }, (of) =>
    fromTyres(
      donor,
      normalFigures(
        donor.figures,
        (reading, key) => onTheRoadPrice(reading, of.brief.money, key),
        donor,
        (key) => standIn(donor, key, of.brief.typical),
      ),
    ),
  );
}

const MM_PER_INCH = 25.4;
const RIMS = [
  ['wheelFront', 'tyreFront'],
  ['wheelRear', 'tyreRear'],
] as const;

/** What follows from what is there: rims from the tyres' sizes, and the permitted maximum from a quoted payload. */
function fromTyres(donor: Donor, figures: NormalFigures): NormalFigures {
  const rims = RIMS.flatMap(([wheel, tyre]) => {
    const size = parseTyre(factInUse(donor.facts?.[tyre])?.value ?? '');
    return size && !figures[wheel].reading
      ? [
          [
            wheel,
            { estimate: certain(size.rim_in * MM_PER_INCH), basis: figures[wheel].basis },
          ] as const,
        ]
      : [];
  });
  return fromGears(
    donor,
    fromPayload(rims.length > 0 ? { ...figures, ...Object.fromEntries(rims) } : figures),
  );
}

/** Speeds for each 1000 rpm follow from ratios and teeth where all of them are told; what was watched on the road stays beside them. */
function fromGears(donor: Donor, figures: NormalFigures): NormalFigures {
  const found = gearing({ donor, figures });
  if (found.kind === 'unknown') return figures;
  const { first, top, typical } = found.value;
  const follows = (key: 'speedFirst' | 'speedTop', end: GearEnd, estimate: Estimate) =>
    typical[end].length === 0 && !figures[key].reading
      ? { [key]: { estimate, basis: figures[key].basis } }
      : {};
  return {
    ...figures,
    ...follows('speedFirst', 'first', first),
    ...follows('speedTop', 'top', top),
  };
}

/** The permitted maximum follows from a quoted payload where only that is quoted: ready to ride + payload. */
function fromPayload(figures: NormalFigures): NormalFigures {
  const { maxMass, payload, mass } = figures;
  if (!maxMass.typical || !payload.reading) return figures;
  const estimate = combine([mass.estimate, payload.estimate] as const, (kg, load) => kg + load);
  return { ...figures, maxMass: { estimate, basis: maxMass.basis, typical: mass.typical } };
}
