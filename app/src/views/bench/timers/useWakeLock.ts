import { useEffect } from 'react';

/** Keeps the screen awake while `isOn`; browsers without it, or that refuse, go on as they are. */
export function useWakeLock(isOn: boolean): void {
  useEffect(() => {
    if (!isOn || !('wakeLock' in navigator)) return undefined;
    let lock: WakeLockSentinel | null = null;
    let isOver = false;
    const ask = async (): Promise<void> => {
      if (document.visibilityState !== 'visible') return;
      try {
        const got = await navigator.wakeLock.request('screen');
        if (isOver) void got.release();
        else lock = got;
      } catch {
        // Low battery, or not allowed: the screen may sleep; the timer is right when it wakes.
      }
    };
    const onVisible = (): void => void ask();
    void ask();
    document.addEventListener('visibilitychange', onVisible);
    return () => {
      isOver = true;
      document.removeEventListener('visibilitychange', onVisible);
      void lock?.release();
    };
  }, [isOn]);
}
