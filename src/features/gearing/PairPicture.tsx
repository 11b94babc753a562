'use client';
import type { EChartsCoreOption } from 'echarts/core';
import type { SprocketPair, Teeth } from '@/core/gearing';
import { EChart, plainFrame, tooltipText } from '@/ui/charts';
import { useIsDark } from '@/ui/marks/Plate';
import { fromBase, preferredUnit } from '@/core/units';
import { formatNumber, formatTo, unitSign } from '@/ui/messages';
import type { Bench, GearingModel } from './use-gearing';

/** A pair as riders write it. */
export const pairWords = ({ front, rear }: Teeth): string => `${front}/${rear}`;

const same = (a: Teeth, b: Teeth): boolean => a.front === b.front && a.rear === b.rear;

/** One pair of each kind of work carries its teeth: the rest are read by pointing. */
function isNamed(pair: SprocketPair, bench: Bench): boolean {
  const { now, chosen } = bench;
  return (
    same(pair, now) || same(pair, chosen) || (pair.rear === now.rear && pair.front !== now.front)
  );
}

function optionFor(model: GearingModel, bench: Bench, dark: boolean): EChartsCoreOption {
  const { reader } = model;
  const { setting, pairs, now, chosen } = bench;
  const { ink, accent, soft, frame } = plainFrame(dark, {
    x: 'engine speed at the cruise in top gear, rpm',
    y: `crawl in first at idle, ${unitSign('speed', reader)}`,
  });
  const y = (kmh: number) => fromBase(kmh, preferredUnit('speed', reader.units, reader.currency));
  const wishRpm = setting.wishes.revsShare * setting.redline_rpm;
  const spot = (pair: SprocketPair) => {
    const isNow = same(pair, now);
    const isChosen = same(pair, chosen);
    const keeps = pair.keeps.crawl && pair.keeps.revs;
    return {
      value: [pair.cruise_rpm, y(pair.crawl_kmh)],
      teeth: { front: pair.front, rear: pair.rear },
      symbol: isNow ? 'rect' : 'circle',
      symbolSize: isChosen ? 18 : isNow ? 15 : 9,
      itemStyle: {
        color: pair.chain?.links === 0 || isNow ? (keeps ? accent : ink) : 'transparent',
        borderColor: keeps ? accent : isNow ? ink : soft,
        borderWidth: isChosen ? 3 : 1.5,
      },
      label: {
        show: isNamed(pair, bench),
        formatter: `${pairWords(pair)}${isNow ? ' now' : ''}`,
        position: 'right',
        distance: 8,
        color: ink,
        fontWeight: 700,
        fontSize: 12,
      },
      tooltip: {
        formatter: tooltipText(
          `${pairWords(pair)}${isNow ? ', fitted now' : ''}`,
          `crawl ${formatTo(pair.crawl_kmh, 'speed', 1, reader)}, ${formatNumber(pair.cruise_rpm)} rpm at the cruise`,
          pair.chain === undefined
            ? 'chain: its pitch is not known'
            : pair.chain.links === 0
              ? 'on the same chain'
              : `chain ${pair.chain.links > 0 ? 'longer' : 'shorter'} by ${Math.abs(pair.chain.links)} links`,
        ),
      },
    };
  };
  const [lowX, highX] = [
    Math.min(...pairs.map((p) => p.cruise_rpm)),
    Math.max(...pairs.map((p) => p.cruise_rpm)),
  ];
  const ys = pairs.map((p) => y(p.crawl_kmh));
  const floor = Math.floor(Math.min(...ys) - 0.5);
  const left = Math.floor(lowX / 250) * 250 - 250;
  return {
    ...frame,
    grid: { left: 56, right: 74, top: 20, bottom: 48 },
    xAxis: { ...frame.xAxis, min: left, max: Math.ceil(highX / 250) * 250 + 250 },
    yAxis: { ...frame.yAxis, min: floor, max: Math.ceil(Math.max(...ys) + 0.5) },
    series: [
      {
        type: 'scatter',
        data: [],
        silent: true,
        markArea: {
          silent: true,
          itemStyle: { color: accent, opacity: 0.12 },
          label: {
            show: true,
            position: 'insideBottomLeft',
            color: accent,
            fontSize: 12,
            fontWeight: 700,
          },
          data: [
            [
              { name: 'what you ask', coord: [left, floor] },
              { coord: [Math.max(left, wishRpm), y(setting.wishes.crawl_kmh)] },
            ],
          ],
        },
      },
      {
        type: 'scatter',
        z: 5,
        data: [...pairs]
          .sort((a, b) => Number(same(a, chosen)) - Number(same(b, chosen)))
          .map(spot),
      },
    ],
  };
}

/** Every pair that fits round the one fitted: how slowly it crawls against how fast it turns at the cruise. */
export function PairPicture({
  model,
  bench,
}: {
  readonly model: GearingModel;
  readonly bench: Bench;
}) {
  const dark = useIsDark();
  const { reader } = model;
  const keeping = bench.pairs.filter((p) => p.keeps.crawl && p.keeps.revs);
  return (
    <EChart
      option={optionFor(model, bench, dark)}
      height="360px"
      onPick={(data) => {
        const { teeth } = (data ?? {}) as { readonly teeth?: Teeth };
        if (teeth) model.choose(teeth);
      }}
      label={`${bench.pairs.length} pairs of sprockets by crawl and revs at the cruise. Fitted ${pairWords(bench.now)}: crawl ${formatTo(bench.now.crawl_kmh, 'speed', 1, reader)}, ${formatNumber(bench.now.cruise_rpm)} rpm. ${keeping.length === 0 ? 'None keeps both wishes.' : `Both wishes: ${keeping.slice(0, 6).map(pairWords).join(', ')}.`}`}
    />
  );
}
