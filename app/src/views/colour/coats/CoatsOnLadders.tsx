import { coatsOnLadder } from '@zinc-ladder/model/gather/film/gatherCoats';
import { scatterOf } from '@zinc-ladder/model/gather/film/gatherPaints';
import { partLabel } from '@zinc-ladder/model/gather/plan/gatherPlan';
import type { Product } from '@zinc-ladder/model/records/shop/product';
import { Link } from 'react-router';
import { duplicateRung } from '../../../data/changes/ladder/rungChanges';
import { newId } from '../../../base/newId';
import { useEdit } from '../../../features/edit/useEdit';
import { useShopIndex } from '../../../data/useShopIndex';
import { Button } from '../../../ui/Button';
import { Sheet } from '../../../ui/Sheet';

/** Ladders that lay this paint: whether their coats are enough over what lies under them, and the missing ones put in. */
export function CoatsOnLadders({ paint, mirrored }: { readonly paint: Product; readonly mirrored: number }) {
  const edit = useEdit();
  const index = useShopIndex();
  const { isGuessed } = scatterOf(paint);
  const found = [...index.parts.values()].flatMap((part) => {
    const ladder = index.ladderOfPart.get(part.id);
    const laid = ladder && coatsOnLadder(ladder.id, index.rungsOf(part.id), paint, index.products, mirrored);
    return laid ? [{ part, laid }] : [];
  });
  return (
    <Sheet className="p-4" label="On the ladders">
      <h2 className="label mb-1">On the ladders</h2>
      {found.length === 0 && <p className="text-dim text-sm">No ladder lays this paint.</p>}
      <ul>
        {found.map(({ part, laid }) => {
          const missing = laid.needed === null ? 0 : laid.needed - laid.rungIds.length;
          const last = laid.rungIds.at(-1);
          return (
            <li key={part.id} className="border-line border-t py-2">
              <Link
                className="in-text underline underline-offset-4"
                to={`/ladders/${part.propId}/${part.id}?rung=${laid.rungIds[0] ?? ''}`}
              >
                {partLabel(part)}
              </Link>
              <span className="text-dim block text-sm">
                {laid.rungIds.length} coat{laid.rungIds.length === 1 ? '' : 's'} over{' '}
                {index.products.get(laid.underProductId ?? '')?.name ?? 'nothing known'}
                {laid.needed !== null && `; ${laid.needed} to full colour${isGuessed ? ', by a guess of how a coat hides' : ''}`}
              </span>
              {missing > 0 && last && laid.openRungIds.includes(last) && (
                <Button
                  className="mt-1"
                  onClick={() =>
                    void edit(`Add ${missing} coat${missing === 1 ? '' : 's'} of ${paint.name}`, async (change) => {
                      for (let coat = 0; coat < missing; coat += 1) await duplicateRung(change, last, newId());
                    })
                  }
                >
                  Add {missing} coat{missing === 1 ? '' : 's'}
                </Button>
              )}
            </li>
          );
        })}
      </ul>
    </Sheet>
  );
}
