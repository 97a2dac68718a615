import { partLabel } from '@zinc-ladder/model/gather/plan/gatherPlan';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import { useTable } from '../../data/queries';
import { Picture } from '../pictures/Picture';
import { MeshDrawing } from './MeshDrawing';
import { usePartDrawing } from './usePartDrawing';

/** A part as it is known by sight: drawn from its mesh or shape, else its newest photograph; nothing where there is neither. */
export function PartFace({ part, className }: { readonly part: Part; readonly className: string }) {
  const drawing = usePartDrawing(part);
  const photograph = useTable('pictures')
    .filter((picture) => picture.partId === part.id)
    .toSorted((a, b) => (b.takenAtMs ?? 0) - (a.takenAtMs ?? 0))[0];
  const alt = `what ${partLabel(part)} looks like`;
  if (drawing) return <MeshDrawing picture={drawing} alt={alt} className={className} />;
  return photograph ? <Picture id={photograph.id} alt={alt} className={`${className} object-cover`} /> : null;
}
