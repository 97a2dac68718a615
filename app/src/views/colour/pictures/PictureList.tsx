import type { PictureReference } from '@zinc-ladder/model/records/prop/pictureReference';
import type { Prop } from '@zinc-ladder/model/records/prop/prop';
import { useVirtualizer } from '@tanstack/react-virtual';
import { useRef } from 'react';
import { Link } from 'react-router';
import { NeutralPicture } from './NeutralPicture';

type Row = { readonly kind: 'head'; readonly name: string } | { readonly kind: 'pictures'; readonly pictures: readonly PictureReference[] };

const HEAD_HEIGHT = 28;
const ROW_HEIGHT = 150;

/** Pictures by prop, two in a row. Only rows that can be seen are drawn: a shop may have thousands. */
export function PictureList({
  pictures,
  props,
  openId,
  suffix,
}: {
  readonly pictures: readonly PictureReference[];
  readonly props: readonly Prop[];
  readonly openId: string | null;
  readonly suffix: string;
}) {
  const scroller = useRef<HTMLDivElement>(null);
  const rows = toRows(pictures, props);
  // The virtualizer is only read here.
  // eslint-disable-next-line react-hooks/incompatible-library
  const shown = useVirtualizer({
    count: rows.length,
    getScrollElement: () => scroller.current,
    estimateSize: (at) => (rows[at]?.kind === 'head' ? HEAD_HEIGHT : ROW_HEIGHT),
    overscan: 3,
  });
  return (
    <div
      ref={scroller}
      tabIndex={0}
      role="region"
      aria-label={`${pictures.length} pictures`}
      className="max-h-96 overflow-auto md:max-h-[calc(100dvh-15rem)]"
    >
      <ul className="relative" style={{ height: shown.getTotalSize() }}>
        {shown.getVirtualItems().map((item) => {
          const row = rows[item.index];
          if (!row) return null;
          return (
            <li
              key={item.key}
              ref={shown.measureElement}
              data-index={item.index}
              className="absolute inset-x-0 top-0"
              style={{ transform: `translateY(${item.start}px)` }}
            >
              {row.kind === 'head' ? (
                <h2 className="label pb-1">{row.name}</h2>
              ) : (
                <div className="grid grid-cols-2 gap-2 pb-2">
                  {row.pictures.map((picture) => (
                    <Link
                      key={picture.id}
                      to={`/colour/pictures/${picture.id}${suffix}`}
                      aria-current={picture.id === openId ? 'page' : undefined}
                      className={`block min-w-0 border-2 p-0.5 ${picture.id === openId ? 'border-ink' : 'border-transparent'}`}
                    >
                      <NeutralPicture picture={picture} marks={[]} className="max-h-24" />
                      <span className="block truncate text-sm">{picture.name}</span>
                      <span className="text-dim block text-sm">{picture.neutral ? 'light taken out' : 'light left in'}</span>
                    </Link>
                  ))}
                </div>
              )}
            </li>
          );
        })}
      </ul>
    </div>
  );
}

function toRows(pictures: readonly PictureReference[], props: readonly Prop[]): Row[] {
  return [...props, null].flatMap((prop): Row[] => {
    const own = pictures.filter((picture) => picture.propId === (prop?.id ?? null));
    if (own.length === 0) return [];
    const pairs = Array.from({ length: Math.ceil(own.length / 2) }, (_, at): Row => ({
      kind: 'pictures',
      pictures: own.slice(at * 2, at * 2 + 2),
    }));
    return [{ kind: 'head', name: prop?.name ?? 'Of no prop' }, ...pairs];
  });
}
