import { hexOfProduct } from '@zinc-ladder/model/gather/film/gatherPaints';
import { findMaterial } from '@zinc-ladder/core/ladder/materials';
import type { Join } from '@zinc-ladder/model/records/prop/join';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import { useVirtualizer } from '@tanstack/react-virtual';
import type { KeyboardEvent } from 'react';
import { useMemo, useRef } from 'react';
import { Link } from 'react-router';
import { useTable } from '../../../data/queries';
import type { ShopIndex } from '../../../data/useShopIndex';
import { partLabel } from '@zinc-ladder/model/gather/plan/gatherPlan';
import { useIsOnPaper } from '../../../ui/print/useIsOnPaper';
import { useIsCoarse } from '../../../ui/useIsCoarse';
import { useHeight } from '../../../ui/useSize';
import { PartFace } from '../../../features/partFace/PartFace';
import { layOutBands, layOutRungs } from './ladderLayout';
import { RungBox } from '../../../features/rung/RungBox';

const COLUMN = 146;
const MOST_ROW = 27;
const LEAST_ROW = 22;
/** Row for fingers. */
const FINGER_ROW = 48;
const HEAD = 60;
const LABELS = 104;
/** What a page of A4 or letter, its long side across, has for the ladders below their prop's name, px. */
const PAGE = { width: 1000, height: 540 };

/** All ladders of a prop side by side, their bands aligned. Only the columns in sight are drawn. */
export function LadderGrid({
  parts,
  index,
  nextRungs,
}: {
  readonly parts: readonly Part[];
  readonly index: ShopIndex;
  readonly nextRungs: ReadonlySet<string>;
}) {
  const scroller = useRef<HTMLDivElement>(null);
  const joins = useTable('joins');
  const ladders = useMemo(() => parts.map((part) => index.rungsOf(part.id)), [parts, index]);
  const bands = useMemo(() => layOutBands(ladders), [ladders]);
  const rows = useMemo(() => ladders.map((rungs) => layOutRungs(rungs, bands)), [ladders, bands]);
  const total = bands.reduce((sum, band) => sum + band.rows, 0);
  const room = useHeight(scroller, 560);
  // Rows shrink a little so that a usual ladder is seen whole; a very tall one scrolls.
  const isCoarse = useIsCoarse();
  const row = isCoarse ? FINGER_ROW : Math.max(LEAST_ROW, Math.min(MOST_ROW, Math.floor((room - HEAD - 30) / Math.max(1, total))));
  const height = Math.max(total, 3) * row;
  const isOnPaper = useIsOnPaper();
  // The compiler cannot see into the virtualizer; it is only read here.
  // eslint-disable-next-line react-hooks/incompatible-library
  const columns = useVirtualizer({
    count: parts.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => COLUMN,
    horizontal: true,
    overscan: isOnPaper ? parts.length : 3,
    paddingStart: LABELS,
  });
  const width = Math.max(columns.getTotalSize(), LABELS);
  const top = (place: number): number => HEAD + (total - 1 - place) * row;

  const onKeyDown = (event: KeyboardEvent): void => {
    const from = document.activeElement instanceof HTMLElement ? document.activeElement.dataset['grid'] : undefined;
    if (!from || !['ArrowUp', 'ArrowDown', 'ArrowLeft', 'ArrowRight'].includes(event.key)) return;
    const [column = 0, place = 0] = from.split('.').map(Number);
    const next = neighbour(ladders, column, place, event.key);
    if (!next) return;
    event.preventDefault();
    columns.scrollToIndex(next[0]);
    requestAnimationFrame(() => scroller.current?.querySelector<HTMLElement>(`[data-grid="${next.join('.')}"]`)?.focus());
  };

  return (
    <div
      ref={scroller}
      onKeyDown={onKeyDown}
      className="bg-sheet border-line relative min-h-80 flex-1 overflow-auto rounded-xs border"
      role="group"
      aria-label="Ladders; arrow keys climb and cross"
    >
      <div
        className="relative"
        style={{
          width,
          height: HEAD + height + 12,
          zoom: isOnPaper ? Math.min(1, PAGE.width / width, PAGE.height / (HEAD + height + 12)) : 1,
        }}
      >
        {bands.map((band, order) => (
          <div
            key={band.id}
            className={`absolute left-0 w-full ${order % 2 === 0 ? 'bg-band' : ''}`}
            style={{ top: top(band.firstRow + band.rows - 1), height: band.rows * row }}
          >
            <span className="font-label text-dim sticky left-3 inline-block pt-1 font-semibold">{band.name}</span>
          </div>
        ))}
        {columns.getVirtualItems().map((column) => {
          const part = parts[column.index];
          if (!part) return null;
          return (
            <section key={part.id} aria-label={partLabel(part)} className="absolute top-0" style={{ left: column.start, width: COLUMN }}>
              <PartHead part={part} />
              <span aria-hidden="true" className="bg-rail absolute w-1" style={{ left: 0, top: HEAD - 12, height: height + 16 }} />
              <span aria-hidden="true" className="bg-rail absolute w-1" style={{ left: 104, top: HEAD - 12, height: height + 16 }} />
              {(ladders[column.index] ?? []).map((rung, place) => (
                <RungBox
                  key={rung.id}
                  rung={rung}
                  part={part}
                  gridKey={`${column.index}.${place}`}
                  colourHex={hexOfProduct(index.products.get(rung.productId ?? ''))}
                  isNext={nextRungs.has(rung.id)}
                  to={`/ladders/${part.propId}/${part.id}?rung=${rung.id}`}
                  style={{
                    position: 'absolute',
                    left: 4,
                    width: 100,
                    height: row - 4,
                    top: top(rows[column.index]?.get(rung.id) ?? 0) + 2,
                  }}
                />
              ))}
              <JoinMarks part={part} joins={joins} parts={parts} rows={rows[column.index]} top={top} index={index} />
            </section>
          );
        })}
      </div>
    </div>
  );
}

