import { findMaterial, MATERIALS } from '@zinc-ladder/core/ladder/materials';
import { MESH_ADDED_IN_3 } from '@zinc-ladder/model/file/migrations';
import { MESH_FORMATS } from '@zinc-ladder/model/records/meshReference';
import type { MeshReference } from '@zinc-ladder/model/records/meshReference';
import type { Part } from '@zinc-ladder/model/records/part';
import { useNavigate } from 'react-router';
import { removePart } from '../../data/changes/partChanges';
import { newId } from '../../data/newId';
import { useTable } from '../../data/queries';
import { useStore } from '../../data/StoreContext';
import { useEdit } from '../../data/useEdit';
import { useNotices } from '../../shell/Notices';
import { Button } from '../../ui/Button';
import { FilePick } from '../../ui/FilePick';
import { ConfirmLoss } from '../../ui/ConfirmLoss';
import { InlineField, InlineNumber, InlineText, SelectField } from '../../ui/fields';

/** What a part is: every value changed where it stands. */
export function PartPanel({ part }: { readonly part: Part }) {
  const edit = useEdit();
  const { db } = useStore();
  const navigate = useNavigate();
  const patch = (what: string, fields: Partial<Part>): void =>
    void edit(`Change ${what} of ${part.name}`, (change) => change.patch('parts', part.id, fields, part.revision));
  return (
    <div className="grid gap-3">
      <h2 className="font-label text-2xl font-semibold">The part</h2>
      <div className="grid grid-cols-[2fr_1fr] gap-3">
        <InlineField
          label="Name"
          value={part.name}
          maxLength={200}
          check={(text) => (text.trim() === '' ? 'A name is needed.' : null)}
          onKeep={(name) => patch('the name', { name: name.trim() })}
        />
        <InlineNumber
          label="Pieces"
          value={part.count}
          min={1}
          max={500}
          isWhole
          onKeep={(count) => count !== null && patch('the count', { count })}
        />
      </div>
      <div className="grid grid-cols-2 gap-3">
        <SelectField
          label="Material"
          value={part.materialId}
          options={MATERIALS.map(({ id, name }) => [id, name] as const)}
          onChange={(id) => patch('the material', { materialId: findMaterial(id).id })}
        />
        <InlineNumber
          label="Layer"
          unit="mm"
          value={part.layerMillimetres}
          min={0}
          max={1}
          onKeep={(value) => value !== null && patch('the layer', { layerMillimetres: value })}
        />
        <InlineNumber
          label="Surface of a piece"
          unit="cm²"
          value={part.areaSquareCentimetres}
          min={0}
          max={200000}
          onKeep={(value) => value !== null && patch('the surface', { areaSquareCentimetres: value })}
        />
        <InlineNumber
          label="Rack places, set"
          value={part.rackPlaces}
          min={0}
          max={200}
          isWhole
          onKeep={(value) => value !== null && patch('the places', { rackPlaces: value })}
        />
      </div>
      <InlineText label="Note" value={part.note} onKeep={(note) => patch('the note', { note })} />
      <p className="text-dim text-sm">Minutes already on the ladder stay as they are; growing it again reckons with the new size.</p>
      <Meshes part={part} />
      <div className="border-line border-t pt-4">
        <ConfirmLoss
          trigger={<Button look="danger">Take the part away</Button>}
          title={`Take ${part.name} away?`}
          detail="Its ladder, joins and meshes go with it. The log keeps what was done. Undo brings all of it back."
          act="Take it away"
          onConfirm={() => {
            void navigate(`/ladders/${part.propId}`);
            void edit(`Take ${part.name} away`, (change) => removePart(change, db, part.id));
          }}
        />
      </div>
    </div>
  );
}

function Meshes({ part }: { readonly part: Part }) {
  const edit = useEdit();
  const { tellError } = useNotices();
  const meshes = useTable('meshes').filter((mesh) => mesh.partId === part.id);
  const keep = async (file: File): Promise<void> => {
    const format = MESH_FORMATS.find((entry) => file.name.toLowerCase().endsWith(`.${entry}`));
    if (!format || file.size === 0 || file.size > 64 * 1024 * 1024) {
      tellError(new Error('a mesh is an STL, OBJ or 3MF file of up to 64 MB'));
      return;
    }
    const bytes = new Uint8Array(await file.arrayBuffer());
    const id = newId();
    await edit(`Keep ${file.name}`, async (change) => {
      await change.attach({ id, bytes });
      await change.put('meshes', {
        id,
        revision: 0,
        partId: part.id,
        name: file.name.slice(0, 200),
        format,
        byteLength: bytes.length,
        note: '',
        ...MESH_ADDED_IN_3,
        up: [...MESH_ADDED_IN_3.up],
      });
    });
  };
  const drop = (mesh: MeshReference): void =>
    void edit(`Take ${mesh.name} away`, async (change) => {
      await change.remove('meshes', mesh.id);
      await change.remove('attachments', mesh.id);
    });
  return (
    <div>
      <h3 className="label">Mesh</h3>
      <p className="text-dim text-sm">Kept with the part and in saved files. It is not measured yet: surface and layer are typed.</p>
      <ul>
        {meshes.map((mesh) => (
          <li key={mesh.id} className="flex items-center justify-between gap-3">
            <span>
              {mesh.name} <span className="figure text-dim text-sm">{Math.ceil(mesh.byteLength / 1024)} kB</span>
            </span>
            <Button look="quiet" onClick={() => drop(mesh)}>
              Take away
            </Button>
          </li>
        ))}
      </ul>
      <FilePick accept=".stl,.obj,.3mf" onPick={(file) => void keep(file)}>
        Keep a mesh file
      </FilePick>
    </div>
  );
}
