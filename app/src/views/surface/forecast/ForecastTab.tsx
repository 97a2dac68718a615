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
      <div className="grid min-w-0 grid-cols-[minmax(0,1fr)] gap-4">
        <SchoolsSheet surface={surface} />
        <OwnCasesSheet surface={surface} />
        <div className="grid gap-4 xl:grid-cols-[minmax(0,1fr)_16rem]">
          <CurveSheet surface={surface} />
          <VerdictSheet surface={surface} />
        </div>
        <LayersSheet surface={surface} />
      </div>
    </div>
  );
}
