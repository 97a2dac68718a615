import type { AgeId } from '../../ladder/ages';
import { findAge } from '../../ladder/ages';
import { findTechnique } from '../technique/techniques';
import type { ShownMaterialId } from './shownMaterials';
import { findShownMaterial } from './shownMaterials';

/** A pass that a story asks for. */
export interface AskedPass {
  readonly techniqueId: string;
  readonly amount: number;
  readonly hex: string;
  readonly wiped: number;
  readonly sizeMillimetres: number;
}

/**
 * The passes that make a part of a material look so old, large to small, dust last. None when it is new.
 *
 * @throws RangeError for an unknown material or age
 */
export function storyPasses(material: ShownMaterialId, age: AgeId): AskedPass[] {
  const { strength } = findAge(age);
  return findShownMaterial(material)
    .passes.filter(({ from }) => strength > 0 && strength >= from)
    .map(({ techniqueId, amount, hex }) => {
      const technique = findTechnique(techniqueId);
      return {
        techniqueId,
        hex,
        amount: Math.round(amount * strength * 100) / 100,
        wiped: technique.usualWiped ?? 0,
        sizeMillimetres: technique.usualSizeMillimetres,
        order: technique.order,
      };
    })
    .toSorted((a, b) => a.order - b.order)
    .map(({ techniqueId, amount, hex, wiped, sizeMillimetres }) => ({ techniqueId, amount, hex, wiped, sizeMillimetres }));
}

/** Something about an order of passes that a finisher should know. */
export interface OrderRemark {
  /** place of the pass it is about */
  readonly at: number;
  readonly message: string;
}

/** What is out of order: large before small, dust last, nothing over what is never sealed, rubber before the colour. */
export function checkOrder(techniqueIds: readonly string[], isColourOn: boolean): OrderRemark[] {
  const techniques = techniqueIds.map(findTechnique);
  return techniques.flatMap((technique, at) => {
    const remarks: OrderRemark[] = [];
    const later = techniques.slice(at + 1);
    const smaller = later.find((other) => other.order < technique.order && other.id !== 'chipsTaken');
    if (technique.id === 'dust' && later.length > 0)
      remarks.push({ at, message: `Dust comes last: ${later[0]?.name.toLowerCase() ?? ''} after it wipes it off.` });
    else if (smaller)
      remarks.push({ at, message: `${smaller.name} is larger than ${technique.name.toLowerCase()} and comes before it: large to small.` });
    if (technique.methodId === 'polish' && later.some((other) => other.methodId === 'darkWash'))
      remarks.push({ at, message: 'Nothing holds on wax or graphite: the wash after it beads. Polish last.' });
    if (technique.id === 'chipsTaken' && isColourOn)
      remarks.push({
        at,
        message: 'Too late for rubber under the colour: it is on. Paint the chips on instead, with brush or sponge.',
      });
    return remarks;
  });
}
