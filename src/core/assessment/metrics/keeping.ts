import type { Brief, Money } from '../../brief';
import { costOfOwnership, resale, USUAL_LOSS, type CostOfOwnership } from '../../money';
import { certain, combine, unknown, type Estimate } from '../../numeric';
import type { NormalFigures } from '../../readings';
import { metric, type Metric } from '../formula';
import { briefInput, figureInput, metricInput } from '../working-inputs';
import type { LoadContext } from './context';
import { servicesYear } from './services';

const OWNERSHIP_KEYS = [
  'yearsKept',
  'yearly_km',
  'fuel_perL',
  'insurance_perYear',
  'tax_perYear',
  'service_each',
  'wear_per1000km',
] as const satisfies readonly (keyof Money)[];
type Keeping = Readonly<Record<(typeof OWNERSHIP_KEYS)[number], number>>;

const missingOf = (money: Money) => OWNERSHIP_KEYS.filter((key) => money[key] === undefined);
const saysAll = (money: Money): money is Money & Keeping => missingOf(money).length === 0;

const boughtNew = ({ price }: NormalFigures): boolean =>
  price.reading?.basis !== 'asked' && price.reading?.basis !== 'paid';

/** What the machine will still be worth when the rider sells it. */
function soldFor({ money }: Brief, figures: NormalFigures): Estimate {
  const isNew = boughtNew(figures);
  const years: Estimate =
    money.yearsKept === undefined ? unknown('money.yearsKept') : certain(money.yearsKept);
  return combine([figures.price.estimate, years] as const, (price, t) => resale(price, t, isNew));
}

export function resaleMetric({ brief, figures }: LoadContext): Metric {
  return metric(
    'resale',
    soldFor(brief, figures),
    [figureInput(figures, 'price'), briefInput(brief, 'money.yearsKept')],
    { isNew: boughtNew(figures), ...USUAL_LOSS },
  );
}

/** One end of the spans that the cost of keeping hangs on. */
interface KeepingPoint {
  readonly bought: number;
  readonly sold: number;
  readonly fuel_Lper100km: number;
  readonly services_perYear: number;
}

function ownership(keep: Keeping, at: KeepingPoint): CostOfOwnership {
  const nothing = { price: 0, lasts_km: 1000 };
  return costOfOwnership({
    years: keep.yearsKept,
    distance_km: keep.yearsKept * keep.yearly_km,
    consumption_Lper100km: at.fuel_Lper100km,
    fuel_perL: keep.fuel_perL,
    tyreFront: nothing,
    tyreRear: { price: keep.wear_per1000km, lasts_km: 1000 },
    chain: nothing,
    services: at.services_perYear * keep.yearsKept,
    service_each: keep.service_each,
    insurance_perYear: keep.insurance_perYear,
    tax_perYear: keep.tax_perYear,
    depreciation: at.bought - at.sold,
    modifications: 0,
  });
}

/** What keeping the machine costs, each year or each kilometre; not known while the brief leaves something out. */
function keepingCost(context: LoadContext, per: 'perKm' | 'perYear'): Estimate {
  const { brief, figures, outlay, consumption } = context;
  const { money } = brief;
  const spans = [
    outlay.estimate,
    soldFor(brief, figures),
    consumption.estimate,
    servicesYear(context),
  ] as const;
  if (!saysAll(money))
    return combine(
      [...spans, unknown(...missingOf(money).map((key) => `money.${key}`))] as const,
      (bought) => bought,
    );
  return combine(
    spans,
    (bought, sold, fuel, services) =>
      ownership(money, {
        bought,
        sold,
        fuel_Lper100km: fuel,
        services_perYear: services,
      })[per],
  );
}

const costMetric = (
  key: 'yearlyCost' | 'costPerKm',
  per: 'perYear' | 'perKm',
  context: LoadContext,
): Metric =>
  metric(
    key,
    keepingCost(context, per),
    [
      metricInput(context.outlay),
      metricInput(context.consumption),
      ...OWNERSHIP_KEYS.map((k) => briefInput(context.brief, `money.${k}`)),
    ],
    { partsLost: context.parts.parts > 0 },
  );

export const yearlyCostMetric = (context: LoadContext): Metric =>
  costMetric('yearlyCost', 'perYear', context);

export const costPerKmMetric = (context: LoadContext): Metric =>
  costMetric('costPerKm', 'perKm', context);
