import { useState } from 'react';
import { turnWholeProp } from '../../../data/changes/look/weatherChanges';
import { newId } from '../../../base/newId';
import { Button } from '../../../ui/Button';
import { SeatFields } from './SeatFields';
import { usePlanEdit } from '../usePlanEdit';
import type { Weather } from '../useWeather';

const UPS = [
  ['0,0,1', 'as in its file'],
  ['0,0,-1', 'on its head'],
  ['0,1,0', 'back up'],
  ['0,-1,0', 'front up'],
  ['1,0,0', 'right side up'],
  ['-1,0,0', 'left side up'],
] as const;

/** Where it is held, where something runs from, and which way is up when it is worn. */
export function PinPanel({
  weather,
  pinKind,
  onPinKind,
}: {
  readonly weather: Weather;
  readonly pinKind: 'held' | 'runs' | null;
  readonly onPinKind: (kind: 'held' | 'runs' | null) => void;
}) {
  const { plan, hasMesh, part, index } = weather;
  const keep = usePlanEdit(weather);
  const [isOpen, setOpen] = useState(false);
  const lentCount = weather.surface?.lent.count ?? 0;
  const count = (kind: 'held' | 'runs'): number => plan.pins.filter((pin) => pin.kind === kind).length;
  return (
    <details className="border-line mt-3 border-t pt-2" open={isOpen} onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className="label cursor-pointer">
        Its life: {count('held')} held, {count('runs')} run from,
        {lentCount > 0 && ` ${lentCount} on other parts,`} {UPS.find(([value]) => value === plan.up.join(','))?.[1] ?? 'its own way up'}
      </summary>
      <div className="mt-2 flex flex-wrap items-end gap-2">
        {hasMesh &&
          (['held', 'runs'] as const).map((kind) => (
            <Button
              key={kind}
              className="text-sm"
              aria-pressed={pinKind === kind}
              look={pinKind === kind ? 'primary' : 'plain'}
              onClick={() => onPinKind(pinKind === kind ? null : kind)}
            >
              {kind === 'held' ? 'Point at where it is held' : 'Point at where it runs from'}
            </Button>
          ))}
        <label>
          <span className="label block">Stands or is worn</span>
          <select
            className="field"
            value={plan.up.join(',')}
            onChange={(event) => {
              const up = event.target.value.split(',').map(Number);
              void keep('Turn the way up', (change, id) => change.patch('weatherPlans', id, { up }));
            }}
          >
            {UPS.map(([value, name]) => (
              <option key={value} value={value}>
                {name}
              </option>
            ))}
          </select>
        </label>
      </div>
      {weather.isKept && (
        <Button
          look="quiet"
          className="mt-1 text-sm"
          onClick={() => void keep('Turn all parts the same way', (change) => turnWholeProp(change, part.propId, plan.up, newId))}
        >
          All parts of {index.props.get(part.propId)?.name ?? 'the prop'} stand like this
        </Button>
      )}
      <SeatFields weather={weather} />
      {pinKind && <p className="text-dim mt-1 text-sm">Press on the part. Each press sets a pin; undo takes it back.</p>}
      {plan.pins.length > 0 && (
        <ul className="mt-2 grid gap-x-4 text-sm sm:grid-cols-2">
          {plan.pins.map((pin) => (
            <li key={pin.id} className="border-line flex items-center justify-between border-t">
              <span>
                {pin.kind === 'held' ? 'held at' : 'runs from'}{' '}
                <span className="figure">{pin.place.map((value) => value.toFixed(0)).join(', ')}</span>
              </span>
              <Button
                look="quiet"
                className="text-sm"
                onClick={() =>
                  void keep('Take a pin away', (change, id) =>
                    change.patch('weatherPlans', id, { pins: plan.pins.filter((other) => other.id !== pin.id) }),
                  )
                }
              >
                Take away
              </Button>
            </li>
          ))}
        </ul>
      )}
    </details>
  );
}
