'use client';
import { Box } from '@chakra-ui/react';
import type { EChartsCoreOption } from 'echarts/core';
import { useEffect, useRef } from 'react';
import { loadCharts } from './load-charts';

interface StillChartProps {
  readonly option: EChartsCoreOption;
  readonly label: string;
  /** Of the drawing; on the page it scales to the width there is, on paper too. */
  readonly width: number;
  readonly height: number;
}

/** An ECharts picture that nobody points at: drawn in its own size once and scaled like a drawing, so that it keeps its shape at any width and in print. */
export function StillChart({ option, label, width, height }: StillChartProps) {
  const holder = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const element = holder.current;
    let dispose = () => undefined as void;
    let stale = false;
    void loadCharts().then((init) => {
      if (stale || !element) return;
      const chart = init(element, 'svg', { width, height });
      dispose = () => chart.dispose();
      chart.setOption(option, true);
      element.querySelector('svg')?.setAttribute('viewBox', `0 0 ${width} ${height}`);
    });
    return () => {
      stale = true;
      dispose();
    };
  }, [option, width, height]);
  return (
    <Box
      ref={holder}
      role="img"
      aria-label={label}
      pointerEvents="none"
      css={{
        aspectRatio: `${width} / ${height}`,
        '& > div': { width: '100% !important', height: '100% !important' },
        '& > div ~ div': { display: 'none' },
        '& svg': { width: '100% !important', height: '100% !important', display: 'block' },
      }}
    />
  );
}
