import type { Lab } from '@zinc-ladder/core/colour/lab';
import { nearestPaints } from '@zinc-ladder/core/colour/nearestPaints';
import { findMethod } from '@zinc-ladder/core/ladder/methods';
import { paintForTechnique } from '@zinc-ladder/core/weather/technique/passFor';
import type { RehearsedPass } from '@zinc-ladder/core/weather/technique/rehearsedPass';
import type { Technique } from '@zinc-ladder/core/weather/technique/technique';
import { findTechnique } from '@zinc-ladder/core/weather/technique/techniques';
import type { Product } from '../records/shop/product';
import type { Rung } from '../records/ladder/rung';
import type { PlannedWeatherPass, WeatherPlan, WeatherRegion } from '../records/prop/weatherPlan';
import { effectOf, labOfProduct, scatterOf, toLab } from './film/gatherPaints';

/** Colours that lie on each other at one place, before it is weathered. */
export interface FilmColours {
  /** on top, what passes lie on */
  readonly over: Lab;
  /** under that, what chips and scratches bare */
  readonly under: Lab;
  /** whether each of them is a metal paint, which turns from light to dark */
  readonly isMetal: boolean;
  readonly isUnderMetal: boolean;
  /** name of what is on top; null where nothing on the ladder has a colour */
  readonly name: string | null;
}

/** What a ladder leaves before it is weathered. */
export interface LadderColours extends FilmColours {
  /** the same in each region of another colour, in their order */
  readonly regions: readonly FilmColours[];
}

/** Grey of a primed part: what is taken where a ladder says nothing (guessed). */
export const UNKNOWN_COLOUR: Lab = [55, 0, 0];
/** The method that lays a film inside a mask. */
export const MASKED = 'maskedCoat';
const CLEARS = new Set(['lacquerClear', 'waterClear', 'floorPolish']);

/**
 * The colours of a ladder under its weathering: the last film of colour, and the one of another colour under it. What is sprayed
 * inside a mask with the paint of a region lies there and nowhere else; under it is what the ladder had laid everywhere before.
 */
export function ladderColours(
  rungs: readonly Rung[],
  products: ReadonlyMap<string, Product>,
  regions: readonly Pick<WeatherRegion, 'productId' | 'lab'>[] = [],
): LadderColours {
  const films = rungs.flatMap((rung) => {
    const product = products.get(rung.productId ?? '');
    const lab = product && labOfProduct(product);
    const isColour = rung.band !== 'weather' && rung.band !== 'fit' && rung.state !== 'leftOut' && findMethod(rung.methodId).laysFilm;
    return isColour && product && lab && !CLEARS.has(product.classId)
      ? [{ id: product.id, lab, name: product.name, isMetal: isMetal(product), isMasked: rung.methodId === MASKED }]
      : [];
  });
  const inRegions = new Set(regions.map(({ productId }) => productId));
  const isInRegion = ({ id, isMasked }: (typeof films)[number]): boolean => isMasked && inRegions.has(id);
  const everywhere = films.filter((film) => !isInRegion(film));
  const top = everywhere.at(-1);
  const below = everywhere.findLast(({ name }) => name !== top?.name);
  return {
    over: top?.lab ?? UNKNOWN_COLOUR,
    under: below?.lab ?? UNKNOWN_COLOUR,
    isMetal: top?.isMetal ?? false,
    isUnderMetal: below?.isMetal ?? false,
    name: top?.name ?? null,
    regions: regions.map(({ productId, lab }) => {
      const product = products.get(productId ?? '');
      const first = films.findIndex((film) => film.id === productId && film.isMasked);
      const before = first < 0 ? everywhere : films.slice(0, first).filter((film) => !isInRegion(film));
      return {
        over: (product && labOfProduct(product)) ?? toLab(lab),
        under: before.at(-1)?.lab ?? UNKNOWN_COLOUR,
        isMetal: product !== undefined && isMetal(product),
        isUnderMetal: before.at(-1)?.isMetal ?? false,
        name: product?.name ?? null,
      };
    }),
  };
}

function isMetal(product: Product): boolean {
  return effectOf(product) === 'metallic';
}

/** Which of a ladder's colours are metal paints, a bit each: everywhere else, then its regions. */
export function metalsOf(colours: LadderColours, which: 'isMetal' | 'isUnderMetal' = 'isMetal'): number {
  return [colours, ...colours.regions].reduce((bits, films, at) => bits | (films[which] ? 1 << at : 0), 0);
}

