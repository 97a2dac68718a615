import type { RefObject } from 'react';
import { useEffect, useState } from 'react';

/** The width of an element, followed. */
export function useWidth(ref: RefObject<HTMLElement | null>, fallback: number): number {
  const [width, setWidth] = useState(fallback);
  useEffect(() => {
    const element = ref.current;
    if (!element) return undefined;
    const observer = new ResizeObserver(([entry]) => setWidth(Math.max(200, entry?.contentRect.width ?? fallback)));
    observer.observe(element);
    return () => observer.disconnect();
  }, [ref, fallback]);
  return width;
}
