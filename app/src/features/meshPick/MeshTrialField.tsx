import { Button } from '../../ui/Button';
import { FilePick } from '../../ui/fields/FilePick';
import { useFormats } from '../formats/useFormats';
import type { MeshPick } from './useMeshTrial';

/** A mesh file given before an area is asked for: it says area and ridges by itself. */
export function MeshTrialField({ mesh }: { readonly mesh: MeshPick }) {
  const formats = useFormats();
  const { trial, isReading, problem } = mesh;
  return (
    <div>
      <div className="flex flex-wrap items-center gap-3">
        <FilePick accept=".stl,.obj,.3mf" disabled={isReading} onPick={mesh.pick}>
          {trial ? 'Another mesh file' : 'Measure its mesh file'}
        </FilePick>
        {isReading && <span role="status">Reading it…</span>}
        {trial && (
          <span role="status" className="flex min-w-0 flex-wrap items-center gap-x-3">
            <span className="truncate">{trial.file.name}</span>
            <span className="figure">
              {formats.area(trial.areaSquareCentimetres)} · ridges {formats.film(trial.ridgeMicrometres)}
            </span>
            <Button look="quiet" onClick={() => mesh.pick(null)}>
              Without it
            </Button>
          </span>
        )}
      </div>
      {problem !== null && (
        <p role="alert" className="text-oxide text-sm">
          {problem}
        </p>
      )}
    </div>
  );
}
