import type { EChartsCoreOption } from 'echarts/core';
import { useEffect, useRef } from 'react';

/** A chart; the library is fetched when the first one is shown. Its content is told in words by `label`. */
export function Chart({
  option,
  label,
  height = 220,
}: {
  readonly option: EChartsCoreOption;
  readonly label: string;
  readonly height?: number;
}) {
  const box = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const element = box.current;
    if (!element) return undefined;
    let isOver = false;
    let dispose: (() => void) | null = null;
    void import('./chartLibrary').then(({ createChart }) => {
      if (isOver) return;
      const chart = createChart(element);
      chart.setOption(withTheme(option, element));
      const observer = new ResizeObserver(() => chart.resize());
      observer.observe(element);
      dispose = () => {
        observer.disconnect();
        chart.dispose();
      };
    });
    return () => {
      isOver = true;
      dispose?.();
    };
  }, [option]);
  return <div ref={box} role="img" aria-label={label} style={{ height }} />;
}

/** The page's own neutrals and type; charts know nothing of CSS. */
function withTheme(option: EChartsCoreOption, element: HTMLElement): EChartsCoreOption {
  const style = getComputedStyle(element);
  const read = (name: string): string => style.getPropertyValue(name).trim();
  const axis = {
    axisLabel: { color: read('--color-dim') },
    axisLine: { lineStyle: { color: read('--color-edge') } },
    splitLine: { lineStyle: { color: read('--color-line') } },
  };
  const theme = (given: unknown): object => ({ ...axis, ...(given as object) });
  return {
    animation: false,
    textStyle: { fontFamily: 'Barlow, sans-serif', color: read('--color-ink') },
    color: [read('--color-ink'), read('--color-dim'), read('--color-limeink')],
    grid: { left: 48, right: 16, top: 32, bottom: 32 },
    ...option,
    xAxis: theme(option['xAxis']),
    yAxis: Array.isArray(option['yAxis']) ? option['yAxis'].map(theme) : theme(option['yAxis']),
    legend: option['legend'] ? { textStyle: { color: read('--color-ink') }, ...(option['legend'] as object) } : undefined,
  };
}
