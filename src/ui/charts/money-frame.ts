import { formatNumber } from '../messages';
import { plateStyle } from '../theme/plates';
import { plainFrame } from './plain-frame';

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

/** What every picture of fit against money shares: its axes, its card beside the pointer, and the series that draws the money and the trip fund through. */
export function moneyFrame(span: MoneySpan) {
  const { accent, frame } = plainFrame(span.dark, { x: span.moneyName, y: 'fit, of 100' });
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
      ...frame,
      grid: { left: 52, right: span.right, top: 32, bottom: 46 },
      xAxis: { ...frame.xAxis, ...span.money },
      yAxis: { ...frame.yAxis, ...span.fit },
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
