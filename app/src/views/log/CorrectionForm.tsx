import { findMethod } from '@zinc-ladder/core/ladder/methods';
import type { WorkPlace } from '@zinc-ladder/core/plan/shop/sprayPlace';
import { LogEntry } from '@zinc-ladder/model/records/ladder/logEntry';
import { rungPlace } from '@zinc-ladder/model/rungs/rungPlace';
import { Controller, useWatch } from 'react-hook-form';
import { correctEntry } from '../../data/changes/ladder/benchChanges';
import { newId } from '../../base/newId';
import { useNow } from '../../clock/ClockContext';
import { useShop, useTable } from '../../data/queries';
import { useLoggedAir } from '../../features/rung/useLoggedAir';
import { usePersons } from '../../features/person/useAtBench';
import { useEdit } from '../../features/edit/useEdit';
import { Button } from '../../ui/Button';
import { Labelled, SelectField } from '../../ui/fields/fields';
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
  const persons = usePersons();
  const rung = useTable('rungs').find(({ id }) => id === entry.rungId);
  const isAhead = useWatch({ control, name: 'atMs' }) > now;
  // Only what was laid has a product that may have been another one.
  const hasProduct = entry.kind === 'done' && rung !== undefined && findMethod(rung.methodId).laysFilm;
  const keep = form.handleSubmit(async ({ atMs, actualMinutes, text, isForNextTime, productId, personId }) => {
    if (isAhead) return;
    const correction = { atMs, actualMinutes, text: text.trim(), isForNextTime, ...(hasProduct ? { productId } : {}), personId };
    const placeWith = (id: string | null): WorkPlace =>
      rung && shop
        ? rungPlace(
            shop,
            rung,
            products.find((product) => product.id === id),
          )
        : 'in';
    const place = placeWith(hasProduct ? productId : (rung?.productId ?? null));
    // Another paint may have been sprayed elsewhere.
    const isElsewhere = hasProduct && place !== placeWith(entry.productId);
    const air = atMs === entry.atMs && !isElsewhere ? {} : { air: airAt(atMs, place) };
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
      {hasProduct && (
        <Controller
          control={control}
          name="productId"
          render={({ field }) => (
            <SelectField
              label="Product"
              value={field.value ?? ''}
              options={[
                ['', 'none'],
                ...products.toSorted((a, b) => a.name.localeCompare(b.name)).map(({ id, name }) => [id, name] as const),
              ]}
              onChange={(id) => field.onChange(id === '' ? null : id)}
            />
          )}
        />
      )}
      {persons.length > 1 && (
        <Controller
          control={control}
          name="personId"
          render={({ field }) => (
            <SelectField
              label="Whose hands"
              value={field.value ?? ''}
              options={[['', 'nobody named'], ...persons.map(({ id, name }) => [id, name] as const)]}
              onChange={(id) => field.onChange(id === '' ? null : id)}
            />
          )}
        />
      )}
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
