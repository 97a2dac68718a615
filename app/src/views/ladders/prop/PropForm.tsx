import { Prop } from '@zinc-ladder/model/records/prop/prop';
import { useState } from 'react';
import { Controller } from 'react-hook-form';
import { addProp, NEW_PROP } from '../../../data/changes/prop/propChanges';
import { newId } from '../../../base/newId';
import { useTable } from '../../../data/queries';
import { useEdit } from '../../../features/edit/useEdit';
import { Button } from '../../../ui/Button';
import { Labelled } from '../../../ui/fields/fields';
import { FormNumber } from '../../../ui/fields/FormNumber';
import { MomentField } from '../../../features/formats/MomentField';
import { useRecordForm } from '../../../ui/fields/useRecordForm';

/** Adds a prop, or changes one. */
export function PropForm({ prop, onDone }: { readonly prop: Prop | null; readonly onDone: (propId: string | null) => void }) {
  const props = useTable('props');
  const edit = useEdit();
  // What the form began with: only what is typed over it is kept, whatever another tab changes meanwhile.
  const [seen] = useState(prop);
  const form = useRecordForm<Prop>(Prop, prop ?? { id: newId(), revision: 0, ...NEW_PROP, position: 0 });
  const { errors } = form.formState;
  const keep = form.handleSubmit(async (values) => {
    const fields = {
      name: values.name.trim(),
      story: values.story,
      dueMs: values.dueMs,
      viewingMetres: values.viewingMetres,
      weight: values.weight,
    };
    const isKept = prop
      ? await edit(`Change ${fields.name}`, (change) => change.patch('props', prop.id, fields, seen ?? prop))
      : await edit(`Add ${fields.name}`, (change) => addProp(change, values.id, fields, props));
    if (isKept) onDone(values.id);
  });
  return (
    <form onSubmit={(event) => void keep(event)} className="grid gap-3" noValidate>
      <h2 className="font-label text-2xl font-semibold">{prop ? 'The prop' : 'A new prop'}</h2>
      <Labelled label="Name" error={errors.name?.message}>
        {({ id, describedBy }) => <input id={id} aria-describedby={describedBy} className="field" autoFocus {...form.register('name')} />}
      </Labelled>
      <Controller
        control={form.control}
        name="dueMs"
        render={({ field }) => <MomentField label="Due" mayBeEmpty value={field.value} onKeep={field.onChange} hint="It may have none." />}
      />
      <div className="grid grid-cols-2 gap-3">
        <FormNumber
          control={form.control}
          name="viewingMetres"
          label="Seen from, m"
          mayBeEmpty
          hint="How near eyes or lens come: farther away more may stay."
        />
        <FormNumber
          control={form.control}
          name="weight"
          label="Weight of its date"
          hint="When two dates clash: 1 is usual, 2 counts double."
        />
      </div>
      <Labelled label="Story" error={errors.story?.message}>
        {({ id, describedBy }) => (
          <textarea id={id} aria-describedby={describedBy} rows={4} className="field" {...form.register('story')} />
        )}
      </Labelled>
      <div className="flex gap-3">
        <Button type="submit" look="primary" isLarge>
          {prop ? 'Keep' : 'Add prop'}
        </Button>
        <Button isLarge onClick={() => onDone(null)}>
          Leave it
        </Button>
      </div>
    </form>
  );
}
