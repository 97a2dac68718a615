import { findSubstitutes } from '@zinc-ladder/model/gather/shelf/substitutes';
import type { Product } from '@zinc-ladder/model/records/shop/product';
import { useQuery } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { formatSpan } from '../../../base/formats';
import { useNow } from '../../../clock/ClockContext';
import { useTable } from '../../../data/queries';
import { useStore } from '../../../data/StoreContext';
import { useEdit } from '../../../features/edit/useEdit';
import { useFormats } from '../../../features/formats/useFormats';
import { useUses } from '../../../features/shelf/useStocks';
import { hexOfProduct } from '@zinc-ladder/model/gather/film/gatherPaints';
import { Button } from '../../../ui/Button';
import { Swatch } from '../../../ui/swatch/Swatch';
import { askOutlook } from '../../../workers/plan/outlookClient';

/** What else can be done when something will not be there in time: what stands on the shelf in its place, and what waiting for it costs. */
export function TooLate({
  product,
  isTooLate,
  dueMs,
  missing,
}: {
  readonly product: Product;
  readonly isTooLate: boolean;
  readonly dueMs: number;
  readonly missing: number;
}) {
  const [isOpen, setOpen] = useState(isTooLate);
  return (
    <details className="border-line mt-3 border-t pt-3" open={isOpen} onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className="font-label min-h-9 cursor-pointer text-lg font-semibold">
        {isTooLate ? 'It would come too late. What else?' : 'Without ordering'}
      </summary>
      {isOpen && <Instead product={product} />}
      {isOpen && <Waiting product={product} dueMs={dueMs} missing={missing} />}
    </details>
  );
}

function Instead({ product }: { readonly product: Product }) {
  const parts = useTable('parts');
  const ladders = useTable('ladders');
  const rungs = useTable('rungs');
  const products = useTable('products');
  const cans = useTable('cans');
  const uses = useUses();
  const edit = useEdit();
  const formats = useFormats();
  const found = useMemo(
    () => findSubstitutes(product, { parts, ladders, rungs, products, cans }, uses),
    [product, parts, ladders, rungs, products, cans, uses],
  );
  const take = (other: Product): void =>
    void edit(`Take ${other.name} in place of ${product.name}`, async (change) => {
      for (const rung of await change.find('rungs', 'productId', product.id))
        if (rung.state === 'open') await change.patch('rungs', rung.id, { productId: other.id, mixCardId: null });
    });
  if (found.length === 0) return <p className="text-dim">Nothing of its kind on the shelf would do for all of it.</p>;
  return (
    <ul aria-label={`In place of ${product.name}`}>
      {found.map((other) => (
        <li key={other.product.id} className="border-line grid grid-cols-[auto_minmax(0,1fr)_auto] items-start gap-3 border-t py-2">
          <Swatch colourHex={hexOfProduct(other.product)} className="h-8 w-8" />
          <div className="min-w-0">
            <p className="font-semibold">{other.product.name}</p>
            <p className="text-dim text-sm">
              {formats.volume(other.stock)} there, {formats.volume(other.needed)} wanted.{' '}
              {other.difference === null
                ? ''
                : (other.caution ?? `ΔE00 ${other.difference.toFixed(1)}${other.words ? `: ${other.words}` : ''}.`)}
            </p>
            {[...new Set(other.findings.map(({ what, remedyWords }) => `${what} ${remedyWords}`))].map((words) => (
              <p key={words} className="text-oxide text-sm">
                {words}
              </p>
            ))}
          </div>
          <Button aria-label={`Take it: ${other.product.name}`} onClick={() => take(other.product)}>
            Take it
          </Button>
        </li>
      ))}
    </ul>
  );
}

/** Plans the shop as if it were ordered now, and says what that moves. */
function Waiting({ product, dueMs, missing }: { readonly product: Product; readonly dueMs: number; readonly missing: number }) {
  const { db } = useStore();
  const now = useNow(300_000);
  const formats = useFormats();
  const props = new Map(useTable('props').map((prop) => [prop.id, prop.name]));
  const [isAsked, setAsked] = useState(false);
  const query = useQuery({
    queryKey: ['waiting for', product.id, Math.round(dueMs / 60_000), missing],
    queryFn: ({ signal }) =>
      askOutlook((api) => api.waiting({ databaseName: db.name, nowMs: now }, { productId: product.id, amount: missing, dueMs }), signal),
    enabled: isAsked,
    staleTime: Infinity,
    networkMode: 'always',
  });
  if (!isAsked) return <Button onClick={() => setAsked(true)}>What would waiting for it cost?</Button>;
  if (query.isError) return <p role="alert">It could not be planned: {String(query.error)}</p>;
  if (!query.data) return <p className="text-dim">Planning with it arriving {formats.moment(dueMs, now)}…</p>;
  const moved = query.data.filter(({ laterMinutes }) => Math.abs(laterMinutes) >= 1);
  return (
    <div className="mt-2">
      <h3 className="label">If the plan waits until {formats.moment(dueMs, now)}</h3>
      {moved.length === 0 ? (
        <p>Nothing is ready later: other work is done first.</p>
      ) : (
        <ul>
          {moved.map(({ propId, laterMinutes, readyMs }) => (
            <li key={propId}>
              {props.get(propId)}: {formatSpan(Math.abs(laterMinutes))} {laterMinutes > 0 ? 'later' : 'sooner'}, ready{' '}
              <span className="figure">{formats.moment(readyMs, now)}</span>
            </li>
          ))}
        </ul>
      )}
      <p className="text-dim text-sm">By first plans, without the search for better ones: a guide.</p>
    </div>
  );
}
