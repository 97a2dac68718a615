import type { ShopAirs } from '@zinc-ladder/core/plan/shop/shopPlanInput';
import { utcOffsetMinutes } from '@zinc-ladder/core/time/workingHours';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import { useRef } from 'react';
import { useVirtualizer } from '@tanstack/react-virtual';
import { groupBy } from '../../../base/groupBy';
import { useShop } from '../../../data/queries';
import type { ShopIndex } from '../../../data/useShopIndex';
import type { FilmAnswer } from '../../../workers/plan/filmTypes';
import { partLabel } from '@zinc-ladder/model/gather/plan/gatherPlan';
import { useFormats } from '../../../features/formats/useFormats';
import { usePersons } from '../../../features/person/useAtBench';
import { AirBand } from './AirBand';
import { HandsBand, handsHeight, lanesHeight } from './HandsBand';
import { PrintBand, printHeight } from './PrintBand';
import { HANDS_TOP, HEAD, LEFT, ROW } from './pictureSizes';
import { Mark, PulledMark } from './PlanMarks';
import { RowName, shorten } from './RowName';
import { SprayBand } from './SprayBand';
import { TimeAxis } from './TimeAxis';
import { usePlanGestures } from './usePlanGestures';
import type { PlannedShop } from '../../../features/plan/planned';
import type { PlanViewport } from './planViewport';
import { RackRow } from './RackRow';
import { useIsOnPaper } from '../../../ui/print/useIsOnPaper';
import { useWidth } from '../../../ui/useSize';

const HOUR_MS = 3_600_000;
/** Width to height of what a page of paper, its long side across, has for it below the heading. */
const PAGE_ASPECT = 1.6;

