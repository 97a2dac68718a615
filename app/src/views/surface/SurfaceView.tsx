import { partLabel } from '@zinc-ladder/model/gather/plan/gatherPlan';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import { Link, Navigate, useParams } from 'react-router';
import { useTable } from '../../data/queries';
import { useShopIndex } from '../../data/useShopIndex';
import { useTitle } from '../../features/title/pageTitle';
import { PartTabs } from '../../features/partTabs/PartTabs';
import { BondTab } from './bond/BondTab';
import { ForecastTab } from './forecast/ForecastTab';
import { InspectTab } from './inspect/InspectTab';
import { MixTab } from './mix/MixTab';
import { SandTab } from './sand/SandTab';
import { useSurface } from './gathered/useSurface';

const TABS = [
  ['', 'Lines and loops'],
  ['inspect', 'Inspect'],
  ['sand', 'Sand and film'],
  ['bond', 'Cut, fit, bond'],
  ['mix', 'Mix filler'],
] as const;

/** Is it smooth enough, and what will it take? */
export function SurfaceView() {
  const { partId } = useParams();
  const index = useShopIndex();
  const passes = useTable('passes');
  const parts = [...index.parts.values()];
  const part = index.parts.get(partId ?? '');
  useTitle(part ? `${index.props.get(part.propId)?.name ?? ''} / ${partLabel(part)}` : 'Surface');
  if (part) return <OpenSurface key={part.id} part={part} />;
  const first = parts.find((entry) => passes.some((pass) => pass.partId === entry.id)) ?? parts[0];
  if (first && partId === undefined) return <Navigate to={`/surface/${first.id}`} replace />;
  return (
    <p>
      {first ? 'This part is not here.' : 'No part yet: a surface belongs to one.'}{' '}
      <Link className="in-text underline" to={first ? '/surface' : '/ladders'}>
        {first ? 'To the parts there are' : 'Add a prop and its first part'}
      </Link>
    </p>
  );
}

function OpenSurface({ part }: { readonly part: Part }) {
  const { tab = '' } = useParams();
  const surface = useSurface(part);
  return (
    <div className="grid gap-3">
      <PartTabs view="surface" part={part} tab={tab} tabs={TABS} label="Of this surface" />
      {tab === '' && <ForecastTab surface={surface} />}
      {tab === 'inspect' && <InspectTab surface={surface} />}
      {tab === 'sand' && <SandTab surface={surface} />}
      {tab === 'bond' && <BondTab part={part} />}
      {tab === 'mix' && <MixTab part={part} />}
    </div>
  );
}
