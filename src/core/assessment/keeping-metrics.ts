import type { Brief, Money } from '../brief';
import { costOfOwnership, resale } from '../money';
import {
  between,
  combine,
  exactly,
  known,
  scale,
  unknown,
  type Estimate,
  type Interval,
} from '../numeric';
import type { NormalFigures } from '../readings';
import { intervalInDistance, servicesDue } from '../service';
import type { LoadContext } from './load-metrics';
import { meanSpeed } from './mean-speed';
import type { LoadMetrics, Metric, MetricKey } from './metric';
import { briefInput, figureInput, metricInput } from './working-inputs';

const metric = (
  key: MetricKey,
  estimate: Estimate,
  formula: string,
  inputs: Metric['working']['inputs'],
  source: string,
): Metric => ({ key, estimate, working: { formula, inputs, source } });

/** How far the rider stretches the book's intervals; 1 by the book. */
export const stretchOf = ({ trip }: Pick<Brief, 'trip'>): number =>
  (trip.serviceStretch_percent ?? 100) / 100;

/** The first of two intervals that falls due, as a distance, km; not known when neither is. */
function interval(
  brief: Brief,
  figures: NormalFigures,
  distanceKey: 'serviceInterval' | 'oilInterval',
  hoursKey: 'serviceHours' | 'oilHours',
): Estimate {
  const [distance, hours] = [figures[distanceKey].estimate, figures[hoursKey].estimate];
  const at = (end: 'low' | 'mid' | 'high') =>
    intervalInDistance(
      {
        distance_km: distance.kind === 'known' ? distance.interval[end] : undefined,
        hours: hours.kind === 'known' ? hours.interval[end] : undefined,
      },
      meanSpeed(brief),
    );
  const [low, mid, high] = [at('low'), at('mid'), at('high')];
  return low === undefined || mid === undefined || high === undefined
    ? unknown(distanceKey)
    : known(scale(between(low, high, mid), stretchOf(brief)));
}

const OWNERSHIP_KEYS = [
  'yearsKept',
  'yearly_km',
  'fuel_perL',
  'insurance_perYear',
  'tax_perYear',
  'service_each',
  'wear_per1000km',
] as const satisfies readonly (keyof Money)[];

/** What the brief says of keeping the machine, or what it leaves out. */
function keeping(
  money: Money,
):
  | { readonly kind: 'known'; readonly value: Record<(typeof OWNERSHIP_KEYS)[number], number> }
  | { readonly kind: 'unknown'; readonly missing: readonly string[] } {
  const missing = OWNERSHIP_KEYS.filter((key) => money[key] === undefined).map(
    (key) => `money.${key}`,
  );
  if (missing.length > 0) return { kind: 'unknown', missing };
  return {
    kind: 'known',
    value: Object.fromEntries(OWNERSHIP_KEYS.map((key) => [key, money[key] ?? 0])) as Record<
      (typeof OWNERSHIP_KEYS)[number],
      number
    >,
  };
}

/** Services a year, oil to carry, resale and what keeping the machine costs; each not known while the brief leaves something out. */
export function keepingMetrics({
  brief,
  figures,
  consumption,
  outlay,
  parts,
}: LoadContext): Pick<
  LoadMetrics,
  'servicesYear' | 'oilToCarry' | 'resale' | 'yearlyCost' | 'costPerKm'
