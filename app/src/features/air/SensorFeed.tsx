import type { ReactNode } from 'react';
import { createContext, useContext, useEffect, useState } from 'react';
import { useClock } from '../../clock/ClockContext';
import { useShop } from '../../data/queries';
import { fetchClimate, isSimulated, keepClimate } from '../../data/climateFeed';
import { useStore } from '../../data/StoreContext';

/** Whether the shop's sensor answers; `off` when the shop has none. */
export type SensorState = 'off' | 'here' | 'away' | 'simulated';

const SensorContext = createContext<SensorState>('off');
const ASK_EVERY_MS = 5 * 60_000;
/** After an absence it is asked again sooner. */
const RETRY_MS = 20_000;

/** Asks the shop's climate sensor for readings and forecast as long as the page is open. */
export function SensorFeed({ children }: { readonly children: ReactNode }) {
  const shop = useShop();
  const store = useStore();
  const clock = useClock();
  const [state, setState] = useState<Exclude<SensorState, 'off'>>('here');
  const isOn = shop?.climateSource === 'sensor';
  useEffect(() => {
    if (!isOn) return undefined;
    let timer: ReturnType<typeof setTimeout> | undefined;
    const controller = new AbortController();
    const ask = async (): Promise<void> => {
      clearTimeout(timer);
      try {
        const answer = await fetchClimate(clock.now(), store.db, controller.signal);
        await keepClimate(store.db, answer, clock.now());
        if (!controller.signal.aborted) setState(isSimulated(answer.device) ? 'simulated' : 'here');
        timer = setTimeout(() => void ask(), ASK_EVERY_MS);
      } catch {
        if (controller.signal.aborted) return;
        setState('away');
        timer = setTimeout(() => void ask(), RETRY_MS);
      }
    };
    void ask();
    const onLine = (): void => void ask();
    window.addEventListener('online', onLine);
    window.addEventListener('offline', onLine);
    const unsubscribe = clock.subscribe(onLine);
    return () => {
      controller.abort();
      clearTimeout(timer);
      window.removeEventListener('online', onLine);
      window.removeEventListener('offline', onLine);
      unsubscribe();
    };
  }, [isOn, store, clock]);
  return <SensorContext value={isOn ? state : 'off'}>{children}</SensorContext>;
}

/** Whether the shop's sensor answers. */
export function useSensorState(): SensorState {
  return useContext(SensorContext);
}
