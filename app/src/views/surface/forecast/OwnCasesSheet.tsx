import type { OwnCase } from '@zinc-ladder/core/surface/forecast/ownCases';
import { ZONES } from '@zinc-ladder/core/surface/measure/zones';
import { putOwnCase } from '../../../data/changes/look/surfaceChanges';
import { newId } from '../../../base/newId';
import { useTable } from '../../../data/queries';
import { useEdit } from '../../../features/edit/useEdit';
import { useShopIndex } from '../../../data/useShopIndex';
import { Button } from '../../../ui/Button';
import { Sheet } from '../../../ui/Sheet';
import { useFormats } from '../../../features/formats/useFormats';
import { Why } from '../../../ui/Why';
import type { Surface } from '../gathered/useSurface';

/** Zones that the forecast of the whole part leaves rough, each with what it needs by itself. Nothing where there is none. */
export function OwnCasesSheet({ surface }: { readonly surface: Surface }) {
  const { ownCases, part, ridge, chosen } = surface;
  const edit = useEdit();
  const formats = useFormats();
  const products = useTable('products');
  const index = useShopIndex();
  const ladder = index.ladderOfPart.get(part.id);
  if (ownCases.length === 0) return null;
  const rungs = index.rungsOf(part.id);
  return (
    <Sheet className="p-4" label="Zones that are a case of their own">
      <h2 className="label mb-1">Rougher than the forecast counts with</h2>
      <ul>
        {ownCases.map((entry) => {
          const name = zoneName(entry);
          const isThere = rungs.some((rung) => rung.name === `fill ${name}` && rung.state !== 'leftOut');
          return (
            <li key={entry.zone} className="border-line flex flex-wrap items-center gap-x-4 gap-y-1 border-t py-2">
              <p className="min-w-60 flex-1">
                <strong>{ZONES.find(({ id }) => id === entry.zone)?.name}</strong>, {formats.area(entry.areaSquareCentimetres)}:{' '}
                <Why
                  name={`what ${name} need`}
                  reason={{
                    formula: 'loops by the zone’s own ridge − loops of the ladder’s forecast',
                    inputs: [
                      ['ridge there', formats.film(entry.ridgeMicrometres)],
                      ['forecast counts with', formats.film(ridge.value)],
                      ['loops of the ladder', String(chosen?.loops.loops ?? 0)],
                      ['share of the area', `${(entry.share * 100).toFixed(1)} %`],
                    ],
                    source: 'the forecast takes the ridge that 95 % of the area stays under; what filler fills is guessed',
                  }}
                >
                  {entry.moreLoops} {entry.moreLoops === 1 ? 'loop' : 'loops'} more
                </Why>{' '}
                than the part gets, or filled first by themselves
                {entry.loopsStillMissing > 0 && ` and ${entry.loopsStillMissing} more even then`}.
              </p>
              {isThere ? (
                <span className="text-dim">on the ladder</span>
              ) : (
                ladder && (
                  <Button
                    onClick={() =>
                      void edit(`Fill ${name} of ${part.name} by themselves`, (change) =>
                        putOwnCase(change, ladder.id, entry, name, products, newId),
                      )
                    }
                  >
                    Fill {name} first
                  </Button>
                )
              )}
            </li>
          );
        })}
      </ul>
    </Sheet>
  );
}

function zoneName({ zone }: OwnCase): string {
  return ZONES.find(({ id }) => id === zone)?.name.toLowerCase() ?? zone;
}
