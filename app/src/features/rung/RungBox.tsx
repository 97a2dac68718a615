import type { Part } from '@zinc-ladder/model/records/prop/part';
import type { Rung } from '@zinc-ladder/model/records/ladder/rung';
import type { CSSProperties } from 'react';
import { Link } from 'react-router';
import { rungPieces } from '@zinc-ladder/model/rungs/rungPieces';
import { counted } from '../../base/counted';
import { readableInk } from '../../base/readableInk';

/** Films without a colour of their own, and work that leaves none, show as worn plastic. */
export const BARE = '#c8c7c0';

const STATE_WORDS = { open: 'to do', inHand: 'in hand', setDown: 'set down', done: 'done', leftOut: 'left out' } as const;

/** A rung: filled with what it put on the part once it is done, outlined with a chip of it before. */
export function RungBox({
  rung,
  part,
  colourHex,
  isNext,
  isOpen = false,
  to,
  style,
  gridKey,
  tabIndex,
}: {
  readonly rung: Rung;
  readonly part: Pick<Part, 'count'>;
  readonly colourHex: string | null;
  readonly isNext: boolean;
  readonly isOpen?: boolean;
  readonly to: string;
  readonly style?: CSSProperties;
  /** place in the grid of ladders, for the arrow keys */
  readonly gridKey?: string;
  readonly tabIndex?: number;
}) {
  const isDone = rung.state === 'done';
  const paint = colourHex ?? BARE;
  const isInHand = rung.state === 'inHand';
  const pieces = rungPieces(rung, part);
  const name = pieces < part.count ? `${rung.name}, ${counted(pieces, 'piece')}` : rung.name;
  const frame = isInHand || isNext || isOpen ? 'outline-lime outline-4 outline-solid' : '';
  return (
    <Link
      to={to}
      replace
      data-grid={gridKey}
      data-rung={rung.id}
      tabIndex={tabIndex}
      aria-label={`${name}, ${isNext && rung.state === 'open' ? 'next' : STATE_WORDS[rung.state]}`}
      aria-current={isOpen ? 'true' : undefined}
      style={{ ...style, ...(isDone ? { background: paint, color: readableInk(paint) } : {}) }}
      className={`flex min-w-0 items-center gap-1 overflow-hidden pr-1 text-[13px] leading-none focus-visible:z-10 ${isDone ? 'border-edge forced-color-adjust-none border' : `${isInHand ? 'bg-lime text-onlime' : 'bg-sheet text-ink'} border-edge border border-dashed`} ${frame} ${
        rung.state === 'leftOut' ? 'line-through opacity-70' : ''
      }`}
    >
      <span
        aria-hidden="true"
        className="h-full w-2.5 shrink-0 self-stretch forced-color-adjust-none"
        style={colourHex && !isDone ? { background: colourHex } : undefined}
      />
      <span className="truncate">{name}</span>
      {rung.state === 'setDown' && <span className="label ml-auto shrink-0">set down</span>}
    </Link>
  );
}
