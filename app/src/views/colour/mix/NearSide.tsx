import { hexOfLab } from '@zinc-ladder/core/colour/lab';
import { tellDifference } from '@zinc-ladder/core/colour/differenceWords';
import { nearestPaints } from '@zinc-ladder/core/colour/nearestPaints';
import type { Recipe } from '@zinc-ladder/core/colour/recipe/searchRecipes';
import { hexOfProduct, labOfCard, toLab } from '@zinc-ladder/model/gather/film/gatherPaints';
import type { ColourTarget } from '@zinc-ladder/model/records/colour/colourTarget';
import type { Product } from '@zinc-ladder/model/records/shop/product';
import type { ReactNode } from 'react';
import { useState } from 'react';
import { Link } from 'react-router';
import { useTable } from '../../../data/queries';
import { useOnShelf } from '../../../features/shelf/useStocks';
import { Button } from '../../../ui/Button';
import { SplitSwatch } from '../../../ui/swatch/SplitSwatch';
import { comparable } from '../usePaints';

const FEW = 5;

/** What comes near a target without mixing, with fewer paints, and on cards. */
export function NearSide({
  target,
  recipes,
  recipe,
  byId,
  onChoose,
}: {
  readonly target: ColourTarget;
  readonly recipes: readonly Recipe[];
  readonly recipe: Recipe | null;
  readonly byId: ReadonlyMap<string, Product>;
  readonly onChoose: (recipe: Recipe) => void;
}) {
  const lab = toLab(target.lab);
  const products = useTable('products');
  const cards = useTable('mixCards').filter((card) => card.targetId === target.id);
  const [isAll, setAll] = useState(false);
  const onShelf = useOnShelf();
  const near = nearestPaints(comparable(products), lab);
  const shown = isAll ? near : near.slice(0, FEW);
  return (
    <section aria-label="Near it" className="grid min-w-0 grid-cols-[minmax(0,1fr)] content-start gap-5">
      <div>
        <h2 className="label mb-1">Products near it</h2>
        <ul>
          {shown.map((entry) => {
            const product = byId.get(entry.id);
            return (
              <Row
                key={entry.id}
                left={hexOfLab(lab)}
                right={hexOfProduct(product)}
                figure={entry.caution ? '–' : entry.difference.toFixed(1)}
              >
                <span className="block truncate">{product?.name}</span>
                <span className="text-dim block text-sm">
                  {entry.caution ?? (entry.words || 'no difference to speak of')}
                  {!onShelf.has(entry.id) && ' · not on the shelf'}
                </span>
              </Row>
            );
          })}
        </ul>
        {near.length > FEW && (
          <Button look="quiet" className="text-sm" onClick={() => setAll((value) => !value)}>
            {isAll ? 'Only the nearest' : `All ${near.length}`}
          </Button>
        )}
        {near.length === 0 && <p className="text-dim">No product has a colour yet.</p>}
      </div>
      {recipes.length > 1 && (
        <div>
          <h2 className="label mb-1">Other recipes</h2>
          <ul>
            {recipes
              .filter((entry) => entry !== recipe)
              .slice(0, 7)
              .map((entry) => (
                <Row
                  key={entry.parts.map(({ paintId, parts }) => `${paintId}${parts}`).join()}
                  left={hexOfLab(lab)}
                  right={hexOfLab(entry.lab)}
                  figure={entry.difference.toFixed(1)}
                >
                  <button
                    type="button"
                    className="block w-full cursor-pointer text-left underline decoration-dotted underline-offset-4"
                    onClick={() => onChoose(entry)}
                  >
                    {entry.parts.map(({ paintId, parts }) => `${shortName(byId.get(paintId)?.name)} ${parts}`).join(' · ')}
                  </button>
                  <span className="text-dim block text-sm">{entry.totalParts} drops</span>
                </Row>
              ))}
          </ul>
        </div>
      )}
      <div>
        <h2 className="label mb-1">Cards of this colour</h2>
        {cards.length === 0 && <p className="text-dim text-sm">None yet: a recipe is kept as a card, painted, dried and read.</p>}
        <ul>
          {cards
            .toSorted((a, b) => b.madeAtMs - a.madeAtMs)
            .map((card) => {
              const own = labOfCard(card);
              const told = own && tellDifference(own, lab);
              return (
                <Row key={card.id} left={hexOfLab(lab)} right={own ? hexOfLab(own) : null} figure={told ? told.difference.toFixed(1) : '–'}>
                  <Link className="block truncate underline underline-offset-4" to={`/colour/cards/${card.id}`}>
                    {card.name}
                  </Link>
                  <span className="text-dim block text-sm">{told ? told.words || 'matches' : 'not read yet'}</span>
                </Row>
              );
            })}
        </ul>
      </div>
    </section>
  );
}

function Row({
  left,
  right,
  figure,
  children,
}: {
  readonly left: string;
  readonly right: string | null;
  readonly figure: string;
  readonly children: ReactNode;
}) {
  return (
    <li className="border-line flex items-center gap-2 border-t py-1.5">
      <SplitSwatch left={left} right={right} />
      <span className="min-w-0 flex-1">{children}</span>
      <span className="figure shrink-0">{figure}</span>
    </li>
  );
}

function shortName(name: string | undefined): string {
  return (name ?? '?').split(',')[0]?.toLowerCase() ?? '?';
}
