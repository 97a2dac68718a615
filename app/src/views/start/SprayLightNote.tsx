import { daylight, nextDaylight } from '@zinc-ladder/core/climate/daylight';
import { placeOfZone } from '@zinc-ladder/core/climate/placeOfZone';
import { intersectIntervals } from '@zinc-ladder/core/time/interval';
import { expandWorkingHours } from '@zinc-ladder/core/time/workingHours';
import type { Shop } from '@zinc-ladder/model/records/shop/shop';
import { useNow } from '../../clock/ClockContext';
import { SPRAY_WAYS, USUAL_HOURS } from '../../data/changes/prop/firstProp';
import { useFormats } from '../../features/formats/useFormats';

const DAY_MS = 86_400_000;
/** Looked ahead so far for hours that are light; a shop is planned some weeks ahead. */
const WEEKS_AHEAD = 4;

/** What daylight leaves of the hours that were chosen, said before anything is planned by it. */
export function SprayLightNote({ shop, hoursId, sprayId }: { readonly shop: Shop; readonly hoursId: string; readonly sprayId: string }) {
  const now = useNow(600_000);
  const formats = useFormats();
  const way = SPRAY_WAYS.find(({ id }) => id === sprayId);
  const hours = USUAL_HOURS.find(({ id }) => id === hoursId)?.spans ?? shop.hours;
  const guessed = placeOfZone(shop.timeZone);
  const place = shop.daylightAt ?? guessed;
  if (!way?.isByLight) return null;
  if (!place)
    return (
      <p className="text-dim text-sm">
        Till eight in the evening all year; once Shop, Hours knows your place, it ends when the light goes.
      </p>
    );
  const until = now + WEEKS_AHEAD * 7 * DAY_MS;
  const light = daylight(place, now, until);
  const today = nextDaylight(place, now);
  const spraying = expandWorkingHours(way.spans, [], shop.timeZone, now, until);
  const lit = intersectIntervals(intersectIntervals(expandWorkingHours(hours, [], shop.timeZone, now, until), spraying), light);
  return (
    <p className={lit.length === 0 ? 'text-oxide text-sm' : 'text-dim text-sm'}>
      {today && `Light from ${formats.time(today.start)} to ${formats.time(today.end)}, `}
      {shop.daylightAt || !guessed ? 'by your place. ' : `by ${guessed.name}, the city of your clock; Shop, Hours takes your own place. `}
      {lit.length === 0 && `For ${WEEKS_AHEAD} weeks it is dark in all of your hours: nothing could be sprayed in them.`}
    </p>
  );
}
