import { useEffect, useState } from 'react';
import { useClock } from '../../clock/ClockContext';
import type { TimeGap } from './timeGap';
import { findTimeGap } from './timeGap';

const SEEN_KEY = 'zinc-ladder-seen';

/** Watches for sleep, closed pages and turned clocks, across reloads. Gives the last gap found, until it is settled. */
export function useTimeGap(): readonly [TimeGap | null, () => void] {
  const clock = useClock();
  const [gap, setGap] = useState<TimeGap | null>(null);
  useEffect(() => {
    const look = (): void => {
      const now = clock.now();
      const kept = Number(localStorage.getItem(SEEN_KEY));
      const found = findTimeGap(kept > 0 ? kept : null, now);
      localStorage.setItem(SEEN_KEY, String(now));
      if (found) setGap(found);
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
