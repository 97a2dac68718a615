import { counted } from '../../../base/counted';
import { handsByDay } from '@zinc-ladder/core/plan/shopPlan/handsByDay';
import type { RungTime } from '@zinc-ladder/core/plan/shopPlan/shopPlan';
import { useNow } from '../../../clock/ClockContext';
import { groupBy } from '../../../base/groupBy';
import { useShop } from '../../../data/queries';
import type { ShopIndex } from '../../../data/useShopIndex';
import { formatSpan } from '../../../base/formats';
import { LongList } from '../../../ui/list/LongList';
import { useFormats } from '../../../features/formats/useFormats';
import { usePersons } from '../../../features/person/useAtBench';
import { localDate } from './planDays';
import type { PlannedShop } from '../../../features/plan/planned';

const HEAD_HEIGHT = 56;
const ROW_HEIGHT = 38;

/** The plan in words: each rung with its time, by day. Only the days in sight are drawn, however many there are. */
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
  const formats = useFormats();
  const rungs = plan.rungs.filter((time) => partIds.has(time.partId));
  const zone = useShop()?.timeZone ?? 'UTC';
  const hasSeveral = new Set(plan.rungs.map(({ personId }) => personId)).size > 1;
  const days = [...groupBy(rungs, (time) => localDate(time.startMs, zone))];
  const hands = handsByDay(rungs, zone);
  return (
    <LongList
      as="div"
      label={`Plan by day, ${counted(rungs.length, 'rung')}`}
      className="min-h-0 flex-1 overflow-auto"
      count={days.length}
      keyOf={(at) => days[at]?.[0] ?? at}
      usualHeight={(at) => HEAD_HEIGHT + ROW_HEIGHT * (days[at]?.[1].length ?? 0)}
      beyond={2}
    >
      {(at) => {
        const [date, times] = days[at] ?? ['', []];
        const day = formats.day(times[0]?.startMs ?? 0);
        return (
          <section aria-label={day} className="px-4 pb-5">
            <h2 className="font-label text-xl font-semibold">
              {day} <span className="text-dim text-base">{formatSpan(hands.get(date)?.minutes ?? 0)} of hands</span>
            </h2>
            <DayTable times={times} hasSeveral={hasSeveral} index={index} chosen={chosen} onChoose={onChoose} />
          </section>
        );
      }}
    </LongList>
  );
}

function DayTable({
  times,
  hasSeveral,
  index,
  chosen,
  onChoose,
}: {
  readonly times: readonly RungTime[];
  /** whether more than one person is told of */
  readonly hasSeveral: boolean;
  readonly index: ShopIndex;
  readonly chosen: string | null;
  readonly onChoose: (rungId: string) => void;
}) {
  const now = useNow(60_000);
  const formats = useFormats();
  const names = new Map(usePersons().map(({ id, name }) => [id, name]));
  return (
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
            <td className={`figure py-1 ${formats.isTwelveHour ? 'w-24' : 'w-16'}`}>{formats.time(time.startMs)}</td>
            <td className="figure text-dim w-28">{formats.moment(time.endMs, time.startMs)}</td>
            <td>
              <button type="button" className="min-h-9 cursor-pointer text-left hover:underline" onClick={() => onChoose(time.rungId)}>
                {index.rungTitle(time.rungId)}
              </button>
              {hasSeveral && time.personId !== null && <span className="text-dim ml-2 text-sm">{names.get(time.personId)}</span>}
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
  );
}
