import type { AirTimeline } from '@zinc-ladder/core/climate/airTimeline';
import { airAt } from '@zinc-ladder/core/climate/airTimeline';
import { dewPointCelsius } from '@zinc-ladder/core/climate/dewPoint';
import { useMemo } from 'react';
import { Chart } from '../../../ui/chart/Chart';
import { timeAxis } from '../../../ui/chart/timeAxis';
import { shownUnit } from '../../../ui/fields/shownUnit';
import { useUnits } from '../../../ui/fields/UnitsContext';
import type { Formats } from '../../../base/formats';

const HOUR_MS = 3_600_000;

/** Temperature, dew point and humidity from two days ago to three days ahead. */
export function AirChart({ air, nowMs, formats }: { readonly air: AirTimeline; readonly nowMs: number; readonly formats: Formats }) {
  const units = useUnits();
  const option = useMemo(() => {
    const degrees = shownUnit('°C', units);
    const moments = Array.from({ length: 121 }, (_, hour) => nowMs + (hour - 48) * HOUR_MS);
    const values = moments.map((ms) => ({ ms, ...airAt(air, ms) }));
    const line = (
      name: string,
      of: (value: (typeof values)[number]) => number,
      yAxisIndex = 0,
      type: 'solid' | 'dashed' | 'dotted' = 'solid',
    ) => ({
      name,
      type: 'line',
      yAxisIndex,
      showSymbol: false,
      lineStyle: { type, width: 1.75 },
      tooltip: { valueFormatter: (value: unknown) => `${String(value)} ${yAxisIndex === 0 ? degrees.unit : '%'}` },
      data: values.map((value) => [value.ms, Math.round(of(value) * 10) / 10]),
      ...(yAxisIndex === 0 && type === 'solid'
        ? {
            markLine: {
              symbol: 'none',
              silent: true,
              label: { formatter: 'now' },
              data: [{ xAxis: nowMs }],
              lineStyle: { color: '#5d6413', width: 2, type: 'solid' },
            },
          }
        : {}),
    });
    return {
      legend: { data: ['air', 'dew point', 'humidity'], top: 0 },
      tooltip: { trigger: 'axis' },
      xAxis: timeAxis((ms) => formats.moment(ms, nowMs)),
      yAxis: [
        { type: 'value', name: degrees.unit, scale: true },
        { type: 'value', name: '% RH', min: 0, max: 100, splitLine: { show: false } },
      ],
      grid: { left: 40, right: 44, top: 36, bottom: 28 },
      series: [
        line('air', (v) => degrees.toShown(v.temperatureCelsius)),
        line('dew point', (v) => degrees.toShown(dewPointCelsius(v.temperatureCelsius, v.relativeHumidityPercent)), 0, 'dashed'),
        line('humidity', (v) => v.relativeHumidityPercent, 1, 'dotted'),
      ],
    };
  }, [air, nowMs, formats, units]);
  const here = airAt(air, nowMs);
  return (
    <Chart
      option={option}
      label={`Air over five days; now ${formats.temperature(here.temperatureCelsius)}, ${Math.round(here.relativeHumidityPercent)} %`}
      height={280}
    />
  );
}
