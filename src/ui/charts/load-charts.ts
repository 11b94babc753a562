import type { EChartsCoreOption } from 'echarts/core';

/** What of a chart is used here. */
export interface Chart {
  setOption(o: EChartsCoreOption, notMerge: boolean): void;
  resize(): void;
  dispose(): void;
  on(event: 'click', handler: (params: unknown) => void): void;
}

export type Renderer = 'svg' | 'canvas';
type Init = (
  element: HTMLElement,
  renderer: Renderer,
  size?: { readonly width: number; readonly height: number },
) => Chart;

let loading: Promise<Init> | undefined;

async function load(): Promise<Init> {
  const [core, charts, components, renderers] = await Promise.all([
    import('echarts/core'),
    import('echarts/charts'),
    import('echarts/components'),
    import('echarts/renderers'),
  ]);
  core.use([
    charts.ScatterChart,
    charts.LineChart,
    charts.CustomChart,
    components.GridComponent,
    components.TooltipComponent,
    components.MarkLineComponent,
    components.MarkAreaComponent,
    renderers.SVGRenderer,
    renderers.CanvasRenderer,
  ]);
  return (element, renderer, size) => core.init(element, null, { renderer, ...size });
}

/** At most so late, ms. */
const AT_LATEST = 1000;

/** What is asked first is answered first: words and figures of a screen come before its pictures. Gives the way to call it off. */
export function afterTheWords(act: () => void): () => void {
  if (typeof requestIdleCallback === 'undefined') {
    const timer = setTimeout(act, 0);
    return () => clearTimeout(timer);
  }
  const idle = requestIdleCallback(act, { timeout: AT_LATEST });
  return () => cancelIdleCallback(idle);
}

/** Only what is used of ECharts, loaded when the first picture is drawn and the page has nothing else to do. */
export const loadCharts = (): Promise<Init> =>
  (loading ??= new Promise<void>((go) => afterTheWords(go)).then(load));
