import { usualShelfLife } from '@zinc-ladder/core/shelf/shelfLife';
import { dryingKind } from '@zinc-ladder/core/cure/dryingKind';
import { findProductClass } from '@zinc-ladder/core/cure/productClasses';
import { ownUseOf } from '@zinc-ladder/model/products/ownUse';
import type { Product } from '@zinc-ladder/model/records/shop/product';
import { Button } from '../../../ui/Button';
import { InlineNumber } from '../../../ui/fields/fields';
import { Why } from '../../../ui/Why';

/** How long a product keeps, how it is mixed of two cans, and how much of it really goes. */
export function ShelfFields({
  product,
  onPatch,
}: {
  readonly product: Product;
  readonly onPatch: (what: string, fields: Partial<Product>) => void;
}) {
  const usual = usualShelfLife(product.classId);
  const isMixed = dryingKind(findProductClass(product.classId).drying.kind).isMixed;
  const own = ownUseOf(product);
  const ratio = product.mixParts;
  return (
    <section aria-label="On the shelf for how long" className="grid gap-3">
      <h3 className="label">How long it keeps, and how much of it goes</h3>
      <div className="grid grid-cols-2 items-end gap-3 sm:grid-cols-4">
        <InlineNumber
          label={`Closed, months (usual ${usual.closedMonths})`}
          value={product.closedMonths}
          min={0.1}
          max={1200}
          mayBeEmpty
          onKeep={(closedMonths) => onPatch('how long it keeps', { closedMonths })}
        />
        <InlineNumber
          label={`Opened, months (usual ${usual.openedMonths})`}
          value={product.openedMonths}
          min={0.1}
          max={1200}
          mayBeEmpty
          onKeep={(openedMonths) => onPatch('how long it keeps', { openedMonths })}
        />
        {isMixed && (
          <InlineNumber
            label="Parts of A"
            value={ratio?.partsA ?? null}
            min={0.01}
            max={1000}
            mayBeEmpty
            onKeep={(partsA) => onPatch('its parts', { mixParts: partsA === null ? null : { partsA, partsB: ratio?.partsB ?? 1 } })}
          />
        )}
        {isMixed && (
          <InlineNumber
            label="to parts of B"
            value={ratio?.partsB ?? null}
            min={0.01}
            max={1000}
            mayBeEmpty
            onKeep={(partsB) => onPatch('its parts', { mixParts: partsB === null ? null : { partsA: ratio?.partsA ?? 1, partsB } })}
          />
        )}
      </div>
      <p className="text-dim text-sm">
        Empty: as is usual for its class (common practice); what stands on the label wins.
        {isMixed && ' With parts by volume its cans are kept as A and B, and the scarcer one decides.'}
      </p>
      {own.count === 0 ? (
        <p className="text-dim text-sm">No can of it was weighed after coats were logged: it is reckoned by film and area alone.</p>
      ) : (
        <p className="flex flex-wrap items-center gap-x-3">
          <span>
            <Why
              name="how much of it really goes"
              reason={{
                formula: 'posterior mean of ln(used ÷ reckoned), normal prior about 0',
                inputs: [
                  ['cans weighed', String(own.count)],
                  ['90 % interval', `${own.low.toFixed(2)}–${own.high.toFixed(2)}`],
                  ['prior', 'one standard deviation between hands 0.15, of a weighing 0.2 (both guessed)'],
                ],
                source: 'cans weighed under Colour → Thin, dose, weigh after coats were logged',
              }}
            >
              {own.factor.toFixed(2)} ×
            </Why>{' '}
            what film and area say really goes, by {own.count} {own.count === 1 ? 'weighing' : 'weighings'}.
          </span>
          <Button onClick={() => onPatch('its weighings', { weighings: [] })}>Forget</Button>
        </p>
      )}
    </section>
  );
}
