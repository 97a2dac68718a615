import type { MixCard } from '@zinc-ladder/model/records/colour/mixCard';
import { Swatch } from '../../ui/swatch/Swatch';

/** Drops worth drawing one by one; beyond, and by weight, a bar is clearer. */
const MOST_DROPS = 24;

/** The amounts of a mix: whole drops as drops, others as bars. */
export function MixDrops({
  components,
  unit,
  colourOf,
}: {
  readonly components: MixCard['components'];
  readonly unit: MixCard['unit'];
  readonly colourOf: (productId: string | null) => string | null;
}) {
  const largest = Math.max(...components.map((component) => component.amount));
  const asDrops = unit !== 'grams' && largest <= MOST_DROPS && components.every((component) => Number.isInteger(component.amount));
  return (
    <table className="w-full">
      <tbody>
        {components.map((component, at) => {
          const colour = colourOf(component.productId);
          return (
            <tr key={at} className="border-line border-t">
              <th scope="row" className="w-44 py-2 pr-3 text-left font-normal">
                {component.name}
              </th>
              <td>
                <span className="flex flex-wrap gap-1" aria-hidden="true">
                  {asDrops ? (
                    Array.from({ length: component.amount }, (_, drop) => <Swatch key={drop} colourHex={colour} className="h-5 w-3" />)
                  ) : (
                    <svg className="h-4 w-full">
                      <rect
                        width={`${(component.amount / largest) * 100}%`}
                        height="100%"
                        fill={colour ?? 'url(#hatch)'}
                        stroke="var(--color-edge)"
                      />
                    </svg>
                  )}
                </span>
              </td>
              <td className="figure w-24 text-right text-lg">{Math.round(component.amount * 100) / 100}</td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}
