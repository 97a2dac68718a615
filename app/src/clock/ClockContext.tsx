import type { ReactNode } from 'react';
import { createContext, useContext, useEffect, useState, useSyncExternalStore } from 'react';
import type { ShopClock } from './shopClock';
import { createShopClock } from './shopClock';

const ClockContext = createContext<ShopClock>(createShopClock());

/** Gives the shop's clock to everything below. */
export function ClockProvider({ clock, children }: { readonly clock: ShopClock; readonly children: ReactNode }) {
  return <ClockContext value={clock}>{children}</ClockContext>;
}

/** The shop's clock. */
export function useClock(): ShopClock {
  return useContext(ClockContext);
}

/**
 * The shop's time, renewed every `everyMs` and at once when the clock is set or the page is shown again.
 */
export function useNow(everyMs = 1000): number {
  const clock = useClock();
  // On the grid from the first moment: what is asked by it is one question, however many components ask as they appear.
  const [now, setNow] = useState(() => onGrid(clock.now(), everyMs));
  useSyncExternalStore(clock.subscribe, clock.offsetMs);
  useEffect(() => {
    const tick = (): void => setNow(onGrid(clock.now(), everyMs));
    tick();
    const timer = setInterval(tick, Math.min(everyMs, 15_000));
    document.addEventListener('visibilitychange', tick);
    const unsubscribe = clock.subscribe(tick);
    return () => {
      clearInterval(timer);
      document.removeEventListener('visibilitychange', tick);
      unsubscribe();
    };
  }, [clock, everyMs]);
  return now;
}

function onGrid(ms: number, everyMs: number): number {
  return Math.floor(ms / everyMs) * everyMs;
}
