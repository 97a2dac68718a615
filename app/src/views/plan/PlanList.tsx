import { handsMinutes } from '@zinc-ladder/core/plan/handsMinutes';
import { useNow } from '../../clock/ClockContext';
import type { ShopIndex } from '../../data/useShopIndex';
import { formatSpan, useFormats } from '../../ui/useFormats';
import type { PlannedShop } from './planned';
import { groupBy } from '../../data/groupBy';

const SHOWN = 400;

/** The plan in words: each rung with its time, by day. */
export function PlanList({
  plan,
  partIds,
  index,
  chosen,
  onChoose,
}: {
  readonly plan: PlannedShop;
  readonly partIds: ReadonlySet<string>;
  readonly index: ShopIndex;
  readonly chosen: string | null;
  readonly onChoose: (rungId: string) => void;
}) {
  const now = useNow(60_000);
  const formats = useFormats();
  const rungs = plan.rungs.filter((time) => partIds.has(time.partId));
  const days = groupBy(rungs.slice(0, SHOWN), (time) => formats.day(time.startMs));
  return (
    <div className="overflow-auto p-4">
      {[...days].map(([day, times]) => (
        <section key={day} aria-label={day} className="mb-5">
          <h2 className="font-label text-xl font-semibold">
            {day} <span className="text-dim text-base">{formatSpan(handsMinutes(times))} of hands</span>
          </h2>
          <table className="w-full">
            <thead className="sr-only">
              <tr>
                <th>From</th>
                <th>To</th>
                <th>Rung</th>
                <th>Closes</th>
              </tr>
            </thead>
            <tbody>
              {times.map((time) => (
                <tr key={time.rungId} className={`border-line border-t ${chosen === time.rungId ? 'bg-band' : ''}`}>
                  <td className="figure w-16 py-1">{formats.time(time.startMs)}</td>
                  <td className="figure text-dim w-28">{formats.moment(time.endMs, time.startMs)}</td>
                  <td>
                    <button
                      type="button"
                      className="min-h-9 cursor-pointer text-left hover:underline"
                      onClick={() => onChoose(time.rungId)}
                    >
                      {index.rungTitle(time.rungId)}
                    </button>
                    {time.isLocked && <span className="text-limeink ml-2 text-sm font-medium">locked</span>}
                    {time.session && time.session.count > 1 && (
                      <span className="text-dim ml-2 text-sm">
                        {time.session.place === 0
                          ? `${time.session.toolName}, got ready for ${time.session.count}`
                          : `goes on with ${time.session.familyName}`}
                      </span>
                    )}
                  </td>
                  <td className="text-oxide text-right">
                    {time.windowClosesMs === null ? '' : `closes ${formats.moment(time.windowClosesMs, now)}`}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </section>
      ))}
      {rungs.length > SHOWN && <p className="text-dim">and {rungs.length - SHOWN} more later</p>}
    </div>
  );
}