/** The plan as a picture: air, spraying and hands above, what dries on the rack below, over one time axis. */
export function PlanPicture({
  plan,
  airs,
  films,
  parts,
  index,
  window,
  onWindow,
  nowMs,
  readyMs,
  dueMs,
  chosen,
  onChoose,
  onPull,
}: {
  readonly plan: PlannedShop;
  readonly airs: ShopAirs;
  readonly films: readonly FilmAnswer[];
  readonly parts: readonly Part[];
  readonly index: ShopIndex;
  readonly window: PlanViewport;
  readonly onWindow: (window: PlanViewport) => void;
  readonly nowMs: number;
  /** null: nothing shown is still to be got ready, or a rung of it has no place */
  readonly readyMs: number | null;
  readonly dueMs: number | null;
  readonly chosen: string | null;
  readonly onChoose: (rungId: string) => void;
  /** a rung dragged to another time; left out where the plan is not steered */
  readonly onPull?: (rungId: string, startMs: number) => void;
}) {
  const box = useRef<HTMLDivElement>(null);
  const scroller = useRef<HTMLDivElement>(null);
  const seenWidth = useWidth(box, 880);
  const zone = useShop()?.timeZone ?? 'UTC';
  const formats = useFormats();
  const persons = usePersons();
  const headHeight = HANDS_TOP + handsHeight(plan) + printHeight(plan) + 6;
  const height = headHeight + parts.length * ROW + 8;
  const isOnPaper = useIsOnPaper();
  const width = isOnPaper ? Math.max(seenWidth, height * PAGE_ASPECT) : seenWidth;
  const plotWidth = width - LEFT;
  const endMs = window.startMs + window.hours * HOUR_MS;
  const x = (ms: number): number => LEFT + ((ms - window.startMs) / (endMs - window.startMs)) * plotWidth;
  const offset = (ms: number): number => utcOffsetMinutes(zone, ms);
  const inSight = (span: { readonly start: number; readonly end: number }): boolean => span.end > window.startMs && span.start < endMs;
  const partIds = new Set(parts.map((part) => part.id));
  // Only the parts in sight are drawn.
  // eslint-disable-next-line react-hooks/incompatible-library
  const rows = useVirtualizer({
    count: parts.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => ROW,
    overscan: isOnPaper ? parts.length : 4,
    scrollMargin: headHeight,
    getItemKey: (at) => parts[at]?.id ?? at,
  });
  const timesOf = groupBy(plan.rungs, (time) => time.partId);
  const clip = (ms: number): number => Math.max(LEFT, Math.min(width, x(ms)));

  const gestures = usePlanGestures({ plan, window, onWindow, nowMs, plotWidth, onPull });

  return (
    <div ref={scroller} className="min-h-0 flex-1 overflow-x-hidden overflow-y-auto pt-2">
      <div
        ref={box}
        tabIndex={0}
        role="group"
        aria-label="Plan. Plus and minus zoom, arrows move, n goes back to now. The list beside it tells the same in words."
        {...gestures.on}
        className="touch-pan-y overflow-hidden select-none"
      >
        <svg
          width={width}
          height={height}
          viewBox={`0 0 ${width} ${height}`}
          className="font-figure block print:h-auto print:max-h-[165mm] print:w-full"
          preserveAspectRatio="xMinYMin"
        >
          <TimeAxis window={window} offset={offset} plotWidth={plotWidth} height={height} x={x} formats={formats} />
          <RowName y={HEAD + 30} name="Air" />
          <AirBand airs={airs} startMs={window.startMs} endMs={endMs} x={x} top={HEAD} left={LEFT} width={plotWidth} formats={formats} />
          <SprayBand
            windows={plan.sprayWindows.filter(inSight)}
            airbrushWindows={plan.airbrushWindows?.filter(inSight) ?? null}
            x={clip}
            nowMs={nowMs}
            formats={formats}
          />
          <HandsBand
            plan={plan}
            partIds={partIds}
            index={index}
            nameOf={(id) => persons.find((person) => person.id === id)?.name ?? 'Hands'}
            top={HANDS_TOP}
            left={LEFT}
            width={plotWidth}
            x={clip}
            isInSight={inSight}
            chosen={chosen}
            mayPull={onPull !== undefined}
            nowMs={nowMs}
            formats={formats}
            onChoose={onChoose}
          />
          <PrintBand
            plan={plan}
            index={index}
            top={HANDS_TOP + handsHeight(plan)}
            x={clip}
            isInSight={inSight}
            nowMs={nowMs}
            formats={formats}
          />
          {gestures.pulledToMs !== null && (
            <PulledMark startMs={gestures.pulledToMs} x={clip} height={lanesHeight(plan)} formats={formats} />
          )}
          <RowName y={headHeight - 8} name="Rack" />
          {rows.getVirtualItems().map(({ index: row }) => {
            const part = parts[row];
            return (
              part && (
                <g key={part.id}>
                  <text x={8} y={headHeight + row * ROW + 22} className="fill-ink font-sans" fontSize={13}>
                    {shorten(partLabel(part))}
                  </text>
                  <line
                    x1={LEFT}
                    x2={width}
                    y1={headHeight + row * ROW + ROW - 4}
                    y2={headHeight + row * ROW + ROW - 4}
                    stroke="var(--color-line)"
                  />
                  <RackRow
                    part={part}
                    films={films}
                    times={timesOf.get(part.id) ?? []}
                    index={index}
                    top={headHeight + row * ROW}
                    x={clip}
                    startMs={window.startMs}
                    endMs={endMs}
                    nowMs={nowMs}
                    formats={formats}
                  />
                </g>
              )
            );
          })}
          <Mark x={x(nowMs)} left={LEFT} right={width} top={HEAD - 4} bottom={height} label="now" kind="now" />
          {readyMs !== null && <Mark x={x(readyMs)} left={LEFT} right={width} top={HEAD} bottom={height} label="ready" kind="ready" />}
          {dueMs !== null && <Mark x={x(dueMs)} left={LEFT} right={width} top={HEAD} bottom={height} label="due" kind="due" />}
        </svg>
      </div>
    </div>
  );
}
