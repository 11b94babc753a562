import { formatNumber } from '../messages';

const FONT = "'Atkinson Hyperlegible Next Variable', sans-serif";

/** Colours of a picture of two figures, and what every such picture shares: axes with their names and the card beside the pointer. */
export function plainFrame(dark: boolean, names: { readonly x: string; readonly y: string }) {
  const colours = dark
    ? { ink: '#e9e7e1', soft: '#b3b9b8', line: '#3a4449', panel: '#1c2225', accent: '#5fc4cf' }
    : { ink: '#1b2327', soft: '#4b565b', line: '#cbc6b9', panel: '#fbfaf7', accent: '#0b5f6b' };
  const { ink, soft, line, panel } = colours;
  const axis = (name: string, nameGap: number) => ({
    type: 'value',
    name,
    nameGap,
    nameLocation: 'middle',
    nameTextStyle: { color: soft, fontFamily: FONT, fontSize: 12 },
    axisLabel: {
      color: soft,
      fontFamily: FONT,
      hideOverlap: true,
      formatter: (v: number) => formatNumber(v),
    },
    axisLine: { show: true, lineStyle: { color: line } },
    splitLine: { lineStyle: { color: line, opacity: 0.42 } },
  });
  return {
    ...colours,
    frame: {
      animation: false,
      textStyle: { fontFamily: FONT },
      tooltip: {
        trigger: 'item',
        confine: true,
        backgroundColor: panel,
        borderColor: line,
        textStyle: { color: ink, fontFamily: FONT, fontSize: 13 },
      },
      xAxis: axis(names.x, 30),
      yAxis: axis(names.y, 34),
    },
  };
}
