import { daylight, nextDaylight } from '@zinc-ladder/core/climate/daylight';
import { placeOfZone } from '@zinc-ladder/core/climate/placeOfZone';
import { intersectIntervals } from '@zinc-ladder/core/time/interval';
import { expandWorkingHours } from '@zinc-ladder/core/time/workingHours';
import type { Shop } from '@zinc-ladder/model/records/shop/shop';
import type { ReactNode } from 'react';
import { useNow } from '../../clock/ClockContext';
import { SPRAY_WAYS, USUAL_HOURS } from '../../data/changes/prop/firstProp';
import { useFormats } from '../../features/formats/useFormats';

const DAY_MS = 86_400_000;
/** Looked ahead so far for hours that are light; a shop is planned some weeks ahead. */
const WEEKS_AHEAD = 4;

/** What is to be known of spraying out of doors before anything is planned by it: the light there is, and whose air it is planned by. */
export function SprayOutNote({ shop, hoursId, sprayId }: { readonly shop: Shop; readonly hoursId: string; readonly sprayId: string }) {
  const now = useNow(600_000);
  const formats = useFormats();
  const way = SPRAY_WAYS.find(({ id }) => id === sprayId);
  if (!way?.isOutOfDoors) return null;
  const air = 'The air out there is taken to be the shop’s, at first a mild room’s: Shop, Air.';
  if (!way.isByLight) return <Note>{air}</Note>;
  const guessed = placeOfZone(shop.timeZone);
  const place = shop.daylightAt ?? guessed;
  if (!place) return <Note>Till eight in the evening all year; once Shop, Hours knows your place, it ends when the light goes. {air}</Note>;
  const until = now + WEEKS_AHEAD * 7 * DAY_MS;
  const today = nextDaylight(place, now);
  const hours = USUAL_HOURS.find(({ id }) => id === hoursId)?.spans ?? shop.hours;
  const [hands, spraying] = [hours, way.spans].map((spans) => expandWorkingHours(spans, [], shop.timeZone, now, until));
  const lit = intersectIntervals(intersectIntervals(hands ?? [], spraying ?? []), daylight(place, now, until));
  const where = shop.daylightAt || !guessed ? 'your place.' : `${guessed.name}, the city of your clock; Shop, Hours takes your own place.`;
  return (
    <>
      <Note>
        {today ? `Light from ${formats.time(today.start)} to ${formats.time(today.end)}, by ${where}` : `By the light of ${where}`} {air}
      </Note>
      {lit.length === 0 && (
        <p className="text-oxide text-sm">For {WEEKS_AHEAD} weeks it is dark in all of your hours: nothing could be sprayed in them.</p>
      )}
    </>
  );
}

function Note({ children }: { readonly children: ReactNode }) {
  return <p className="text-dim text-sm">{children}</p>;
}
