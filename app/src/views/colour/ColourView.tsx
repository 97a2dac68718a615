import { Navigate, useParams } from 'react-router';
import { TabLinks } from '../../ui/TabLinks';
import { UndoBar } from '../../features/edit/UndoBar';
import { CardsTab } from './cards/CardsTab';
import { CoatsTab } from './coats/CoatsTab';
import { MixTab } from './mix/MixTab';
import { PalettesTab } from './palettes/PalettesTab';
import { PicturesTab } from './pictures/PicturesTab';
import { ThinTab } from './thin/ThinTab';

const TABS = [
  ['mix', 'Mix to match'],
  ['pictures', 'Pictures'],
  ['cards', 'Cards'],
  ['coats', 'Coats and undercoats'],
  ['thin', 'Thin, dose, weigh'],
  ['palettes', 'Palettes'],
] as const;

/** What do I mix? */
export function ColourView() {
  const { tab, id } = useParams();
  if (tab === undefined) return <Navigate to="/colour/mix" replace />;
  if (!TABS.some(([path]) => path === tab)) return <Navigate to={`/colour/cards/${tab}`} replace />;
  return (
    <div className="grid gap-3">
      <div className="no-print flex flex-wrap items-center gap-x-4 gap-y-2">
        <TabLinks label="Of colour" tabs={TABS} base="/colour" />
        <div className="ml-auto">
          <UndoBar isCompact />
        </div>
      </div>
      {tab === 'mix' && <MixTab targetId={id ?? null} />}
      {tab === 'pictures' && <PicturesTab pictureId={id ?? null} />}
      {tab === 'cards' && <CardsTab cardId={id ?? null} />}
      {tab === 'coats' && <CoatsTab />}
      {tab === 'thin' && <ThinTab />}
      {tab === 'palettes' && <PalettesTab />}
    </div>
  );
}
