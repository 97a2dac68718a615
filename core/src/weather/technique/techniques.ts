import { CORROSION } from './corrosionTechniques';
import { DIRT } from './dirtTechniques';
import type { Technique } from './technique';
import { WASHES } from './washTechniques';
import { WEAR } from './wearTechniques';

/** All techniques, large to small; dust is last. A new one is a new entry in its file; the test holds every entry to what the others keep. */
export const TECHNIQUES: readonly Technique[] = [...WASHES, ...CORROSION, ...WEAR, ...DIRT].toSorted((a, b) => a.order - b.order);

/**
 * The technique of that id.
 *
 * @throws RangeError for an unknown id
 */
export function findTechnique(id: string): Technique {
  const found = TECHNIQUES.find((technique) => technique.id === id);
  if (!found) throw new RangeError(`unknown technique: ${id}`);
  return found;
}
