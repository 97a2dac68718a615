import { Navigate, NavLink, useParams } from 'react-router';
import { UndoBar } from '../../shell/UndoBar';
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
  const { tab = 'mix', id } = useParams();
  if (!TABS.some(([path]) => path === tab)) return <Navigate to={`/colour/cards/${tab}`} replace />;
  return (
    <div className="grid gap-3">
      <div className="no-print flex flex-wrap items-center gap-x-4 gap-y-2">
        <nav aria-label="Of colour" className="flex flex-wrap">
          {TABS.map(([path, name]) => (
            <NavLink
              key={path}
              to={`/colour/${path}`}
              className={`font-label flex min-h-11 items-center border-b-2 px-3 text-lg font-semibold ${tab === path ? 'border-ink' : 'text-dim border-transparent'}`}
            >
              {name}
            </NavLink>
          ))}
        </nav>
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
