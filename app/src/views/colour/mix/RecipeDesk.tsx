import { hexOfLab, isShownTruly } from '@zinc-ladder/core/colour/lab';
import { tellDifference } from '@zinc-ladder/core/colour/differenceWords';
import { mixLab, paintOf } from '@zinc-ladder/core/colour/paint';
import { dropEffects, wetLook } from '@zinc-ladder/core/colour/recipe/recipeNeighbours';
import { unknownDifference } from '@zinc-ladder/core/colour/pigment/unknownDifference';
import { preferRecipe } from '@zinc-ladder/core/colour/recipe/searchRecipes';
import type { Recipe } from '@zinc-ladder/core/colour/recipe/searchRecipes';
import { measureDrops, millilitresOfDrops } from '@zinc-ladder/core/batch/drops';
import { scaleMix } from '@zinc-ladder/core/batch/scaleMix';
import {
  hexOfProduct,
  labOfProduct,
  pigmentOf,
  rangeOf,
  strengthOf,
  taughtPaints,
  toLab,
} from '@zinc-ladder/model/gather/film/gatherPaints';
import { CARD_ADDED_IN_4 } from '@zinc-ladder/model/file/migrations';
import { productValue } from '@zinc-ladder/model/products/productDrying';
import type { ColourTarget } from '@zinc-ladder/model/records/colour/colourTarget';
import type { Product } from '@zinc-ladder/model/records/shop/product';
import type { MixCard } from '@zinc-ladder/model/records/colour/mixCard';
import { useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import { useClock } from '../../../clock/ClockContext';
import { newId } from '../../../base/newId';
import { useTable } from '../../../data/queries';
import { useEdit } from '../../../features/edit/useEdit';
import { Button } from '../../../ui/Button';
import { SplitSwatch } from '../../../ui/swatch/SplitSwatch';
import { Why } from '../../../ui/Why';
import { useFormats } from '../../../features/formats/useFormats';
import { MixDrops } from '../MixDrops';
import { usePaints } from '../usePaints';
import { BatchSize } from './BatchSize';
import { CoatStrip } from './CoatStrip';
import { MissingPaints } from './MissingPaints';
import { listed } from './listed';
import { NearSide } from './NearSide';
import type { RecipeWish } from './RecipeLimits';
import { RecipeLimits, USUAL_WISH } from './RecipeLimits';
import { useRecipes } from './useRecipes';

/** The recipe for a target beside it, with what one drop does, how it covers, and what else comes near. */
export function RecipeDesk({ target }: { readonly target: ColourTarget }) {
  const [wish, setWish] = useState<RecipeWish>(USUAL_WISH);
  const paints = usePaints(wish.mayBuy);
  const lab = toLab(target.lab);
  const { recipes, isSearching, stop, again, problem } = useRecipes(paints.shelf, lab, wish);
  const [chosen, setChosen] = useState<string | null>(null);
  const preferred = preferRecipe(recipes);
  const recipe = recipes.find((entry) => keyOf(entry) === chosen) ?? preferred;
  const cards = useTable('mixCards').filter((card) => card.targetId === target.id);
  return (
    <>
      <section aria-label="Recipe" className="grid min-w-0 max-lg:order-first grid-cols-[minmax(0,1fr)] content-start gap-3">
        <div className="relative">
          <SplitSwatch
            left={hexOfLab(lab)}
            right={recipe ? hexOfLab(recipe.lab) : null}
            leftName="target"
            rightName="the mix, dry"
            className="h-56 w-full"
          />
          <span className="label bg-sheet absolute top-2 left-2 px-1.5">Target</span>
          <span className="label bg-sheet absolute top-2 right-2 px-1.5">Mix, dry</span>
        </div>
        {!isShownTruly(lab) && <p className="text-dim text-sm">This screen cannot show the target truly; the figures hold.</p>}
        {isSearching && (
          <p role="status" className="flex items-center gap-2">
            Looking through {paints.mixable.length} paints…
            <Button look="quiet" onClick={stop}>
              Stop
            </Button>
          </p>
        )}
        {problem && (
          <p role="alert" className="text-oxide">
            {problem} <Button onClick={again}>Look again</Button>
          </p>
        )}
        {!isSearching && !problem && recipes.length === 0 && paints.mixable.length > 0 && <p>No recipe within these limits.</p>}
        {!isSearching && !problem && (recipe === null || recipe.difference > MISSED_FROM) && <MissingPaints paints={paints} />}
        {recipe && (
          <RecipeSheet key={keyOf(recipe)} target={target} recipe={recipe} wish={wish} paints={paints} hasCard={cards.length > 0} />
        )}
        <RecipeLimits wish={wish} mixable={paints.mixable} onChange={setWish} />
      </section>
      <NearSide target={target} recipes={recipes} recipe={recipe} byId={paints.byId} onChoose={(entry) => setChosen(keyOf(entry))} />
    </>
  );
}

/** Less than that is not told apart by eye (just noticeable: about ΔE00 1). */
const TOLD_FROM = 1;

/** From this ΔE on a recipe is not what was wanted, and a paint that is not there may be why (guessed). */
const MISSED_FROM = 2;

function keyOf(recipe: Recipe): string {
  return recipe.parts.map(({ paintId, parts }) => `${paintId}:${parts}`).join();
}

function RecipeSheet({
  target,
  recipe,
  wish,
  paints,
  hasCard,
}: {
  readonly target: ColourTarget;
  readonly recipe: Recipe;
  readonly wish: RecipeWish;
  readonly paints: ReturnType<typeof usePaints>;
  readonly hasCard: boolean;
}) {
  const edit = useEdit();
  const clock = useClock();
  const navigate = useNavigate();
  const formats = useFormats();
  const lab = toLab(target.lab);
  const [total, setTotal] = useState<number | null>(null);
  const told = tellDifference(recipe.lab, lab);
  const mix = useMemo(
    () =>
      recipe.parts.flatMap(({ paintId, parts }) => {
        const product = paints.byId.get(paintId);
        const colour = product && labOfProduct(product);
        return product && colour
          ? [
              {
                product,
                parts,
                paint: paintOf(product.id, colour, strengthOf(product).value, paints.mirrored),
                strengthSpread: strengthOf(product).spread,
              },
            ]
          : [];
      }),
    [recipe, paints],
  );
  const cards = useTable('mixCards');
  const taught = useMemo(() => taughtPaints(cards, paints.byId), [cards, paints.byId]);
  const untaught = mix.filter(({ product }) => !taught.has(product.id)).map(({ product }) => shortName(product.name));
  const unknown = unknownDifference(mix, paints.mirrored);
  const effects = useMemo(() => dropEffects(mix, lab, paints.mirrored), [mix, lab, paints.mirrored]);
  const wet = wetLook(
    mixLab(mix, paints.mirrored),
    mix.map(({ product, parts }) => ({ parts, shift: product.dryingShift ? toLab(product.dryingShift) : null })),
  );
  const drops = total === null ? recipe.parts.map((part) => part.parts) : scaledDrops(recipe, total);
  const sum = drops.reduce((held, value) => held + value, 0);
  const strongest = effects.toSorted((a, b) => b.more - a.more)[0];
  const components: MixCard['components'] = mix.map(({ product }, at) => {
    const density = productValue(product, 'densityKgPerLitre').value ?? 1;
    return { productId: product.id, name: product.name, amount: measureDrops(drops[at] ?? 0, wish.unit, density) };
  });
  const keep = async (): Promise<void> => {
    const id = newId();
    const card: MixCard = {
      ...CARD_ADDED_IN_4,
      id,
      revision: 0,
      name: target.name,
      purpose: '',
      unit: wish.unit === 'grams' ? 'grams' : wish.unit === 'ml' ? 'parts' : 'drops',
      components,
      dilution: '',
      targetId: target.id,
      swatchHex: null,
      pictureId: null,
      correctsId: null,
      madeAtMs: Math.round(clock.now()),
      note: `Worked out: ΔE ${recipe.difference.toFixed(1)} predicted.`,
    };
    if (await edit(`Keep card ${card.name}`, (change) => change.put('mixCards', card))) void navigate(`/colour/cards/${id}`);
  };
  return (
    <>
      <div className="flex flex-wrap items-baseline gap-x-4">
        <p className="font-label text-5xl leading-none font-semibold">
          <Why
            name="the difference"
            reason={{
              formula:
                'CIEDE2000 of the mix’s predicted colour and the target; K/S of the mix = Σ parts · strength · K/S ÷ Σ parts · strength',
              inputs: recipe.parts.map(({ paintId, parts }) => [
                paints.byId.get(paintId)?.name ?? paintId,
                tellStrength(parts, paints.byId.get(paintId)),
              ]),
              source:
                'Sharma, Wu and Dalal 2005; Kubelka and Munk 1931; smooth reflectances after Burns 2019. Strengths are those of the products: cards teach them. Screen, camera, wet paint and gloss are not in it.',
            }}
          >
            ΔE {recipe.difference.toFixed(1)}
          </Why>
        </p>
        <p className="text-dim">{[told.words, told.bandWords].filter(Boolean).join('; ')}</p>
        {untaught.length > 0 && (
          <p className="basis-full text-sm">
            No card teaches yet how strongly {listed(untaught)} {untaught.length === 1 ? 'tints' : 'tint'}
            {unknown >= TOLD_FROM && (
              <>
                : it may come out{' '}
                <Why
                  name="what is not known"
                  reason={{
                    formula: '√ Σ (ΔE of the mix when one paint’s strength is moved by its spread, mean of more and less)²',
                    inputs: mix.map(({ product, parts }) => [product.name, tellStrength(parts, product)]),
                    source:
                      'strengths usual for the kind of pigment, from memory (Patton); errors added as independent ones are (ISO/IEC Guide 98-3)',
                  }}
                >
                  ΔE {unknown.toFixed(0)}
                </Why>{' '}
                away, either way
              </>
            )}
            . Mix a card of it first and correct that.
          </p>
        )}
      </div>
      <div className="bg-sheet border-line border p-3">
        <MixDrops
          components={components}
          unit={wish.unit === 'grams' ? 'grams' : wish.unit === 'ml' ? 'parts' : 'drops'}
          colourOf={(id) => hexOfProduct(paints.byId.get(id ?? ''))}
        />
        <dl className="border-line mt-2 flex flex-wrap gap-x-6 gap-y-1 border-t pt-2 text-sm">
          <Fact label={`${sum} drops`} value={formats.volume(millilitresOfDrops(sum))} />
          {strongest && (
            <Fact
              label={`One drop more ${shortName(paints.byId.get(strongest.paintId)?.name)}`}
              value={`ΔE ${strongest.more.toFixed(1)}`}
              isWarning={strongest.more > 2}
            />
          )}
          {wet && <Fact label="Wet it looks" value={hexOfLab(wet)} swatch={hexOfLab(wet)} />}
          {total !== null && (
            <Button look="quiet" className="text-sm" onClick={() => setTotal(null)}>
              Back to {recipe.totalParts} drops
            </Button>
          )}
        </dl>
        <details className="mt-2">
          <summary className="font-label min-h-8 cursor-pointer font-semibold">One drop more or less</summary>
          <table className="w-full text-sm">
            <thead>
              <tr className="text-dim text-left">
                <th className="font-normal">paint</th>
                <th className="text-right font-normal">a drop more</th>
                <th className="text-right font-normal">a drop less</th>
              </tr>
            </thead>
            <tbody>
              {effects.map((effect) => (
                <tr key={effect.paintId} className="border-line border-t">
                  <th scope="row" className="py-1 text-left font-normal">
                    {paints.byId.get(effect.paintId)?.name}
                  </th>
                  <td className="figure text-right">ΔE {effect.more.toFixed(1)}</td>
                  <td className="figure text-right">{effect.less === null ? '–' : `ΔE ${effect.less.toFixed(1)}`}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </details>
        <BatchSize totalParts={recipe.totalParts} onDrops={setTotal} />
      </div>
      <CoatStrip mix={mix} mirrored={paints.mirrored} />
      <div className="flex flex-wrap gap-3">
        <Button look="primary" isLarge onClick={() => void keep()}>
          Keep as a card
        </Button>
        {hasCard && (
          <Button isLarge onClick={() => void navigate(`/colour/cards?target=${target.id}`)}>
            It came out wrong: correct it
          </Button>
        )}
      </div>
    </>
  );
}

function Fact({
  label,
  value,
  isWarning = false,
  swatch,
}: {
  readonly label: string;
  readonly value: string;
  readonly isWarning?: boolean;
  readonly swatch?: string;
}) {
  return (
    <div className="flex items-baseline gap-2">
      <dt className="label">{label}</dt>
      <dd className={`figure flex items-center gap-1 ${isWarning ? 'text-oxide' : ''}`}>
        {swatch && <SplitSwatch left={swatch} right={swatch} className="h-4 w-6" />}
        {value}
      </dd>
    </div>
  );
}

function scaledDrops(recipe: Recipe, total: number): number[] {
  return scaleMix(
    recipe.parts.map((part) => ({ amount: part.parts })),
    Math.max(recipe.parts.length, Math.round(total)),
    true,
  ).map((part) => part.amount);
}

/** How much of a paint, and how strongly it tints: taught, or within what is usual. */
function tellStrength(parts: number, product: Product | undefined): string {
  if (!product) return String(parts);
  const strength = strengthOf(product);
  const [low, high] = rangeOf(strength);
  return `${parts} × strength ${strength.value.toFixed(2)}${strength.isGuessed ? ` (usual for ${pigmentOf(product).words}: ${low.toFixed(1)}–${high.toFixed(1)})` : ''}`;
}

function shortName(name: string | undefined): string {
  return (name ?? '').split(',')[0]?.toLowerCase() ?? '';
}
