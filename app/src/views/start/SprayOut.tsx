import { nextDaylight } from '@zinc-ladder/core/climate/daylight';
import { placeOfZone } from '@zinc-ladder/core/climate/placeOfZone';
import { sprayingAhead } from '@zinc-ladder/model/gather/sprayingAhead';
import type { Shop } from '@zinc-ladder/model/records/shop/shop';
import type { ReactNode } from 'react';
import { useNow } from '../../clock/ClockContext';
import { shopAsAnswered, SPRAY_WAYS } from '../../data/changes/prop/firstProp';
import { useFormats } from '../../features/formats/useFormats';
import { NumberBox } from '../../ui/fields/NumberBox';
import type { YardTrial } from './yardTrial';
import { readYardTrial, YARD_FIELDS } from './yardTrial';

const DAY_MS = 86_400_000;
/** Looked ahead so far for hours that are light and air that is fit; a shop is planned some weeks ahead. */
const WEEKS_AHEAD = 4;

/** What is asked and told of spraying out of doors before anything is planned by it: the air and the light there. */
export function SprayOut({
  shop,
  hoursId,
  sprayId,
  trial,
  onType,
}: {
  readonly shop: Shop;
  readonly hoursId: string;
  readonly sprayId: string;
  readonly trial: YardTrial;
  readonly onType: (trial: YardTrial) => void;
}) {
  const way = SPRAY_WAYS.find(({ id }) => id === sprayId);
  if (!way?.isOutOfDoors) return null;
  return (
    <>
      <Note>
        The air out there, as the weather report has it these days; left empty, it{' '}
        {shop.yardDay ? 'stays as it is' : 'is taken to be the shop’s'}.
      </Note>
      <div className="grid grid-cols-3 gap-3">
        {YARD_FIELDS.map(({ key, label, min, max }) => (
          <NumberBox
            key={key}
            label={label}
            min={min}
            max={max}
            mayBeEmpty
            trial={{ text: trial[key], set: (text) => onType({ ...trial, [key]: text }) }}
          />
        ))}
      </div>
      <Told shop={shop} hoursId={hoursId} way={way} trial={trial} />
    </>
  );
}

function Told({
  shop,
  hoursId,
  way,
  trial,
}: {
  readonly shop: Shop;
  readonly hoursId: string;
  readonly way: (typeof SPRAY_WAYS)[number];
  readonly trial: YardTrial;
}) {
  const now = useNow(600_000);
  const formats = useFormats();
  const guessed = placeOfZone(shop.timeZone);
  const place = shop.place ?? guessed;
  const yardDay = readYardTrial(trial) ?? null;
  const asAnswered = { ...shop, ...shopAsAnswered(shop, { hoursId, sprayId: way.id, place: guessed, yardDay }) };
  const prevented = sprayingAhead(asAnswered, now, now + WEEKS_AHEAD * 7 * DAY_MS);
  const nothing = way.airbrushesInside ? 'no can' : 'nothing';
  const where = shop.place || !guessed ? 'your place.' : `${guessed.name}, the city of your clock; Shop, Hours takes your own place.`;
  const today = place && nextDaylight(place, now);
  return (
    <>
      {way.isByLight && (
        <Note>
          {!place
            ? `Till ${way.airbrushesInside ? 'ten' : 'eight'} in the evening all year; once Shop, Hours knows your place, it ends when the light goes.`
            : today
              ? `Light from ${formats.time(today.start)} to ${formats.time(today.end)}, by ${where}`
              : `By the light of ${where}`}
        </Note>
      )}
      {prevented && (
        <p className="text-oxide text-sm">
          {prevented === 'dark'
            ? `For ${WEEKS_AHEAD} weeks it is dark in all of your hours: ${nothing} could be sprayed in them.`
            : `In such air it is too cold, too warm or too damp in all of your hours: ${nothing} could be sprayed in them.`}
        </p>
      )}
    </>
  );
}

function Note({ children }: { readonly children: ReactNode }) {
  return <p className="text-dim text-sm">{children}</p>;
}
