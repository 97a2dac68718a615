import type { AirTimeline } from '@zinc-ladder/core/climate/airTimeline';
import { utcOffsetMinutes } from '@zinc-ladder/core/time/workingHours';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import type { KeyboardEvent, PointerEvent, WheelEvent } from 'react';
import { useRef, useState } from 'react';
import { useVirtualizer } from '@tanstack/react-virtual';
import { groupBy } from '../../../base/groupBy';
import { useShop } from '../../../data/queries';
import type { ShopIndex } from '../../../data/useShopIndex';
import type { FilmAnswer } from '../../../workers/plan/filmTypes';
import { partLabel } from '@zinc-ladder/model/gather/plan/gatherPlan';
import type { Formats } from '../../../base/formats';
import { useFormats } from '../../../features/formats/useFormats';
import { usePersons } from '../../../features/person/useAtBench';
import { AirBand } from './AirBand';
import { HandsBand, handsHeight, lanesHeight } from './HandsBand';
import { PrintBand, printHeight } from './PrintBand';
import { RowName, shorten } from './RowName';
import type { PlannedShop } from '../../../features/plan/planned';
import type { PlanViewport } from './planViewport';
import { axisTicks, dayStarts, panWindow, windowAtNow, zoomWindow } from './planViewport';
import { RackRow } from './RackRow';
import { useWidth } from '../../../ui/useSize';

const LEFT = 104;
const HEAD = 36;
const AIR = 60;
const SPRAY = 26;
const ROW = 40;
const HOUR_MS = 3_600_000;
/** A rung is pulled to round minutes; less than this many pixels is a press. */
const PULL_STEP_MS = 5 * 60_000;
const LEAST_PULL_PX = 4;

/** A rung that is being dragged. */
interface Pull {
  readonly rungId: string;
  readonly fromX: number;
  readonly movedPx: number;
}

