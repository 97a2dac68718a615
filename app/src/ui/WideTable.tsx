import type { ReactNode } from 'react';
import { useEffect, useRef, useState } from 'react';

/** A table that is scrolled sideways where the screen is too narrow for it, by keys as well; a stop of Tab only where there is something to scroll. */
export function WideTable({
  label,
  className = '',
  children,
}: {
  readonly label: string;
  /** its place among its neighbours */
  readonly className?: string;
  readonly children: ReactNode;
}) {
  const frame = useRef<HTMLDivElement>(null);
  const [isCut, setCut] = useState(false);
  useEffect(() => {
    const { current } = frame;
    if (!current) return;
    const observer = new ResizeObserver(() => setCut(current.scrollWidth > current.clientWidth));
    observer.observe(current);
    for (const table of current.children) observer.observe(table);
    return () => observer.disconnect();
  }, []);
  return (
    <div ref={frame} className={`overflow-x-auto ${className}`} {...(isCut ? { tabIndex: 0, role: 'region', 'aria-label': label } : {})}>
      {children}
    </div>
  );
}
