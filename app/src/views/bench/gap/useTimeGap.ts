import { useEffect, useEffectEvent, useState } from 'react';
import { useClock } from '../../../clock/ClockContext';
import type { TimeGap } from './timeGap';
import { findTimeGap } from './timeGap';

const SEEN_KEY = 'zinc-ladder-seen';

type Absence = Extract<TimeGap, { kind: 'away' }>;

/**
 * Watches for sleep, closed pages and turned clocks, across reloads. Gives the last absence found, until it is settled; a clock that was
 * turned back is told once, when it is found.
 */
export function useTimeGap(onTurnedBack: (byMs: number) => void): readonly [Absence | null, () => void] {
  const clock = useClock();
  const [gap, setGap] = useState<Absence | null>(null);
  const tellTurnedBack = useEffectEvent(onTurnedBack);
  useEffect(() => {
    const look = (): void => {
      const now = clock.now();
      const kept = Number(localStorage.getItem(SEEN_KEY));
      const found = findTimeGap(kept > 0 ? kept : null, now);
      localStorage.setItem(SEEN_KEY, String(now));
      if (found?.kind === 'turnedBack') tellTurnedBack(found.byMs);
      else if (found) setGap(found);
    };
    look();
    const timer = setInterval(look, 1000);
    // Setting the shop's own clock is meant, and no gap.
    const unsubscribe = clock.subscribe(() => localStorage.setItem(SEEN_KEY, String(clock.now())));
    document.addEventListener('visibilitychange', look);
    return () => {
      clearInterval(timer);
      unsubscribe();
      document.removeEventListener('visibilitychange', look);
    };
  }, [clock]);
  return [gap, () => setGap(null)];
}
