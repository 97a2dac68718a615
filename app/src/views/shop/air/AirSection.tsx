import type { Shop, SprayLimitValues, TypicalDayValues } from '@zinc-ladder/model/records/shop/shop';
import { useNow } from '../../../clock/ClockContext';
import { forgetSimulated, isSimulated } from '../../../data/climateFeed';
import { useTable } from '../../../data/queries';
import { useEdit } from '../../../features/edit/useEdit';
import { useAir } from '../../../features/plan/usePlan';
import { useSensorState } from '../../../features/air/SensorFeed';
import { Button } from '../../../ui/Button';
import { InlineNumber, SelectField } from '../../../ui/fields/fields';
import { Sheet } from '../../../ui/Sheet';
import { useFormats } from '../../../features/formats/useFormats';
import { AirChart } from './AirChart';
import { useShopPatch } from '../useShopPatch';
import { TypedReading } from './TypedReading';
import { YardSheet } from './YardSheet';

const SOURCES = [
  ['sensor', 'the shop sensor'],
  ['typed', 'what I type'],
  ['typical', 'the typical day only'],
] as const;

const SENSOR_WORDS = {
  here: 'The sensor answers; readings are kept as they come.',
  simulated: 'A simulated sensor answers, as for the demo: its air is made up. Start the server without it for a shop of your own.',
  away: 'The sensor does not answer. The last readings and forecast are used; it is asked again by itself.',
  off: '',
} as const;

const DAY_FIELDS = [
  { field: 'meanCelsius', label: 'Mean', unit: '°C', min: -40, max: 50 },
  { field: 'swingCelsius', label: 'Up and down', unit: '± K', min: 0, max: 25 },
  { field: 'warmestHour', label: 'Warmest at', unit: 'h', min: 0, max: 24 },
  { field: 'meanHumidityPercent', label: 'Mean humidity', unit: '%', min: 1, max: 100 },
  { field: 'swingHumidityPercent', label: 'Humidity up and down', unit: '± %', min: 0, max: 50 },
] as const;

/** The coldest and the warmest bound each other. */
const LIMIT_FIELDS = [
  { field: 'leastDewGapKelvin', label: 'Least dew gap', unit: 'K', min: 0, max: 20 },
  { field: 'mostHumidityPercent', label: 'Most humidity', unit: '%', min: 1, max: 100 },
  { field: 'coldestCelsius', label: 'Coldest', unit: '°C', min: -10, max: 60 },
  { field: 'warmestCelsius', label: 'Warmest', unit: '°C', min: -10, max: 60 },
] as const;

/** Where the air is known from, what an ordinary day is like, and when the air lets one spray. */
export function AirSection({ shop }: { readonly shop: Shop }) {
  const patch = useShopPatch(shop);
  const air = useAir();
  const now = useNow(600_000);
  const formats = useFormats();
  const sensor = useSensorState();
  const limits = (fields: Partial<SprayLimitValues>): void =>
    patch('the spray limits', { sprayLimits: { ...shop.sprayLimits, ...fields } });
  const day = (fields: Partial<TypicalDayValues>): void => patch('the typical day', { typicalDay: { ...shop.typicalDay, ...fields } });
  const { sprayLimits, typicalDay } = shop;
  return (
    <div className="grid items-start gap-4 lg:grid-cols-2">
      <Sheet className="grid gap-3 p-4 lg:col-span-2" label="Air">
        <div className="grid items-end gap-3 sm:grid-cols-[16rem_1fr]">
          <SelectField
            label="Known from"
            value={shop.climateSource}
            options={SOURCES}
            onChange={(source) => patch('the climate source', { climateSource: source as Shop['climateSource'] })}
          />
          <p className="text-dim">{SENSOR_WORDS[sensor]}</p>
        </div>
        {shop.climateSource === 'typed' && <TypedReading place="shop" />}
        <SimulatedReadings />
        {air && <AirChart air={air} nowMs={now} formats={formats} />}
      </Sheet>
      <YardSheet shop={shop} />
      <Sheet className="p-4" label="Typical day">
        <h2 className="font-label text-xl font-semibold">Typical day</h2>
        <p className="text-dim mb-3 text-sm">
          Used where nothing is measured or forecast: a wave through the day, warmest in the afternoon and dampest at night.
        </p>
        <div className="grid grid-cols-2 gap-3">
          {DAY_FIELDS.map(({ field, ...shown }) => (
            <InlineNumber key={field} {...shown} value={typicalDay[field]} onKeep={(value) => value !== null && day({ [field]: value })} />
          ))}
        </div>
      </Sheet>
      <Sheet className="p-4" label="Spray limits">
        <h2 className="font-label text-xl font-semibold">Spray limits</h2>
        <p className="text-dim mb-3 text-sm">
          Dew gap {formats.temperatureGap(3)} after ISO 8502-4 (from memory); the others are common practice. A product's label wins.
        </p>
        <div className="grid grid-cols-2 gap-3">
          {LIMIT_FIELDS.map(({ field, ...shown }) => (
            <InlineNumber
              key={field}
              {...shown}
              min={field === 'warmestCelsius' ? sprayLimits.coldestCelsius + 0.5 : shown.min}
              max={field === 'coldestCelsius' ? sprayLimits.warmestCelsius - 0.5 : shown.max}
              value={sprayLimits[field]}
              onKeep={(value) => value !== null && limits({ [field]: value })}
            />
          ))}
          <InlineNumber
            label="Most wind (empty: none indoors)"
            unit="m/s"
            value={sprayLimits.mostWindMetresPerSecond}
            min={0}
            max={30}
            mayBeEmpty
            onKeep={(value) => limits({ mostWindMetresPerSecond: value })}
          />
        </div>
      </Sheet>
    </div>
  );
}

/** What a simulated sensor has written, and how to forget it. */
function SimulatedReadings() {
  const edit = useEdit();
  const count = useTable('climateReadings').filter((reading) => isSimulated(reading.source)).length;
  if (count === 0) return null;
  return (
    <p className="flex flex-wrap items-center gap-3">
      <span>
        <span className="figure">{count}</span> readings and forecast hours here are simulated.
      </span>
      <Button onClick={() => void edit('Forget simulated readings', forgetSimulated)}>Forget them</Button>
    </p>
  );
}
