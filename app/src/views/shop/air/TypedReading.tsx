import { ClimateReading } from '@zinc-ladder/model/records/shop/climateReading';
import { useState } from 'react';
import { useClock } from '../../../clock/ClockContext';
import { useEdit } from '../../../features/edit/useEdit';
import { MomentField } from '../../../features/formats/MomentField';
import { Button } from '../../../ui/Button';
import { FormNumber } from '../../../ui/fields/FormNumber';
import { useRecordForm } from '../../../ui/fields/useRecordForm';

/** Out of doors a forecast is typed too: there is no sensor that brings one. */
const WORDS = {
  shop: {
    when: 'Now',
    label: 'Keep a reading',
    hint: 'What you type holds, and fades to the typical day over some hours; the strip shows how old it is.',
  },
  yard: {
    when: 'Air',
    label: 'Keep a reading out of doors',
    hint: 'What you read there now, or what is forecast for later. Both fade to the ordinary day over some hours.',
  },
} as const;

/** A reading of the air that is typed. */
export function TypedReading({ place }: Pick<ClimateReading, 'place'>) {
  const edit = useEdit();
  const clock = useClock();
  const [aheadMs, setAhead] = useState<number | null>(null);
  const form = useRecordForm<ClimateReading>(ClimateReading, {
    id: 'typed',
    revision: 0,
    atMs: Math.round(clock.now()),
    temperatureCelsius: NaN,
    relativeHumidityPercent: NaN,
    windMetresPerSecond: null,
    kind: 'measured',
    place,
    source: 'typed',
  });
  const { control } = form;
  const { when, label, hint } = WORDS[place];
  const keep = form.handleSubmit(async (typed) => {
    const nowMs = Math.round(clock.now());
    const atMs = aheadMs ?? nowMs;
    const reading: ClimateReading = {
      ...typed,
      id: `${place === 'yard' ? 'y' : 'm'}-${atMs}`,
      atMs,
      kind: atMs > nowMs ? 'forecast' : 'measured',
    };
    if (!(await edit(label, (change) => change.put('climateReadings', reading)))) return;
    form.reset();
    setAhead(null);
  });
  return (
    <form noValidate className="flex flex-wrap items-start gap-3" onSubmit={(event) => void keep(event)}>
      {place === 'yard' && <MomentField label="For" mayBeEmpty value={aheadMs} onKeep={setAhead} hint="Empty: now." />}
      <div className="w-28">
        <FormNumber control={control} name="temperatureCelsius" label={`${when}, °C`} />
      </div>
      <div className="w-28">
        <FormNumber control={control} name="relativeHumidityPercent" label={`${when}, % RH`} />
      </div>
      <div className="w-28">
        <FormNumber control={control} name="windMetresPerSecond" label="Wind, m/s" mayBeEmpty hint="May be empty." />
      </div>
      <Button type="submit" look="primary" className="sm:mt-5">
        Keep reading
      </Button>
      <p className="text-dim basis-full text-sm">{hint}</p>
    </form>
  );
}
