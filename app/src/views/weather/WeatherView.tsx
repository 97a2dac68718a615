import { partLabel } from '@zinc-ladder/model/gather/plan/gatherPlan';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import { Link, Navigate, useParams } from 'react-router';
import { useTable } from '../../data/queries';
import { useShopIndex } from '../../data/useShopIndex';
import { useTitle } from '../../features/title/pageTitle';
import { PartTabs } from '../../features/partTabs/PartTabs';
import { CardsTab } from './cards/CardsTab';
import { LevelTab } from './level/LevelTab';
import { RehearseTab } from './rehearse/RehearseTab';
import { SteerTab } from './steer/SteerTab';
import { useWeather } from './useWeather';

const TABS = [
  ['', 'Rehearse'],
  ['steer', 'More or stop'],
  ['level', 'All parts level'],
  ['cards', 'Technique cards'],
] as const;

/** How far do I go? */
export function WeatherView() {
  const { partId } = useParams();
  const index = useShopIndex();
  const plans = useTable('weatherPlans');
  const parts = [...index.parts.values()];
  const part = index.parts.get(partId ?? '');
  useTitle(part ? `${index.props.get(part.propId)?.name ?? ''} / ${partLabel(part)}` : 'Weather');
  if (part) return <OpenWeather key={part.id} part={part} />;
  const first = parts.find((entry) => plans.some((plan) => plan.partId === entry.id)) ?? parts[0];
  if (first && partId === undefined) return <Navigate to={`/weather/${first.id}`} replace />;
  return (
    <p>
      {first ? 'This part is not here.' : 'No part yet: what is weathered belongs to one.'}{' '}
      <Link className="in-text underline" to={first ? '/weather' : '/ladders'}>
        {first ? 'To the parts there are' : 'Add a prop and its first part'}
      </Link>
    </p>
  );
}

function OpenWeather({ part }: { readonly part: Part }) {
  const { tab = '' } = useParams();
  const weather = useWeather(part);
  return (
    <div className="grid gap-3">
      <PartTabs view="weather" part={part} tab={tab} tabs={TABS} label="Of this weathering" />
      {tab === '' && <RehearseTab weather={weather} />}
      {tab === 'steer' && <SteerTab weather={weather} />}
      {tab === 'level' && <LevelTab weather={weather} />}
      {tab === 'cards' && <CardsTab weather={weather} />}
    </div>
  );
}
