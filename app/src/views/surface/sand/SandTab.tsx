import { FilmBudget } from './FilmBudget';
import { FitsSheet } from './FitsSheet';
import { SandSheet } from './SandSheet';
import type { Surface } from '../gathered/useSurface';

/** Which papers, how long, and what all films together close up. */
export function SandTab({ surface }: { readonly surface: Surface }) {
  return (
    <div className="grid items-start gap-4 lg:grid-cols-2">
      <SandSheet surface={surface} />
      <div className="grid grid-cols-1 min-w-0 gap-4">
        <FilmBudget surface={surface} />
        <FitsSheet part={surface.part} />
      </div>
    </div>
  );
}
