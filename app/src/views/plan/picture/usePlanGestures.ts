import type { KeyboardEvent, PointerEvent, WheelEvent } from 'react';
import { useRef, useState } from 'react';
import type { PlannedShop } from '../../../features/plan/planned';
import { LEFT } from './pictureSizes';
import type { PlanViewport } from './planViewport';
import { panWindow, windowAtNow, zoomWindow } from './planViewport';

const HOUR_MS = 3_600_000;
/** A rung is pulled to round minutes; less than this many pixels is a press. */
const PULL_STEP_MS = 5 * 60_000;
const LEAST_PULL_PX = 4;
/** A picture that is dragged less than this stays where it is. */
const LEAST_PAN_PX = 3;

/** A rung that is being dragged. */
interface Pull {
  readonly rungId: string;
  readonly fromX: number;
  readonly movedPx: number;
}

/** Keys, wheel and pointer over the plan's picture: they move and zoom its window, and drag rungs where the plan is steered. */
export function usePlanGestures({
  plan,
  window,
  onWindow,
  nowMs,
  plotWidth,
  onPull,
}: {
  readonly plan: PlannedShop;
  readonly window: PlanViewport;
  readonly onWindow: (window: PlanViewport) => void;
  readonly nowMs: number;
  readonly plotWidth: number;
  readonly onPull: ((rungId: string, startMs: number) => void) | undefined;
}) {
  const drag = useRef<{ readonly x: number; readonly window: PlanViewport } | null>(null);
  const [pull, setPull] = useState<Pull | null>(null);
  const pulled = pull && Math.abs(pull.movedPx) > LEAST_PULL_PX ? plan.rungs.find((time) => time.rungId === pull.rungId) : undefined;
  const pulledToMs =
    pull && pulled
      ? Math.round((pulled.startMs + (pull.movedPx / plotWidth) * window.hours * HOUR_MS) / PULL_STEP_MS) * PULL_STEP_MS
      : null;
  const letGo = (): void => {
    drag.current = null;
    setPull(null);
  };
  return {
    /** where the rung that is being dragged would begin; null: none is */
    pulledToMs,
    on: {
      onKeyDown: (event: KeyboardEvent): void => {
        if (event.key === '+' || event.key === '=') onWindow(zoomWindow(window, -1));
        else if (event.key === '-') onWindow(zoomWindow(window, 1));
        else if (event.key === 'ArrowLeft') onWindow(panWindow(window, -0.25));
        else if (event.key === 'ArrowRight') onWindow(panWindow(window, 0.25));
        else if (event.key === 'n') onWindow(windowAtNow(window.hours, nowMs));
        else return;
        event.preventDefault();
      },
      onWheel: (event: WheelEvent): void => {
        const share = Math.max(0, Math.min(1, (event.nativeEvent.offsetX - LEFT) / plotWidth));
        if (event.ctrlKey) onWindow(zoomWindow(window, event.deltaY > 0 ? 1 : -1, share));
        else if (event.deltaX !== 0 || event.shiftKey) onWindow(panWindow(window, (event.deltaX || event.deltaY) / plotWidth));
      },
      onPointerDown: (event: PointerEvent): void => {
        if (event.button !== 0) return;
        const rungId = onPull && event.target instanceof Element ? event.target.closest('[data-pull]')?.getAttribute('data-pull') : null;
        if (rungId) setPull({ rungId, fromX: event.clientX, movedPx: 0 });
        else drag.current = { x: event.clientX, window };
      },
      onPointerMove: (event: PointerEvent): void => {
        if (pull) setPull({ ...pull, movedPx: event.clientX - pull.fromX });
        if (!drag.current) return;
        const moved = event.clientX - drag.current.x;
        if (Math.abs(moved) > LEAST_PAN_PX) onWindow(panWindow(drag.current.window, -moved / plotWidth));
      },
      onPointerUp: (): void => {
        if (pull && pulledToMs !== null) onPull?.(pull.rungId, pulledToMs);
        letGo();
      },
      onPointerLeave: letGo,
    },
  };
}