> {
  const { money, trip } = brief;
  const every = interval(brief, figures, 'serviceInterval', 'serviceHours');
  const oilEvery = interval(brief, figures, 'oilInterval', 'oilHours');
  const yearly: Estimate =
    money.yearly_km === undefined ? unknown('money.yearly_km') : known(exactly(money.yearly_km));
  const servicesYear = combine([yearly, every] as const, (km, i) =>
    between(km.mid / i.high, km.mid / i.low, km.mid / i.mid),
  );
  const oil = combine([oilEvery, figures.oilCapacity.estimate] as const, (i, litres) => {
    const due = (km: number) => servicesDue(0, trip.length_km, km);
    return between(due(i.high) * litres.low, due(i.low) * litres.high, due(i.mid) * litres.mid);
  });
  const keep = keeping(money);
  const kept: Estimate =
    keep.kind === 'unknown' ? unknown(...keep.missing) : known(exactly(keep.value.yearsKept));
  const isNew = figures.price.reading?.basis !== 'asked' && figures.price.reading?.basis !== 'paid';
  const years: Estimate =
    money.yearsKept === undefined ? unknown('money.yearsKept') : known(exactly(money.yearsKept));
  const later = combine([figures.price.estimate, years] as const, (price, t) =>
    between(
      resale(price.low, t.mid, isNew),
      resale(price.high, t.mid, isNew),
      resale(price.mid, t.mid, isNew),
    ),
  );
  const total = (
    end: 'low' | 'mid' | 'high',
    bought: Interval,
    sold: Interval,
    fuel: Interval,
    services: Interval,
  ) => {
    if (keep.kind === 'unknown') return { perKm: 0, perYear: 0 };
    const k = keep.value;
    const distance_km = k.yearsKept * k.yearly_km;
    const worn = { price: k.wear_per1000km, lasts_km: 1000 };
    const nothing = { price: 0, lasts_km: 1000 };
    return costOfOwnership({
      years: k.yearsKept,
      distance_km,
      consumption_Lper100km: fuel[end],
      fuel_perL: k.fuel_perL,
      tyreFront: nothing,
      tyreRear: worn,
      chain: nothing,
      services: services[end] * k.yearsKept,
      service_each: k.service_each,
      insurance_perYear: k.insurance_perYear,
      tax_perYear: k.tax_perYear,
      depreciation: bought[end] - sold[end],
      modifications: 0,
    });
  };
  const cost = (per: 'perKm' | 'perYear') =>
    combine(
      [outlay.estimate, later, consumption.estimate, servicesYear, kept] as const,
      (bought, sold, fuel, services) =>
        between(
          total('low', bought, sold, fuel, services)[per],
          total('high', bought, sold, fuel, services)[per],
          total('mid', bought, sold, fuel, services)[per],
        ),
    );
  const costInputs = [
    metricInput(outlay),
    metricInput(consumption),
    ...OWNERSHIP_KEYS.map((key) => briefInput(brief, `money.${key}`)),
  ];
  const source = `resale by our own usual yearly loss (low confidence)${parts.parts > 0 ? '; parts are counted as lost' : ''}; purchase less resale is counted once`;
  return {
    servicesYear: metric(
      'servicesYear',
      servicesYear,
      'distance a year ÷ distance between services, by distance or hours, whichever is earlier',
      [
        briefInput(brief, 'money.yearly_km'),
        figureInput(figures, 'serviceInterval'),
        figureInput(figures, 'serviceHours'),
      ],
      'the maker’s manual decides',
    ),
    oilToCarry: metric(
      'oilToCarry',
      oil,
      'oil changes within the trip × oil capacity, starting with fresh oil',
      [
        briefInput(brief, 'trip.length_km'),
        figureInput(figures, 'oilInterval'),
        figureInput(figures, 'oilHours'),
        figureInput(figures, 'oilCapacity'),
      ],
      'the maker’s manual decides',
    ),
    resale: metric(
      'resale',
      later,
      isNew ? 'price × 0.82 × 0.90 for each later year kept' : 'price × 0.92 for each year kept',
      [figureInput(figures, 'price'), briefInput(brief, 'money.yearsKept')],
      'usual yearly loss: own assumption, low confidence; markets differ',
    ),
    yearlyCost: metric(
      'yearlyCost',
      cost('perYear'),
      '(outlay − resale + fuel + wear + services + insurance + tax) ÷ years',
      costInputs,
      source,
    ),
    costPerKm: metric('costPerKm', cost('perKm'), 'the same ÷ distance ridden', costInputs, source),
  };
}
