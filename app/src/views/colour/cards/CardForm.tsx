import { CARD_TOOLS, MixCard } from '@zinc-ladder/model/records/colour/mixCard';
import { useState } from 'react';
import { Controller, useFieldArray } from 'react-hook-form';
import { madeAfter } from '../../../data/changes/prop/pictureChanges';
import { useTable } from '../../../data/queries';
import { useEdit } from '../../../features/edit/useEdit';
import { useKeepPicture } from '../../../features/pictures/useKeepPicture';
import { Button } from '../../../ui/Button';
import { Labelled, parseNumber, SelectField } from '../../../ui/fields/fields';
import { useRecordForm } from '../../../ui/fields/useRecordForm';

/** Writes a card down, or changes one. */
export function CardForm({
  card,
  isNew,
  onDone,
}: {
  readonly card: MixCard;
  readonly isNew: boolean;
  readonly onDone: (id: string | null) => void;
}) {
  const products = useTable('products').toSorted((a, b) => a.name.localeCompare(b.name));
  const targets = useTable('targets').toSorted((a, b) => a.name.localeCompare(b.name));
  const edit = useEdit();
  const keepPicture = useKeepPicture();
  // What the form began with: only what is typed over it is kept, whatever another tab changes meanwhile.
  const [seen] = useState(card);
  const form = useRecordForm<MixCard>(MixCard, card);
  const rows = useFieldArray({ control: form.control, name: 'components' });
  const { errors } = form.formState;
  const keep = form.handleSubmit(async (values) => {
    const kept: MixCard = { ...values, name: values.name.trim(), components: values.components.map((component) => ({ ...component })) };
    if (
      await edit(isNew ? `Keep card ${kept.name}` : `Change card ${kept.name}`, (change) =>
        change.put('mixCards', { ...kept }, isNew ? undefined : seen),
      )
    )
      onDone(kept.id);
  });
  const takePicture = async (file: File): Promise<void> => {
    const id = await keepPicture(file, madeAfter(null));
    if (id) form.setValue('pictureId', id, { shouldDirty: true });
  };
  return (
    <form onSubmit={(event) => void keep(event)} className="grid gap-3" noValidate>
      <div className="grid gap-3 sm:grid-cols-2">
        <Labelled label="Name" error={errors.name?.message}>
          {({ id, describedBy }) => <input id={id} aria-describedby={describedBy} className="field" autoFocus {...form.register('name')} />}
        </Labelled>
        <Labelled label="For" error={errors.purpose?.message}>
          {({ id, describedBy }) => (
            <input
              id={id}
              aria-describedby={describedBy}
              className="field"
              placeholder="band of the lantern"
              {...form.register('purpose')}
            />
          )}
        </Labelled>
        <Labelled label="Measured in">
          {({ id }) => (
            <select id={id} className="field" {...form.register('unit')}>
              <option value="drops">drops</option>
              <option value="parts">parts</option>
              <option value="grams">grams</option>
            </select>
          )}
        </Labelled>
        <Labelled label="Dilution" error={errors.dilution?.message}>
          {({ id, describedBy }) => (
            <input id={id} aria-describedby={describedBy} className="field" placeholder="1 : 2 with water" {...form.register('dilution')} />
          )}
        </Labelled>
      </div>
      <fieldset className="border-line border p-3">
        <legend className="label px-1">Components</legend>
        {rows.fields.map((row, at) => (
          <div key={row.id} className="mb-2 grid grid-cols-[1fr_1fr_5rem_auto] items-end gap-2">
            <Labelled label="Product">
              {({ id }) => (
                <select
                  id={id}
                  className="field"
                  value={form.watch(`components.${at}.productId`) ?? ''}
                  onChange={(event) => {
                    const product = products.find((entry) => entry.id === event.target.value);
                    form.setValue(`components.${at}.productId`, product?.id ?? null, { shouldDirty: true });
                    if (product) form.setValue(`components.${at}.name`, product.name, { shouldDirty: true, shouldValidate: true });
                  }}
                >
                  <option value="">none of the shop</option>
                  {products.map((product) => (
                    <option key={product.id} value={product.id}>
                      {product.name}
                    </option>
                  ))}
                </select>
              )}
            </Labelled>
            <Labelled label="Called" error={errors.components?.[at]?.name?.message}>
              {({ id, describedBy }) => (
                <input id={id} aria-describedby={describedBy} className="field" {...form.register(`components.${at}.name`)} />
              )}
            </Labelled>
            <Labelled label="Amount" error={errors.components?.[at]?.amount?.message}>
              {({ id, describedBy }) => (
                <input
                  id={id}
                  aria-describedby={describedBy}
                  inputMode="decimal"
                  className="field figure"
                  {...form.register(`components.${at}.amount`, { setValueAs: (text: unknown) => parseNumber(String(text)) })}
                />
              )}
            </Labelled>
            <Button
              look="quiet"
              disabled={rows.fields.length === 1}
              aria-label={`Take away: component ${at + 1}`}
              onClick={() => rows.remove(at)}
            >
              ✕
            </Button>
          </div>
        ))}
        <Button disabled={rows.fields.length >= 12} onClick={() => rows.append({ productId: null, name: '', amount: 1 })}>
          Add component
        </Button>
      </fieldset>
      <div className="grid gap-3 sm:grid-cols-4">
        <SelectField
          label="To match"
          value={form.watch('targetId') ?? ''}
          options={[['', 'no target'] as const, ...targets.map((target) => [target.id, target.name] as const)]}
          onChange={(id) => form.setValue('targetId', id || null, { shouldDirty: true })}
        />
        <SelectField
          label="Painted over"
          value={form.watch('undercoatId') ?? ''}
          options={[['', 'not said'] as const, ...products.map((product) => [product.id, product.name] as const)]}
          onChange={(id) => form.setValue('undercoatId', id || null, { shouldDirty: true })}
        />
        <Labelled label="Coats" error={errors.coats?.message}>
          {({ id, describedBy }) => (
            <input
              id={id}
              aria-describedby={describedBy}
              inputMode="numeric"
              className="field figure"
              {...form.register('coats', { setValueAs: (text: unknown) => parseNumber(String(text)) })}
            />
          )}
        </Labelled>
        <Labelled label="With">
          {({ id }) => (
            <select id={id} className="field" {...form.register('tool')}>
              {CARD_TOOLS.map((tool) => (
                <option key={tool} value={tool}>
                  {tool}
                </option>
              ))}
            </select>
          )}
        </Labelled>
      </div>
      <div className="grid gap-3 sm:grid-cols-2">
        <Controller
          control={form.control}
          name="swatchHex"
          render={({ field }) => (
            <Labelled label="Swatch, as it dried" hint={field.value === null ? 'not judged yet' : field.value}>
              {({ id, describedBy }) => (
                <span className="flex gap-2">
                  <input
                    id={id}
                    aria-describedby={describedBy}
                    type="color"
                    className="border-edge h-9 w-20 border"
                    value={field.value ?? '#808080'}
                    onChange={(event) => field.onChange(event.target.value.toLowerCase())}
                  />
                  {field.value !== null && (
                    <Button look="quiet" onClick={() => field.onChange(null)}>
                      none
                    </Button>
                  )}
                </span>
              )}
            </Labelled>
          )}
        />
        <label className="label block">
          Picture
          <input
            type="file"
            accept="image/jpeg,image/png,image/webp"
            className="field font-sans text-base font-normal tracking-normal normal-case"
            onChange={(event) => {
              const file = event.target.files?.[0];
              if (file) void takePicture(file);
            }}
          />
          {form.watch('pictureId') !== null && <span className="font-sans text-sm font-normal tracking-normal normal-case">kept</span>}
        </label>
      </div>
      <Labelled label="Note" error={errors.note?.message}>
        {({ id, describedBy }) => <textarea id={id} aria-describedby={describedBy} rows={3} className="field" {...form.register('note')} />}
      </Labelled>
      <div className="flex gap-3">
        <Button type="submit" look="primary" isLarge>
          Keep the card
        </Button>
        <Button isLarge onClick={() => onDone(null)}>
          Leave it
        </Button>
      </div>
    </form>
  );
}
