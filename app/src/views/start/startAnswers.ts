import { findMaterial } from '@zinc-ladder/core/ladder/materials';
import { beadShareOf } from '@zinc-ladder/core/surface/measure/layerRidges';
import type { PartSize, ShapeId } from '@zinc-ladder/core/surface/measure/shapes';
import { surveyShape } from '@zinc-ladder/core/surface/measure/shapes';
import type { GrownLadder } from '@zinc-ladder/core/ladder/growLadder';
import { growFor } from '@zinc-ladder/model/gather/grow/growRungs';
import type { LadderRoute } from '@zinc-ladder/model/records/ladder/ladder';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import type { Shop, TypicalDayValues } from '@zinc-ladder/model/records/shop/shop';
import type { PartFields } from '../../data/changes/prop/partChanges';
import { NEW_PART } from '../../data/changes/prop/partChanges';
import type { MeshTrial } from '../../features/meshPick/useMeshTrial';
import { nameOfFile } from '../../features/meshPick/nameOfFile';
import { suggestRoute } from '../../features/rung/routeOptions';
import { readTrial } from '../../ui/fields/NumberBox';
import type { YardTrial } from './yardTrial';
import { NOTHING_TYPED, readYardTrial } from './yardTrial';

/** What a newcomer answers, as it is typed; lengths metric. */
export interface StartAnswers {
  readonly hoursId: string;
  readonly sprayId: string;
  readonly yard: YardTrial;
  readonly kitIds: readonly string[];
  readonly propName: string;
  readonly dueMs: number | null;
  readonly viewing: string;
  readonly partName: string;
  readonly materialId: PartFields['materialId'];
  readonly layer: string;
  readonly count: string;
  readonly shapeId: ShapeId;
  /** length, breadth and height, mm */
  readonly sides: readonly string[];
  /** null: as its material suggests */
  readonly route: LadderRoute | null;
}

/** What stands there first, metric as kept: round figures in either units. */
const ROUND = {
  metric: { viewing: '1.5', side: '60' },
  us: { viewing: '1.524', side: '63.5' },
} as const;

/** The answers before anything is typed. */
export function firstAnswers(units: Shop['units']): StartAnswers {
  const { viewing, side } = ROUND[units];
  return {
    hoursId: 'both',
    sprayId: 'yard',
    yard: NOTHING_TYPED,
    kitIds: ['smoothing'],
    propName: '',
    dueMs: null,
    viewing,
    partName: '',
    materialId: 'rigid',
    layer: '0.2',
    count: '1',
    shapeId: 'box',
    sides: [side, side, side],
    route: null,
  };
}

/** The layer that was typed, mm. */
export function layerOf({ layer }: Pick<StartAnswers, 'layer'>): number {
  return readTrial(layer, 0, 1) ?? NEW_PART.layerMillimetres;
}

/** What the answers come to. */
export interface StartRead {
  readonly part: PartFields;
  readonly route: LadderRoute;
  readonly grown: GrownLadder;
  readonly metres: number | null;
  /** null: the air out of doors was not told; undefined: what was told is no day */
  readonly yardDay: TypicalDayValues | null | undefined;
  /** what keeps the prop from being begun; null: nothing */
  readonly missing: string | null;
}

/** Reads what was answered, as far as it goes: the part, the ladder it would climb, and what is missing. */
export function readAnswers(answers: StartAnswers, mesh: MeshTrial | null): StartRead {
  const { materialId, shapeId } = answers;
  const layerMillimetres = layerOf(answers);
  const pieces = readTrial(answers.count, 1, 500, true);
  const size = answers.sides.map((side) => readTrial(side, 0.1, 5000));
  const isSized = mesh !== null || size.every((side) => side !== null);
  const beadShare = beadShareOf(findMaterial(materialId));
  const shape = isSized && !mesh ? surveyShape(shapeId, size as unknown as PartSize, { layerMillimetres, beadShare }) : null;
  const area = mesh?.areaSquareCentimetres ?? (shape ? shape.areaSquareMillimetres / 100 : NEW_PART.areaSquareCentimetres);
  // The ladder grows from the ridges that the surface view will tell.
  const ridge = mesh?.ridgeMicrometres ?? shape?.p95Micrometres ?? null;
  const part: PartFields = {
    ...NEW_PART,
    name: answers.partName.trim() || (mesh ? nameOfFile(mesh.file.name) : ''),
    materialId,
    layerMillimetres,
    count: pieces ?? 1,
    areaSquareCentimetres: Math.max(1, Math.round(area)),
    ridgeMicrometres: ridge === null ? null : Math.round(ridge),
    ...(shape ? { shapeId, sizeMillimetres: size as number[] } : {}),
  };
  const route = answers.route ?? suggestRoute({ materialId });
  const metres = readTrial(answers.viewing, 0.05, 1000);
  const grown = growFor(partToGrow(part), route, { metres });
  const yardDay = readYardTrial(answers.yard);
  const isFigured = isSized && pieces !== null && metres !== null && yardDay !== undefined;
  const missing =
    answers.propName.trim() === ''
      ? 'The prop needs a name.'
      : part.name === ''
        ? 'The part needs a name.'
        : !isFigured
          ? 'A figure is not one that can be.'
          : grown.kind === 'refused'
            ? grown.reason
            : null;
  return { part, route, grown, metres, yardDay, missing };
}

/** The part as if it were kept, for what is asked of parts. */
export function partToGrow(part: PartFields): Part {
  return { ...part, id: 'first', revision: 0, propId: 'first', position: 0 };
}
