import { BarChart, LineChart } from 'echarts/charts';
import { GridComponent, LegendComponent, MarkLineComponent, TooltipComponent } from 'echarts/components';
import type { EChartsType } from 'echarts/core';
import { init, use as register } from 'echarts/core';
import { SVGRenderer } from 'echarts/renderers';

register([BarChart, LineChart, GridComponent, LegendComponent, MarkLineComponent, TooltipComponent, SVGRenderer]);

/** A chart in an element. */
export function createChart(element: HTMLElement): EChartsType {
  return init(element, null, { renderer: 'svg' });
}
