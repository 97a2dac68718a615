import { findMaterial } from '@zinc-ladder/core/ladder/materials';
import { hasLines } from '@zinc-ladder/core/ladder/schools';
import { Link } from 'react-router';
import { Sheet } from '../../../ui/Sheet';
import { CurveSheet } from './CurveSheet';
import { LayersSheet } from './LayersSheet';
import { OwnCasesSheet } from './OwnCasesSheet';
import { PrintSheet } from './PrintSheet';
import { SchoolsSheet } from './SchoolsSheet';
import type { Surface } from '../gathered/useSurface';
import { VerdictSheet } from '../verdict/VerdictSheet';

/** What layers left, what each school would take to be rid of it, and how far the passes have come. */
export function ForecastTab({ surface }: { readonly surface: Surface }) {
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] items-start gap-4 lg:grid-cols-[24rem_minmax(0,1fr)]">
      <PrintSheet surface={surface} />
      {!hasLines(findMaterial(surface.part.materialId)) ? (
        <Sheet className="min-w-0 p-4" label="No lines">
          <h2 className="font-label mb-2 text-2xl font-semibold">It has no layer lines to level</h2>
          <p>
            {findMaterial(surface.part.materialId).name} is made ready by its ladder: cut, degreased, scuffed or sealed, as it wants it.
            What is seen on it is still looked at in <i>Inspect</i>, what it is glued with is told in <i>Cut, fit, bond</i>.
          </p>
          <p className="mt-2">
            <Link className="in-text underline" to={`/ladders/${surface.part.propId}/${surface.part.id}`}>
              Its ladder
            </Link>
          </p>
        </Sheet>
      ) : (
        <div className="grid min-w-0 grid-cols-[minmax(0,1fr)] gap-4">
          <SchoolsSheet surface={surface} />
          <OwnCasesSheet surface={surface} />
          <div className="grid grid-cols-1 gap-4 xl:grid-cols-[minmax(0,1fr)_16rem]">
            <CurveSheet surface={surface} />
            <VerdictSheet surface={surface} />
          </div>
          <LayersSheet surface={surface} />
        </div>
      )}
    </div>
  );
}
