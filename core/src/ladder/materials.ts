import type { FinishId } from './finishes';

/** What a part is made of. */
export type MaterialId =
  'rigid' | 'soluble' | 'translucent' | 'flexible' | 'resin' | 'clearResin' | 'cast' | 'sheet' | 'fabric' | 'foam' | 'metal' | 'bought';

/** Kinds of material that are worked alike. */
export type MaterialKind = 'filament' | 'resin' | 'sheet' | 'fabric' | 'foam' | 'metal' | 'bought';

/** A material with what matters to its finish. */
export interface Material {
  readonly id: MaterialId;
  readonly name: string;
  readonly kind: MaterialKind;
  /** comes off a printer: it has layers, a queue and hours on it */
  readonly isPrinted: boolean;
  readonly usualLayerMillimetres: number;
  /** height of a layer's ridge on a sloped face as a share of the layer height; resin is smoother (common practice, guessed) */
  readonly ridgeShare: number;
  readonly isResin: boolean;
  /** bends in use: brittle films crack on it */
  readonly isFlexible: boolean;
  readonly letsLightThrough: boolean;
  readonly dissolvesInSolvent: boolean;
  /** holds the water of a washing or a dye bath in itself, for hours */
  readonly soaks: boolean;
  /** warm air of a dryer bends or shrinks it */
  readonly warps: boolean;
  /** finishes that are made on it (common practice) */
  readonly finishes: readonly FinishId[];
}

const OPAQUE: readonly FinishId[] = ['gloss', 'satin', 'metal', 'bareChrome', 'textureKept', 'bone', 'leather', 'stone', 'rubber'];
const SEEN_THROUGH: readonly FinishId[] = ['litTranslucent', 'clear'];

type Flags = 'printed' | 'bends' | 'lit' | 'soluble' | 'soaks' | 'warps';

function material(
  id: MaterialId,
  name: string,
  kind: MaterialKind,
  [usualLayerMillimetres, ridgeShare]: readonly [number, number],
  flags: readonly Flags[],
  finishes: readonly FinishId[],
): Material {
  const has = (flag: Flags): boolean => flags.includes(flag);
  return {
    id,
    name,
    kind,
    isPrinted: has('printed'),
    usualLayerMillimetres,
    ridgeShare,
    isResin: kind === 'resin',
    isFlexible: has('bends'),
    letsLightThrough: has('lit'),
    dissolvesInSolvent: has('soluble'),
    soaks: has('soaks'),
    warps: has('warps'),
    finishes,
  };
}

const NO_LAYERS = [0, 0] as const;

/** All materials: what is printed or cast first, then what is not. */
export const MATERIALS: readonly Material[] = [
  material('rigid', 'Rigid filament', 'filament', [0.2, 0.75], ['printed', 'warps'], OPAQUE),
  material('soluble', 'Solvent-soluble filament', 'filament', [0.2, 0.75], ['printed', 'soluble', 'warps'], OPAQUE),
  material('translucent', 'Translucent filament', 'filament', [0.2, 0.75], ['printed', 'lit', 'warps'], [...OPAQUE, ...SEEN_THROUGH]),
  material('flexible', 'Flexible filament', 'filament', [0.2, 0.75], ['printed', 'bends', 'warps'], OPAQUE),
  material('resin', 'Resin', 'resin', [0.05, 0.5], ['printed'], OPAQUE),
  material('clearResin', 'Clear resin', 'resin', [0.05, 0.5], ['printed', 'lit'], [...OPAQUE, ...SEEN_THROUGH]),
  material('cast', 'Kit cast', 'resin', NO_LAYERS, [], OPAQUE),
  material('sheet', 'Clear sheet', 'sheet', NO_LAYERS, ['lit', 'warps'], SEEN_THROUGH),
  material('fabric', 'Fabric, webbing or lining', 'fabric', NO_LAYERS, ['bends', 'soaks'], ['asItIs', 'satin', 'leather']),
  material(
    'foam',
    'Foam sheet',
    'foam',
    NO_LAYERS,
    ['bends', 'warps'],
    OPAQUE.filter((id) => id !== 'bareChrome'),
  ),
  material('metal', 'Metal hardware', 'metal', NO_LAYERS, [], ['asItIs', ...OPAQUE]),
  material('bought', 'Bought or formed piece', 'bought', NO_LAYERS, ['warps'], ['asItIs', ...OPAQUE]),
];

/**
 * The material of that id.
 *
 * @throws RangeError for an unknown id
 */
export function findMaterial(id: string): Material {
  const found = MATERIALS.find((entry) => entry.id === id);
  if (!found) throw new RangeError(`unknown material: ${id}`);
  return found;
}

/** Whether two materials are worked alike, so that what was learned on one holds for the other. */
export function areWorkedAlike(one: string, other: string): boolean {
  return findMaterial(one).kind === findMaterial(other).kind;
}
