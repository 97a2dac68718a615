import { useEffect } from 'react';

/** So many places are remembered; what vanishes at once is seldom nested deeper. */
const REMEMBERED = 12;
/** Dialogs and menus give focus back by themselves within that time. */
const GIVEN_BACK_MS = 60;

/**
 * Keeps the keyboard's place: when what has focus vanishes (a form that is done, a row that is taken away), focus returns to where it came from, the
 * last place that is still there, else to the view. A finger is not thrown into a text field, whose keys would cover the screen.
 */
export function FocusKeeper() {
  useEffect(() => {
    const places: HTMLElement[] = [];
    let isByKey = false;
    let timer: ReturnType<typeof setTimeout> | undefined;
    const remember = (event: FocusEvent): void => {
      if (!(event.target instanceof HTMLElement)) return;
      places.push(event.target);
      if (places.length > REMEMBERED) places.shift();
    };
    const onKey = (): void => void (isByKey = true);
    const onPointer = (): void => void (isByKey = false);
    const give = (): void => {
      const last = places.at(-1);
      if (document.activeElement !== document.body || !last || last.isConnected) return;
      const view = document.getElementById('view');
      const back = places.findLast(
        (place) => place.isConnected && view?.contains(place) && (isByKey || !place.matches('input, textarea, select')),
      );
      (back ?? view)?.focus({ preventScroll: true });
    };
    const observer = new MutationObserver(() => {
      if (document.activeElement !== document.body || places.at(-1)?.isConnected !== false) return;
      clearTimeout(timer);
      timer = setTimeout(give, GIVEN_BACK_MS);
    });
    document.addEventListener('focusin', remember);
    window.addEventListener('keydown', onKey, true);
    window.addEventListener('pointerdown', onPointer, true);
    observer.observe(document.body, { childList: true, subtree: true });
    return () => {
      clearTimeout(timer);
      observer.disconnect();
      document.removeEventListener('focusin', remember);
      window.removeEventListener('keydown', onKey, true);
      window.removeEventListener('pointerdown', onPointer, true);
    };
  }, []);
  return null;
}
