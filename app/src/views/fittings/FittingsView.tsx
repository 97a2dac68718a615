import { useParams } from 'react-router';
import { useTable } from '../../data/queries';
import { NoSuchProp, PropPage } from '../../features/propPage/PropPage';
import { useTitle } from '../../features/title/pageTitle';
import { TabLinks } from '../../ui/TabLinks';
import { ClearTab } from './ClearTab';
import { FormedTab } from './FormedTab';
import { MagnetsTab } from './MagnetsTab';
import { MendTab } from './MendTab';
import { SightTab } from './SightTab';
import { StrapsTab } from './StrapsTab';

const TABS = [
  ['', 'Sight of the wearer'],
  ['formed', 'Formed sheet'],
  ['magnets', 'Magnets'],
  ['straps', 'Straps and rivets'],
  ['clear', 'Clear and dyed'],
  ['mend', 'Mend or print anew'],
] as const;

/** What goes into a prop besides paint: sight, formed sheet, magnets, straps and rivets, what is clear and dyed, and what is broken. */
export function FittingsView() {
  const { propId = '', tab: asked = '' } = useParams();
  const tab = TABS.some(([path]) => path === asked) ? asked : '';
  const prop = useTable('props').find(({ id }) => id === propId);
  const parts = useTable('parts')
    .filter((part) => part.propId === propId)
    .sort((a, b) => a.position - b.position);
  useTitle(prop ? `Fittings of ${prop.name}` : 'Fittings');
  if (!prop) return <NoSuchProp />;
  return (
    <PropPage prop={prop} head={<TabLinks label="Fittings" tabs={TABS} base={`/fittings/${prop.id}`} current={tab} />}>
      {tab === '' && <SightTab prop={prop} parts={parts} />}
      {tab === 'formed' && <FormedTab prop={prop} parts={parts} />}
      {tab === 'magnets' && <MagnetsTab prop={prop} parts={parts} />}
      {tab === 'straps' && <StrapsTab prop={prop} parts={parts} />}
      {tab === 'clear' && <ClearTab prop={prop} parts={parts} />}
      {tab === 'mend' && <MendTab prop={prop} parts={parts} />}
    </PropPage>
  );
}
