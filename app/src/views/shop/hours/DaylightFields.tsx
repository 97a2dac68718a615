import { nextDaylight } from '@zinc-ladder/core/climate/daylight';
import { placeOfZone } from '@zinc-ladder/core/climate/placeOfZone';
import type { Shop } from '@zinc-ladder/model/records/shop/shop';
import { useNow } from '../../../clock/ClockContext';
import { useFormats } from '../../../features/formats/useFormats';
import { Button } from '../../../ui/Button';
import { InlineNumber } from '../../../ui/fields/fields';
import { useShopPatch } from '../useShopPatch';

/** Where the sun must be up for spraying; both empty: light does not matter. */
export function DaylightFields({ shop }: { readonly shop: Shop }) {
  const patch = useShopPatch(shop);
  // Who types one of the two is near the city of the clock in the other, until that is typed as well.
  const near = placeOfZone(shop.timeZone);
  const now = useNow(600_000);
  const formats = useFormats();
  const light = shop.daylightAt && nextDaylight(shop.daylightAt, now);
  const set = (fields: Partial<NonNullable<Shop['daylightAt']>>): void =>
    patch('the daylight', {
      daylightAt: { latitude: near?.latitude ?? 0, longitude: near?.longitude ?? 0, ...shop.daylightAt, ...fields },
    });
  return (
    <div className="border-line mt-3 grid grid-cols-2 gap-3 border-t pt-3">
      <p className="text-dim col-span-2 text-sm">
        In daylight only, at this place. Left empty: light does not matter.
        {light && ` Light there from ${formats.time(light.start)} to ${formats.time(light.end)}.`}
      </p>
      <InlineNumber
        label="Latitude"
        unit="°"
        value={shop.daylightAt?.latitude ?? null}
        min={-90}
        max={90}
        mayBeEmpty
        onKeep={(latitude) => (latitude === null ? patch('the daylight', { daylightAt: null }) : set({ latitude }))}
      />
      <InlineNumber
        label="Longitude"
        unit="°"
        value={shop.daylightAt?.longitude ?? null}
        min={-180}
        max={180}
        mayBeEmpty
        onKeep={(longitude) => (longitude === null ? patch('the daylight', { daylightAt: null }) : set({ longitude }))}
      />
      {!shop.daylightAt && near && (
        <Button className="col-span-2 justify-self-start" onClick={() => set({})}>
          By {near.name}, the city of this clock
        </Button>
      )}
    </div>
  );
}
