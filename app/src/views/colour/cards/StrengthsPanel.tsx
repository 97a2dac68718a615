import { useMirrored } from '../../../features/mirrored/useMirrored';
import { hexOfProduct, labOfProduct, strengthCards, whiteOf } from '@zinc-ladder/model/gather/film/gatherPaints';
import { paintOf } from '@zinc-ladder/core/colour/paint';
import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { useShop, useTable } from '../../../data/queries';
import { useEdit } from '../../../features/edit/useEdit';
import { getColourApi } from '../../../workers/colour/colourClient';
import { Button } from '../../../ui/Button';
import { InlineNumber } from '../../../ui/fields/fields';
import { Swatch } from '../../../ui/swatch/Swatch';
import { Why } from '../../../ui/Why';
import { deskPaintOf, usePaints } from '../usePaints';

/** A strength that moves less than this is left as it is. */
const WORTH = 0.03;

/** Tinting strengths learned from the cards that were read, before and after; nothing changes until they are taken over. */
export function StrengthsPanel() {
  const edit = useEdit();
  const { byId, mirrored, products } = usePaints(true);
  const cards = useTable('mixCards');
  const shop = useShop();
  const bound = useMirrored();
  const teaching = useMemo(() => strengthCards(cards, byId), [cards, byId]);
  const shelf = useMemo(() => {
    const named = new Set(teaching.flatMap((card) => card.parts.map((part) => part.paintId)));
    return {
      mirrored,
      paints: products.flatMap((product) => {
        const lab = labOfProduct(product);
        return named.has(product.id) && lab ? [deskPaintOf(product)] : [];
      }),
    };
  }, [teaching, products, mirrored]);
  const fixedId = whiteOf(shelf.paints.map((paint) => paintOf(paint.id, paint.lab)));
  const query = useQuery({
    queryKey: ['strengths', shelf, teaching, fixedId],
    enabled: teaching.length > 0,
    staleTime: Infinity,
    retry: false,
    networkMode: 'always',
    queryFn: () => getColourApi().learn(shelf, teaching, fixedId),
  });
  const learned = query.data;
  const moved = learned?.paints.filter((paint) => Math.abs(Math.log(paint.after / paint.before)) > WORTH) ?? [];
  const take = (): void =>
    void edit('Take strengths from the cards', async (change) => {
      for (const paint of moved) await change.patch('products', paint.paintId, { strength: Math.round(paint.after * 1000) / 1000 });
    });
  return (
    <div className="grid gap-4">
      <h2 className="font-label text-3xl font-semibold">What the cards teach</h2>
      <p>
        How strongly each paint takes part in a mix, learned from cards that were read. Tints with white, 1 : 4 to 1 : 20, teach most: three
        of them and two mixes are worth more than ten cards of anything.
      </p>
      {shop && (
        <div className="max-w-72">
          <InlineNumber
            label="Light the surface mirrors into readings"
            value={shop.mirroredShare}
            min={0}
            max={0.05}
            onKeep={(mirroredShare) =>
              mirroredShare !== null &&
              void edit('Change what surfaces mirror', (change) => change.patch('shop', shop.id, { mirroredShare }, shop))
            }
          />
          <p className="text-dim text-sm">
            {bound.boundBy !== null && (
              <strong className="text-ink block">
                Reckoned with {bound.value.toFixed(4)}: {byId.get(bound.boundBy)?.name ?? 'a paint'} is darker than more would leave of it.
              </strong>
            )}
            0 where readings leave gloss out; 0.02–0.04 where the cards fit better with it (Saunderson 1942).
          </p>
        </div>
      )}
      {teaching.length === 0 && (
        <p>
          No card teaches yet: it must be read (reader, picture or typed) and mixed of paints that stand under{' '}
          <Link className="in-text underline" to="/shop/products">
            products
          </Link>
          .
        </p>
      )}
      {query.isFetching && <p role="status">Learning…</p>}
      {learned && learned.cards.length > 0 && (
        <>
          <p className="font-label text-4xl font-semibold">
            <Why
              name="how much better"
              reason={{
                formula:
                  'log strengths that make Σ (Lab predicted − Lab read)² least, with a pull towards what is usual for the kind of pigment and less weight for cards far off',
                inputs: [['cards', String(learned.cards.length)]],
                source: 'Levenberg 1944, Marquardt 1963; Huber 1964 for cards that are mistakes; pull and weights guessed',
              }}
            >
              ΔE {learned.meanBefore.toFixed(1)} → {learned.meanAfter.toFixed(1)}
            </Why>
          </p>
          <p className="text-dim">
            mean miss of these cards, with strengths as they are and as learned. Few cards flatter: only a new card is a test.
          </p>
          <table className="w-full">
            <thead>
              <tr className="label text-left">
                <th>Paint</th>
                <th className="text-right">strength now</th>
                <th className="text-right">learned</th>
                <th className="text-right">cards</th>
              </tr>
            </thead>
            <tbody>
              {learned.paints.map((paint) => (
                <tr key={paint.paintId} className="border-line border-t">
                  <th scope="row" className="flex items-center gap-2 py-1.5 text-left font-normal">
                    <Swatch colourHex={hexOfProduct(byId.get(paint.paintId))} />
                    {byId.get(paint.paintId)?.name}
                  </th>
                  <td className="figure text-right">{paint.before.toFixed(2)}</td>
                  <td className="figure text-right">{paint.after.toFixed(2)}</td>
                  <td className="figure text-right">{paint.cards}</td>
                </tr>
              ))}
            </tbody>
          </table>
          <details>
            <summary className="font-label min-h-9 cursor-pointer font-semibold">Card by card</summary>
            <table className="w-full">
              <tbody>
                {learned.cards.map((entry) => (
                  <tr key={entry.cardId} className="border-line border-t">
                    <th scope="row" className="py-1 text-left font-normal">
                      {cards.find((card) => card.id === entry.cardId)?.name}
                    </th>
                    <td className="figure text-right">
                      ΔE {entry.before.toFixed(1)} → {entry.after.toFixed(1)}
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
          </details>
          <div>
            <Button look="primary" isLarge disabled={moved.length === 0} onClick={take}>
              {moved.length === 0 ? 'Nothing to take over' : `Take ${moved.length} strengths over`}
            </Button>
          </div>
        </>
      )}
    </div>
  );
}
