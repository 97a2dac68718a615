import { useEffect, useRef, useState } from 'react';

/** So long what is shown stays after the plan has another answer: time to see it coming. */
export const STILL_MS = 6000;

/** What stays on the bench, and what will take its place. */
export interface StillAnswer {
  readonly shownId: string | undefined;
  /** null: the plan still says what is shown */
  readonly comingId: string | null;
  readonly takeNow: () => void;
  /** a finger or the keyboard is there: nothing moves under it */
  readonly hold: (isThere: boolean) => void;
}

/**
 * Keeps an answer still while a finger may be coming: another one is announced, and takes its place after some seconds, or when it is asked for, but
 * never under a finger.
 *
 * @param askedId what the plan says now
 * @param isStillOpen whether what is shown can still be begun; if not, there is nothing to keep
 */
export function useStillAnswer(askedId: string | undefined, isStillOpen: (id: string) => boolean): StillAnswer {
  const [shownId, setShownId] = useState(askedId);
  const [isHeld, setIsHeld] = useState(false);
  const isKept = shownId !== undefined && askedId !== undefined && shownId !== askedId && isStillOpen(shownId);
  const asked = useRef(askedId);
  useEffect(() => {
    asked.current = askedId;
  }, [askedId]);
  useEffect(() => {
    if (!isKept || isHeld) return undefined;
    const timer = setTimeout(() => setShownId(asked.current), STILL_MS);
    return () => clearTimeout(timer);
  }, [isKept, isHeld]);
  // What cannot be begun any more is not kept, and where nothing was shown there is nothing to keep.
  if (!isKept && shownId !== askedId) setShownId(askedId);
  return {
    shownId: isKept ? shownId : askedId,
    comingId: isKept ? (askedId ?? null) : null,
    takeNow: () => setShownId(askedId),
    hold: setIsHeld,
  };
}
