import { useEffect, useRef, useState } from 'react';
import { useNotices } from './Notices';

/** Background work of a view, one piece at a time. */
export interface BackgroundJob {
  readonly isRunning: boolean;
  /** begins, and ends what was begun before; what fails is told, what is stopped is not */
  readonly run: (work: (signal: AbortSignal) => Promise<void>) => Promise<void>;
  readonly stop: () => void;
}

/** Runs background work that ends with its view or when told to. */
export function useBackgroundJob(): BackgroundJob {
  const { tellError } = useNotices();
  const current = useRef<AbortController | null>(null);
  const [isRunning, setIsRunning] = useState(false);
  useEffect(() => () => current.current?.abort(), []);
  const run = async (work: (signal: AbortSignal) => Promise<void>): Promise<void> => {
    const own = new AbortController();
    current.current?.abort();
    current.current = own;
    setIsRunning(true);
    try {
      await work(own.signal);
    } catch (error) {
      if (!own.signal.aborted) tellError(error);
    }
    // A later one is still at work then.
    if (current.current === own) setIsRunning(false);
  };
  return { isRunning, run, stop: () => current.current?.abort() };
}