function PartHead({ part }: { readonly part: Part }) {
  const details = [findMaterial(part.materialId).name, part.layerMillimetres > 0 ? `${part.layerMillimetres} mm` : null]
    .filter(Boolean)
    .join(' · ');
  return (
    <Link
      to={`/ladders/${part.propId}/${part.id}`}
      title={`${partLabel(part)} · ${details}`}
      className="flex min-h-12 items-center gap-1.5 overflow-hidden pr-2 hover:underline"
    >
      <PartFace part={part} className="h-10 w-10 shrink-0" />
      <span className="min-w-0">
        <span className="font-label line-clamp-2 text-lg leading-none font-semibold">
          {/* A number of pieces keeps to its sign. */}
          {partLabel(part).replace(' × ', ' ×\u00a0')}
        </span>
        <span className="text-dim block truncate text-xs">{details}</span>
      </span>
    </Link>
  );
}

/** Two bars where another ladder joins, towards its neighbour, with the guest's name for those who cannot see them. */
function JoinMarks({
  part,
  joins,
  parts,
  rows,
  top,
  index,
}: {
  readonly part: Part;
  readonly joins: readonly Join[];
  readonly parts: readonly Part[];
  readonly rows: ReadonlyMap<string, number> | undefined;
  readonly top: (row: number) => number;
  readonly index: ShopIndex;
}) {
  const own = parts.findIndex((other) => other.id === part.id);
  return joins
    .filter((join) => join.hostPartId === part.id)
    .map((join) => {
      const place = rows?.get(join.hostRungId);
      if (place === undefined) return null;
      const guest = parts.findIndex((other) => other.id === join.guestPartId);
      const isLeft = guest >= 0 && guest < own;
      const name = index.parts.get(join.guestPartId)?.name ?? 'another part';
      return (
        <span
          key={join.id}
          title={`joined here: ${name}`}
          className="border-steel absolute h-2 border-y-4"
          style={{ left: isLeft ? -36 : 108, width: 34, top: top(place) + 7 }}
        >
          <span className="sr-only">{name} joins here</span>
        </span>
      );
    });
}

function neighbour(ladders: readonly (readonly unknown[])[], column: number, place: number, key: string): readonly [number, number] | null {
  if (key === 'ArrowUp' || key === 'ArrowDown') {
    const next = place + (key === 'ArrowUp' ? 1 : -1);
    return next >= 0 && next < (ladders[column]?.length ?? 0) ? [column, next] : null;
  }
  const next = column + (key === 'ArrowRight' ? 1 : -1);
  const rungs = ladders[next]?.length ?? 0;
  return rungs > 0 ? [next, Math.min(place, rungs - 1)] : null;
}
