import { findMaterial } from '@zinc-ladder/core/ladder/materials';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import { Link, useNavigate } from 'react-router';
import { changeCount } from '../../../data/changes/prop/printChanges';
import { changeLayer, changeMaterial, changeMeasures } from '../../../data/changes/prop/partChanges';
import { ROUTE_OPTIONS } from '../../../features/rung/routeOptions';
import { useEdit } from '../../../features/edit/useEdit';
import { Button } from '../../../ui/Button';
import { ConfirmLoss } from '../../../features/edit/ConfirmLoss';
import { InlineField, InlineNumber, InlineText, SelectField } from '../../../ui/fields/fields';
import { PrintFields } from './PrintFields';
import { TakeOut } from './TakeOut';

/** What a part is: every value changed where it stands. */
export function PartPanel({ part }: { readonly part: Part }) {
  const edit = useEdit();
  const navigate = useNavigate();
  const { isPrinted } = findMaterial(part.materialId);
  const patch = (what: string, fields: Partial<Part>): void =>
    void edit(`Change ${what} of ${part.name}`, (change) => change.patch('parts', part.id, fields, part));
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
          onKeep={(count) => count !== null && void edit(`Change the count of ${part.name}`, (change) => changeCount(change, part, count))}
        />
      </div>
      <div className="grid grid-cols-2 gap-3">
        <SelectField
          label="Material"
          value={part.materialId}
          options={ROUTE_OPTIONS.material}
          onChange={(id) => void edit(`Change the material of ${part.name}`, (change) => changeMaterial(change, part, findMaterial(id)))}
        />
        {isPrinted && (
          <InlineNumber
            label="Layer"
            unit="mm"
            isMetric
            value={part.layerMillimetres}
            min={0}
            max={1}
            onKeep={(value) =>
              value !== null && void edit(`Change the layer of ${part.name}`, (change) => changeLayer(change, part, value))
            }
          />
        )}
        <InlineNumber
          label="Surface of a piece"
          unit="cm²"
          value={part.areaSquareCentimetres}
          min={0}
          max={200000}
          onKeep={(value) =>
            value !== null &&
            void edit(`Change the surface of ${part.name}`, (change) => changeMeasures(change, part, { areaSquareCentimetres: value }))
          }
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
      {(isPrinted || part.print !== null) && <PrintFields part={part} />}
      <TakeOut part={part} />
      <InlineText label="Note" value={part.note} onKeep={(note) => patch('the note', { note })} />
      <p className="text-dim text-sm">
        What is still to be done takes its method’s minutes for another size; minutes that were typed stay.
      </p>
      <p>
        <Link className="in-text underline underline-offset-4" to={`/surface/${part.id}`}>
          Mesh, layer lines and loops of this part
        </Link>
      </p>
      <div className="border-line border-t pt-4">
        <ConfirmLoss
          trigger={<Button look="danger">Take the part away</Button>}
          title={`Take ${part.name} away?`}
          detail="Its ladder, joins and meshes go with it. The log keeps what was done. Undo brings all of it back."
          act="Take it away"
          onConfirm={() => {
            // The view changes only when it is kept: what undo is pressed for then is there to be undone.
            void edit(`Take ${part.name} away`, (change) => change.remove('parts', part.id)).then(
              (isKept) => isKept && navigate(`/ladders/${part.propId}`),
            );
          }}
        />
      </div>
    </div>
  );
}
