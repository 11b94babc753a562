import type { Brief } from '../../brief';
import type { Donor } from '../../donor';
import type { Buzz, MeanMark } from '../../evidence';
import type { FitCalibration } from '../../fit';
import type { BuildCost } from '../../money';
import type { Estimate } from '../../numeric';
import type { FigureKey, NormalFigures } from '../../readings';
import type { EndMatch, SuspensionEnd, SuspensionParts } from '../../suspension';
import type { Metric } from '../formula';

/** What the base metrics are computed from: parts are already in the figures and in the donor's facts. */
export interface MetricContext {
  readonly brief: Brief;
  readonly donor: Donor;
  readonly figures: NormalFigures;
  readonly cost: BuildCost;
  readonly mending: Estimate;
  readonly suspension: SuspensionParts;
  /** Ready to ride as the sheet has it, and what parts add to that at the middle, kg. */
  readonly sheetMass: Estimate;
  readonly added_kg: number;
  /** Fuel in cans and bladders, L. */
  readonly looseFuel_L: number;
  /** The rider's own offset from the model of reach. */
  readonly reach: FitCalibration;
  /** What the rider's heart says of the machine, 0–1; not known where it was not asked. */
  readonly heart: Estimate;
  /** How the reach standing felt on it; absent where nobody said. */
  readonly stood: MeanMark | undefined;
  /** How much further apart the parts put grips and pegs, mm. */
  readonly gripsRaised_mm: number;
}

/** What the metrics of the loaded machine are computed from. */
export interface LoadContext {
  readonly brief: Brief;
  readonly donor: Donor;
  readonly figures: NormalFigures;
  readonly loaded: Metric;
  readonly readyMass: Metric;
  readonly consumption: Metric;
  readonly outlay: Metric;
  /** Base metrics that others are made from. */
  readonly base: Readonly<Record<'cruisePower' | 'wind' | 'kneeAngle', Metric>>;
  /** Fuel in cans and bladders, L. */
  readonly looseFuel_L: number;
  /** Between which speeds the rider felt it buzz; absent where nothing was noted. */
  readonly buzz: Buzz | undefined;
  readonly suspension: { readonly ends: Readonly<Record<SuspensionEnd, EndMatch>> };
  readonly parts: BuildCost;
}

/** The estimate of a figure, in its unit. */
export const estimateIn = <N extends number>(figures: NormalFigures, key: FigureKey): Estimate<N> =>
  figures[key].estimate as Estimate<N>;
