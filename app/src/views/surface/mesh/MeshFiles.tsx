import type { MeshUnitId } from '@zinc-ladder/core/surface/mesh/meshUnits';
import { MESH_UNITS } from '@zinc-ladder/core/surface/mesh/meshUnits';
import type { MeshReference } from '@zinc-ladder/model/records/prop/meshReference';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import { keepMesh, meshFormatOf, NO_MESH } from '../../../data/changes/prop/meshChanges';
import { newId } from '../../../base/newId';
import { useEdit } from '../../../features/edit/useEdit';
import { useNotices } from '../../../features/notices/Notices';
import { Button } from '../../../ui/Button';
import { FilePick } from '../../../ui/fields/FilePick';
import { InlineNumber, SelectField } from '../../../ui/fields/fields';

/** The mesh file of a part: kept, replaced, with its unit and scale. */
export function MeshFiles({
  part,
  reference,
  doubtedUnit,
}: {
  readonly part: Part;
  readonly reference: MeshReference | null;
  readonly doubtedUnit: MeshUnitId | null;
}) {
  const edit = useEdit();
  const { tellError } = useNotices();
  const keep = async (file: File): Promise<void> => {
    const format = meshFormatOf(file);
    if (!format) {
      tellError(new Error(NO_MESH));
      return;
    }
    await edit(`Keep ${file.name}`, async (change) => {
      if (reference) await change.remove('meshes', reference.id);
      await keepMesh(change, part.id, file, format, newId());
    });
  };
  const patch = (what: string, fields: Partial<MeshReference>): void => {
    if (reference) void edit(`Change ${what} of ${reference.name}`, (change) => change.patch('meshes', reference.id, fields, reference));
  };
  const doubted = MESH_UNITS.find((unit) => unit.id === doubtedUnit);
  return (
    <div className="border-line mt-3 grid gap-2 border-t pt-3">
      {reference && (
        <>
          <div className="flex items-center justify-between gap-3">
            <span className="min-w-0 truncate">
              {reference.name} <span className="figure text-dim text-sm">{Math.ceil(reference.byteLength / 1024)} kB</span>
            </span>
            <Button
              look="quiet"
              onClick={() => void edit(`Take ${reference.name} away`, (change) => change.remove('meshes', reference.id))}
            >
              Take away
            </Button>
          </div>
          {doubted && (
            <p role="alert" className="text-oxide">
              An odd size for a printed part. Is the file in {doubted.name}?{' '}
              <Button onClick={() => patch('the unit', { unit: doubted.id })}>It is in {doubted.name}</Button>
            </p>
          )}
          <div className="grid grid-cols-2 gap-3">
            <SelectField
              label="The file is in"
              value={reference.unit}
              options={MESH_UNITS.map((unit) => [unit.id, unit.name] as const)}
              onChange={(unit) => patch('the unit', { unit: MESH_UNITS.find((entry) => entry.id === unit)?.id ?? 'mm' })}
            />
            <InlineNumber
              label="Printed larger by"
              unit="×"
              value={reference.scale}
              min={0.001}
              max={1000}
              onKeep={(scale) => scale !== null && patch('the scale', { scale })}
            />
          </div>
        </>
      )}
      <div>
        <FilePick accept=".stl,.obj,.3mf" onPick={(file) => void keep(file)}>
          {reference ? 'Another mesh file' : 'Keep a mesh file'}
        </FilePick>
      </div>
    </div>
  );
}
