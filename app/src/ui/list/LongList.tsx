import { useVirtualizer } from '@tanstack/react-virtual';
import type { ReactNode } from 'react';
import { useRef } from 'react';
import { useIsOnPaper } from '../print/useIsOnPaper';

/** More than this no printer is asked for: some forty pages of the log. */
const MOST_ON_PAPER = 600;

interface LongListProps {
  readonly as: 'ol' | 'ul' | 'div';
  /** of the region that scrolls */
  readonly label: string;
  readonly className: string;
  readonly count: number;
  /** another function has all items measured anew */
  readonly keyOf: (at: number) => string | number;
  /** of an item that is not drawn yet, px */
  readonly usualHeight: (at: number) => number;
  /** items drawn beyond those in sight, on either side */
  readonly beyond: number;
  readonly itemClassName?: string;
  readonly children: (at: number) => ReactNode;
}

/** A list that scrolls and draws only what is in sight, however long it is. On paper it is whole, up to 600 items, and says when it is not. */
export function LongList({ as: List, label, className, count, keyOf, usualHeight, beyond, itemClassName = '', children }: LongListProps) {
  const scroller = useRef<HTMLDivElement>(null);
  const isOnPaper = useIsOnPaper();
  const Item = List === 'div' ? 'div' : 'li';
  // The virtualizer is only read here.
  // eslint-disable-next-line react-hooks/incompatible-library
  const shown = useVirtualizer({
    count,
    getScrollElement: () => scroller.current,
    estimateSize: usualHeight,
    overscan: beyond,
    getItemKey: keyOf,
  });
  const place = (at: number): object => (List === 'div' ? {} : { 'aria-posinset': at + 1, 'aria-setsize': count });
  return (
    <div ref={scroller} className={className} tabIndex={0} role="region" aria-label={label}>
      {isOnPaper ? (
        <>
          <List>
            {Array.from({ length: Math.min(count, MOST_ON_PAPER) }, (_, at) => (
              <Item key={keyOf(at)} className={`break-inside-avoid ${itemClassName}`}>
                {children(at)}
              </Item>
            ))}
          </List>
          {count > MOST_ON_PAPER && (
            <p>
              The first {MOST_ON_PAPER} of {count}.
            </p>
          )}
        </>
      ) : (
        <List className="relative" style={{ height: shown.getTotalSize() }}>
          {shown.getVirtualItems().map((item) => (
            <Item
              key={item.key}
              ref={shown.measureElement}
              data-index={item.index}
              className={`absolute inset-x-0 top-0 ${itemClassName}`}
              style={{ transform: `translateY(${item.start}px)` }}
              {...place(item.index)}
            >
              {children(item.index)}
            </Item>
          ))}
        </List>
      )}
    </div>
  );
}
