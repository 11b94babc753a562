import type { EChartsCoreOption } from 'echarts/core';
import { formatNumber } from '../messages';
import { moneyFrame, plateMark } from './money-frame';
import { tooltipText } from './tooltip-text';

/** A build at a corner of its curve. */
export interface CornerBuild {
  readonly partIds: readonly string[];
  /** Machine and parts, in the picture's currency. */
  readonly cost: number;
  readonly points: number;
}

/** What the picture of the money curve shows. */
export interface CurvePicture {
  readonly curves: readonly {
    readonly id: string;
    readonly corners: readonly CornerBuild[];
    readonly name: string;
    readonly plate: number;
    readonly stock: readonly [number, number];
    readonly whole: boolean;
    readonly current: boolean;
  }[];
  readonly spend: number;
  readonly tripFund: number;
  readonly currency: string;
  readonly dark: boolean;
  /** Names of the parts of a build, for the card beside the pointer. */
  readonly partNames: (ids: readonly string[]) => string;
}

/** Beyond the money and the trip fund the picture goes on a little and then ends. */
export const rightEdge = (spend: number, tripFund: number): number =>
  Math.ceil(((spend + tripFund) * 1.12) / 1000) * 1000;

/** A corner that was clicked. */
export interface PickedCorner {
  readonly candidate: string;
  readonly build: CornerBuild;
}

/** Steps of best fit over spending, one line a candidate in its hue and dash, the money and the trip fund drawn through. */
export function curveOption({
  curves,
  spend,
  tripFund,
  currency,
  dark,
  partNames,
}: CurvePicture): EChartsCoreOption {
  const costs = curves.flatMap((c) => [c.stock[0], ...c.corners.map((k) => k.cost)]);
  const points = curves.flatMap((c) => [c.stock[1], ...c.corners.map((k) => k.points)]);
  const right = rightEdge(spend, tripFund);
  const low = Math.min(spend, ...costs.filter((c) => c <= right));
  const [bottom, top] = [
    Math.floor(Math.min(60, ...points) / 5) * 5,
    Math.min(100, Math.ceil((Math.max(80, ...points) + 1) / 5) * 5),
  ];
  const words = (name: string, build: CornerBuild) =>
    tooltipText(
      `${name}, ${formatNumber(build.cost)} ${currency}, fit ${formatNumber(build.points, 1)}`,
      build.partIds.length === 0 ? 'as it stands' : partNames(build.partIds),
    );
  const { frame, limits } = moneyFrame({
    dark,
    moneyName: `spent in all, ${currency}`,
    money: { min: Math.max(0, Math.floor((low * 0.95) / 1000) * 1000), max: right },
    fit: { min: bottom, max: top },
    spend,
    tripFund,
    right: 40,
  });
  return {
    ...frame,
    series: [
      limits,
      ...curves
        .filter((c) => c.stock[0] <= right)
        .flatMap(({ id, name, plate, stock, corners, whole, current }) => {
          const { colour, dash, symbol, label } = plateMark(plate, dark);
          const [first] = corners;
          const last = corners.at(-1);
          const steps = corners.map((build) => ({
            value: [build.cost, build.points],
            candidate: id,
            build,
            tooltip: { formatter: words(name, build) },
          }));
          return [
            // What is not proven yet: between the machine as it stands and the most that the proven part allows.
            ...(whole || !first
              ? []
              : [
                  {
                    type: 'line',
                    silent: true,
                    showSymbol: false,
                    data: [
                      [Math.min(stock[0], first.cost), first.points],
                      [first.cost, first.points],
                    ],
                    lineStyle: { color: colour, width: 1.5, type: 'dotted', opacity: 0.7 },
                    areaStyle: { color: colour, opacity: 0.08, origin: stock[1] },
                  },
                ]),
            ...(first && last
              ? [
                  {
                    type: 'line',
                    step: 'end',
                    data: [
                      ...steps.filter((s) => (s.value[0] ?? 0) <= right),
                      ...(last.cost < right
                        ? [{ value: [right, last.points], symbol: 'none' }]
                        : []),
                    ],
                    symbol: 'circle',
                    symbolSize: current ? 8 : 4,
                    lineStyle: { color: colour, width: current ? 3.5 : 1.75, type: dash },
                    itemStyle: { color: colour },
                    z: current ? 4 : 3,
                    clip: true,
                  },
                ]
              : []),
            {
              type: 'scatter',
              symbol,
              symbolSize: 22,
              z: 6,
              itemStyle: { color: colour },
              label,
              data: [
                {
                  value: stock,
                  candidate: id,
                  tooltip: {
                    formatter: tooltipText(
                      `${name}, as it stands`,
                      `${formatNumber(stock[0])} ${currency}, fit ${formatNumber(stock[1], 1)}`,
                    ),
                  },
                },
              ],
            },
          ];
        }),
      ...ends(curves, right, top - bottom).map(({ plate, at }) => ({
        type: 'scatter',
        silent: true,
        symbolSize: 1,
        data: [{ value: [right, at] }],
        z: 7,
        itemStyle: { color: 'transparent' },
        clip: false,
        label: plateMark(plate, dark).endLabel,
      })),
    ],
  };
}

/** Letters at the right end of the lines, moved apart where lines run together. */
function ends(
  curves: CurvePicture['curves'],
  right: number,
  range: number,
): readonly { readonly plate: number; readonly at: number }[] {
  const APART = range * 0.042;
  const list = curves
    .flatMap(({ plate, corners }) => {
      const last = corners.findLast((c) => c.cost <= right);
      return last ? [{ plate, at: last.points }] : [];
    })
    .sort((a, b) => b.at - a.at);
  return list.reduce<readonly { readonly plate: number; readonly at: number }[]>(
    (placed, { plate, at }) => [
      ...placed,
      { plate, at: Math.min(at, (placed.at(-1)?.at ?? Number.POSITIVE_INFINITY) - APART) },
    ],
    [],
  );
}
