import { useClock } from '../../../clock/ClockContext';
import { newId } from '../../../base/newId';
import { useEdit } from '../../../features/edit/useEdit';

/** Puts timers straight onto the bench: each with a name, minutes from now and what to do then. */
export function useStartTimers(): (timers: readonly (readonly [name: string, minutes: number, note: string])[]) => Promise<boolean> {
  const edit = useEdit();
  const clock = useClock();
  return (timers) => {
    const now = Math.round(clock.now());
    return edit(`Start ${timers.map(([name]) => name).join(' and ')}`, async (change) => {
      for (const [name, minutes, note] of timers)
        await change.put('timers', {
          id: newId(),
          revision: 0,
          name,
          startedAtMs: now,
          endsAtMs: now + Math.round(minutes * 60_000),
          note,
        });
    });
  };
}
