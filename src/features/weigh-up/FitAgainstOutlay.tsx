'use client';
import { Box, Button } from '@chakra-ui/react';
import type { EChartsCoreOption } from 'echarts/core';
import { useState } from 'react';
import { shortName } from '@/core/donor';
import { spendable } from '@/core/brief';
import { EChart, tooltipText } from '@/ui/charts';
import { useIsDark } from '@/ui/marks/Plate';
import { formatNumber } from '@/ui/messages';
import { plateStyle } from '@/ui/theme/plates';
import type { WeighUpModel } from './use-weigh-up';

interface Spot {
  readonly name: string;
  readonly plate: number;
  readonly stock: readonly [number, number];
  readonly built: readonly [number, number] | undefined;
}

function spots(model: WeighUpModel): readonly Spot[] {
  return model.standing.candidates.flatMap((c): Spot[] => {
    const [outlay, later] = [c.stock.metrics.outlay.estimate, c.built.metrics.outlay.estimate];
    if (outlay.kind === 'unknown') return [];
    const built =
      c.parts.length > 0 && later.kind === 'known'
        ? ([later.interval.mid, c.builtScore.points.mid] as const)
        : undefined;
    return [
      {
        name: shortName(c.donor),
        plate: c.candidate.plate,
        stock: [outlay.interval.mid, c.stockScore.points.mid],
        built,
      },
    ];
  });
}

function optionFor(model: WeighUpModel, dark: boolean): EChartsCoreOption {
  const { currency } = model.reader;
  const money = model.standing.brief.money;
  const [ink, soft, line, panel, accent] = dark
    ? ['#e9e7e1', '#b3b9b8', '#3a4449', '#1c2225', '#5fc4cf']
    : ['#1b2327', '#4b565b', '#cbc6b9', '#fbfaf7', '#0b5f6b'];
  const font = "'Atkinson Hyperlegible Next Variable', sans-serif";
  const axis = {
    nameLocation: 'middle',
    nameTextStyle: { color: soft, fontFamily: font, fontSize: 12 },
    axisLabel: { color: soft, fontFamily: font, formatter: (v: number) => formatNumber(v) },
    axisLine: { show: true, lineStyle: { color: line } },
    splitLine: { lineStyle: { color: line, opacity: 0.45 } },
  };
  const list = spots(model);
  const free = spendable(money);
  const top = Math.max(
    ...list.flatMap((s) => [s.stock[0], s.built?.[0] ?? 0]),
    free + money.tripFund,
  );
  const cheapest = Math.min(...list.map((s) => s.stock[0]), free);
  const fits = list.flatMap((s) => [s.stock[1], s.built?.[1] ?? s.stock[1]]);
  return {
    animation: false,
    textStyle: { fontFamily: font },
    grid: { left: 52, right: 24, top: 34, bottom: 46 },
    tooltip: {
      trigger: 'item',
      confine: true,
      backgroundColor: panel,
      borderColor: line,
      textStyle: { color: ink, fontFamily: font, fontSize: 13 },
    },
    xAxis: {
      ...axis,
      type: 'value',
      name: `outlay, ${currency}`,
      nameGap: 30,
      min: Math.max(0, Math.floor((cheapest * 0.8) / 1000) * 1000),
      max: Math.ceil(top / 2000) * 2000,
    },
    yAxis: {
      ...axis,
      type: 'value',
      name: 'fit, of 100',
      nameGap: 34,
      min: Math.floor(Math.min(...fits, 60) / 10) * 10,
      max: 100,
    },
    series: [
      {
        type: 'scatter',
        data: [],
        silent: true,
        markLine: {
          symbol: 'none',
          silent: true,
          animation: false,
          label: {
            color: accent,
            fontFamily: font,
            fontWeight: 700,
            fontSize: 12,
            position: 'end',
            formatter: '{b}',
          },
          lineStyle: { color: accent, width: 2, type: 'solid' },
          data: [{ name: `to spend ${formatNumber(free)}`, xAxis: Math.max(0, free) }],
        },
        markArea: {
          silent: true,
          itemStyle: { color: accent, opacity: 0.1 },
          label: {
            show: true,
            position: 'insideBottom',
            color: accent,
            fontFamily: font,
            fontSize: 11,
          },
          data: [
            [
              { name: 'trip fund', xAxis: Math.max(0, free) },
              { xAxis: Math.max(0, free) + money.tripFund },
            ],
          ],
        },
      },
      ...list.flatMap((s) => {
        const plate = plateStyle(s.plate);
        const colour = dark ? plate.dark : plate.light;
        const symbol = `path://${plate.shape}`;
        const label = (text: string) => ({
          show: true,
          position: 'inside',
          formatter: text,
          color: dark ? '#14181a' : '#ffffff',
          fontWeight: 800,
          fontSize: 11,
          fontFamily: "'Overpass Variable', sans-serif",
        });
        const words = (where: string, [x, y]: readonly [number, number]) =>
          tooltipText(
            `${s.name}, ${where}`,
            `${formatNumber(x)} ${currency}, fit ${formatNumber(y)}`,
          );
        const path = s.built
          ? [
              {
                type: 'line',
                data: [s.stock, s.built],
                showSymbol: false,
                silent: true,
                lineStyle: {
                  color: colour,
                  width: 2,
                  type: plate.dash.length > 0 ? [...plate.dash] : 'solid',
                },
              },
            ]
          : [];
        const ends = [
          { at: s.stock, where: 'as it stands', faded: s.built !== undefined },
          ...(s.built ? [{ at: s.built, where: 'with its parts', faded: false }] : []),
        ];
        return [
          ...path,
          ...ends.map((end) => ({
            type: 'scatter',
            symbol,
            symbolSize: end.faded ? 13 : 22,
            z: 5,
            itemStyle: { color: colour, opacity: end.faded ? 0.55 : 1 },
            label: end.faded ? { show: false } : label(plate.letter),
            data: [end.at],
            tooltip: { formatter: words(end.where, end.at) },
          })),
        ];
      }),
    ],
  };
}

