import type { DryingKindId, Thinner } from '../cure/dryingKind';
import { dryingKind } from '../cure/dryingKind';

/** What a paint is thinned for. */
export type DilutionUse = 'brush' | 'airbrush' | 'wash' | 'glaze';

/** A way to thin, parts of thinner for one part of paint. Common practice: test on a card. */
export interface Dilution {
  readonly use: DilutionUse;
  readonly name: string;
  readonly least: number;
  readonly usual: number;
  readonly most: number;
  readonly looks: string;
  readonly note: string;
}

/** All ways, thinnest last. */
export const DILUTIONS: readonly Dilution[] = [
  { use: 'brush', name: 'brush', least: 0, usual: 0.2, most: 0.5, looks: 'like cream', note: 'Two thin coats before one thick one.' },
  {
    use: 'airbrush',
    name: 'airbrush',
    least: 0.5,
    usual: 1,
    most: 2,
    looks: 'like milk',
    note: 'Strain it; 1–1.5 bar to begin with (common practice), lower for fine lines.',
  },
  {
    use: 'glaze',
    name: 'glaze',
    least: 2,
    usual: 3,
    most: 5,
    looks: 'like skimmed milk',
    note: 'With a medium rather than water alone: too much water lets pigment float.',
  },
  {
    use: 'wash',
    name: 'wash',
    least: 1,
    usual: 4,
    most: 10,
    looks: 'like tinted water',
    note: '1 : 1 to 1 : 10; a drop of soap lets it run into the recesses.',
  },
];

const THINNERS: Readonly<Record<Thinner, string>> = {
  water: 'water, or the maker’s thinner for airbrush',
  whiteSpirit: 'white spirit',
  lacquerThinner: 'the maker’s lacquer thinner',
  none: 'nothing: thinning breaks its ratio',
};

/** The thinner of a way of drying in words; a label wins. */
export function thinnerOf(drying: DryingKindId): { readonly id: Thinner; readonly words: string } {
  const id = dryingKind(drying).thinner;
  return { id, words: THINNERS[id] };
}

/** A cup of thinned paint. */
export interface ThinnedCup {
  readonly paintMillilitres: number;
  readonly thinnerMillilitres: number;
  /** colour strength left in a film of the same wet thickness */
  readonly strengthShare: number;
}

/**
 * How much paint and thinner make a cup.
 *
 * @param parts parts of thinner for one of paint, at least 0
 * @throws RangeError outside
 */
export function thinCup(cupMillilitres: number, parts: number): ThinnedCup {
  if (!(cupMillilitres >= 0) || !(parts >= 0)) throw new RangeError('amounts cannot be below 0');
  const paintMillilitres = cupMillilitres / (1 + parts);
  return { paintMillilitres, thinnerMillilitres: cupMillilitres - paintMillilitres, strengthShare: 1 / (1 + parts) };
}

/** Notes of practice for colour that is no paint: nothing here is computed. */
export const COLOUR_PRACTICE: readonly { readonly id: string; readonly name: string; readonly text: string }[] = [
  {
    id: 'tintedEpoxy',
    name: 'Tinted epoxy',
    text: 'Tint the resin part, at most 2–5 % by weight, before the hardener; depth doubles the colour, so judge it at the thickness of the part. Light behind it deepens it.',
  },
  {
    id: 'clearLens',
    name: 'Gloss on a clear lens',
    text: 'Polish to P2000, wash, one thin coat of waterborne or floor-polish gloss; no cyanoacrylate near by, it fogs.',
  },
  {
    id: 'dye',
    name: 'Dye bath',
    text: 'Warm, not hot: filament that softens at 60 °C warps. Minutes for pastels, half an hour for deep colours; stir, take out one shade too light, it goes on for some minutes while it dries. Gloves; keep pots out of the kitchen.',
  },
];
