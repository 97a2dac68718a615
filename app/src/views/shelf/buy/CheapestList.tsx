import { localDay } from '@zinc-ladder/core/time/workingHours';
import { billsOf } from '@zinc-ladder/model/gather/shelf/buyingList';
import { writeBuyingCsv } from '@zinc-ladder/model/gather/shelf/lists/writeBuyingCsv';
import type { Shop } from '@zinc-ladder/model/records/shop/shop';
import { download, fileName } from '../../../base/download';
import { useClock } from '../../../clock/ClockContext';
import { useTable } from '../../../data/queries';
import { useFormats } from '../../../features/formats/useFormats';
import { amountText } from '../../../features/shelf/shelfWords';
import { useShelf } from '../../../features/shelf/useShelf';
import { Button } from '../../../ui/Button';
import { Sheet } from '../../../ui/Sheet';
import { Why } from '../../../ui/Why';
import { useBuyingList } from '../useBuyingList';

/** The packs that cover what is missing at least cost, by who sells them; to print, to save, to note as ordered. */
export function CheapestList({ shop }: { readonly shop: Shop }) {
  const lines = useShelf();
  const suppliers = useTable('suppliers');
  const clock = useClock();
  const formats = useFormats();
  const { asked, bought, cost, isLooking, error, note } = useBuyingList(lines, shop);
  const lineOf = new Map((lines ?? []).map((line) => [line.thing.id, line]));
  const names = new Map(suppliers.map(({ id, name }) => [id, name]));
  const text = (id: string, amount: number): string => amountText(amount, lineOf.get(id)?.thing.unit ?? 'pieces', formats);
  const save = (): void => {
    const rows = bought.map(({ supplier, product, count, amount, price }) => {
      const thing = lineOf.get(product)?.thing;
      const isPriced = !asked.unpriced.includes(product);
      return {
        supplier: names.get(supplier) ?? '',
        product: thing?.name ?? '',
        packs: count,
        pack: amount,
        unit: thing?.unit ?? '',
        price: isPriced ? price : null,
      };
    });
    const name = fileName(`${shop.name} to buy`, localDay(clock.now(), shop.timeZone).date, 'csv');
    download(writeBuyingCsv(rows, shop.currency), name, 'text/csv');
  };
  const isNothing = lines !== null && asked.needs.length === 0 && asked.unsold.length === 0;
  return (
    <Sheet className="min-w-0 p-4" label="To buy">
      <h2 className="font-label mb-2 text-2xl font-semibold">
        {lines === null ? (
          'Waiting for the plan…'
        ) : isNothing ? (
          'Nothing is missing.'
        ) : cost !== null ? (
          <>
            To buy:{' '}
            <Why
              name="what buying costs"
              reason={{
                formula: 'least Σ packs × price + carriage of who is bought from; then least left over',
                inputs: [
                  ['things', String(asked.needs.length)],
                  ['packs looked at', String(asked.packs.length)],
                  ['suppliers', String(asked.suppliers.length)],
                ],
                source: 'exact: every set of suppliers, dominated sums dropped; needs at the chance you chose',
              }}
            >
              {formats.money(cost, shop.currency)}
            </Why>
          </>
        ) : isLooking ? (
          'Looking for the cheapest…'
        ) : (
          'To buy'
        )}
      </h2>
      {error !== null && error !== undefined && (
        <p role="alert" className="text-oxide mb-2">
          {error instanceof Error ? error.message : String(error)}
        </p>
      )}
      {billsOf(bought, suppliers).map(({ supplierId, supplier, packs, carriage, cost: sum }) => (
        <section key={supplierId} className="mb-3">
          <h3 className="label">{supplier?.name}</h3>
          <ul>
            {packs.map(({ packId, product, amount, count, cost: price }) => (
              <li key={packId} className="border-line grid grid-cols-[minmax(0,1fr)_auto_auto] gap-3 border-t py-1">
                <span className="font-semibold">
                  {lineOf.get(product)?.thing.name}
                  {asked.late.includes(product) && <span className="text-oxide font-normal"> comes too late</span>}
                </span>
                <span className="figure">
                  {count} × {text(product, amount)}
                </span>
                <span className="figure min-w-20 text-right">
                  {asked.unpriced.includes(product) ? 'no price' : formats.money(price, shop.currency)}
                </span>
              </li>
            ))}
          </ul>
          {carriage > 0 && (
            <p className="text-dim text-right text-sm">
              and {formats.money(carriage, shop.currency)} carriage: {formats.money(sum, shop.currency)}
            </p>
          )}
        </section>
      ))}
      {asked.unsold.length > 0 && (
        <section className="mb-3">
          <h3 className="label">Nobody is known to sell</h3>
          <ul>
            {asked.unsold.map(({ thing, curve }) => (
              <li key={thing.id} className="border-line flex justify-between gap-3 border-t py-1">
                <span className="font-semibold">{thing.name}</span>
                <span className="figure">{amountText(curve.missing, thing.unit, formats)}</span>
              </li>
            ))}
          </ul>
          <p className="text-dim text-sm">Write down a pack of it at the side.</p>
        </section>
      )}
      {bought.length > 0 && (
        <p className="text-dim no-print mb-2 text-sm">
          Who would bring a thing too late is passed over where somebody brings it in time. Smallest orders are filled up with what comes
          nearest above them.
        </p>
      )}
      {bought.length > 0 && (
        <div className="no-print flex flex-wrap gap-2">
          <Button look="primary" onClick={() => note('Note what was ordered')}>
            All of it is ordered
          </Button>
          <Button onClick={() => window.print()}>Print</Button>
          <Button onClick={save}>Save as CSV</Button>
        </div>
      )}
    </Sheet>
  );
}
