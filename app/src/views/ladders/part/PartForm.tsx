import { findMaterial, MATERIALS } from '@zinc-ladder/core/ladder/materials';
import type { LadderRoute } from '@zinc-ladder/model/records/ladder/ladder';
import { Part } from '@zinc-ladder/model/records/prop/part';
import { useEffect, useState } from 'react';
import { useWatch } from 'react-hook-form';
import type { ProductsByRole } from '@zinc-ladder/model/gather/grow/growRungs';
import { growFor } from '@zinc-ladder/model/gather/grow/growRungs';
import { growOnto } from '../../../data/changes/ladder/growChanges';
import { addPart, NEW_PART } from '../../../data/changes/prop/partChanges';
import { keepMesh } from '../../../data/changes/prop/meshChanges';
import { newId } from '../../../base/newId';
import { useTable } from '../../../data/queries';
import { useEdit } from '../../../features/edit/useEdit';
import { FormNumber } from '../../../ui/fields/FormNumber';
import { Button } from '../../../ui/Button';
import { Labelled } from '../../../ui/fields/fields';
import { useRecordForm } from '../../../ui/fields/useRecordForm';
import { MeshTrialField } from '../../../features/meshPick/MeshTrialField';
import { nameOfFile } from '../../../features/meshPick/nameOfFile';
import { useMeshTrial } from '../../../features/meshPick/useMeshTrial';
import { GrowFields } from '../grow/GrowFields';
import { ROUTE_OPTIONS, suggestRoute } from '../../../features/rung/routeOptions';

/** Adds a part with the ladder it should climb. */
export function PartForm({ propId, onDone }: { readonly propId: string; readonly onDone: (partId: string | null) => void }) {
  const parts = useTable('parts');
  const products = useTable('products');
  const edit = useEdit();
  const form = useRecordForm<Part>(Part, { id: newId(), revision: 0, propId, ...NEW_PART, position: 0 });
  const [chosenRoute, setRoute] = useState<LadderRoute | null>(null);
  const [chosen, setChosen] = useState<ProductsByRole>({});
  const { control } = form;
  const values = useWatch({ control }) as Part;
  const route = chosenRoute ?? suggestRoute(values);
  const isMeasured =
    Number.isFinite(values.areaSquareCentimetres) &&
    values.areaSquareCentimetres >= 0 &&
    Number.isInteger(values.count) &&
    values.count >= 1 &&
    Number.isFinite(values.layerMillimetres);
  const measured = isMeasured ? values : { ...values, ...NEW_PART, materialId: values.materialId };
  const mesh = useMeshTrial(measured);
  const { trial } = mesh;
  const { getValues, setValue } = form;
  useEffect(() => {
    setValue('ridgeMicrometres', trial ? Math.round(trial.ridgeMicrometres) : null);
    if (!trial) return;
    setValue('areaSquareCentimetres', Math.round(trial.areaSquareCentimetres), { shouldValidate: true });
    if (getValues('name').trim() === '') setValue('name', nameOfFile(trial.file.name));
  }, [trial, getValues, setValue]);
  const metres = useTable('props').find((prop) => prop.id === propId)?.viewingMetres ?? null;
  const grown = growFor(measured, route, { metres });
  const { errors } = form.formState;
  const keep = form.handleSubmit(async (part) => {
    if (grown.kind === 'refused') return;
    const isKept = await edit(`Add ${part.name.trim()}`, async (change) => {
      await addPart(change, part.id, propId, { ...part, name: part.name.trim() }, parts);
      if (trial) await keepMesh(change, part.id, trial.file, trial.format, newId());
      await growOnto(change, part.id, route, grown.rungs, products, chosen, newId);
    });
    if (isKept) onDone(part.id);
  });
  return (
    <form onSubmit={(event) => void keep(event)} className="grid gap-3" noValidate>
      <h2 className="font-label text-2xl font-semibold">A new part</h2>
      <div className="grid grid-cols-[2fr_1fr] gap-3">
        <Labelled label="Name" error={errors.name?.message}>
          {({ id, describedBy }) => <input id={id} aria-describedby={describedBy} className="field" autoFocus {...form.register('name')} />}
        </Labelled>
        <FormNumber control={control} name="count" label="Identical pieces" />
      </div>
      <Labelled label="Material">
        {({ id }) => (
          <select
            id={id}
            className="field"
            {...form.register('materialId', {
              onChange: (event: { target: { value: string } }) => {
                const material = MATERIALS.find((entry) => entry.id === event.target.value);
                if (material) form.setValue('layerMillimetres', material.usualLayerMillimetres);
                setRoute(null);
              },
            })}
          >
            {ROUTE_OPTIONS.material.map(([id_, name]) => (
              <option key={id_} value={id_}>
                {name}
              </option>
            ))}
          </select>
        )}
      </Labelled>
      <MeshTrialField mesh={mesh} />
      <div className="grid grid-cols-3 gap-3">
        {findMaterial(values.materialId).isPrinted && <FormNumber control={control} name="layerMillimetres" label="Layer, mm" isMetric />}
        <FormNumber control={control} name="areaSquareCentimetres" label="Surface, cm²" hint="of one piece" />
        <FormNumber control={control} name="rackPlaces" label="Rack places" hint="for the set" />
      </div>
      <p className="label border-line mt-2 border-t pt-3">Its ladder grows from</p>
      <GrowFields part={measured} route={route} onRoute={setRoute} grown={grown} products={products} chosen={chosen} onChosen={setChosen} />
      <div className="flex gap-3">
        <Button type="submit" look="primary" isLarge disabled={grown.kind === 'refused'}>
          Add part
        </Button>
        <Button isLarge onClick={() => onDone(null)}>
          Leave it
        </Button>
      </div>
    </form>
  );
}
