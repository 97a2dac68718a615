import type { MinutesSum } from '@zinc-ladder/core/log/comparedMinutes';
import { useMemo } from 'react';
import { Chart } from '../../ui/chart/Chart';
import { formatSpan } from '../../base/formats';

const SHOWN = 8;

/** Planned against actual minutes by kind of work. */
export function MinutesChart({ sums }: { readonly sums: readonly MinutesSum[] }) {
  const shown = sums.slice(0, SHOWN);
  const option = useMemo(() => {
    const rows = sums.slice(0, SHOWN).toReversed();
    return {
      legend: { data: ['planned', 'actual'], top: 0, right: 0 },
      grid: { left: 150, right: 40, top: 28, bottom: 24 },
      tooltip: { trigger: 'axis' },
      xAxis: { type: 'value', name: 'min' },
      yAxis: { type: 'category', data: rows.map((sum) => sum.key), axisLabel: { width: 140, overflow: 'truncate' } },
      series: [
        {
          name: 'planned',
          type: 'bar',
          data: rows.map((sum) => Math.round(sum.planned)),
          itemStyle: { color: 'transparent', borderColor: '#767676', borderWidth: 1.5, borderType: 'dashed' },
        },
        { name: 'actual', type: 'bar', data: rows.map((sum) => Math.round(sum.actual)), itemStyle: { color: '#767676' } },
      ],
    };
  }, [sums]);
  if (shown.length === 0) return <p className="text-dim">Nothing with planned and real minutes yet.</p>;
  const words = shown.map((sum) => `${sum.key}: planned ${formatSpan(sum.planned)}, took ${formatSpan(sum.actual)}`).join('; ');
  return <Chart option={option} label={words} height={Math.max(140, shown.length * 44 + 50)} />;
}
