import type { RefObject } from 'react';
import { useEffect, useState } from 'react';

/** The width of an element, followed. */
export function useWidth(ref: RefObject<HTMLElement | null>, fallback: number): number {
  return useSide(ref, fallback, 'width');
}

/** The height of an element, followed. */
export function useHeight(ref: RefObject<HTMLElement | null>, fallback: number): number {
  return useSide(ref, fallback, 'height');
}

function useSide(ref: RefObject<HTMLElement | null>, fallback: number, side: 'width' | 'height'): number {
  const [size, setSize] = useState(fallback);
  useEffect(() => {
    const element = ref.current;
    if (!element) return undefined;
    const observer = new ResizeObserver(([entry]) => setSize(Math.max(200, entry?.contentRect[side] ?? fallback)));
    observer.observe(element);
    return () => observer.disconnect();
  }, [ref, fallback, side]);
  return size;
}
