import type { Brief, Money } from '../../brief';
import { kindOfMachine } from '../../donor';
import {
  COST_ITEMS,
  costOfOwnership,
  loanCost,
  resale,
  USUAL_LOSS,
  type CostOfOwnership,
} from '../../money';
import { certain, combine, source, unknown, type Estimate } from '../../numeric';
import type { FigureKey, NormalFigures } from '../../readings';
import {
  MIDDLING,
  SERVICE_KINDS,
  SERVICE_SHARE,
  servicesPerKm,
  suspensionInterval,
  VALVES_EVERY_NTH,
  wearShares,
  type ServiceKind,
  type ServicePrices,
  type Worn,
} from '../../service';
import { metric, type Metric } from '../formula';
import { briefInput, figureInput, metricInput, type WorkingInput } from '../working-inputs';
import type { LoadContext } from './context';
import {
  oilByTheBook,
  serviceDistance,
  serviceInputs,
  stretched,
  valvesByTheBook,
} from './services';
import { hasChain, wearDoubt } from './wear';

/** What the cost of keeping needs from the brief; it is not known while one is left out. */
export const OWNERSHIP_KEYS = [
  'yearsKept',
  'yearly_km',
  'fuel_perL',
  'insurance_perYear',
  'tax_perYear',
  'service_each',
  'wear_per1000km',
] as const satisfies readonly (keyof Money)[];
type Keeping = Readonly<Record<Exclude<(typeof OWNERSHIP_KEYS)[number], 'service_each'>, number>>;

/** What the brief leaves out; a full service need not be priced where each kind is. */
const missingOf = ({ brief: { money }, figures }: LoadContext) =>
  OWNERSHIP_KEYS.filter(
    (key) =>
      money[key] === undefined &&
      !(key === 'service_each' && SERVICE_KINDS.every((kind) => isPriced(figures, kind))),
  );

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

/** The line of the sheet that says what each kind of service costs. */
const PRICED = {
  oil: 'oilPrice',
  inspection: 'inspectionPrice',
  valves: 'valvesPrice',
  suspension: 'suspensionPrice',
} as const satisfies Record<ServiceKind, FigureKey>;
const isPriced = (figures: NormalFigures, kind: ServiceKind): boolean =>
  figures[PRICED[kind]].estimate.kind === 'known';

/** What a kind of service costs: as the sheet has it, else its usual share of what the brief says of a full one. */
const priceOf = ({ brief, figures }: LoadContext, kind: ServiceKind): Estimate =>
  isPriced(figures, kind)
    ? figures[PRICED[kind]].estimate
    : certain(SERVICE_SHARE[kind] * (brief.money.service_each ?? 0));

/** What services cost for each km: oil, inspection, valves, fork and shock, each at its own interval and price. */
function servicing(context: LoadContext): Estimate {
  const { brief, donor, figures } = context;
  const distance = (estimate: Estimate) => stretched(estimate, brief);
  const book = distance(serviceDistance(brief, figures));
  const [oil, valves] = [oilByTheBook(brief, figures), valvesByTheBook(brief, figures)].map(
    distance,
  );
  /** What nobody has told: oil with every service, valves with every so manieth. */
  const oil_km = oil?.kind === 'known' ? oil : book;
  const nth =
    valves?.kind === 'known'
      ? certain(1)
      : source(`valves/${kindOfMachine(donor)}`, VALVES_EVERY_NTH);
  const prices = SERVICE_KINDS.map((kind) => priceOf(context, kind));
  return combine(
    [book, oil_km, valves?.kind === 'known' ? valves : certain(0), nth, ...prices],
    (...[km = 0, o, v = 0, n, ...price]: number[]) =>
      servicesPerKm(
        {
          book_km: km,
          oil_km: o,
          valves_km: v > 0 ? v : undefined,
          valvesEveryNth: n,
          suspension_km: suspensionInterval(brief.ground),
        },
        brief.money.ownSpanners,
        Object.fromEntries(SERVICE_KINDS.map((kind, i) => [kind, price[i]])) as ServicePrices,
      ),
  );
}

/** What a loan on the machine costs and asks for each month; nothing where it is paid in cash. */
const lends = ({ money }: Brief): boolean =>
  money.loanInterest_percent !== undefined && money.loanMonths !== undefined;

