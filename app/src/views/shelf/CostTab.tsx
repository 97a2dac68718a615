import { COST_KINDS } from '@zinc-ladder/model/gather/shelf/costs/costKinds';
import { gatherCosts } from '@zinc-ladder/model/gather/shelf/costs/gatherCosts';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { useShop, useStandingEntries, useTable } from '../../data/queries';
import { useEdit } from '../../features/edit/useEdit';
import { useFormats } from '../../features/formats/useFormats';
import { Sheet } from '../../ui/Sheet';
import { Why } from '../../ui/Why';
import { CurrencyField, MoneyField } from './MoneyField';
import { WideTable } from '../../ui/WideTable';

const NOTHING = { soFar: 0, toCome: 0, unpriced: 0 };

/** What every prop costs so far and still will. */
export function CostTab() {
  const shop = useShop();
  const edit = useEdit();
  const formats = useFormats();
  const props = useTable('props');
  const parts = useTable('parts');
  const ladders = useTable('ladders');
  const rungs = useTable('rungs');
  const products = useTable('products');
  const cans = useTable('cans');
  const supplies = useTable('supplies');
  const packs = useTable('packs');
  const purchases = useTable('purchases');
  const standing = useStandingEntries();
  const costs = useMemo(
    () => shop && gatherCosts({ shop, props, parts, ladders, rungs, products, cans, supplies, packs, purchases, standing }),
    [shop, props, parts, ladders, rungs, products, cans, supplies, packs, purchases, standing],
  );
  if (!shop || !costs) return null;
  const money = (amount: number): string => formats.money(amount, shop.currency);
  const { all } = costs;
  const names = new Map(props.map((prop) => [prop.id, prop.name]));
  return (
    <div className="grid min-w-0 grid-cols-[minmax(0,1fr)] items-start gap-4 lg:grid-cols-[minmax(0,1fr)_20rem]">
      <Sheet className="min-w-0 p-4" label="Costs of the props">
        <h2 className="font-label mb-1 text-2xl font-semibold">
          {money(all.soFar)} so far, {money(all.toCome)} to come
        </h2>
        {all.unpriced > 0 && (
          <p className="text-oxide mb-2">
            {all.unpriced} coats and uses have no price and are not in it:{' '}
            <Link className="in-text underline" to="/shelf/buy">
              packs and prices
            </Link>
            .
          </p>
        )}
        {costs.props.map(({ propId, sum, byKind }) => (
          <section key={propId} className="border-line mt-3 border-t pt-2">
            <h3 className="flex flex-wrap items-baseline gap-x-4 font-semibold">
              <span className="mr-auto text-lg">{names.get(propId)}</span>
              <span className="figure">
                <Why
                  name={`what ${names.get(propId) ?? ''} costs`}
                  reason={{
                    formula: 'Σ amount × price of one unit; done by what the log says was taken, to come by film and area',
                    inputs: [
                      ['so far', money(sum.soFar)],
                      ['to come', money(sum.toCome)],
                      ['without a price', String(sum.unpriced)],
                    ],
                    source: 'price: paid for a can, else ordered last, else the cheapest pack',
                  }}
                >
                  {money(sum.soFar)} + {money(sum.toCome)}
                </Why>
              </span>
            </h3>
            <WideTable label={`Costs of ${names.get(propId) ?? propId}`}>
              <table className="w-full text-left">
                <thead>
                  <tr>
                    <th className="label">For</th>
                    <th className="label w-28 text-right">So far</th>
                    <th className="label w-28 text-right">To come</th>
                  </tr>
                </thead>
                <tbody>
                  {COST_KINDS.filter(({ id }) => byKind.has(id)).map(({ id, name }) => {
                    const { soFar, toCome } = byKind.get(id) ?? NOTHING;
                    return (
                      <tr key={id} className="border-line border-t">
                        <td>{name}</td>
                        <td className="figure text-right">{money(soFar)}</td>
                        <td className="figure text-right">{money(toCome)}</td>
                      </tr>
                    );
                  })}
                </tbody>
              </table>
            </WideTable>
            {byKind.size === 0 && <p className="text-dim">Nothing with a price is used on it.</p>}
          </section>
        ))}
        {costs.props.length === 0 && <p className="text-dim">There is no prop yet.</p>}
      </Sheet>
      <Sheet className="grid gap-3 p-4" label="How it is reckoned">
        <h2 className="label">How it is reckoned</h2>
        <CurrencyField shop={shop} />
        <MoneyField
          label="An hour of hands"
          value={shop.hourPrice}
          shop={shop}
          onKeep={(hourPrice) => void edit('Price an hour', (change) => change.patch('shop', shop.id, { hourPrice }, shop))}
        />
        <p className="text-dim text-sm">
          Left empty, hours cost nothing. What a can lost beside the part, thrown away or dried up, is only in it where cans are weighed.
          The same stands in a prop’s build report.
        </p>
      </Sheet>
    </div>
  );
}