/** Fit against outlay: each candidate as it stands and, where parts are chosen, where they take it. */
export function FitAgainstOutlay({ model }: { readonly model: WeighUpModel }) {
  const dark = useIsDark();
  const [table, setTable] = useState(false);
  const list = spots(model);
  if (list.length === 0) return null;
  return (
    <Box>
      {table ? (
        <Box
          as="table"
          css={{
            '& td, & th': { padding: '4px 14px 4px 0', textAlign: 'left' },
            '& .n': { textAlign: 'right' },
          }}
        >
          <thead>
            <tr>
              <th>Candidate</th>
              <th className="n">outlay, {model.reader.currency}</th>
              <th className="n">fit</th>
              <th className="n">outlay with parts</th>
              <th className="n">fit with parts</th>
            </tr>
          </thead>
          <tbody>
            {list.map((s) => (
              <tr key={s.plate}>
                <td>
                  {plateStyle(s.plate).letter} {s.name}
                </td>
                <td className="n">{formatNumber(s.stock[0])}</td>
                <td className="n">{formatNumber(s.stock[1])}</td>
                <td className="n">{s.built ? formatNumber(s.built[0]) : '–'}</td>
                <td className="n">{s.built ? formatNumber(s.built[1]) : '–'}</td>
              </tr>
            ))}
          </tbody>
        </Box>
      ) : (
        <EChart
          option={optionFor(model, dark)}
          label={`Fit against outlay for ${list.length} candidates. ${list.map((s) => `${s.name}: fit ${Math.round(s.stock[1])} for ${formatNumber(s.stock[0])}`).join('; ')}`}
          height="340px"
        />
      )}
      <Button size="xs" variant="ghost" mt="1" onClick={() => setTable(!table)}>
        {table ? 'Show as a picture' : 'Show as a table'}
      </Button>
    </Box>
  );
}
