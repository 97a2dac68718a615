import { Link, useParams } from 'react-router';
import { useTable } from '../../data/queries';
import { UndoBar } from '../../features/edit/UndoBar';
import { useTitle } from '../../features/title/pageTitle';
import { Sheet } from '../../ui/Sheet';
import { TabLinks } from '../../ui/TabLinks';
import { FormedTab } from './FormedTab';
import { MagnetsTab } from './MagnetsTab';
import { SightTab } from './SightTab';

const TABS = [
  ['', 'Sight of the wearer'],
  ['formed', 'Formed sheet'],
  ['magnets', 'Magnets'],
] as const;

/** Does it fit who wears it? Sight through an opening, the sheet a visor is formed from, magnets that hold it together. */
export function FittingsView() {
  const { propId = '', tab: asked = '' } = useParams();
  const tab = TABS.some(([path]) => path === asked) ? asked : '';
  const prop = useTable('props').find(({ id }) => id === propId);
  const parts = useTable('parts')
    .filter((part) => part.propId === propId)
    .sort((a, b) => a.position - b.position);
  useTitle(prop ? `Fittings of ${prop.name}` : 'Fittings');
  if (!prop)
    return (
      <Sheet className="p-4">
        There is no such prop. <Link to="/ladders">All props</Link>
      </Sheet>
    );
  return (
    <div className="grid min-w-0 grid-cols-[minmax(0,1fr)] gap-4">
      <div className="no-print flex flex-wrap items-end gap-3">
        <TabLinks label="Fittings" tabs={TABS} base={`/fittings/${prop.id}`} current={tab} />
        <Link className="in-text self-center underline" to={`/ladders/${prop.id}`}>
          {prop.name} on its ladders
        </Link>
        <div className="ml-auto">
          <UndoBar isCompact />
        </div>
      </div>
      {tab === '' && <SightTab prop={prop} parts={parts} />}
      {tab === 'formed' && <FormedTab prop={prop} parts={parts} />}
      {tab === 'magnets' && <MagnetsTab prop={prop} parts={parts} />}
    </div>
  );
}
