import type { PictureReference } from '@zinc-ladder/model/records/prop/pictureReference';
import type { Prop } from '@zinc-ladder/model/records/prop/prop';
import { Link } from 'react-router';
import { LongList } from '../../../ui/list/LongList';
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
  const rows = toRows(pictures, props);
  return (
    <LongList
      as="ul"
      label={`${pictures.length} pictures`}
      className="max-h-96 overflow-auto md:max-h-[calc(100dvh-15rem)]"
      count={rows.length}
      keyOf={itsPlace}
      usualHeight={(at) => (rows[at]?.kind === 'head' ? HEAD_HEIGHT : ROW_HEIGHT)}
      beyond={3}
    >
      {(at) => {
        const row = rows[at];
        if (row?.kind === 'head') return <h2 className="label pb-1">{row.name}</h2>;
        return (
          <div className="grid grid-cols-2 gap-2 pb-2">
            {row?.pictures.map((picture) => (
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
        );
      }}
    </LongList>
  );
}

const itsPlace = (at: number): number => at;

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
