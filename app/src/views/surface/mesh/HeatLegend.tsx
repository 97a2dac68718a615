import type { Heat } from '../../../workers/mesh/heat';
import { bandName, greyOf } from '../../../workers/mesh/heat';
import { shownText, shownUnit } from '../../../ui/fields/shownUnit';
import { useUnits } from '../../../ui/fields/UnitsContext';

/** What the greys of a mesh mean, with units. */
export function HeatLegend({ heat, note }: { readonly heat: Heat; readonly note: string | null }) {
  const shown = shownUnit(heat.unit, useUnits());
  return (
    <div className="mt-1.5">
      <ul className="figure grid grid-cols-3 gap-x-3 text-xs" aria-label={`Legend, ${heat.name.toLowerCase()}`}>
        {Array.from({ length: heat.edges.length + 1 }, (_, band) => {
          const grey = greyOf(heat, band);
          return (
            <li key={band} className="flex items-center gap-1.5">
              <span
                className="border-edge inline-block h-3 w-4 border forced-color-adjust-none"
                style={{ background: `rgb(${grey} ${grey} ${grey})` }}
                aria-hidden="true"
              />
              {bandName(heat, band, shown.unit, (edge) => shownText(shown, edge))}
            </li>
          );
        })}
      </ul>
      <p className="text-dim mt-1 text-sm">
        {heat.why}
        {note && `; ${note}`}
      </p>
    </div>
  );
}
