'use client';
import { Box, Button } from '@chakra-ui/react';
import type { EChartsCoreOption } from 'echarts/core';
import { useState } from 'react';
import { shortName } from '@/core/donor';
import { spendable } from '@/core/brief';
import { EChart, moneyFrame, plateMark, tooltipText } from '@/ui/charts';
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
  const list = spots(model);
  const free = spendable(money);
  const top = Math.max(
    ...list.flatMap((s) => [s.stock[0], s.built?.[0] ?? 0]),
    free + money.tripFund,
  );
  const cheapest = Math.min(...list.map((s) => s.stock[0]), free);
  const fits = list.flatMap((s) => [s.stock[1], s.built?.[1] ?? s.stock[1]]);
  const { frame, limits } = moneyFrame({
    dark,
    moneyName: `outlay, ${currency}`,
    money: {
      min: Math.max(0, Math.floor((cheapest * 0.8) / 1000) * 1000),
      max: Math.ceil(top / 2000) * 2000,
    },
    fit: { min: Math.floor(Math.min(...fits, 60) / 10) * 10, max: 100 },
    spend: free,
    tripFund: money.tripFund,
    right: 24,
  });
  return {
    ...frame,
    series: [
      limits,
      ...list.flatMap((s) => {
        const mark = plateMark(s.plate, dark);
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
                lineStyle: { color: mark.colour, width: 2, type: mark.dash },
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
            symbol: mark.symbol,
            symbolSize: end.faded ? 13 : 22,
            z: 5,
            itemStyle: { color: mark.colour, opacity: end.faded ? 0.55 : 1 },
            label: end.faded ? { show: false } : mark.label,
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