/** The plan as a picture: air, spraying and hands above, what dries on the rack below, over one time axis. */
export function PlanPicture({
  plan,
  air,
  films,
  parts,
  index,
  window,
  onWindow,
  nowMs,
  dueMs,
  chosen,
  onChoose,
  onPull,
}: {
  readonly plan: PlannedShop;
  readonly air: AirTimeline;
  readonly films: readonly FilmAnswer[];
  readonly parts: readonly Part[];
  readonly index: ShopIndex;
  readonly window: PlanViewport;
  readonly onWindow: (window: PlanViewport) => void;
  readonly nowMs: number;
  readonly dueMs: number | null;
  readonly chosen: string | null;
  readonly onChoose: (rungId: string) => void;
  /** a rung dragged to another time; left out where the plan is not steered */
  readonly onPull?: (rungId: string, startMs: number) => void;
}) {
  const box = useRef<HTMLDivElement>(null);
  const scroller = useRef<HTMLDivElement>(null);
  const drag = useRef<{ readonly x: number; readonly window: PlanViewport } | null>(null);
  const [pull, setPull] = useState<Pull | null>(null);
  const width = useWidth(box, 880);
  const zone = useShop()?.timeZone ?? 'UTC';
  const formats = useFormats();
  const persons = usePersons();
  const plotWidth = width - LEFT;
  const endMs = window.startMs + window.hours * HOUR_MS;
  const x = (ms: number): number => LEFT + ((ms - window.startMs) / (endMs - window.startMs)) * plotWidth;
  const offset = (ms: number): number => utcOffsetMinutes(zone, ms);
  const inSight = (span: { readonly start: number; readonly end: number }): boolean => span.end > window.startMs && span.start < endMs;
  const partIds = new Set(parts.map((part) => part.id));
  const handsTop = HEAD + AIR + SPRAY;
  const headHeight = handsTop + handsHeight(plan) + printHeight(plan) + 6;
  const height = headHeight + parts.length * ROW + 8;
  // Only the parts in sight are drawn.
  // eslint-disable-next-line react-hooks/incompatible-library
  const rows = useVirtualizer({
    count: parts.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => ROW,
    overscan: 4,
    scrollMargin: headHeight,
    getItemKey: (at) => parts[at]?.id ?? at,
  });
  const timesOf = groupBy(plan.rungs, (time) => time.partId);
  const clip = (ms: number): number => Math.max(LEFT, Math.min(width, x(ms)));

  const onKeyDown = (event: KeyboardEvent): void => {
    if (event.key === '+' || event.key === '=') onWindow(zoomWindow(window, -1));
    else if (event.key === '-') onWindow(zoomWindow(window, 1));
    else if (event.key === 'ArrowLeft') onWindow(panWindow(window, -0.25));
    else if (event.key === 'ArrowRight') onWindow(panWindow(window, 0.25));
    else if (event.key === 'n') onWindow(windowAtNow(window.hours, nowMs));
    else return;
    event.preventDefault();
  };
  const onWheel = (event: WheelEvent): void => {
    const share = Math.max(0, Math.min(1, (event.nativeEvent.offsetX - LEFT) / plotWidth));
    if (event.ctrlKey) onWindow(zoomWindow(window, event.deltaY > 0 ? 1 : -1, share));
    else if (event.deltaX !== 0 || event.shiftKey) onWindow(panWindow(window, (event.deltaX || event.deltaY) / plotWidth));
  };
  const onPointerDown = (event: PointerEvent): void => {
    if (event.button !== 0) return;
    const rungId = onPull && event.target instanceof Element ? event.target.closest('[data-pull]')?.getAttribute('data-pull') : null;
    if (rungId) setPull({ rungId, fromX: event.clientX, movedPx: 0 });
    else drag.current = { x: event.clientX, window };
  };
  const onPointerMove = (event: PointerEvent): void => {
    if (pull) setPull({ ...pull, movedPx: event.clientX - pull.fromX });
    if (!drag.current) return;
    const moved = event.clientX - drag.current.x;
    if (Math.abs(moved) > 3) onWindow(panWindow(drag.current.window, -moved / plotWidth));
  };
  const pulledTo = (startMs: number, movedPx: number): number =>
    Math.round((startMs + (movedPx / plotWidth) * window.hours * HOUR_MS) / PULL_STEP_MS) * PULL_STEP_MS;
  const letGo = (): void => {
    drag.current = null;
    setPull(null);
  };
  const stop = (): void => {
    const time = pull && plan.rungs.find((entry) => entry.rungId === pull.rungId);
    if (pull && time && Math.abs(pull.movedPx) > LEAST_PULL_PX) onPull?.(pull.rungId, pulledTo(time.startMs, pull.movedPx));
    letGo();
  };

  return (
    <div ref={scroller} className="min-h-0 flex-1 overflow-x-hidden overflow-y-auto pt-2">
      <div
        ref={box}
        tabIndex={0}
        role="group"
        aria-label="Plan. Plus and minus zoom, arrows move, n goes back to now. The list beside it tells the same in words."
        onKeyDown={onKeyDown}
        onWheel={onWheel}
        onPointerDown={onPointerDown}
        onPointerMove={onPointerMove}
        onPointerUp={stop}
        onPointerLeave={letGo}
        className="touch-pan-y overflow-hidden select-none"
      >
        <svg width={width} height={height} className="font-figure block">
          {dayStarts(window, offset).map((ms, order, all) => (
            <text
              key={ms}
              x={Math.max(LEFT, x(ms)) + 2}
              y={13}
              className="font-label fill-ink font-semibold"
              fontSize={15}
              visibility={x(all[order + 1] ?? Infinity) - Math.max(LEFT, x(ms)) < 64 ? 'hidden' : 'visible'}
            >
              {formats.day(ms)}
            </text>
          ))}
          {axisTicks(window, offset, Math.max(2, Math.floor(plotWidth / 48))).map((tick) => (
            <g key={tick.atMs}>
              <line
                x1={x(tick.atMs)}
                x2={x(tick.atMs)}
                y1={HEAD - 6}
                y2={height}
                stroke="var(--color-line)"
                strokeWidth={tick.isDay ? 1.5 : 0.75}
              />
              <text x={x(tick.atMs) + 3} y={HEAD - 8} className="fill-dim" fontSize={11}>
                {formats.time(tick.atMs)}
              </text>
            </g>
          ))}
          <RowName y={HEAD + 30} name="Air" />
          <AirBand air={air} startMs={window.startMs} endMs={endMs} x={x} top={HEAD} left={LEFT} width={plotWidth} formats={formats} />
          <RowName y={HEAD + AIR + 17} name="Spraying" />
          {plan.sprayWindows.filter(inSight).map((span) => (
            <g key={span.start}>
              <title>
                spraying {formats.moment(span.start, nowMs)} to {formats.moment(span.end, nowMs)}
                {span.certainty < 1 && `, ${Math.round(span.certainty * 100)} % sure by the forecast`}
              </title>
              <rect
                x={clip(span.start)}
                width={Math.max(1, clip(span.end) - clip(span.start))}
                y={HEAD + AIR + 5}
                height={14}
                fill="var(--color-lime)"
                fillOpacity={0.25 + 0.75 * span.certainty}
              />
              {span.certainty < 1 && clip(span.end) - clip(span.start) > 44 && (
                <text
                  x={(clip(span.start) + clip(span.end)) / 2}
                  y={HEAD + AIR + 16}
                  textAnchor="middle"
                  fontSize={11}
                  className="fill-ink"
                >
                  {Math.round(span.certainty * 100)} %
                </text>
              )}
            </g>
          ))}
          <HandsBand
            plan={plan}
            partIds={partIds}
            index={index}
            nameOf={(id) => persons.find((person) => person.id === id)?.name ?? 'Hands'}
            top={handsTop}
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
            top={handsTop + handsHeight(plan)}
            x={clip}
            isInSight={inSight}
            nowMs={nowMs}
            formats={formats}
          />
          {pull && Math.abs(pull.movedPx) > LEAST_PULL_PX && (
            <PulledMark
              startMs={pulledTo(plan.rungs.find((time) => time.rungId === pull.rungId)?.startMs ?? nowMs, pull.movedPx)}
              x={clip}
              height={lanesHeight(plan)}
              formats={formats}
            />
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
          <Mark x={x(plan.readyMs)} left={LEFT} right={width} top={HEAD} bottom={height} label="ready" kind="ready" />
          {dueMs !== null && <Mark x={x(dueMs)} left={LEFT} right={width} top={HEAD} bottom={height} label="due" kind="due" />}
        </svg>
      </div>
    </div>
  );
}

function Mark({
  x,
  left,
  right,
  top,
  bottom,
  label,
  kind,
}: {
  readonly x: number;
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
  readonly label: string;
  readonly kind: 'now' | 'ready' | 'due';
}) {
  if (x < left || x > right) return null;
  const stroke = { now: 'var(--color-lime)', ready: 'var(--color-ink)', due: 'var(--color-oxide)' }[kind];
  return (
    <g pointerEvents="none">
      {kind === 'now' && <line x1={x} x2={x} y1={top} y2={bottom} stroke="var(--color-ink)" strokeWidth={4.5} />}
      <line
        x1={x}
        x2={x}
        y1={top}
        y2={bottom}
        stroke={stroke}
        strokeWidth={kind === 'now' ? 3 : 2}
        strokeDasharray={kind === 'now' ? undefined : '6 4'}
      />
      {kind !== 'now' && (
        <text x={x - 4} y={bottom - 6} textAnchor="end" className="font-label font-semibold" fontSize={13} fill={stroke}>
          {label}
        </text>
      )}
    </g>
  );
}

/** Where a dragged rung would begin. */
function PulledMark({
  startMs,
  x,
  height,
  formats,
}: {
  readonly startMs: number;
  readonly x: (ms: number) => number;
  readonly height: number;
  readonly formats: Formats;
}) {
  const top = HEAD + AIR + SPRAY;
  return (
    <g pointerEvents="none">
      <line x1={x(startMs)} x2={x(startMs)} y1={top - 4} y2={top + height} stroke="var(--color-ink)" strokeWidth={3} />
      <text x={x(startMs) + 5} y={top + height + 2} fontSize={12} className="fill-ink font-semibold">
        {formats.time(startMs)}
      </text>
    </g>
  );
}
