import type { DryingKindId } from '../cure/dryingKind';
import { dryingKind as findDryingKind } from '../cure/dryingKind';
import type { Method } from './methods';

/** The kinds of work not everybody in a shop does. */
export type WorkKindId = 'spraying' | 'sanding' | 'powerTools' | 'solvents' | 'masking' | 'brushwork';

/** What of a rung decides who can do it. */
export interface WorkAsked {
  readonly method: Pick<Method, 'id' | 'band' | 'isSprayed' | 'isLoud' | 'roughens' | 'endsMask' | 'laysFilm'>;
  /** how the film it lays dries; null where it lays none */
  readonly dryingKind: DryingKindId | null;
  /** ids of what is to be heeded at the rung: of its method, product and material */
  readonly cautions: readonly string[];
}

/** A kind of work somebody may leave to others. */
export interface WorkKind {
  readonly id: WorkKindId;
  /** of somebody who does it: `spraying` */
  readonly name: string;
  readonly note: string;
  readonly isAsked: (work: WorkAsked) => boolean;
}

const STRONG_CAUTIONS = ['solventSpray', 'solventVapour', 'solventSmoothing', 'epoxy', 'bodyFiller', 'uncuredResin', 'oilRags'];
const BRUSHED_BANDS = ['colour', 'maskDetail', 'weather'];

/** All kinds of work, as shops share it out (common practice). A new one is a new entry here. */
export const WORK_KINDS: readonly WorkKind[] = [
  { id: 'spraying', name: 'spraying', note: 'cans and airbrush', isAsked: ({ method }) => method.isSprayed },
  {
    id: 'sanding',
    name: 'sanding',
    note: 'paper and pads, wet or dry',
    isAsked: ({ method, cautions }) => method.roughens || cautions.includes('dust'),
  },
  { id: 'powerTools', name: 'power tools', note: 'grinders and the first cut', isAsked: ({ method }) => method.isLoud },
  {
    id: 'solvents',
    name: 'solvents and resins',
    note: 'solvent paints, two-part products, oils, solvent smoothing, wet resin',
    isAsked: ({ dryingKind, cautions }) =>
      (dryingKind !== null && findDryingKind(dryingKind).isSolventOrResin) || cautions.some((caution) => STRONG_CAUTIONS.includes(caution)),
  },
  {
    id: 'masking',
    name: 'masking',
    note: 'tape, stencils, masking rubber',
    isAsked: ({ method }) => method.endsMask || method.id === 'mask' || method.id === 'maskRubber',
  },
  {
    id: 'brushwork',
    name: 'paint and weathering by hand',
    note: 'coats by brush, detail, washes, chips',
    isAsked: ({ method }) => method.laysFilm && !method.isSprayed && BRUSHED_BANDS.includes(method.band) && method.id !== 'maskRubber',
  },
];

/** The kinds of work a rung is. */
export function workKindsOf(work: WorkAsked): readonly WorkKindId[] {
  return WORK_KINDS.filter(({ isAsked }) => isAsked(work)).map(({ id }) => id);
}
