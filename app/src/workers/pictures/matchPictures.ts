import type { Lab } from '@zinc-ladder/core/colour/lab';
import type { PictureArea, Pixels } from '@zinc-ladder/core/colour/picture/averageArea';
import { averageArea } from '@zinc-ladder/core/colour/picture/averageArea';
import { AS_TAKEN, gainsOf } from '@zinc-ladder/core/colour/picture/neutralise';
import type { LightGains } from '@zinc-ladder/core/colour/picture/neutralise';
import type { ColourMatch, MatchConditions, MatchRegion } from '@zinc-ladder/core/match/matchColours';
import { matchColours } from '@zinc-ladder/core/match/matchColours';
import type { PointPair, Registration, RegistrationRefusal } from '@zinc-ladder/core/match/registerPictures';
import { registerPictures } from '@zinc-ladder/core/match/registerPictures';
import { warpPicture } from '@zinc-ladder/core/match/warpPicture';
import type { ImagePoint } from '@zinc-ladder/core/reference/imagePoint';
import { gainTables } from './pictureApi';

/** A place, shares of a picture's sides. */
export type Place = readonly [x: number, y: number];

/** A patch of known colour. */
export interface KnownPatchArea {
  readonly area: PictureArea;
  readonly known: Lab;
}

/** Two pictures and how they are held against each other. All places are shares of their picture's sides. */
export interface MatchAsk {
  readonly pairs: readonly { readonly reference: Place; readonly own: Place }[];
  readonly isFlat: boolean;
  readonly conditions: MatchConditions;
  readonly regions: readonly MatchRegion[];
  /** null: the light cannot be taken out, and no colour is compared */
  readonly referencePatch: KnownPatchArea | null;
  readonly ownPatch: KnownPatchArea | null;
}

/** What a match comes to. */
export type MatchAnswer =
  | { readonly refusal: RegistrationRefusal }
  | {
      readonly kind: Registration['kind'];
      /** share of the own picture's width */
      readonly errorShare: number;
      readonly errorPixels: number;
      readonly suspects: readonly number[];
      /** what the points span on the reference; nothing is said beyond it */
      readonly hull: readonly Place[];
      readonly size: { readonly width: number; readonly height: number };
      /** null: a picture has no patch */
      readonly colours: ColourMatch | null;
    };

/** Both pictures in the reference's frame, their light taken out where a patch tells it. */
export interface WarpedPair {
  readonly reference: Pixels;
  readonly own: Pixels;
}

/** Holds two pictures against each other. */
export function matchPictures(reference: Pixels, own: Pixels, ask: MatchAsk): MatchAnswer {
  const registration = registerPictures(pairsOf(reference, own, ask), ask.isFlat);
  if ('refusal' in registration) return registration;
  const { referencePatch, ownPatch } = ask;
  const side = (pixels: Pixels, { area, known }: KnownPatchArea) => ({ pixels, known, patch: averageArea(pixels, area) });
  return {
    kind: registration.kind,
    errorPixels: registration.errorPixels,
    errorShare: registration.errorPixels / own.width,
    suspects: registration.suspects,
    hull: registration.hull.map(([x, y]): Place => [x / reference.width, y / reference.height]),
    size: { width: reference.width, height: reference.height },
    colours:
      referencePatch && ownPatch
        ? matchColours(side(reference, referencePatch), side(own, ownPatch), ask.regions, registration, ask.conditions)
        : null,
  };
}

/** Both pictures as they are laid on each other; null where they cannot be. */
export function layOver(reference: Pixels, own: Pixels, ask: MatchAsk): WarpedPair | null {
  const registration = registerPictures(pairsOf(reference, own, ask), ask.isFlat);
  if ('refusal' in registration) return null;
  const { referencePatch, ownPatch } = ask;
  // With the light left in one of them both are shown as they were taken.
  const isTold = referencePatch !== null && ownPatch !== null;
  return {
    reference: warpPicture(reference, reference, (point) => point, isTold ? gainTables(gainsBy(reference, referencePatch)) : null),
    own: warpPicture(own, reference, registration.toOwn, isTold ? gainTables(gainsBy(own, ownPatch)) : null),
  };
}

function gainsBy(pixels: Pixels, { area, known }: KnownPatchArea): LightGains {
  try {
    return gainsOf({ measured: averageArea(pixels, area).rgb, known });
  } catch {
    return AS_TAKEN;
  }
}

function pairsOf(reference: Pixels, own: Pixels, { pairs }: MatchAsk): readonly PointPair[] {
  const inPixels = ([x, y]: Place, { width, height }: Pixels): ImagePoint => [x * width, y * height];
  return pairs.map((pair) => ({ reference: inPixels(pair.reference, reference), own: inPixels(pair.own, own) }));
}
