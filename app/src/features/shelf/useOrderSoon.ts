import { localDay } from '@zinc-ladder/core/time/workingHours';
import type { ShelfThing } from '@zinc-ladder/model/gather/shelf/shelfThing';
import { useNow } from '../../clock/ClockContext';
import { useShop } from '../../data/queries';
import { useShelf } from './useShelf';

const DAY_MS = 86_400_000;

/** Something to be ordered so that the plan does not wait for it. */
export interface OrderCall {
  readonly thing: ShelfThing;
  readonly runsOutMs: number;
  readonly when: 'today' | 'tomorrow';
}

/** What must be ordered today or tomorrow, the soonest first. */
export function useOrderSoon(): readonly OrderCall[] {
  const lines = useShelf();
  const zone = useShop()?.timeZone ?? 'UTC';
  const now = useNow(300_000);
  const [today, tomorrow] = [localDay(now, zone).date, localDay(now + DAY_MS, zone).date];
  return (lines ?? []).flatMap(({ thing, curve, orderByMs }): OrderCall[] => {
    const day = orderByMs === null ? null : localDay(orderByMs, zone).date;
    if (day !== today && day !== tomorrow) return [];
    return [{ thing, runsOutMs: curve.runsOutMs ?? now, when: day === today ? 'today' : 'tomorrow' }];
  });
}
