import type { ZoneSum } from '@zinc-ladder/core/surface/measure/layerRidges';
import { ZONES } from '@zinc-ladder/core/surface/measure/zones';
import { useFormats } from '../../../features/formats/useFormats';

/** Zones of a part in figures, for people who do not turn meshes. */
export function ZoneTable({ zoneSums }: { readonly zoneSums: readonly ZoneSum[] }) {
  const formats = useFormats();
  const worst = Math.max(...zoneSums.map((sum) => sum.p95Micrometres));
  return (
    <table className="mt-3 w-full text-left">
      <thead>
        <tr className="border-line text-dim border-b text-sm">
          <th className="py-1 font-normal">zone</th>
          <th className="px-2 text-right font-normal">area</th>
          <th className="px-2 text-right font-normal">mean</th>
          <th className="px-2 text-right font-normal">95 %</th>
        </tr>
      </thead>
      <tbody>
        {zoneSums.map((sum) => {
          const zone = ZONES.find((entry) => entry.id === sum.zone);
          return (
            <tr key={sum.zone} className="border-line border-b">
              <th scope="row" className="py-1 font-semibold" title={zone?.why}>
                {zone?.name}{' '}
                {sum.p95Micrometres === worst && worst > 0 && <span className="text-oxide ml-1 text-sm font-normal">worst</span>}
              </th>
              <td className="figure px-2 text-right">{formats.area(sum.areaSquareMillimetres / 100)}</td>
              <td className="figure px-2 text-right">{formats.film(sum.meanMicrometres)}</td>
              <td className="figure px-2 text-right">{formats.film(sum.p95Micrometres)}</td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}
