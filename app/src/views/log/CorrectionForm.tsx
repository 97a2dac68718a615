import { LogEntry } from '@zinc-ladder/model/records/ladder/logEntry';
import { rungPlace } from '@zinc-ladder/model/rungs/rungPlace';
import { Controller, useWatch } from 'react-hook-form';
import { correctEntry } from '../../data/changes/ladder/benchChanges';
import { newId } from '../../base/newId';
import { useNow } from '../../clock/ClockContext';
import { useShop, useTable } from '../../data/queries';
import { useLoggedAir } from '../../features/rung/useLoggedAir';
import { useEdit } from '../../features/edit/useEdit';
import { Button } from '../../ui/Button';
import { Labelled } from '../../ui/fields/fields';
import { MomentField } from '../../features/formats/MomentField';
import { CheckField } from '../../ui/fields/CheckField';
import { FormNumber } from '../../ui/fields/FormNumber';
import { useRecordForm } from '../../ui/fields/useRecordForm';

/** Corrects an entry: the old one is kept beneath the new. */
export function CorrectionForm({ entry, onDone }: { readonly entry: LogEntry; readonly onDone: () => void }) {
  const edit = useEdit();
  const now = useNow(15_000) + 15_000;
  const form = useRecordForm<LogEntry>(LogEntry, entry);
  const { control } = form;
  const { errors } = form.formState;
  const airAt = useLoggedAir();
  const shop = useShop();
  const products = useTable('products');
  const rung = useTable('rungs').find(({ id }) => id === entry.rungId);
  const isAhead = useWatch({ control, name: 'atMs' }) > now;
  const keep = form.handleSubmit(async ({ atMs, actualMinutes, text, isForNextTime }) => {
    if (isAhead) return;
    const correction = { atMs, actualMinutes, text: text.trim(), isForNextTime };
    const product = products.find(({ id }) => id === rung?.productId);
    const air = atMs === entry.atMs ? {} : { air: airAt(atMs, rung && shop ? rungPlace(shop, rung, product) : 'in') };
    if (await edit('Correct an entry', (change) => correctEntry(change, entry.id, { ...correction, ...air }, newId))) onDone();
  });
  return (
    <form noValidate className="bg-band grid gap-3 p-4 sm:grid-cols-[14rem_8rem_1fr]" onSubmit={(event) => void keep(event)}>
      <Controller
        control={control}
        name="atMs"
        render={({ field }) => (
          <MomentField
            label="Ended at"
            value={field.value}
            onKeep={(value) => value !== null && field.onChange(value)}
            error={isAhead ? 'This is still to come.' : undefined}
          />
        )}
      />
      <FormNumber control={control} name="actualMinutes" label="Minutes" mayBeEmpty />
      <Labelled label="Words" error={errors.text?.message}>
        {({ id, describedBy }) => <input id={id} aria-describedby={describedBy} className="field" {...form.register('text')} />}
      </Labelled>
      <Controller
        control={control}
        name="isForNextTime"
        render={({ field }) => (
          <CheckField label="To be told next time" checked={field.value} onChange={field.onChange} className="sm:col-span-3" />
        )}
      />
      <div className="flex gap-2 sm:col-span-3">
        <Button type="submit" look="primary">
          Keep correction
        </Button>
        <Button onClick={onDone}>Leave it</Button>
      </div>
    </form>
  );
}
