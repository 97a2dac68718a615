/** What the plan shows: from a moment, over so many hours. */
export interface PlanViewport {
  readonly startMs: number;
  readonly hours: number;
}

/** Spans one can look at, from an hour to a month. */
const ZOOM_HOURS = [1, 3, 6, 12, 24, 72, 168, 336, 720] as const;
const HOUR_MS = 3_600_000;

/** The window one step nearer (−1) or further (+1), keeping the moment at `share` of its width where it is. */
export function zoomWindow(window: PlanViewport, step: -1 | 1, share = 0.5): PlanViewport {
  const at = ZOOM_HOURS.findIndex((hours) => hours >= window.hours);
  const hours = ZOOM_HOURS[Math.max(0, Math.min(ZOOM_HOURS.length - 1, (at < 0 ? ZOOM_HOURS.length - 1 : at) + step))] ?? window.hours;
  return { hours, startMs: window.startMs + (window.hours - hours) * HOUR_MS * share };
}

/** The window moved by a share of its width. */
export function panWindow(window: PlanViewport, share: number): PlanViewport {
  return { ...window, startMs: window.startMs + window.hours * HOUR_MS * share };
}

/** The window that shows now near its left edge. */
export function windowAtNow(hours: number, nowMs: number): PlanViewport {
  return { hours, startMs: nowMs - hours * HOUR_MS * 0.06 };
}

/** A tick of the time axis. */
export interface Tick {
  readonly atMs: number;
  readonly isDay: boolean;
}

/** Hours between ticks for a window: as many as have room for their labels. */
function tickHours(hours: number, most: number): number {
  return [0.25, 0.5, 1, 2, 6, 12, 24, 48, 96, 168].find((step) => hours / step <= most) ?? 168;
}

/** Ticks on round local times, at most some many. `offsetMinutes` is the zone's offset at a moment. */
export function axisTicks(window: PlanViewport, offsetMinutes: (atMs: number) => number, most = 16): Tick[] {
  const stepMs = tickHours(window.hours, most) * HOUR_MS;
  const endMs = window.startMs + window.hours * HOUR_MS;
  const ticks: Tick[] = [];
  const localStart = window.startMs + offsetMinutes(window.startMs) * 60_000;
  for (let local = Math.ceil(localStart / stepMs) * stepMs; ; local += stepMs) {
    // The offset is taken at the tick itself, so that ticks stay on round hours past a change of the clocks.
    const guess = local - offsetMinutes(window.startMs) * 60_000;
    const atMs = local - offsetMinutes(guess) * 60_000;
    if (atMs > endMs) return ticks;
    if (atMs >= window.startMs) ticks.push({ atMs, isDay: local % (24 * HOUR_MS) === 0 });
  }
}

/** Midnights within a window, for day labels; the window's own start stands in for a day begun before it. */
export function dayStarts(window: PlanViewport, offsetMinutes: (atMs: number) => number): number[] {
  const endMs = window.startMs + window.hours * HOUR_MS;
  const dayMs = 24 * HOUR_MS;
  const starts = [window.startMs];
  const localStart = window.startMs + offsetMinutes(window.startMs) * 60_000;
  for (let local = Math.floor(localStart / dayMs) * dayMs + dayMs; ; local += dayMs) {
    const guess = local - offsetMinutes(window.startMs) * 60_000;
    const atMs = local - offsetMinutes(guess) * 60_000;
    if (atMs > endMs) return starts;
    starts.push(atMs);
  }
}
