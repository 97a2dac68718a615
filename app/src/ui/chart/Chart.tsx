import type { EChartsCoreOption, EChartsType } from 'echarts/core';
import { useEffect, useRef, useState } from 'react';

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
  const [chart, setChart] = useState<EChartsType | null>(null);
  useEffect(() => {
    const element = box.current;
    if (!element) return undefined;
    let isOver = false;
    let dispose: (() => void) | null = null;
    void import('./chartLibrary').then(({ createChart }) => {
      if (isOver) return;
      const made = createChart(element);
      const observer = new ResizeObserver(() => made.resize());
      observer.observe(element);
      setChart(made);
      dispose = () => {
        observer.disconnect();
        made.dispose();
      };
    });
    return () => {
      isOver = true;
      dispose?.();
    };
  }, []);
  useEffect(() => {
    // Drawn with the next frame: taken in, laid out and drawn at once it holds the page twice as long.
    if (chart && box.current) chart.setOption(withTheme(option, box.current), { notMerge: true, lazyUpdate: true });
  }, [chart, option]);
  // What is drawn is as wide as its place was: without this it would hold its place that wide when a tablet is turned.
  return <div ref={box} role="img" aria-label={label} style={{ height, contain: 'inline-size' }} />;
}

/** The page's own neutrals and type; charts know nothing of CSS. */
function withTheme(option: EChartsCoreOption, element: HTMLElement): EChartsCoreOption {
  const style = getComputedStyle(element);
  const read = (name: string): string => style.getPropertyValue(name).trim();
  const axis = {
    axisLabel: { color: read('--color-dim'), hideOverlap: true },
    axisLine: { lineStyle: { color: read('--color-edge') } },
    splitLine: { lineStyle: { color: read('--color-line') } },
  };
  const theme = (given: unknown): object => ({ ...axis, ...(given as object) });
  return {
    animation: false,
    textStyle: { fontFamily: 'Barlow, sans-serif', color: read('--color-ink') },
    color: [read('--color-ink'), read('--color-dim'), read('--color-limeink')],
    ...option,
    // Every chart gives its labels the room they need; measuring whether they fit takes a third of the time.
    grid: { left: 48, right: 16, top: 32, bottom: 32, outerBoundsMode: 'none', ...(option['grid'] as object | undefined) },
    xAxis: theme(option['xAxis']),
    yAxis: Array.isArray(option['yAxis']) ? option['yAxis'].map(theme) : theme(option['yAxis']),
    legend: option['legend'] ? { textStyle: { color: read('--color-ink') }, ...(option['legend'] as object) } : undefined,
  };
}
