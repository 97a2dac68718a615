import { Link, useParams } from 'react-router';
import { useShop } from '../../data/queries';
import { useTitle } from '../../features/title/pageTitle';
import { UndoBar } from '../../features/edit/UndoBar';
import { AirSection } from './air/AirSection';
import { FilesSection } from './files/FilesSection';
import { HoursSection } from './hours/HoursSection';
import { PeopleSection } from './people/PeopleSection';
import { PlacesSection } from './PlacesSection';
import { ProductsSection } from './products/ProductsSection';

const SECTIONS = [
  ['hours', 'Hours'],
  ['people', 'People'],
  ['air', 'Air'],
  ['products', 'Products'],
  ['places', 'Places and units'],
  ['files', 'Files and clock'],
] as const;

/** What is my shop like? */
export function ShopView() {
  const { section = 'hours' } = useParams();
  const shop = useShop();
  useTitle(shop ? shop.name : 'Shop');
  if (!shop) return null;
  return (
    <>
      <div className="mb-4 flex flex-wrap items-center justify-between gap-2">
        <nav aria-label="Of the shop" className="flex flex-wrap gap-1">
          {SECTIONS.map(([path, name]) => (
            <Link
              key={path}
              to={`/shop/${path}`}
              aria-current={path === section ? 'page' : undefined}
              className={`target font-label min-h-9 border px-3 py-1 text-lg font-semibold ${path === section ? 'border-ink bg-sheet' : 'border-line text-dim'}`}
            >
              {name}
            </Link>
          ))}
        </nav>
        <UndoBar />
      </div>
      {section === 'hours' && <HoursSection shop={shop} />}
      {section === 'people' && <PeopleSection shop={shop} />}
      {section === 'air' && <AirSection shop={shop} />}
      {section === 'products' && <ProductsSection />}
      {section === 'places' && <PlacesSection shop={shop} />}
      {section === 'files' && <FilesSection shop={shop} />}
    </>
  );
}
