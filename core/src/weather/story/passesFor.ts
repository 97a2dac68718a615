import type { FinishId } from '../../ladder/finishes';
import type { MaterialId } from '../../ladder/materials';
import { findMaterial } from '../../ladder/materials';
import type { ShownMaterialId } from './shownMaterials';

/** What a finish mostly passes for; null: for what it is. */
const BY_FINISH: Readonly<Record<FinishId, ShownMaterialId | null>> = {
  gloss: 'paintedMetal',
  satin: 'paintedMetal',
  metal: 'metal',
  bareChrome: 'metal',
  litTranslucent: 'plastic',
  clear: 'plastic',
  textureKept: 'paintedMetal',
  bone: 'bone',
  leather: 'leather',
  stone: 'stone',
  rubber: 'plastic',
  asItIs: null,
};

/** What a part mostly passes for, by its finish, and left as it is by what it is made of; painted metal where no finish is chosen. */
export function passesFor(finish: FinishId | null, material: MaterialId): ShownMaterialId {
  if (finish === null) return 'paintedMetal';
  return BY_FINISH[finish] ?? ofMaterial(material);
}

/** Webbing and cloth gather grime and fray as leather does; nothing nearer is told apart. */
function ofMaterial(material: MaterialId): ShownMaterialId {
  const { kind } = findMaterial(material);
  if (kind === 'metal') return 'metal';
  return kind === 'fabric' ? 'leather' : 'plastic';
}
