import type { DayStretch, HandsDay } from '@zinc-ladder/core/plan/shopPlan/handsByDay';
import { handsByDay } from '@zinc-ladder/core/plan/shopPlan/handsByDay';
import type { RungTime } from '@zinc-ladder/core/plan/shopPlan/shopPlan';
import type { CSSProperties } from 'react';
import { useState } from 'react';
import { useNow } from '../../../clock/ClockContext';
import { useShop } from '../../../data/queries';
import type { ShopIndex } from '../../../data/useShopIndex';
import { Button } from '../../../ui/Button';
import { formatSpan } from '../../../base/formats';
import { useFormats } from '../../../features/formats/useFormats';
import { usePersons } from '../../../features/person/useAtBench';
import { datesFrom, localDate } from './planDays';
import type { PlannedShop } from '../../../features/plan/planned';

const WEEK = 7;
/** Points of the type on paper, and how many rows of it a landscape letter page holds; more rows are set smaller, down to what can still be read. */
const PAPER_TYPE = 7.5;
const ROWS_AT_PAPER_TYPE = 110;
const SMALLEST_TYPE = 5.5;
const NO_HANDS: HandsDay<RungTime> = { stretches: [], minutes: 0 };

/**
 * A week of evenings side by side, for the wall: what hands do each day, sessions told once. On paper the days flow through columns, so that a long Saturday
 * takes no more sheets than it must.
 */
export function PlanWeek({
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
  const shop = useShop();
  const zone = shop?.timeZone ?? 'UTC';
  const hasSeveral = new Set(plan.rungs.map(({ personId }) => personId)).size > 1;
  const names = new Map(usePersons().map(({ id, name }) => [id, name]));
  const [weeks, setWeeks] = useState(0);
  const days = handsByDay(
    plan.rungs.filter((time) => partIds.has(time.partId)),
    zone,
  );
  const dates = datesFrom(localDate(now, zone), (weeks + 1) * WEEK).slice(-WEEK);
  const rows = dates.reduce((sum, date) => sum + (days.get(date)?.stretches.length ?? 0), 0);
  // Rows and their width both shrink with the type: the page holds more by its square.
  const type = Math.max(SMALLEST_TYPE, PAPER_TYPE * Math.min(1, Math.sqrt(ROWS_AT_PAPER_TYPE / Math.max(1, rows))));
  const last = plan.rungs.at(-1);
  const hasMore = last !== undefined && localDate(last.endMs, zone) > (dates.at(-1) ?? '');
  return (
    <div className="week-sheet min-h-0 overflow-auto p-3" style={{ '--week-type': `${type.toFixed(2)}pt` } as CSSProperties}>
      <div className="no-print mb-2 flex gap-2" role="group" aria-label="Week shown">
        <Button disabled={weeks === 0} onClick={() => setWeeks(weeks - 1)}>
          Week before
        </Button>
        <Button disabled={!hasMore} onClick={() => setWeeks(weeks + 1)}>
          Week after
        </Button>
      </div>
      <p className="font-label mb-2 hidden text-xl font-semibold print:block">
        {shop?.name}, {formats.day(Date.parse(`${dates[0] ?? ''}T12:00:00Z`))} –{' '}
        {formats.day(Date.parse(`${dates.at(-1) ?? ''}T12:00:00Z`))}
        {hasSeveral || names.size < 2 ? '' : `, ${names.get(plan.rungs[0]?.personId ?? '') ?? ''}`}
      </p>
      <div className="week-days grid min-w-[47rem] grid-cols-7 gap-x-2.5">
        {dates.map((date) => {
          const noon = Date.parse(`${date}T12:00:00Z`);
          const { stretches, minutes } = days.get(date) ?? NO_HANDS;
          return (
            <section key={date} aria-label={formats.day(noon)} className="border-line border-t-2 pt-1">
              <h2 className="font-label leading-tight font-semibold">{formats.day(noon)}</h2>
              <p className="text-dim mb-1 text-sm">{stretches.length === 0 ? 'no hands' : `${formatSpan(minutes)} of hands`}</p>
              <ol>
                {stretches.map((stretch) => (
                  <Stretch
                    key={`${stretch.time.rungId}${stretch.startMs}`}
                    stretch={stretch}
                    title={index.rungTitle(stretch.time.rungId)}
                    by={hasSeveral ? (names.get(stretch.time.personId ?? '') ?? null) : null}
                    isChosen={chosen === stretch.time.rungId}
                    start={formats.time(stretch.startMs)}
                    onChoose={onChoose}
                  />
                ))}
              </ol>
            </section>
          );
        })}
      </div>
    </div>
  );
}

function Stretch({
  stretch: { time, isFirst, startMs, endMs },
  title,
  by,
  start,
  isChosen,
  onChoose,
}: {
  readonly stretch: DayStretch<RungTime>;
  readonly title: string;
  readonly by: string | null;
  readonly start: string;
  readonly isChosen: boolean;
  readonly onChoose: (rungId: string) => void;
}) {
  const { session } = time;
  const opens = isFirst && session !== null && session.count > 1 && session.place === 0;
  const goesOn = session !== null && session.count > 1 && session.place > 0;
  return (
    <li
      className={`border-line border-t py-1 text-sm ${isChosen ? 'bg-band' : ''} ${goesOn || opens ? 'border-l-edge border-l-4 pl-1.5' : ''}`}
    >
      {opens && (
        <span className="block font-medium">
          {session.familyName} for {session.count}
        </span>
      )}
      <button type="button" className="min-h-7 cursor-pointer text-left hover:underline" onClick={() => onChoose(time.rungId)}>
        <span className="figure whitespace-nowrap">{start}</span> {title}
        {!isFirst && <span className="text-dim"> goes on</span>}
      </button>
      <span className="text-dim figure whitespace-nowrap"> {formatSpan((endMs - startMs) / 60_000)}</span>
      {by !== null && <span className="text-dim"> {by}</span>}
      {time.isLocked && <span className="text-limeink font-medium"> locked</span>}
    </li>
  );
}
