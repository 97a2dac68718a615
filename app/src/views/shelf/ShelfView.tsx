import { Navigate, useParams } from 'react-router';
import { UndoBar } from '../../features/edit/UndoBar';
import { useTitle } from '../../features/title/pageTitle';
import { TabLinks } from '../../ui/TabLinks';
import { BuyTab } from './buy/BuyTab';
import { CostTab } from './CostTab';
import { KitTab } from './KitTab';
import { NeedsTab } from './needs/NeedsTab';
import { ThereTab } from './there/ThereTab';

const TABS = [
  ['needs', 'Have I got it?'],
  ['there', 'What is there'],
  ['buy', 'What to buy'],
  ['kit', 'What a ladder takes'],
  ['cost', 'What it costs'],
] as const;

/** Have I got it? */
export function ShelfView() {
  const { tab } = useParams();
  useTitle('Shelf');
  if (!TABS.some(([path]) => path === tab)) return <Navigate to="/shelf/needs" replace />;
  return (
    <div className="grid min-w-0 grid-cols-[minmax(0,1fr)] gap-3">
      <div className="no-print flex flex-wrap items-center gap-x-4 gap-y-2">
        <TabLinks label="Of the shelf" tabs={TABS} base="/shelf" />
        <div className="ml-auto">
          <UndoBar isCompact />
        </div>
      </div>
      {tab === 'needs' && <NeedsTab />}
      {tab === 'there' && <ThereTab />}
      {tab === 'buy' && <BuyTab />}
      {tab === 'kit' && <KitTab />}
      {tab === 'cost' && <CostTab />}
    </div>
  );
}
