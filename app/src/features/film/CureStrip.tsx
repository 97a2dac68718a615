import type { CureOutlook } from '@zinc-ladder/core/cure/cureClock';
import { filmStateAt } from '@zinc-ladder/core/cure/cureClock';
import { cureStages, positionAt } from './cureStages';
import { STATE_WORDS, stippleFill } from '../../ui/swatch/Stipples';
import type { Formats } from '../../base/formats';

const HEIGHT = 28;

/** A film's way from wet to hard: a stage a milestone (not to scale), stipple thickening, a mark at now. */
export function CureStrip({
  outlook,
  nowMs,
  formats,
  tint,
}: {
  readonly outlook: CureOutlook;
  readonly nowMs: number;
  readonly formats: Formats;
  readonly tint?: string | null;
}) {
  const stages = cureStages(outlook);
  const width = 100 / Math.max(1, stages.length);
  const now = positionAt(stages, nowMs) * 100;
  const state = STATE_WORDS[filmStateAt(outlook, nowMs)];
  const spoken = stages.map((stage) => `${stage.reached.join(' and ')} ${formats.moment(stage.endMs, nowMs)}`).join(', ');
  return (
    <div role="img" aria-label={`Now ${state}. ${spoken}`}>
      <svg width="100%" height={HEIGHT + 4} className="block overflow-visible">
        {stages.map((stage, index) => (
          <g key={stage.startMs}>
            <rect
              x={`${index * width}%`}
              y={2}
              width={`${width}%`}
              height={HEIGHT}
              fill={tint ?? 'var(--color-sheet)'}
              fillOpacity={tint ? 0.22 : 1}
            />
            <rect
              x={`${index * width}%`}
              y={2}
              width={`${width}%`}
              height={HEIGHT}
              fill={stippleFill(stage.state)}
              stroke="var(--color-edge)"
            />
          </g>
        ))}
        <rect
          x={`${now}%`}
          y={0}
          width={4}
          height={HEIGHT + 4}
          transform="translate(-2 0)"
          fill="var(--color-lime)"
          stroke="var(--color-ink)"
          strokeWidth={0.75}
        />
      </svg>
      {/* Columns of no least width: what is written under the stages must not widen the view. */}
      <div
        className="font-label grid text-[13px]"
        style={{ gridTemplateColumns: `repeat(${Math.max(1, stages.length)}, minmax(0, 1fr))` }}
        aria-hidden="true"
      >
        {stages.map((stage) => (
          <span key={stage.startMs} className="flex flex-col items-end justify-between pl-1 text-right leading-tight">
            {stage.reached.join(' · ')}
            <span className="figure text-dim block text-[11px] whitespace-nowrap">{formats.brief(stage.endMs, nowMs)}</span>
          </span>
        ))}
      </div>
    </div>
  );
}
