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

/** What is asked first is answered first: the words and figures of a screen come before the library of its pictures. At most so late, ms. */
const AT_LATEST = 1500;
const whenIdle = (): Promise<void> =>
  new Promise((done) => {
    if (typeof requestIdleCallback === 'undefined') setTimeout(done, 0);
    else requestIdleCallback(() => done(), { timeout: AT_LATEST });
  });

/** Only what is used of ECharts, loaded when the first picture is drawn and the page has nothing else to do. */
export const loadCharts = (): Promise<Init> => (loading ??= whenIdle().then(load));
