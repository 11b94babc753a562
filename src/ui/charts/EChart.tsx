'use client';
import { Box } from '@chakra-ui/react';
import type { EChartsCoreOption } from 'echarts/core';
import { useEffect, useEffectEvent, useRef } from 'react';
import { afterTheWords, loadCharts, type Chart } from './load-charts';

/** An ECharts picture with an accessible name; give it a table twin nearby. `often`: it is drawn many times a minute, so it is painted instead of built. */
export function EChart({
  option,
  label,
  height,
  onPick,
  often = false,
}: {
  readonly option: EChartsCoreOption;
  readonly label: string;
  readonly height: string;
  readonly onPick?: (data: unknown) => void;
  readonly often?: boolean;
}) {
  const holder = useRef<HTMLDivElement>(null);
  const chart = useRef<Chart>(undefined);
  const latest = useRef(option);
  const pick = useEffectEvent((data: unknown) => onPick?.(data));
  useEffect(() => {
    latest.current = option;
    if (often) {
      chart.current?.setOption(option, true);
      return undefined;
    }
    // What was edited is said before its picture is drawn anew.
    return afterTheWords(() => chart.current?.setOption(option, true));
  }, [option, often]);
  useEffect(() => {
    const element = holder.current;
    if (!element) return undefined;
    let gone = false;
    const observer = new ResizeObserver(() => chart.current?.resize());
    void loadCharts().then((init) => {
      if (gone) return;
      chart.current = init(element, often ? 'canvas' : 'svg');
      chart.current.setOption(latest.current, true);
      chart.current.on('click', (params) => pick((params as { readonly data?: unknown }).data));
      observer.observe(element);
    });
    return () => {
      gone = true;
      observer.disconnect();
      chart.current?.dispose();
      chart.current = undefined;
    };
  }, [often]);
  return <Box ref={holder} role="img" aria-label={label} height={height} width="100%" />;
}
