import { missingPrimaries } from '@zinc-ladder/core/colour/recipe/missingPaints';
import { hexOfProduct, isMixable, labOfProduct } from '@zinc-ladder/model/gather/film/gatherPaints';
import { Link } from 'react-router';
import { haveCan } from '../../../data/changes/shelf/canChanges';
import { addKit, KITS, missingOfKit } from '../../../data/changes/prop/kits';
import { useClock } from '../../../clock/ClockContext';
import { newId } from '../../../base/newId';
import { useEdit } from '../../../features/edit/useEdit';
import { Button } from '../../../ui/Button';
import { Swatch } from '../../../ui/swatch/Swatch';
import { listed } from './listed';
import type { Paints } from '../usePaints';

/** What the shelf lacks for mixing, and how it comes there: pots that are there in truth, or a set to mix from. */
export function MissingPaints({ paints }: { readonly paints: Paints }) {
  const clock = useClock();
  const edit = useEdit();
  const onShelf = new Set(paints.mixable.map(({ id }) => id));
  const missing = missingPrimaries(paints.mixable.map((product) => labOfProduct(product) ?? [50, 0, 0]));
  const notThere = paints.products.filter((product) => isMixable(product) && !onShelf.has(product.id));
  const kit = KITS.find(({ id }) => id === 'mixing');
  const toAdd = kit ? missingOfKit(kit, paints.products).length : 0;
  if (missing.length === 0 && onShelf.size > 0) return null;
  return (
    <div className="bg-sheet border-line border p-3">
      <p>
        {onShelf.size === 0
          ? 'No paint on the shelf can be measured out: recipes are made of brush and airbrush acrylics with a colour and something left in the pot.'
          : `The shelf has no ${listed(missing, 'or')} to mix with; that may be why no recipe comes nearer.`}
      </p>
      <ul>
        {notThere.map((product) => (
          <li key={product.id} className="border-line flex min-h-11 items-center gap-2 border-t">
            <Swatch colourHex={hexOfProduct(product)} className="h-6 w-6" />
            <span className="min-w-0 flex-1 truncate">{product.name}</span>
            <Button
              aria-label={`I have it: ${product.name}`}
              onClick={() => void edit(`Have ${product.name}`, (change) => haveCan(change, product, newId(), clock.now()))}
            >
              I have it
            </Button>
          </li>
        ))}
      </ul>
      <div className="mt-2 flex flex-wrap items-center gap-3">
        {kit && toAdd > 0 && (
          <Button look="primary" onClick={() => void edit(`Add ${kit.name.toLowerCase()}`, (change) => addKit(change, kit, newId))}>
            I have {kit.name.toLowerCase()}
          </Button>
        )}
        <Link className="in-text underline underline-offset-4" to="/shop/products">
          To the products
        </Link>
      </div>
    </div>
  );
}
