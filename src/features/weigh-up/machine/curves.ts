import type { EChartsCoreOption } from 'echarts/core';
import { gearGaps, rpmAt, speedPerThousand } from '@/core/gearing';
import {
  bestGear,
  resistance,
  ROLLING_COEFFICIENT,
  thrustIn,
  type Propulsion,
  type RoadLoad,
} from '@/core/road-load';
import { airAt } from '@/core/engine';
import { fromBase, unitEntry, preferredUnit } from '@/core/units';
import { formatNumber, type Reader } from '@/ui/messages';

export const GRADES = [0, 0.1, 0.2, 0.3] as const;

export interface CurveSetting {
  readonly propulsion: Propulsion;
  readonly mass_kg: number;
  readonly dragArea_m2: number;
  readonly cruise_kmh: number;
  readonly reader: Reader;
  readonly dark: boolean;
}

export const roadLoadOf = (
  { mass_kg, dragArea_m2 }: Pick<CurveSetting, 'mass_kg' | 'dragArea_m2'>,
  grade: number,
): RoadLoad => ({
  mass_kg,
  dragArea_m2,
  rollingCoefficient: ROLLING_COEFFICIENT.gravel,
  airDensity_kgm3: airAt(0).density_kgm3,
  grade,
});

const GEAR_DASH = ['solid', [9, 3], [6, 3], [3, 3], [9, 3, 2, 3], [2, 2]] as const;

function frame({ reader, dark }: CurveSetting) {
  const [ink, soft, line, panel, accent, faint] = dark
    ? ['#e9e7e1', '#b3b9b8', '#3a4449', '#1c2225', '#5fc4cf', '#8d897e']
    : ['#1b2327', '#4b565b', '#cbc6b9', '#fbfaf7', '#0b5f6b', '#8d897e'];
  const font = "'Atkinson Hyperlegible Next Variable', sans-serif";
  const unit = preferredUnit('speed', reader.units, reader.currency);
  const axis = (name: string) => ({
    type: 'value',
    name,
    nameLocation: 'middle',
    nameTextStyle: { color: soft, fontFamily: font, fontSize: 12 },
    axisLabel: {
      color: soft,
      fontFamily: font,
      hideOverlap: true,
      formatter: (v: number) => formatNumber(v),
    },
    axisLine: { show: true, lineStyle: { color: line } },
    splitLine: { lineStyle: { color: line, opacity: 0.4 } },
  });
  const base = {
    animation: false,
    textStyle: { fontFamily: font },
    grid: { left: 58, right: 92, top: 18, bottom: 44 },
    tooltip: { show: false },
    backgroundColor: panel,
  };
  return {
    ink,
    soft,
    panel,
    accent,
    faint,
    font,
    base,
    axis,
    speed: (kmh: number) => fromBase(kmh, unit),
    sign: unitEntry(unit).symbol,
  };
}

/** Thrust of every gear over speed, and what level, 10, 20 and 30 % of gravel ask: where a gear's line is above, it pulls. */
export function thrustOption(setting: CurveSetting): EChartsCoreOption {
  const { propulsion } = setting;
  const f = frame(setting);
  const label = (text: string, color: string) => ({
    show: true,
    formatter: text,
    color,
    fontFamily: f.font,
    fontSize: 11,
    distance: 4,
    backgroundColor: f.panel,
    padding: [0, 2],
  });
  const gears = propulsion.train.gears.map((_ratio, i) => {
    const [slow, fast] = [propulsion.curve.peaks.idle_rpm, propulsion.curve.peaks.limiter_rpm].map(
      (rpm) => (speedPerThousand(propulsion.train, i + 1) * rpm) / 1000,
    ) as [number, number];
    const push = thrustIn(propulsion, i + 1);
    const data = Array.from({ length: 41 }, (_, k) => slow + ((fast - slow) * k) / 40.02).map(
      (kmh) => [f.speed(kmh), Math.round(push(kmh))],
    );
    return {
      type: 'line',
      name: `gear ${i + 1}`,
      data,
      showSymbol: false,
      silent: true,
      lineStyle: { color: f.ink, width: 2, type: GEAR_DASH[i] ?? 'solid' },
      endLabel: label(`gear ${i + 1}`, f.ink),
    };
  });
  const top = Math.max(...gears.flatMap((g) => g.data.map((d) => d[0] ?? 0)));
  const most = Math.max(...gears.flatMap((g) => g.data.map((d) => d[1] ?? 0)));
  const asks = GRADES.map((grade) => {
    const load = roadLoadOf(setting, grade);
    const unit = preferredUnit('speed', setting.reader.units, setting.reader.currency);
    const data = Array.from({ length: 31 }, (_, k) => (top * k) / 30).map((shown) => [
      shown,
      Math.round(resistance(load, (shown * (unitEntry(unit).factor ?? 1)) / 3.6)),
    ]);
    return {
      type: 'line',
      name: `${grade * 100} %`,
      data: data.filter((d) => (d[1] ?? 0) <= most * 1.05),
      showSymbol: false,
      silent: true,
      lineStyle: { color: f.accent, width: 1.5 },
      endLabel: label(grade === 0 ? 'level' : `${Math.round(grade * 100)} % climb`, f.accent),
    };
  });
  return {
    ...f.base,
    xAxis: { ...f.axis(`speed, ${f.sign}`), nameGap: 28, min: 0, max: Math.ceil(top / 20) * 20 },
    yAxis: { ...f.axis('thrust at the rear wheel, N'), nameGap: 42, min: 0 },
    series: [...asks, ...gears],
  };
}

