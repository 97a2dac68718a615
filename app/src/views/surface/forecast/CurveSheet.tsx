import { decayAt } from '@zinc-ladder/core/inspection/decayFit';
import { valleyByHours } from '@zinc-ladder/core/surface/forecast/valleyByHours';
import { useMemo } from 'react';
import { Chart } from '../../../ui/chart/Chart';
import { Sheet } from '../../../ui/Sheet';
import { shownUnit } from '../../../ui/fields/shownUnit';
import { useUnits } from '../../../ui/fields/UnitsContext';
import { formatSpan } from '../../../base/formats';
import { useFormats } from '../../../features/formats/useFormats';
import type { Surface } from '../gathered/useSurface';

const STEPS = 60;
/** The line of what may stay is shown where it lies within so many times the ridges; farther off the curve would be flat under it. */
const SHOWN_TO = 6;

/** Valley depth and open flaws against hours, with the fitted decay and how far it may be off. */
export function CurveSheet({ surface }: { readonly surface: Surface }) {
  const formats = useFormats();
  const units = useUnits();
  const { verdict, passes, hours, openCounts, visible, ridge, chosen, paces } = surface;
  const { fit, reach } = verdict;
  const last = hours.at(-1) ?? 0;
  const option = useMemo(() => {
    const steps = chosen ? valleyByHours(chosen, paces) : [];
    const end = Math.max(0.5, last * 1.25, Math.min((reach?.hours ?? 0) * 1.3, 60), steps.at(-1)?.hours ?? 0);
    const curve = Array.from({ length: STEPS + 1 }, (_, step) => {
      const at = (end * step) / STEPS;
      return { at, ...decayAt(fit, at) };
    });
    const round = (value: number): number => Math.round(value * 100) / 100;
    const depth = shownUnit('µm', units);
    const deep = (micrometres: number): number => round(depth.toShown(micrometres));
    const deepest = Math.max(ridge.value, fit.points > 0 ? Math.exp(fit.logStart) : 0);
    const highest = visible.valleyMicrometres <= deepest * SHOWN_TO ? Math.max(deepest, visible.valleyMicrometres) : deepest;
    const points = [
      [0, deep(ridge.value)],
      ...passes.flatMap((pass, at) => (pass.valleyMicrometres === null ? [] : [[hours[at] ?? 0, deep(pass.valleyMicrometres)]])),
    ];
    const line = (name: string, type: 'solid' | 'dashed' | 'dotted', of: (value: (typeof curve)[number]) => number, width = 1.5) => ({
      name,
      type: 'line',
      showSymbol: false,
      lineStyle: { type, width },
      color: '#767676',
      data: curve.map((value) => [round(value.at), deep(of(value))]),
    });
    return {
      legend: { data: ['found', 'fitted', 'forecast by step', 'open flaws'], top: 0, left: 0 },
      tooltip: { trigger: 'axis' },
      grid: { left: 44, right: 40, top: 54, bottom: 36 },
      xAxis: { type: 'value', name: 'h of hands', nameLocation: 'middle', nameGap: 22, min: 0, max: round(end) },
      yAxis: [
        {
          type: 'value',
          name: depth.unit,
          min: 0,
          max: round(depth.toShown(Math.ceil((highest * 1.1) / 20) * 20)),
        },
        { type: 'value', name: 'flaws', min: 0, minInterval: 1, splitLine: { show: false } },
      ],
      series: [
        {
          name: 'found',
          type: 'line',
          lineStyle: { width: 0 },
          symbol: 'circle',
          symbolSize: 11,
          data: points,
          z: 5,
          markLine: {
            symbol: 'none',
            silent: true,
            label: { position: 'insideEndTop', formatter: 'may stay' },
            lineStyle: { color: '#9c432c', width: 1.5, type: 'solid' },
            data: [{ yAxis: deep(visible.valleyMicrometres) }],
          },
        },
        {
          ...line('fitted', 'dashed', (value) => value.value, 2),
          markLine: {
            symbol: 'none',
            silent: true,
            label: { formatter: 'smooth enough' },
            lineStyle: { color: '#a9b23a', width: 3, type: 'solid' },
            // At no hours at all it would lie on the axis, and what it says is told by the line of what may stay.
            data: reach && reach.hours > 0 && reach.hours < end ? [{ xAxis: round(reach.hours) }] : [],
          },
        },
        {
          name: 'forecast by step',
          type: 'line',
          step: 'end',
          symbol: 'none',
          lineStyle: { width: 1.5 },
          color: '#a9b23a',
          data: steps.map((step) => [round(step.hours), deep(step.valleyMicrometres)]),
        },
        line('', 'dotted', (value) => value.low, 1),
        line('', 'dotted', (value) => value.high, 1),
        {
          name: 'open flaws',
          type: 'line',
          yAxisIndex: 1,
          symbol: 'emptyRect',
          symbolSize: 9,
          lineStyle: { width: 1 },
          data: openCounts.map((count, at) => [Math.round((hours[at] ?? 0) * 100) / 100, count]),
        },
      ],
    };
  }, [fit, reach, passes, hours, openCounts, visible, ridge, last, chosen, paces, units]);
  const words = passes
    .map(
      (pass, at) =>
        `${formatSpan((hours[at] ?? 0) * 60)}: ${pass.valleyMicrometres === null ? 'not judged' : formats.film(pass.valleyMicrometres)}, ${openCounts[at] ?? 0} open`,
    )
    .join('; ');
  return (
    <Sheet className="min-w-0 p-4" label="Valley depth against hours">
      <h2 className="label">Valley depth and open flaws against hours of hands</h2>
      <Chart
        option={option}
        label={`${words || 'no pass yet'}; ${reach ? `smooth enough at ${formatSpan(reach.hours * 60)}` : 'when it is smooth enough the passes do not say yet'}`}
        height={270}
      />
      <p className="text-dim text-sm">
        {passes.length === 0
          ? 'No pass looked at yet: the curve is the forecast alone.'
          : 'Points are what was found; the dashed curve is fitted to them, dotted one standard deviation either way. The steps are what this school was forecast to do.'}
      </p>
    </Sheet>
  );
}
