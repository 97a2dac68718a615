import { useEffect, useRef } from 'react';
import { useClock, useNow } from '../clock/ClockContext';
import { useTable } from '../data/queries';
import type { Call } from '../features/calls/calls';
import { callWords, CLOSING_NOTICE_MS, gatherCalls } from '../features/calls/calls';
import { partLabel } from '@zinc-ladder/model/gather/plan/gatherPlan';
import { useFilms } from '../features/plan/usePlan';
import { useFormats } from '../features/formats/useFormats';

/** Longest wait a browser's timer takes. */
const LONGEST_TIMER_MS = 2_000_000_000;

/** Calls the finisher through the browser's notifications, where that was allowed: a film is ready, a window opens or is about to close, a
 * timer is over. */
export function Callers() {
  const films = useFilms();
  const parts = useTable('parts');
  const clock = useClock();
  const now = useNow(60_000);
  const formats = useFormats();
  const called = useRef(new Set<string>());
  useEffect(() => {
    if (!('Notification' in window) || Notification.permission !== 'granted') return undefined;
    const timers = gatherCalls(films, now).map((call) => {
      const dueMs = call.kind === 'closes' ? Math.max(clock.now(), call.atMs - CLOSING_NOTICE_MS) : call.atMs;
      return setTimeout(
        () => {
          if (called.current.has(call.id)) return;
          called.current.add(call.id);
          const part = parts.find((entry) => entry.id === call.partId);
          new Notification(part ? partLabel(part) : 'Zinc Ladder', { body: notificationBody(call, formats.time(call.atMs)), tag: call.id });
        },
        Math.min(LONGEST_TIMER_MS, Math.max(0, dueMs - clock.now())),
      );
    });
    return () => timers.forEach(clearTimeout);
  }, [films, parts, clock, now, formats]);
  const timers = useTable('timers');
  useEffect(() => {
    if (!('Notification' in window) || Notification.permission !== 'granted') return undefined;
    const running = timers
      .filter((timer) => timer.endsAtMs > clock.now())
      .map((timer) =>
        setTimeout(
          () => {
            if (called.current.has(timer.id)) return;
            called.current.add(timer.id);
            new Notification(timer.name, { body: timer.note, tag: timer.id });
          },
          Math.min(LONGEST_TIMER_MS, timer.endsAtMs - clock.now()),
        ),
      );
    return () => running.forEach(clearTimeout);
  }, [timers, clock]);
  return null;
}

function notificationBody(call: Call, time: string): string {
  return call.kind === 'closes'
    ? `${call.filmName}: ${callWords(call)} ${call.window === 'coat' ? 'at ' : ''}${time}`
    : `${call.filmName}: ${callWords(call)}`;
}
