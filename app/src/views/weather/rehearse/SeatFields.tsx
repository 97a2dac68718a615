import { CROSSED_SEAM } from '@zinc-ladder/core/weather/field/runOff';
import { boxInProp, offsetOnTop } from '@zinc-ladder/core/weather/seat/seat';
import { seatOf } from '@zinc-ladder/model/gather/gatherLife';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import type { PartSeat, WeatherPlan } from '@zinc-ladder/model/records/prop/weatherPlan';
import { useState } from 'react';
import { newId } from '../../../base/newId';
import { AS_IN_FILE, changeSeat, seatWholeProp } from '../../../data/changes/look/weatherChanges';
import { useTable } from '../../../data/queries';
import { useStore } from '../../../data/StoreContext';
import { useFormats } from '../../../features/formats/useFormats';
import { Button } from '../../../ui/Button';
import { InlineNumber } from '../../../ui/fields/fields';
import { Why } from '../../../ui/Why';
import { getWeatherApi } from '../../../workers/weather/weatherClient';
import { usePlanEdit } from '../usePlanEdit';
import type { Weather } from '../useWeather';
import { useWeatherRound, weatherAskOf } from '../useWeather';

const AXES = ['Moved right', 'Moved back', 'Moved up'] as const;

/** Where the part sits in its prop, so that what is pinned once marks all parts it is near to. */
export function SeatFields({ weather }: { readonly weather: Weather }) {
  const { plan, part, index, lent } = weather;
  const formats = useFormats();
  const reach = weather.surface?.lent;
  const { db } = useStore();
  const round = useWeatherRound();
  const meshes = useTable('meshes');
  const keep = usePlanEdit(weather);
  const [fault, setFault] = useState<string | null>(null);
  const propName = index.props.get(part.propId)?.name ?? 'the prop';
  const seated = round.plans.flatMap((other) => {
    const otherPart = round.parts.get(other.partId);
    return other.seat && otherPart && otherPart.id !== part.id && otherPart.propId === part.propId
      ? [{ part: otherPart, plan: other }]
      : [];
  });
  const put = (seat: PartSeat | null): void =>
    void keep(seat ? 'Seat' : 'Take the seat', (change, id) => change.patch('weatherPlans', id, { seat }));
  const move = (change: (kept: PartSeat) => PartSeat): void => void keep('Move', (edit, id) => changeSeat(edit, id, change));
  const boxOf = async (of: Part, with_: WeatherPlan) => {
    const reference = meshes.find((mesh) => mesh.partId === of.id) ?? null;
    const ask = weatherAskOf(of, reference, with_, round);
    return ask && getWeatherApi().box(ask, reference ? ((await db.attachments.get(reference.id))?.blob ?? null) : null);
  };
  const standOn = async (below: (typeof seated)[number]): Promise<void> => {
    setFault(null);
    const seat = seatOf(below.plan);
    const turnDegrees = plan.seat?.turnDegrees ?? 0;
    const up = seatOf({ up: plan.up, seat: AS_IN_FILE })?.up;
    try {
      const [own, theirs] = await Promise.all([boxOf(part, plan), boxOf(below.part, below.plan)]);
      if (!seat || !up || !own || !theirs) setFault(`Neither mesh nor shape and size of ${own ? below.part.name : part.name} is known.`);
      else put({ turnDegrees, offset: offsetOnTop({ up, turnDegrees }, own, boxInProp(seat, theirs)).map(hundredths) });
    } catch (error) {
      setFault(error instanceof Error ? error.message : String(error));
    }
  };
  const { seat } = plan;
  const isAsInFile = seat !== null && seat.turnDegrees === 0 && seat.offset.every((way) => way === 0);
  return (
    <div className="mt-2">
      <label>
        <span className="label block">Sits in {propName}</span>
        <select
          className="field"
          value={seat === null ? '' : isAsInFile ? 'file' : 'moved'}
          onChange={({ target: { value } }) => {
            const below = seated.find((entry) => entry.part.id === value);
            if (below) void standOn(below);
            else if (value !== 'moved') put(value === '' ? null : AS_IN_FILE);
          }}
        >
          <option value="">nobody knows where</option>
          <option value="file">as its file has it</option>
          {seat !== null && !isAsInFile && <option value="moved">where it was moved to</option>}
          {seated.map(({ part: other }) => (
            <option key={other.id} value={other.id}>
              on top of {other.name}
            </option>
          ))}
        </select>
      </label>
      {seat !== null && (
        <div className="mt-2 grid grid-cols-2 items-end gap-x-3 gap-y-2 sm:grid-cols-4">
          <div>
            <InlineNumber
              label="Turned clockwise"
              unit="°"
              value={seat.turnDegrees}
              min={-360}
              max={360}
              onKeep={(turnDegrees) => move((kept) => ({ ...kept, turnDegrees: turnDegrees ?? 0 }))}
            />
          </div>
          {AXES.map((label, axis) => (
            <div key={label}>
              <InlineNumber
                label={label}
                unit="mm"
                value={seat.offset[axis] ?? 0}
                min={-10_000}
                max={10_000}
                onKeep={(way) => move((kept) => ({ ...kept, offset: kept.offset.map((old, at) => (at === axis ? (way ?? 0) : old)) }))}
              />
            </div>
          ))}
        </div>
      )}
      {fault && (
        <p role="alert" className="text-oxide mt-1 text-sm">
          {fault}
        </p>
      )}
      <p className="text-dim mt-1 text-sm">
        {seat === null ? (
          'What is pinned on it marks it alone.'
        ) : (
          <>
            What is pinned on one part marks every part of {propName} that sits near:{' '}
            <Why
              name="the pins of other parts"
              reason={{
                formula:
                  'pins of the other parts that sit in the prop, turned and moved into this part’s axes, that leave 1 % of their marks or more',
                inputs: [
                  ['held on other parts', String(lent.held.length)],
                  ['run from on other parts', String(lent.runs.length)],
                  ['the nearest', reach?.nearestMillimetres == null ? 'none' : `${formats.length(reach.nearestMillimetres)} off`],
                ],
                source: `a hand counts by its way: through the air to the nearest point of this part, then along its surface; what runs crosses a seam of ${formats.length(CROSSED_SEAM)} at most (guessed)`,
              }}
            >
              {reach ? `${reach.count} of ${lent.held.length + lent.runs.length} on other parts` : '…'}
            </Why>
            .
          </>
        )}
      </p>
      {weather.hasMesh && (
        <Button
          look="quiet"
          className="mt-1 text-sm"
          onClick={() => void keep('Seat all parts as their files have them', (change) => seatWholeProp(change, part.propId, newId))}
        >
          All parts of {propName} that have a mesh sit as their files have them
        </Button>
      )}
    </div>
  );
}

function hundredths(value: number): number {
  return Math.round(value * 100) / 100 + 0;
}
