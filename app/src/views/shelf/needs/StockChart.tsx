import type { ShelfLine } from '@zinc-ladder/model/gather/shelf/shelfLines';
import { useMemo } from 'react';
import { amountText, UNIT_NAMES } from '../../../features/shelf/shelfWords';
import { Chart } from '../../../ui/chart/Chart';
import { timeAxis } from '../../../ui/chart/timeAxis';
import { shownUnit } from '../../../ui/fields/shownUnit';
import { useUnits } from '../../../ui/fields/UnitsContext';
import type { Formats } from '../../../base/formats';

/** What is left of a product along the plan, with the band nine of ten lie in. */
export function StockChart({ line, nowMs, formats }: { readonly line: ShelfLine; readonly nowMs: number; readonly formats: Formats }) {
  const { curve, stock, thing } = line;
  const units = useUnits();
  const option = useMemo(() => {
    const amount = shownUnit(UNIT_NAMES[thing.unit], units);
    const start = { atMs: nowMs, left: stock, low: stock, high: stock };
    const steps = [start, ...curve.steps.map((step) => ({ ...step, atMs: Math.max(nowMs, step.atMs) }))];
    const series = (name: string, key: 'left' | 'low' | 'high', type: 'solid' | 'dotted', width: number) => ({
      name,
      type: 'line',
      step: 'end',
      showSymbol: false,
      lineStyle: { type, width },
      tooltip: { valueFormatter: (value: unknown) => `${String(value)} ${amount.unit}` },
      data: steps.map((step) => [step.atMs, Math.round(amount.toShown(step[key]) * 100) / 100]),
      ...(key === 'left'
        ? {
            markLine: {
              symbol: 'none',
              silent: true,
              label: { formatter: 'empty' },
              data: [{ yAxis: 0 }],
              lineStyle: { type: 'dashed', width: 1.5 },
            },
          }
        : {}),
    });
    return {
      tooltip: { trigger: 'axis' },
      grid: { left: 48, right: 56, top: 24, bottom: 28 },
      xAxis: timeAxis((ms) => formats.moment(ms, nowMs)),
      yAxis: { type: 'value', name: amount.unit },
      series: [
        series('in the mean', 'left', 'solid', 2),
        series('at least, nine of ten', 'low', 'dotted', 1.5),
        series('at most, nine of ten', 'high', 'dotted', 1.5),
      ],
    };
  }, [curve, stock, thing.unit, nowMs, formats, units]);
  const last = curve.steps.at(-1);
  return (
    <Chart
      option={option}
      label={`${thing.name}: ${amountText(stock, thing.unit, formats)} now, ${amountText(last?.left ?? stock, thing.unit, formats)} at the end of the plan`}
      height={240}
    />
  );
}
