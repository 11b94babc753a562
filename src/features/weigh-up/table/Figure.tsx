'use client';
import { memo } from 'react';
import { METRIC_DEFINITIONS, type Metric } from '@/core/assessment';
import { shortName } from '@/core/donor';
import { NeedTrack } from '@/ui/marks/NeedTrack';
import { OriginMark } from '@/ui/marks/OriginMark';
import { formatBase, formatWithUnit, knownBy, METRIC_WORDS } from '@/ui/messages';
import { metricOf, type WeighLine, type WeighRow, type WeighUpModel } from '../use-weigh-up';

export type OnWorking = (row: WeighRow, metric: Metric, anchor: DOMRect) => void;

export interface FigureProps {
  readonly row: WeighRow;
  readonly line: WeighLine;
  readonly model: Pick<WeighUpModel, 'view' | 'reader'>;
  readonly onWorking: OnWorking;
}

const beforeOf = ({ row, line, model }: FigureProps): number | undefined => {
  if (model.view !== 'built' || row.entry.parts.length === 0) return undefined;
  const stock = metricOf(row.entry.stock, line.metric).estimate;
  return stock.kind === 'known' ? stock.interval.mid : undefined;
};

/** Compares what is drawn of a metric: its rows and its working would take longer than drawing it. */
const sameSaid = (a: Metric, b: Metric): boolean => {
  if (a === b) return true;
  if (knownBy(a) !== knownBy(b)) return false;
  if (a.estimate.kind === 'unknown' || b.estimate.kind === 'unknown')
    return a.estimate.kind === b.estimate.kind;
  const [one, other] = [a.estimate.interval, b.estimate.interval];
  return one.mid === other.mid && one.low === other.low && one.high === other.high;
};

/** True when a figure would be drawn exactly as before, so that an edit redraws only what it changed. */
const sameFigure = (a: FigureProps, b: FigureProps): boolean =>
  a.line.metric === b.line.metric &&
  a.line.need === b.line.need &&
  a.line.scale.low === b.line.scale.low &&
  a.line.scale.high === b.line.scale.high &&
  a.onWorking === b.onWorking &&
  a.model.reader.units === b.model.reader.units &&
  a.model.reader.currency === b.model.reader.currency &&
  beforeOf(a) === beforeOf(b) &&
  a.row.ranked.id === b.row.ranked.id &&
  shortName(a.row.entry.donor) === shortName(b.row.entry.donor) &&
  sameSaid(metricOf(a.row.assessment, a.line.metric), metricOf(b.row.assessment, b.line.metric));

/** One figure: how it is known, where it lies, and how far from the need. */
export const Figure = memo(function Figure(props: FigureProps) {
  const { row, line, model, onWorking } = props;
  const metric = metricOf(row.assessment, line.metric);
  const { dimension, better } = METRIC_DEFINITIONS[line.metric];
  const { estimate } = metric;
  return (
    <button
      type="button"
      className="figure"
      aria-label={`${METRIC_WORDS[line.metric].name}, ${shortName(row.entry.donor)}: ${estimate.kind === 'known' ? formatWithUnit(estimate.interval.mid, dimension, model.reader) : 'not known'}. Show the working.`}
      onClick={(e) => onWorking(row, metric, e.currentTarget.getBoundingClientRect())}
    >
      <span className="figure-head">
        <span className={estimate.kind === 'known' ? 'known' : 'unknown'}>
          {estimate.kind === 'known'
            ? formatBase(estimate.interval.mid, dimension, model.reader)
            : 'not known'}
        </span>
        <OriginMark known={knownBy(metric)} small />
      </span>
      <NeedTrack
        scale={line.scale}
        need={line.need}
        better={better}
        interval={estimate.kind === 'known' ? estimate.interval : undefined}
        before={beforeOf(props)}
      />
    </button>
  );
}, sameFigure);
