import type { Vector } from '@zinc-ladder/core/surface/mesh/vector';
import type { Seat, SeatedPins } from '@zinc-ladder/core/weather/seat/seat';
import { pinsFromOthers } from '@zinc-ladder/core/weather/seat/seat';
import type { Part } from '../records/prop/part';
import type { WeatherPlan } from '../records/prop/weatherPlan';

type Marked = Pick<WeatherPlan, 'partId' | 'up' | 'seat' | 'pins'>;

/** Where a plan says its part sits in the prop; null: it does not. */
export function seatOf({ up, seat }: Pick<WeatherPlan, 'up' | 'seat'>): Seat | null {
  return seat && { up: toVector(up), turnDegrees: seat.turnDegrees, offset: toVector(seat.offset) };
}

/** The places of a part that its life marks, by kind, in its own axes. */
export function pinsOfPlan(plan: Pick<Marked, 'up' | 'seat' | 'pins'>): SeatedPins {
  const places = (kind: 'held' | 'runs'): Vector[] => plan.pins.filter((pin) => pin.kind === kind).map(({ place }) => toVector(place));
  return { seat: seatOf(plan), held: places('held'), runs: places('runs') };
}

/** The pins that the other parts of its prop lend a part, in its own axes. */
export function lentPins(
  part: Pick<Part, 'id' | 'propId'>,
  plan: Pick<WeatherPlan, 'up' | 'seat'>,
  plans: readonly Marked[],
  parts: ReadonlyMap<string, Pick<Part, 'propId'>>,
): Pick<SeatedPins, 'held' | 'runs'> {
  const others = plans.filter(({ partId }) => partId !== part.id && parts.get(partId)?.propId === part.propId);
  return pinsFromOthers(seatOf(plan), others.map(pinsOfPlan));
}

/** Three kept numbers as a place or direction. */
export function toVector([x = 0, y = 0, z = 0]: readonly number[]): Vector {
  return [x, y, z];
}
