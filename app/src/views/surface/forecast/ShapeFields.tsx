import type { ShapeId } from '@zinc-ladder/core/surface/measure/shapes';
import { findMaterial } from '@zinc-ladder/core/ladder/materials';
import { SHAPES } from '@zinc-ladder/core/surface/measure/shapes';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import { useEdit } from '../../../features/edit/useEdit';
import { InlineNumber, SelectField } from '../../../ui/fields/fields';

const SIDES = ['Length', 'Breadth', 'Height'] as const;
const FIRST_SIZE = [50, 50, 50];

/** Size and shape of a part without a mesh: the same figures from a formula. */
export function ShapeFields({ part }: { readonly part: Part }) {
  const edit = useEdit();
  const patch = (fields: Partial<Part>): void =>
    void edit(`Change the shape of ${part.name}`, (change) => change.patch('parts', part.id, fields, part));
  const shape = SHAPES.find((entry) => entry.id === part.shapeId);
  const size = part.sizeMillimetres ?? FIRST_SIZE;
  return (
    <div className="grid gap-3">
      <p className="text-dim">No mesh is kept with this part. Say what it is near to, or keep its mesh file below.</p>
      <SelectField
        label="It is near to a"
        value={part.shapeId ?? ''}
        options={[['', 'not said'], ...SHAPES.map((entry) => [entry.id, entry.name] as const)]}
        onChange={(id) =>
          patch({
            shapeId: SHAPES.find((entry) => entry.id === (id as ShapeId))?.id ?? null,
            sizeMillimetres: part.sizeMillimetres ?? FIRST_SIZE,
          })
        }
      />
      {shape && (
        <>
          <div className="grid grid-cols-3 gap-3">
            {SIDES.map((label, side) => (
              <InlineNumber
                key={label}
                label={label}
                unit="mm"
                value={size[side] ?? 50}
                min={0.1}
                max={5000}
                onKeep={(value) => value !== null && patch({ sizeMillimetres: size.map((old, at) => (at === side ? value : old)) })}
              />
            ))}
          </div>
          <p className="text-dim text-sm">
            {findMaterial(part.materialId).isPrinted && 'As it stood on the printer. '}Area: {shape.formula}.
          </p>
        </>
      )}
    </div>
  );
}
