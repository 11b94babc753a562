import type { Brief } from '../../brief';
import { carriedConsumption, QUOTED_RIDER_KG, type Carried, type Thirst } from '../../fuel';
import { carriedLoad } from '../../mass';
import type { Estimate } from '../../numeric';
import { FUEL_DENSITY } from '../../readings';
import { dragArea } from '../../road-load';
import type { Kilograms, LitresPer100Km } from '../../units';
import { metric, type FormulaFacts, type Metric } from '../formula';
import { dragAreaOf, windClass } from '../propulsion';
import { briefInput, figureInput, metricInput, plainInput } from '../working-inputs';
import { estimateIn, type MetricContext } from './context';

/** Parts and fuel in cans are load: the quote was made without them. */
const carriedIn = ({ rider, trip }: Brief, added_kg: number): Carried => ({
  load_kg:
    added_kg +
    carriedLoad({
      rider_kg: rider.mass_kg,
      kit_kg: rider.kit_kg,
      luggage_kg: trip.luggage_kg,
      pillion_kg: trip.pillion_kg,
    }),
  headwind_kmh: trip.headwind_kmh ?? 0,
  cruise_kmh: trip.cruise_kmh,
});

/** Consumption on the ground, at the cruise, with the load and against the wind of the brief, L/100 km; and what load and wind cost of it. */
export function consumptionMetric(context: MetricContext, loaded: Metric): Metric {
  const { brief, donor, figures, sheetMass, added_kg, looseFuel_L } = context;
  const thirst: Thirst = {
    bareDrag_m2: dragArea(windClass(donor), 0),
    drag_m2: dragAreaOf(donor, brief),
  };
  const carried = carriedIn(brief, added_kg + looseFuel_L * FUEL_DENSITY.mid);
  const consumed = (what: Thirst, how: Carried): Estimate =>
    carriedConsumption(
      estimateIn<LitresPer100Km>(figures, 'consumption'),
      sheetMass as Estimate<Kilograms>,
      brief.ground,
      what,
      how,
    );
  const estimate = consumed(thirst, carried);
  return metric(
    'consumption',
    estimate,
    [
      figureInput(figures, 'consumption'),
      metricInput(loaded),
      briefInput(brief, 'trip.cruise_kmh'),
      ...(carried.headwind_kmh > 0 ? [briefInput(brief, 'trip.headwind_kmh')] : []),
      plainInput('dragArea', thirst.drag_m2),
    ],
    costsOf(estimate, thirst, carried, consumed),
  );
}

/** What load and wind cost at the middles, reckoned when somebody asks: a planner never does. */
function costsOf(
  all: Estimate,
  thirst: Thirst,
  carried: Carried,
  consumed: (what: Thirst, how: Carried) => Estimate,
): FormulaFacts['consumption'] {
  const calm = { ...carried, headwind_kmh: 0 };
  const still = () => consumed(thirst, calm);
  const alone = () =>
    consumed({ ...thirst, drag_m2: thirst.bareDrag_m2 }, { ...calm, load_kg: QUOTED_RIDER_KG });
  return {
    get load_L() {
      return apart(still(), alone());
    },
    get wind_L() {
      return apart(all, still());
    },
  };
}

const apart = (more: Estimate, less: Estimate): number | undefined =>
  more.kind === 'known' && less.kind === 'known' ? more.mid - less.mid : undefined;
