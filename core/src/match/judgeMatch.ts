import type { ColourMatch, MatchRegion } from './matchColours';
import type { Noticeable, Noticed } from './noticed';
import { arcMinutesOf, colourSteps, orderByNotice } from './noticed';

/** From where it is seen, and how large it is there. */
export interface MatchViewing {
  readonly distanceMetres: number;
  /** of the reference */
  readonly millimetresPerPixel: number;
}

/**
 * What a viewer notices first of all that was compared: regions by their share of what was compared, lengths over the whole sight.
 *
 * @param size of the reference, pixels
 * @param viewing null: as if seen from close by
 * @returns nothing where the pictures as a whole cannot be compared
 */
export function judgeMatch(
  found: ColourMatch,
  regions: readonly MatchRegion[],
  size: { readonly width: number; readonly height: number },
  viewing: MatchViewing | null,
  lengths: readonly Noticeable[] = [],
): readonly Noticed[] {
  if (found.refusal) return orderByNotice(lengths);
  const areas = new Map(regions.map(({ id, area }) => [id, area]));
  const whole = regions.reduce((sum, { area }) => sum + area.width * area.height, 0);
  const colours = found.regions.flatMap((region): Noticeable[] => {
    const area = areas.get(region.id);
    if ('refusal' in region || !area) return [];
    const narrow = Math.min(area.width * size.width, area.height * size.height);
    const arc = viewing ? arcMinutesOf(narrow * viewing.millimetresPerPixel, viewing.distanceMetres) : Infinity;
    const steps = colourSteps(region.reference, region.own, arc);
    return [{ id: region.id, steps, half: found.half, share: (area.width * area.height) / whole }];
  });
  return orderByNotice([...colours, ...lengths]);
}
