import type { PrintTime } from '@zinc-ladder/core/plan/shopPlan/shopPlan';
import { partLabel } from '@zinc-ladder/model/gather/plan/gatherPlan';
import { Link } from 'react-router';
import type { ShopIndex } from '../../../data/useShopIndex';
import { Sheet } from '../../../ui/Sheet';
import { useFormats } from '../../../features/formats/useFormats';
import { Why } from '../../../ui/Why';
import { counted } from '../../../base/counted';

/** What to print first, so that the ladders have their parts when their turn comes. */
export function PrintSheet({
  prints,
  index,
  nowMs,
}: {
  readonly prints: readonly PrintTime[];
  readonly index: ShopIndex;
  readonly nowMs: number;
}) {
  const formats = useFormats();
  if (prints.length === 0) return null;
  return (
    <Sheet className="p-4" label="To print">
      <h2 className="label">To print, in this order</h2>
      <ol>
        {prints.map(({ taskId, partId, pieces, startMs, lastOffMs }, at) => {
          const part = index.parts.get(partId);
          const isFirst = prints.findIndex((other) => other.partId === partId) === at;
          return (
            <li key={taskId} className="border-line flex justify-between gap-3 border-t py-1.5">
              <span className="min-w-0">
                {part && (
                  <Link className="in-text underline underline-offset-4" to={`/ladders/${part.propId}/${part.id}`}>
                    {partLabel(part)}
                  </Link>
                )}
                {part && pieces < part.count && <span className="text-dim block text-sm">{counted(pieces, 'piece')} on the bed</span>}
              </span>
              <span className="figure text-right text-sm">
                {formats.moment((isFirst ? part?.print?.startedAtMs : null) ?? startMs, nowMs)}
                <span className="block">
                  off{' '}
                  <Why
                    name={`when ${part?.name ?? 'it'} is off the printer`}
                    reason={{
                      formula:
                        'printing is planned with all other work: one printer a part, bed by bed; each begun in hours in which somebody is there, it goes on by day and night without hands',
                      source: 'hours of a piece as typed on its part, else guessed; failures are left to chance',
                    }}
                  >
                    {formats.moment(lastOffMs, nowMs)}
                  </Why>
                </span>
              </span>
            </li>
          );
        })}
      </ol>
    </Sheet>
  );
}
