import { partLabel } from '@zinc-ladder/model/gather/plan/gatherPlan';
import type { ShopIndex } from '../../../data/useShopIndex';
import type { PlannedShop } from '../../../features/plan/planned';
import type { Formats } from '../../../base/formats';
import { counted } from '../../../base/counted';
import { RowName } from './RowName';

const LANE = 22;

/** Height of the printers' rows; none where nothing is printed. */
export function printHeight({ prints }: PlannedShop): number {
  return prints.length === 0 ? 0 : Math.max(1, ...lanesOf(prints).map((lane) => lane + 1)) * LANE + 20;
}

/** What is on which printer when, by day and night. */
export function PrintBand({
  plan,
  index,
  top,
  x,
  isInSight,
  nowMs,
  formats,
}: {
  readonly plan: PlannedShop;
  readonly index: ShopIndex;
  readonly top: number;
  readonly x: (ms: number) => number;
  readonly isInSight: (span: { readonly start: number; readonly end: number }) => boolean;
  readonly nowMs: number;
  readonly formats: Formats;
}) {
  if (plan.prints.length === 0) return null;
  const lanes = lanesOf(plan.prints);
  return (
    <>
      <RowName y={top + 16} name="Printing" />
      {plan.prints.map((print, at) => {
        const part = index.parts.get(print.partId);
        const left = x(print.startMs);
        const wide = x(print.lastOffMs) - left;
        if (!part || !isInSight({ start: print.startMs, end: print.lastOffMs })) return null;
        return (
          <g key={print.taskId}>
            <title>
              {partLabel(part)}: {print.pieces === part.count ? 'printing' : `printing ${counted(print.pieces, 'piece')}`}{' '}
              {formats.moment(print.startMs, nowMs)} to {formats.moment(print.lastOffMs, nowMs)}
            </title>
            <rect
              x={left}
              width={Math.max(2, wide)}
              y={top + 2 + (lanes[at] ?? 0) * LANE}
              height={LANE - 5}
              fill="var(--color-band)"
              stroke="var(--color-edge)"
              strokeDasharray="3 2"
            />
            {wide > 60 && (
              <text x={left + 5} y={top + 15 + (lanes[at] ?? 0) * LANE} fontSize={12} className="fill-ink font-sans" pointerEvents="none">
                {partLabel(part)}
              </text>
            )}
          </g>
        );
      })}
    </>
  );
}

/** A row for each print, so that none lies over another: the first that is free. */
function lanesOf(prints: PlannedShop['prints']): number[] {
  const freeFrom: number[] = [];
  return prints.map(({ startMs, lastOffMs }) => {
    const found = freeFrom.findIndex((ms) => ms <= startMs);
    const lane = found >= 0 ? found : freeFrom.length;
    freeFrom[lane] = lastOffMs;
    return lane;
  });
}
