import { findFlawKind, FLAW_KINDS } from '@zinc-ladder/core/inspection/flawKinds';
import { Flaw } from '@zinc-ladder/model/records/prop/flaw';
import { Controller, useWatch } from 'react-hook-form';
import { newId } from '../../../base/newId';
import { useEdit } from '../../../features/edit/useEdit';
import { Button } from '../../../ui/Button';
import { Labelled, SelectField } from '../../../ui/fields/fields';
import { FormNumber } from '../../../ui/fields/FormNumber';
import { useRecordForm } from '../../../ui/fields/useRecordForm';
import type { Surface } from '../gathered/useSurface';

/** What was found, and where. */
export function FlawForm({
  surface,
  pin,
  onPin,
}: {
  readonly surface: Surface;
  readonly pin: Flaw['pin'];
  readonly onPin: (pin: Flaw['pin']) => void;
}) {
  const { part, passes } = surface;
  const edit = useEdit();
  const form = useRecordForm<Flaw>(Flaw, {
    id: newId(),
    revision: 0,
    partId: part.id,
    kind: 'layerLine',
    sizeMillimetres: 1,
    foundPassId: null,
    fixedPassId: null,
    pin: null,
    note: '',
  });
  const { control } = form;
  const { errors } = form.formState;
  const known = findFlawKind(useWatch({ control, name: 'kind' }));
  const keep = form.handleSubmit(async (typed) => {
    const flaw: Flaw = { ...typed, id: newId(), partId: part.id, foundPassId: passes.at(-1)?.id ?? null, pin, note: typed.note.trim() };
    if (!(await edit(`Pin a ${known.name.toLowerCase()}`, (change) => change.put('flaws', flaw)))) return;
    onPin(null);
    form.setValue('note', '');
  });
  return (
    <form noValidate className="border-line mt-3 grid gap-2 border-t pt-3" onSubmit={(event) => void keep(event)}>
      <h2 className="label">{pin ? 'A flaw there' : 'A flaw: press where it is, or list it without a place'}</h2>
      <div className="grid grid-cols-[2fr_1fr] gap-3">
        <Controller
          control={control}
          name="kind"
          render={({ field }) => (
            <SelectField
              label="Kind"
              value={field.value}
              options={FLAW_KINDS.map((entry) => [entry.id, entry.name] as const)}
              onChange={field.onChange}
            />
          )}
        />
        <FormNumber control={control} name="sizeMillimetres" label="Across, mm" />
      </div>
      {pin?.pictureId && <PlaceFields pin={pin} onPin={onPin} />}
      <Labelled label="Note" error={errors.note?.message}>
        {({ id, describedBy }) => <input id={id} aria-describedby={describedBy} className="field" {...form.register('note')} />}
      </Labelled>
      <p className="text-dim text-sm">{known.cause}</p>
      <div className="flex gap-2">
        <Button type="submit" look="primary">
          {pin ? 'Pin it there' : 'List it'}
        </Button>
        {pin && <Button onClick={() => onPin(null)}>Not there</Button>}
      </div>
    </form>
  );
}

/** Where a pin is on a photograph, in per cent: for placing it by keyboard. */
function PlaceFields({ pin, onPin }: { readonly pin: NonNullable<Flaw['pin']>; readonly onPin: (pin: Flaw['pin']) => void }) {
  const [x = 0, y = 0] = pin.place;
  const field = (label: string, value: number, put: (share: number) => number[]) => (
    <Labelled label={label}>
      {({ id }) => (
        <input
          id={id}
          type="number"
          min={0}
          max={100}
          step="any"
          className="field figure"
          value={Math.round(value * 1000) / 10}
          onChange={(event) => onPin({ ...pin, place: put(Math.min(1, Math.max(0, event.target.valueAsNumber / 100 || 0))) })}
        />
      )}
    </Labelled>
  );
  return (
    <div className="grid grid-cols-2 gap-3">
      {field('From the left, %', x, (share) => [share, y])}
      {field('From the top, %', y, (share) => [x, share])}
    </div>
  );
}