/** Engine speed over road speed in each gear, with the cruise of the brief and the redline. */
export function revOption(setting: CurveSetting): EChartsCoreOption {
  const { propulsion, cruise_kmh } = setting;
  const f = frame(setting);
  const { limiter_rpm } = propulsion.curve.peaks;
  const lines = propulsion.train.gears.map((_ratio, i) => ({
    type: 'line',
    data: [
      [0, 0],
      [f.speed((speedPerThousand(propulsion.train, i + 1) * limiter_rpm) / 1000), limiter_rpm],
    ],
    showSymbol: false,
    silent: true,
    lineStyle: { color: f.ink, width: 2, type: GEAR_DASH[i] ?? 'solid' },
    endLabel: {
      show: true,
      formatter: `${i + 1}`,
      color: f.ink,
      fontFamily: f.font,
      fontSize: 12,
      fontWeight: 700,
      offset: [-5, -10],
    },
  }));
  const top = f.speed(
    (speedPerThousand(propulsion.train, propulsion.train.gears.length) * limiter_rpm) / 1000,
  );
  return {
    ...f.base,
    xAxis: { ...f.axis(`speed, ${f.sign}`), nameGap: 28, min: 0, max: Math.ceil(top / 20) * 20 },
    yAxis: {
      ...f.axis('engine speed, rpm'),
      nameGap: 46,
      min: 0,
      max: Math.ceil((limiter_rpm * 1.12) / 1000) * 1000,
    },
    series: [
      {
        type: 'line',
        data: [],
        silent: true,
        markLine: {
          symbol: 'none',
          silent: true,
          animation: false,
          label: {
            color: f.accent,
            fontFamily: f.font,
            fontSize: 11,
            formatter: '{b}',
            position: 'insideEndTop',
          },
          lineStyle: { color: f.accent, width: 2, type: 'solid' },
          data: [
            { name: `redline ${formatNumber(limiter_rpm)}`, yAxis: limiter_rpm },
            { name: `cruise ${formatNumber(f.speed(cruise_kmh))}`, xAxis: f.speed(cruise_kmh) },
          ],
        },
        markArea: {
          silent: true,
          itemStyle: { color: f.accent, opacity: 0.08 },
          data: [[{ yAxis: limiter_rpm * 0.85 }, { yAxis: limiter_rpm }]],
        },
      },
      ...lines,
    ],
  };
}

/** The same as rows: each gear's speed for 1000 rpm, engine speed at the cruise, gap to the next. */
export function gearRows({
  propulsion,
  cruise_kmh,
}: Pick<CurveSetting, 'propulsion' | 'cruise_kmh'>): readonly {
  readonly gear: number;
  readonly perThousand_kmh: number;
  readonly cruise_rpm: number;
  readonly gap: number | undefined;
  readonly most_kmh: number;
}[] {
  const { train, curve } = propulsion;
  return train.gears.map((_ratio, i) => ({
    gear: i + 1,
    perThousand_kmh: speedPerThousand(train, i + 1),
    cruise_rpm: rpmAt(train, i + 1, cruise_kmh),
    gap: gearGaps(train)[i],
    most_kmh: (speedPerThousand(train, i + 1) * curve.peaks.limiter_rpm) / 1000,
  }));
}

/** Speed at which the best gear still holds a climb: from the fastest down, km/h; `undefined` when none does. */
export function speedOnClimb(
  setting: Pick<CurveSetting, 'propulsion' | 'mass_kg' | 'dragArea_m2'>,
  grade: number,
): number | undefined {
  const load = roadLoadOf(setting, grade);
  for (let kmh = 220; kmh >= 5; kmh -= 1)
    if ((bestGear(setting.propulsion, kmh)?.thrust_N ?? 0) >= resistance(load, kmh / 3.6))
      return kmh;
  return undefined;
}
