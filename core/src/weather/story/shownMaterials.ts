/** What a part is to pass for: decides which passes age it. */
export type ShownMaterialId = 'metal' | 'paintedMetal' | 'wood' | 'leather' | 'bone' | 'plastic' | 'stone';

/** A pass of a story at full strength. */
export interface StoryPass {
  readonly techniqueId: string;
  /** amount when ancient, 0 … 1; younger ages take their share of it */
  readonly amount: number;
  readonly hex: string;
  /** strength of the age from which it is there at all */
  readonly from: number;
}

/** A material that a part passes for, with how it ages. */
export interface ShownMaterial {
  readonly id: ShownMaterialId;
  readonly name: string;
  readonly passes: readonly StoryPass[];
}

const pass = (techniqueId: string, amount: number, hex: string, from = 0): StoryPass => ({ techniqueId, amount, hex, from });

/** All materials that are shown. Which passes and how much is common practice, guessed until technique cards exist. */
export const SHOWN_MATERIALS: readonly ShownMaterial[] = [
  {
    id: 'metal',
    name: 'Bare metal',
    passes: [
      pass('washWiped', 0.7, '#241c14'),
      pass('verdigris', 0.6, '#6fa596', 0.5),
      pass('scratches', 0.5, '#d9c08a', 0.7),
      pass('soot', 0.6, '#141312', 0.9),
      pass('polishEdges', 0.7, '#d8b878'),
      pass('dust', 0.5, '#c9b99a', 0.75),
    ],
  },
  {
    id: 'paintedMetal',
    name: 'Painted metal',
    passes: [
      pass('washWiped', 0.6, '#1c1a18'),
      pass('streaks', 0.5, '#5a4632', 0.5),
      pass('rustUp', 0.5, '#7a3a1c', 0.5),
      pass('chipsBrush', 0.6, '#8a8c8e', 0.3),
      pass('dryBrush', 0.7, '#a8b8a0'),
      pass('dust', 0.5, '#c9b99a', 0.75),
    ],
  },
  {
    id: 'wood',
    name: 'Wood',
    passes: [
      pass('oilWash', 0.6, '#2c1c10'),
      pass('scratches', 0.5, '#b08a5c', 0.5),
      pass('grime', 0.7, '#30271c', 0.3),
      pass('dryBrush', 0.6, '#c8a878'),
      pass('dust', 0.6, '#c9b99a', 0.75),
    ],
  },
  {
    id: 'leather',
    name: 'Leather',
    passes: [
      pass('oilWash', 0.6, '#1e120a'),
      pass('grime', 0.7, '#241a12', 0.3),
      pass('dryBrush', 0.8, '#a8784c'),
      pass('scratches', 0.5, '#a07850', 0.5),
      pass('dust', 0.4, '#b8a888', 0.75),
    ],
  },
  {
    id: 'bone',
    name: 'Bone or horn',
    passes: [
      pass('oilWash', 0.7, '#4a3418'),
      pass('washCorners', 0.5, '#6a5030', 0.5),
      pass('dryBrush', 0.6, '#f0e8d4'),
      pass('splatter', 0.3, '#5a4426', 0.75),
      pass('dust', 0.4, '#a89878', 0.75),
    ],
  },
  {
    id: 'plastic',
    name: 'Plastic or bakelite',
    passes: [
      pass('washLeft', 0.5, '#1a1612'),
      pass('grime', 0.6, '#30271c', 0.3),
      pass('scratches', 0.6, '#9a8878', 0.3),
      pass('dryBrush', 0.5, '#a88868', 0.5),
      pass('dust', 0.6, '#c9b99a', 0.5),
    ],
  },
  {
    id: 'stone',
    name: 'Stone',
    passes: [
      pass('washLeft', 0.7, '#2a2822'),
      pass('washSprayed', 0.5, '#3a3a2c', 0.5),
      pass('verdigris', 0.4, '#5a6a3c', 0.5),
      pass('spongeStipple', 0.5, '#a8a498'),
      pass('dryBrush', 0.8, '#d0ccc0'),
      pass('dust', 0.5, '#c8c0ac', 0.75),
    ],
  },
];

/**
 * The material of that id.
 *
 * @throws RangeError for an unknown id
 */
export function findShownMaterial(id: string): ShownMaterial {
  const found = SHOWN_MATERIALS.find((material) => material.id === id);
  if (!found) throw new RangeError(`unknown material shown: ${id}`);
  return found;
}
