import { useShop } from '../../../data/queries';
import { CheapestList } from './CheapestList';
import { OnItsWay } from './OnItsWay';
import { PacksSheet } from './PacksSheet';
import { SuppliersSheet } from './SuppliersSheet';

/** What is missing at least cost, what is on its way, and who sells what. */
export function BuyTab() {
  const shop = useShop();
  if (!shop) return null;
  return (
    <div className="grid min-w-0 grid-cols-[minmax(0,1fr)] items-start gap-4 lg:grid-cols-2">
      <div className="grid min-w-0 grid-cols-[minmax(0,1fr)] gap-4">
        <CheapestList shop={shop} />
        <OnItsWay shop={shop} />
      </div>
      <div className="no-print grid min-w-0 grid-cols-[minmax(0,1fr)] gap-4">
        <PacksSheet shop={shop} />
        <SuppliersSheet shop={shop} />
      </div>
    </div>
  );
}