function loanOf(
  { money }: Brief,
  price: number,
): { readonly interest: number; readonly monthly: number } {
  const { loanInterest_percent, loanMonths, loanDeposit } = money;
  if (loanInterest_percent === undefined || loanMonths === undefined)
    return { interest: 0, monthly: 0 };
  return loanCost({
    lent: Math.max(0, price - (loanDeposit ?? 0)),
    yearly_percent: loanInterest_percent,
    months: loanMonths,
  });
}

/** What the cost of keeping hangs on, in the order of its figures. */
const pointsOf = (context: LoadContext): readonly Estimate[] => [
  context.outlay.estimate,
  soldFor(context.brief, context.figures),
  context.figures.price.estimate,
  context.consumption.estimate,
  context.loaded.estimate,
  context.figures.power.estimate,
  servicing(context),
  wearDoubt(),
];

/** Everything that keeping costs, at one point of what it hangs on. */
function ownershipAt(
  { brief, donor }: LoadContext,
  keep: Money & Keeping,
  at: readonly number[],
): CostOfOwnership {
  const [bought = 0, sold = 0, price = 0, fuel = 0, loaded = 0, power = 0, services = 0, by = 1] =
    at;
  const wear = wearShares(loaded, power, brief.ground, hasChain({ donor }), brief.trip.wet_percent);
  const worn = (what: Worn) => ({ price: keep.wear_per1000km * wear[what] * by, lasts_km: 1000 });
  const distance_km = keep.yearsKept * keep.yearly_km;
  return costOfOwnership({
    years: keep.yearsKept,
    distance_km,
    consumption_Lper100km: fuel,
    fuel_perL: keep.fuel_perL,
    tyreFront: worn('frontTyre'),
    tyreRear: worn('rearTyre'),
    chain: worn('chain'),
    pads: worn('pads'),
    servicing: distance_km * services,
    insurance_perYear: keep.insurance_perYear,
    tax_perYear: keep.tax_perYear,
    depreciation: bought - sold,
    modifications: 0,
    interest: loanOf(brief, price).interest,
  });
}

/** A figure of the cost of keeping; not known while the brief leaves something out. */
function ofKeeping(context: LoadContext, read: (cost: CostOfOwnership) => number): Estimate {
  const points = pointsOf(context);
  const missing = missingOf(context);
  if (missing.length > 0)
    return combine([...points, unknown(...missing.map((key) => `money.${key}`))], () => Number.NaN);
  const keep = context.brief.money as Money & Keeping;
  return combine(points, (...at: number[]) => read(ownershipAt(context, keep, at)));
}

/** What keeping the machine costs, each year or each kilometre, with what each item takes of it in a year. */
function costMetric(
  key: 'yearlyCost' | 'costPerKm',
  per: 'perYear' | 'perKm',
  context: LoadContext,
): Metric {
  const { brief, figures, loaded } = context;
  const items = COST_ITEMS.filter(
    (item) => item !== 'modifications' && (item !== 'interest' || lends(brief)),
  );
  return metric(
    key,
    ofKeeping(context, (cost) => cost[per]),
    [
      ...items.map(
        (item): WorkingInput => ({
          name: `keeping.${item}`,
          dimension: 'money',
          estimate: ofKeeping(context, (cost) => cost.items[item] / (brief.money.yearsKept ?? 1)),
        }),
      ),
      ...(lends(brief)
        ? [
            {
              name: 'keeping.monthly',
              dimension: 'money' as const,
              estimate: combine([figures.price.estimate] as const, (p) => loanOf(brief, p).monthly),
            },
          ]
        : []),
      metricInput(context.outlay),
      metricInput(context.consumption),
      metricInput(loaded),
      figureInput(figures, 'power'),
      ...serviceInputs(brief, figures),
      ...SERVICE_KINDS.filter((kind) => isPriced(figures, kind)).map((kind) =>
        figureInput(figures, PRICED[kind]),
      ),
      ...OWNERSHIP_KEYS.map((k) => briefInput(brief, `money.${k}`)),
    ],
    { partsLost: context.parts.parts > 0, oilAtHome: brief.money.ownSpanners, ...MIDDLING },
  );
}

export const yearlyCostMetric = (context: LoadContext): Metric =>
  costMetric('yearlyCost', 'perYear', context);

export const costPerKmMetric = (context: LoadContext): Metric =>
  costMetric('costPerKm', 'perKm', context);
