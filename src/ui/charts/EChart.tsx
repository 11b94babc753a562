'use client';
import { Box } from '@chakra-ui/react';
import type { EChartsCoreOption } from 'echarts/core';
import { type RefObject, useEffect, useEffectEvent, useRef, useState } from 'react';
import { useEver } from '../fields';
import { afterTheWords, loadCharts, type Chart } from './load-charts';

/** Whether an element is in view or about to be. */
function useNear(holder: RefObject<HTMLElement | null>): boolean {
  const [near, setNear] = useState(false);
  useEffect(() => {
    const element = holder.current;
    if (!element) return undefined;
    const observer = new IntersectionObserver(
      (seen) => setNear(seen.at(-1)?.isIntersecting ?? false),
      { rootMargin: '300px' },
    );
    observer.observe(element);
    return () => observer.disconnect();
  }, [holder]);
  return near;
}

/** An ECharts picture with an accessible name; give it a table twin nearby. `often`: it is drawn many times a minute, so it is painted instead of built. Nothing is loaded or drawn until it is nearly in view. */
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
  const near = useNear(holder);
  useEffect(() => {
    latest.current = option;
    if (!near) return undefined;
    if (often) {
      chart.current?.setOption(option, true);
      return undefined;
    }
    // What was edited is said before its picture is drawn anew.
    return afterTheWords(() => chart.current?.setOption(option, true));
  }, [option, often, near]);
  const wanted = useEver(near);
  useEffect(() => {
    const element = holder.current;
    if (!element || !wanted) return undefined;
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
  }, [often, wanted]);
  return <Box ref={holder} role="img" aria-label={label} height={height} width="100%" />;
}
