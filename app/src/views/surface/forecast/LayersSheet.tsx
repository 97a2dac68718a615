import { boxSize } from '@zinc-ladder/core/surface/mesh/facetGeometry';
import type { LayerTrial } from '@zinc-ladder/core/surface/forecast/layerWhatIf';
import { tryLayers } from '@zinc-ladder/core/surface/forecast/layerWhatIf';
import { printHoursOf } from '@zinc-ladder/model/gather/plan/gatherPlan';
import { useEdit } from '../../../features/edit/useEdit';
import { InlineNumber } from '../../../ui/fields/fields';
import { Sheet } from '../../../ui/Sheet';
import { formatSpan } from '../../../base/formats';
import type { Surface } from '../gathered/useSurface';

/** Print hours against finishing hours, by layer height. */
export function LayersSheet({ surface }: { readonly surface: Surface }) {
  const { part, choice, ask, mesh } = surface;
  const edit = useEdit();
  const height = mesh.opened ? boxSize(mesh.opened.survey.boundingBox)[2] : null;
  const trials = tryLayers(choice, ask, printHoursOf(part, height));
  if (trials.length === 0) return null;
  const workOf = (trial: LayerTrial): number => trial.handsMinutes + trial.waitMinutes;
  const present = trials.find((trial) => trial.isPresent);
  // The coarsest of those with the least work: it prints soonest. Nothing is named where nothing is won.
  const best = trials.findLast((trial) => workOf(trial) === Math.min(...trials.map(workOf)));
  const isWon = best !== undefined && present !== undefined && workOf(best) < workOf(present);
  return (
    <Sheet className="min-w-0 p-4" label="Layer heights">
      <div className="mb-1 flex flex-wrap items-end justify-between gap-3">
        <h2 className="label">Finer layers or more sanding, a piece</h2>
        <div className="w-40">
          <InlineNumber
            label="It printed for"
            unit="h"
            value={part.printHours}
            min={0.01}
            max={2000}
            mayBeEmpty
            onKeep={(printHours) =>
              void edit(`Change the print hours of ${part.name}`, (change) => change.patch('parts', part.id, { printHours }, part))
            }
          />
        </div>
      </div>
      <table className="w-full text-left">
        <thead>
          <tr className="border-line text-dim border-b text-sm">
            <th className="py-1 pl-2 font-normal">layer</th>
            <th className="px-2 font-normal">printing{part.printHours === null && ', guessed'}</th>
            <th className="px-2 font-normal">loops</th>
            <th className="px-2 font-normal">hands</th>
            <th className="px-2 font-normal">waiting</th>
          </tr>
        </thead>
        <tbody>
          {trials.map((trial) => (
            <tr key={trial.layerMillimetres} className={`border-line border-b ${trial.isPresent ? 'bg-lime/15' : ''}`}>
              <th scope="row" className={`figure py-1 pl-2 font-normal ${trial.isPresent ? 'border-l-lime border-l-4' : ''}`}>
                {trial.layerMillimetres} mm
                {trial.isPresent && <span className="text-limeink ml-2 font-sans text-sm">as it is</span>}
                {isWon && trial === best && <span className="text-dim ml-2 font-sans text-sm">least work</span>}
              </th>
              <td className="figure px-2">{formatSpan(trial.printHours * 60)}</td>
              <td className="figure px-2">{trial.loops}</td>
              <td className="figure px-2">{formatSpan(trial.handsMinutes)}</td>
              <td className="figure px-2">{formatSpan(trial.waitMinutes)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="text-dim mt-2 text-sm">
        Ridges grow with the layer, print hours with its inverse.
        {part.printHours === null && ' Hours are guessed from skin and height until you type yours.'}
      </p>
    </Sheet>
  );
}