/** The colours a plan's passes lie on: its own, else what the ladder leaves, then those of its regions. */
export function basesOfPlan(plan: Pick<WeatherPlan, 'baseLab'>, colours: LadderColours): Lab[] {
  return [plan.baseLab ? toLab(plan.baseLab) : colours.over, ...colours.regions.map(({ over }) => over)];
}

/** The paints that a ladder lays on part of its faces only, inside masks: what a region is most likely of. */
export function maskedProducts(rungs: readonly Rung[]): string[] {
  const inMasks = rungs.filter(({ methodId, state }) => methodId === MASKED && state !== 'leftOut');
  return [...new Set(inMasks.flatMap(({ productId }) => productId ?? []))];
}

/** A planned pass as the rehearsal takes it: with its paint's colour, or what it bares. */
export function rehearsedPass(
  pass: PlannedWeatherPass,
  products: ReadonlyMap<string, Product>,
  colours: LadderColours,
  mirrored: number,
): RehearsedPass {
  const technique = findTechnique(pass.techniqueId);
  const product = products.get(pass.productId ?? '');
  const lab = technique.shows === 'under' ? colours.under : ((product && labOfProduct(product)) ?? toLab(pass.lab));
  const usual = paintForTechnique(technique, lab, mirrored);
  const isBare = technique.shows === 'under' && colours.regions.length > 0;
  const everywhere = (1 << (colours.regions.length + 1)) - 1;
  const isMetalPaint = technique.isMetal === true || (technique.shows === 'paint' && product !== undefined && isMetal(product));
  return {
    ...(isBare ? { labIn: colours.regions.map(({ under }) => under) } : {}),
    techniqueId: pass.techniqueId,
    lab,
    metals: technique.shows === 'under' ? metalsOf(colours, 'isUnderMetal') : isMetalPaint ? everywhere : 0,
    scatterPerCoat: product && technique.shows === 'paint' ? scatterOf(product).value : usual.scatterPerCoat,
    amount: pass.amount,
    wiped: pass.wiped,
    sizeMillimetres: pass.sizeMillimetres,
    seed: pass.seed,
  };
}

/** ΔE00 within which a paint of the shelf takes the place of the usual colour (guessed). */
const LIKE_ENOUGH = 10;
/** Classes whose paint serves a technique as well as its own: washes are thinned from any acrylic, and brushes take what an airbrush takes. */
const SERVES: Readonly<Record<string, readonly string[]>> = {
  acrylicWash: ['acrylicWash', 'brushAcrylic', 'airbrushAcrylic'],
  brushAcrylic: ['brushAcrylic', 'airbrushAcrylic', 'acrylicWash'],
  airbrushAcrylic: ['airbrushAcrylic', 'brushAcrylic'],
};

/** Products that serve a technique: of its class, or thinned for it. */
export function productsFor(technique: Technique, products: readonly Product[]): Product[] {
  const classes = SERVES[technique.classId] ?? [technique.classId];
  return products.filter((product) => classes.includes(product.classId) && labOfProduct(product) !== null);
}

/** The paint of the shelf that comes nearest to a colour for a technique; null where none is near. */
export function nearestProduct(technique: Technique, lab: Lab, products: readonly Product[]): Product | null {
  const fitting = productsFor(technique, products);
  const [first] = nearestPaints(
    fitting.map((product) => ({ id: product.id, lab: labOfProduct(product) ?? lab, effect: effectOf(product) })),
    lab,
  );
  return first && first.difference <= LIKE_ENOUGH ? (fitting.find(({ id }) => id === first.id) ?? null) : null;
}

/**
 * Where rubber for chips goes: under the last film of colour and its mist, whose undercoat the chips bare.
 *
 * @returns place among the rungs; null where the ladder has no colour; `tooLate` when that colour is on
 */
export function placeUnderColour(rungs: readonly Rung[]): number | 'tooLate' | null {
  const colours = rungs.flatMap((rung, at) => (rung.band === 'colour' && findMethod(rung.methodId).laysFilm ? [at] : []));
  const last = colours.at(-1);
  if (last === undefined) return null;
  if (rungs[last]?.state === 'done') return 'tooLate';
  const product = rungs[last]?.productId;
  return colours.find((at) => rungs[at]?.productId === product && rungs[at]?.state !== 'done') ?? last;
}
