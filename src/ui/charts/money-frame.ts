import { formatNumber } from '../messages';
import { plateStyle } from '../theme/plates';

const FONT = "'Atkinson Hyperlegible Next Variable', sans-serif";
const PLATE_FONT = "'Overpass Variable', sans-serif";

/** What a picture of fit against money spans. */
export interface MoneySpan {
  readonly dark: boolean;
  /** Name of the money axis. */
  readonly moneyName: string;
  readonly money: { readonly min: number; readonly max: number };
  readonly fit: { readonly min: number; readonly max: number };
  /** Money there is, and the trip fund beyond it. */
  readonly spend: number;
  readonly tripFund: number;
  /** Room at the right for letters. */
  readonly right: number;
}

const inks = (dark: boolean) =>
  dark
    ? { ink: '#e9e7e1', soft: '#b3b9b8', line: '#3a4449', panel: '#1c2225', accent: '#5fc4cf' }
    : { ink: '#1b2327', soft: '#4b565b', line: '#cbc6b9', panel: '#fbfaf7', accent: '#0b5f6b' };

/** What every picture of fit against money shares: its axes, its card beside the pointer, and the series that draws the money and the trip fund through. */
export function moneyFrame(span: MoneySpan) {
  const { ink, soft, line, panel, accent } = inks(span.dark);
  const axis = (name: string, nameGap: number) => ({
    type: 'value',
    name,
    nameGap,
    nameLocation: 'middle',
    nameTextStyle: { color: soft, fontFamily: FONT, fontSize: 12 },
    axisLabel: { color: soft, fontFamily: FONT, formatter: (v: number) => formatNumber(v) },
    axisLine: { show: true, lineStyle: { color: line } },
    splitLine: { lineStyle: { color: line, opacity: 0.42 } },
  });
  const limits = {
    type: 'scatter',
    data: [],
    silent: true,
    markLine: {
      symbol: 'none',
      silent: true,
      animation: false,
      label: {
        color: accent,
        fontFamily: FONT,
        fontWeight: 700,
        fontSize: 12,
        position: 'end',
        formatter: '{b}',
      },
      lineStyle: { color: accent, width: 2, type: 'solid' },
      data: [{ name: `to spend ${formatNumber(span.spend)}`, xAxis: Math.max(0, span.spend) }],
    },
    markArea: {
      silent: true,
      itemStyle: { color: accent, opacity: 0.1 },
      label: {
        show: true,
        position: 'insideBottom',
        color: accent,
        fontFamily: FONT,
        fontSize: 11,
      },
      data: [
        [
          { name: 'trip fund', xAxis: Math.max(0, span.spend) },
          { xAxis: Math.max(0, span.spend) + span.tripFund },
        ],
      ],
    },
  };
  return {
    limits,
    frame: {
      animation: false,
      textStyle: { fontFamily: FONT },
      grid: { left: 52, right: span.right, top: 32, bottom: 46 },
      tooltip: {
        trigger: 'item',
        confine: true,
        backgroundColor: panel,
        borderColor: line,
        textStyle: { color: ink, fontFamily: FONT, fontSize: 13 },
      },
      xAxis: { ...axis(span.moneyName, 30), ...span.money },
      yAxis: { ...axis('fit, of 100', 34), ...span.fit },
    },
  };
}

/** A candidate's hue, dash and shape in a picture. */
export function plateMark(plate: number, dark: boolean) {
  const { letter, shape, dash, ...hues } = plateStyle(plate);
  return {
    letter,
    colour: dark ? hues.dark : hues.light,
    dash: dash.length > 0 ? [...dash] : ('solid' as const),
    symbol: `path://${shape}`,
    /** The letter in the shape. */
    label: {
      show: true,
      position: 'inside',
      formatter: letter,
      color: dark ? '#14181a' : '#ffffff',
      fontWeight: 800,
      fontSize: 11,
      fontFamily: PLATE_FONT,
    },
    /** The letter beside the end of a line. */
    endLabel: {
      show: true,
      position: 'right',
      distance: 6,
      formatter: letter,
      color: dark ? hues.dark : hues.light,
      fontWeight: 800,
      fontSize: 13,
      fontFamily: PLATE_FONT,
    },
  };
}
