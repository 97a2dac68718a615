import { dayBetween } from '@zinc-ladder/core/climate/typicalDay';
import type { ClimateReading } from '@zinc-ladder/model/records/shop/climateReading';
import type { Shop, TypicalDayValues } from '@zinc-ladder/model/records/shop/shop';
import { useNow } from '../../../clock/ClockContext';
import { useTable } from '../../../data/queries';
import { useEdit } from '../../../features/edit/useEdit';
import { useFormats } from '../../../features/formats/useFormats';
import { useAirs } from '../../../features/plan/usePlan';
import { Button } from '../../../ui/Button';
import { CheckField } from '../../../ui/fields/CheckField';
import { InlineNumber } from '../../../ui/fields/fields';
import { Sheet } from '../../../ui/Sheet';
import { AirbrushInside } from '../AirbrushInside';
import { useShopPatch } from '../useShopPatch';
import { AirChart } from './AirChart';
import { TypedReading } from './TypedReading';

/** The air out of doors, for a shop that sprays there and dries inside. */
export function YardSheet({ shop }: { readonly shop: Shop }) {
  const patch = useShopPatch(shop);
  const airs = useAirs();
  const now = useNow(600_000);
  const formats = useFormats();
  const { yardDay, airbrushesInside } = shop;
  return (
    <Sheet className="grid gap-3 p-4 lg:col-span-2" label="Out of doors">
      <h2 className="font-label text-xl font-semibold">Out of doors</h2>
      <CheckField
        label="It is sprayed out of doors, in another air than the shop’s"
        checked={yardDay !== null}
        onChange={(isOut) => patch('where it is sprayed', { yardDay: isOut ? { ...shop.typicalDay } : null })}
      />
      <p className="text-dim max-w-3xl text-sm">
        {yardDay
          ? `Whether ${airbrushesInside ? 'cans' : 'it'} can be sprayed goes by this air; what was sprayed is carried in, and dries in the shop’s.`
          : 'Left as it is, it is sprayed in the air of the shop.'}
      </p>
      {yardDay && (
        <>
          <AirbrushInside shop={shop} />
          <YardDayFields day={yardDay} onKeep={(day) => patch('the day out of doors', { yardDay: day })} />
          <TypedReading place="yard" />
          <ReadingsAhead />
          {airs?.yardAir && <AirChart air={airs.yardAir} nowMs={now} formats={formats} />}
        </>
      )}
    </Sheet>
  );
}

/** An ordinary day as a weather report tells it; each bounds the other. */
function YardDayFields({ day, onKeep }: { readonly day: TypicalDayValues; readonly onKeep: (day: TypicalDayValues) => void }) {
  const [lowest, highest] = [day.meanCelsius - day.swingCelsius, day.meanCelsius + day.swingCelsius];
  const { warmestHour, meanHumidityPercent } = day;
  const keep = (fields: { lowest?: number; highest?: number; humidity?: number }): void =>
    onKeep({ ...dayBetween(fields.lowest ?? lowest, fields.highest ?? highest, fields.humidity ?? meanHumidityPercent), warmestHour });
  return (
    <div className="grid max-w-3xl grid-cols-2 gap-3 sm:grid-cols-4">
      <InlineNumber
        label="Lowest these days"
        unit="°C"
        value={lowest}
        min={Math.max(-40, highest - 50)}
        max={highest}
        onKeep={(value) => value !== null && keep({ lowest: value })}
      />
      <InlineNumber
        label="Highest these days"
        unit="°C"
        value={highest}
        min={lowest}
        max={Math.min(50, lowest + 50)}
        onKeep={(value) => value !== null && keep({ highest: value })}
      />
      <InlineNumber
        label="Humidity these days"
        unit="%"
        value={meanHumidityPercent}
        min={1}
        max={100}
        onKeep={(value) => value !== null && keep({ humidity: value })}
      />
      <InlineNumber
        label="Warmest at"
        unit="h"
        value={warmestHour}
        min={0}
        max={24}
        onKeep={(value) => value !== null && onKeep({ ...day, warmestHour: value })}
      />
      <p className="text-dim col-span-2 text-sm sm:col-span-4">
        From a weather report. The water in the air stays, so it is damper by {Math.round(day.swingHumidityPercent)} % in the coldest hour
        and drier in the warmest.
      </p>
    </div>
  );
}

/** What is forecast out of doors, to be taken back where it turned out otherwise. */
function ReadingsAhead() {
  const edit = useEdit();
  const now = useNow(60_000);
  const formats = useFormats();
  const ahead = useTable('climateReadings')
    .filter(({ place, atMs }) => place === 'yard' && atMs > now)
    .toSorted((a, b) => a.atMs - b.atMs);
  if (ahead.length === 0) return null;
  const drop = ({ id }: ClimateReading): void => void edit('Take a forecast away', (change) => change.drop('climateReadings', id));
  return (
    <ul aria-label="Forecast" className="grid gap-1">
      {ahead.map((reading) => (
        <li key={reading.id} className="flex flex-wrap items-center gap-x-3">
          <span className="figure">
            {formats.moment(reading.atMs, now)}: {formats.temperature(reading.temperatureCelsius)} ·{' '}
            {Math.round(reading.relativeHumidityPercent)} %
          </span>
          <Button aria-label={`Take away: the forecast for ${formats.moment(reading.atMs, now)}`} onClick={() => drop(reading)}>
            Take away
          </Button>
        </li>
      ))}
    </ul>
  );
}
