/** The shop's clock: the wall clock, or the wall clock shifted to the demo's moment. Only this file reads `Date.now`. */
export interface ShopClock {
  readonly now: () => number;
  readonly offsetMs: () => number;
  readonly setOffset: (offsetMs: number) => void;
  readonly subscribe: (listener: () => void) => () => void;
}

/** A clock over a source of wall time, both injected so that tests turn it by hand. */
export function createShopClock(wall: () => number = Date.now, initialOffsetMs = 0): ShopClock {
  let offset = initialOffsetMs;
  const listeners = new Set<() => void>();
  return {
    now: () => wall() + offset,
    offsetMs: () => offset,
    setOffset: (offsetMs) => {
      offset = offsetMs;
      for (const listener of listeners) listener();
    },
    subscribe: (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
  };
}
