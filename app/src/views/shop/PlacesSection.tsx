import { isTimeZone } from '@zinc-ladder/model/rules/isTimeZone';
import type { Shop } from '@zinc-ladder/model/records/shop/shop';
import type { ThemeChoice } from '../../features/theme/useTheme';
import { useTheme } from '../../features/theme/useTheme';
import { InlineField, InlineNumber, SelectField } from '../../ui/fields/fields';
import { Sheet } from '../../ui/Sheet';
import { useShopPatch } from './useShopPatch';

/** Places, units, and how the shop is shown. */
export function PlacesSection({ shop }: { readonly shop: Shop }) {
  const patch = useShopPatch(shop);
  const [theme, setTheme] = useTheme();
  return (
    <div className="grid items-start gap-4 md:grid-cols-2">
      <Sheet className="grid gap-3 p-4" label="Places">
        <h2 className="font-label text-xl font-semibold">Places</h2>
        <InlineNumber
          label="Rack places"
          value={shop.rackPlaces}
          min={1}
          max={200}
          isWhole
          onKeep={(value) => value !== null && patch('the rack', { rackPlaces: value })}
        />
        <InlineNumber
          label="Spray places at once"
          value={shop.boothPlaces}
          min={1}
          max={20}
          isWhole
          onKeep={(value) => value !== null && patch('the booth', { boothPlaces: value })}
        />
        <InlineNumber
          label="Printers"
          value={shop.printers}
          min={1}
          max={50}
          isWhole
          onKeep={(value) => value !== null && patch('the printers', { printers: value })}
        />
      </Sheet>
      <Sheet className="grid gap-3 p-4" label="The shop and its units">
        <h2 className="font-label text-xl font-semibold">The shop and its units</h2>
        <InlineField
          label="Name"
          value={shop.name}
          maxLength={200}
          check={(text) => (text.trim() === '' ? 'A name is needed.' : null)}
          onKeep={(name) => patch('the name', { name: name.trim() })}
        />
        <InlineField
          label="Time zone"
          value={shop.timeZone}
          list="zones"
          check={(text) => (isTimeZone(text) ? null : 'This is not a time zone such as Europe/Copenhagen.')}
          onKeep={(timeZone) => patch('the time zone', { timeZone })}
        />
        <datalist id="zones">
          {Intl.supportedValuesOf('timeZone').map((zone) => (
            <option key={zone} value={zone} />
          ))}
        </datalist>
        <SelectField
          label="Units"
          value={shop.units}
          options={[
            ['metric', 'metric'],
            ['us', 'US customary'],
          ]}
          onChange={(units) => patch('the units', { units: units as Shop['units'] })}
        />
        <SelectField
          label="Clock"
          value={shop.hourCycle}
          options={[
            ['24', '24 hours'],
            ['12', '12 hours'],
          ]}
          onChange={(cycle) => patch('the clock', { hourCycle: cycle as Shop['hourCycle'] })}
        />
        <SelectField
          label="Light of this screen"
          value={theme}
          options={[
            ['auto', 'as the machine'],
            ['light', 'day'],
            ['evening', 'evening'],
          ]}
          onChange={(choice) => setTheme(choice as ThemeChoice)}
        />
        <p className="text-dim text-sm">
          US customary changes how values are shown and typed; they are kept in metric units. Layers, fibres and files stay metric.
        </p>
      </Sheet>
    </div>
  );
}
