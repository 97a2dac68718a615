import { nextDaylight } from '@zinc-ladder/core/climate/daylight';
import { placeOfZone } from '@zinc-ladder/core/climate/placeOfZone';
import type { Shop } from '@zinc-ladder/model/records/shop/shop';
import { useNow } from '../../../clock/ClockContext';
import { useFormats } from '../../../features/formats/useFormats';
import { CheckField } from '../../../ui/fields/CheckField';
import { InlineNumber } from '../../../ui/fields/fields';
import { AirbrushInside } from '../AirbrushInside';
import { useShopPatch } from '../useShopPatch';

/** Whether spraying keeps to daylight, and where the sun must be up for it. */
export function DaylightFields({ shop }: { readonly shop: Shop }) {
  const patch = useShopPatch(shop);
  // Who types one of the two is near the city of the clock in the other, until that is typed as well.
  const near = placeOfZone(shop.timeZone);
  const now = useNow(600_000);
  const formats = useFormats();
  const { place, spraysByDaylight, yardDay, airbrushesInside } = shop;
  const light = place && nextDaylight(place, now);
  const cityPlace = near && { latitude: near.latitude, longitude: near.longitude };
  const set = (fields: Partial<NonNullable<Shop['place']>>): void =>
    patch('the place', { place: { ...(place ?? cityPlace ?? { latitude: 0, longitude: 0 }), ...fields } });
  return (
    <div className="border-line mt-3 grid grid-cols-2 gap-3 border-t pt-3">
      <CheckField
        className="col-span-2"
        label="Spraying keeps to daylight"
        checked={spraysByDaylight}
        onChange={(isKept) => patch('the daylight', { spraysByDaylight: isKept, ...(isKept && !place ? { place: cityPlace } : {}) })}
      />
      {(spraysByDaylight || yardDay || airbrushesInside) && <AirbrushInside className="col-span-2" shop={shop} />}
      <p className="text-dim col-span-2 text-sm">
        {!place && spraysByDaylight && 'It counts once the place is known. '}
        {!place && !spraysByDaylight && near && `The place is taken from ${near.name}, the city of this clock, until you type yours.`}
        {light && `Light at this place from ${formats.time(light.start)} to ${formats.time(light.end)}.`}
      </p>
      <InlineNumber
        label="Latitude"
        unit="°"
        value={place?.latitude ?? null}
        min={-90}
        max={90}
        mayBeEmpty
        onKeep={(latitude) => (latitude === null ? patch('the place', { place: null }) : set({ latitude }))}
      />
      <InlineNumber
        label="Longitude"
        unit="°"
        value={place?.longitude ?? null}
        min={-180}
        max={180}
        mayBeEmpty
        onKeep={(longitude) => (longitude === null ? patch('the place', { place: null }) : set({ longitude }))}
      />
    </div>
  );
}
