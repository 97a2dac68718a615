import type { RecordList } from '../file/tableNames';
import type { Reference } from './reference';
import { segmentsOf } from './reference';

const ROWS: readonly Omit<Reference, 'segments'>[] = [
  { from: 'parts', path: 'propId', to: 'props', isOptional: false, onRemove: 'remove' },
  { from: 'ladders', path: 'partId', to: 'parts', isOptional: false, onRemove: 'remove' },
  { from: 'ladders', path: 'rungIds[]', to: 'rungs', isOptional: false, onRemove: 'clear' },
  { from: 'rungs', path: 'ladderId', to: 'ladders', isOptional: false, onRemove: 'remove' },
  { from: 'rungs', path: 'productId', to: 'products', isOptional: true, onRemove: 'clear' },
  { from: 'rungs', path: 'hardRungId', to: 'rungs', isOptional: true, onRemove: 'clear' },
  { from: 'rungs', path: 'personId', to: 'persons', isOptional: true, onRemove: 'clear' },
  { from: 'rungs', path: 'doerId', to: 'persons', isOptional: true, onRemove: 'clear' },
  { from: 'rungs', path: 'mixCardId', to: 'mixCards', isOptional: true, onRemove: 'clear' },
  { from: 'joins', path: 'hostPartId', to: 'parts', isOptional: false, onRemove: 'remove' },
  { from: 'joins', path: 'guestPartId', to: 'parts', isOptional: false, onRemove: 'remove' },
  { from: 'joins', path: 'hostRungId', to: 'rungs', isOptional: false, onRemove: 'remove' },
  { from: 'joins', path: 'guestRungId', to: 'rungs', isOptional: true, onRemove: 'clear' },
  { from: 'cans', path: 'productId', to: 'products', isOptional: false, onRemove: 'remove' },
  { from: 'packs', path: 'productId', to: 'products', isOptional: true, onRemove: 'remove' },
  { from: 'packs', path: 'supplyId', to: 'supplies', isOptional: true, onRemove: 'remove' },
  { from: 'packs', path: 'supplierId', to: 'suppliers', isOptional: false, onRemove: 'remove' },
  { from: 'purchases', path: 'productId', to: 'products', isOptional: true, onRemove: 'remove' },
  { from: 'purchases', path: 'supplyId', to: 'supplies', isOptional: true, onRemove: 'remove' },
  { from: 'purchases', path: 'supplierId', to: 'suppliers', isOptional: true, onRemove: 'clear' },
  { from: 'mixCards', path: 'pictureId', to: 'pictures', isOptional: true, onRemove: 'refuse' },
  { from: 'mixCards', path: 'correctsId', to: 'mixCards', isOptional: true, onRemove: 'clear' },
  { from: 'mixCards', path: 'targetId', to: 'targets', isOptional: true, onRemove: 'clear' },
  { from: 'mixCards', path: 'undercoatId', to: 'products', isOptional: true, onRemove: 'clear' },
  { from: 'mixCards', path: 'components[].productId', to: 'products', isOptional: true, onRemove: 'clear' },
  { from: 'logEntries', path: 'pictureIds[]', to: 'pictures', isOptional: false, onRemove: 'refuse' },
  { from: 'logEntries', path: 'correctsId', to: 'logEntries', isOptional: true, onRemove: 'refuse' },
  { from: 'logEntries', path: 'propId', to: 'props', isOptional: true, onRemove: 'keep' },
  { from: 'logEntries', path: 'partId', to: 'parts', isOptional: true, onRemove: 'keep' },
  { from: 'logEntries', path: 'rungId', to: 'rungs', isOptional: true, onRemove: 'keep' },
  { from: 'logEntries', path: 'personId', to: 'persons', isOptional: true, onRemove: 'keep' },
  { from: 'logEntries', path: 'productId', to: 'products', isOptional: true, onRemove: 'keep' },
  { from: 'pictures', path: 'propId', to: 'props', isOptional: true, onRemove: 'clear' },
  { from: 'pictures', path: 'partId', to: 'parts', isOptional: true, onRemove: 'removeUnlessHeld' },
  { from: 'meshes', path: 'partId', to: 'parts', isOptional: false, onRemove: 'remove' },
  { from: 'passes', path: 'partId', to: 'parts', isOptional: false, onRemove: 'remove' },
  { from: 'flaws', path: 'partId', to: 'parts', isOptional: false, onRemove: 'remove' },
  { from: 'flaws', path: 'foundPassId', to: 'passes', isOptional: true, onRemove: 'clear' },
  { from: 'flaws', path: 'fixedPassId', to: 'passes', isOptional: true, onRemove: 'clear' },
  { from: 'flaws', path: 'pin.pictureId', to: 'pictures', isOptional: true, onRemove: 'clearHolder' },
  { from: 'flaws', path: 'pin.meshId', to: 'meshes', isOptional: true, onRemove: 'clearHolder' },
  { from: 'fits', path: 'partId', to: 'parts', isOptional: false, onRemove: 'remove' },
  { from: 'fits', path: 'otherPartId', to: 'parts', isOptional: true, onRemove: 'clear' },
  { from: 'targets', path: 'propId', to: 'props', isOptional: true, onRemove: 'clear' },
  // A sample keeps its colour when its picture goes, and loses the place it was taken from.
  { from: 'targets', path: 'samples[].pictureId', to: 'pictures', isOptional: true, onRemove: 'clear', clearsToo: ['area'] },
  { from: 'maskPlans', path: 'partId', to: 'parts', isOptional: false, onRemove: 'remove' },
  { from: 'maskPlans', path: 'regions[].partId', to: 'parts', isOptional: false, onRemove: 'clearHolder' },
  { from: 'maskPlans', path: 'regions[].productId', to: 'products', isOptional: true, onRemove: 'clear' },
  { from: 'maskPlans', path: 'pictureId', to: 'pictures', isOptional: true, onRemove: 'clear' },
  { from: 'stencils', path: 'partId', to: 'parts', isOptional: false, onRemove: 'remove' },
  { from: 'weatherPlans', path: 'partId', to: 'parts', isOptional: false, onRemove: 'remove' },
  { from: 'weatherPlans', path: 'regions[].productId', to: 'products', isOptional: true, onRemove: 'clear' },
  { from: 'weatherPlans', path: 'regions[].stencilId', to: 'stencils', isOptional: true, onRemove: 'clearHolder' },
  { from: 'weatherPlans', path: 'passes[].productId', to: 'products', isOptional: true, onRemove: 'clear' },
  { from: 'weatherPlans', path: 'passes[].rungId', to: 'rungs', isOptional: true, onRemove: 'clear' },
  { from: 'weatherPlans', path: 'readings[].pictureId', to: 'pictures', isOptional: true, onRemove: 'clear' },
  { from: 'weatherPlans', path: 'cleanPictureId', to: 'pictures', isOptional: true, onRemove: 'clear' },
  { from: 'techniqueCards', path: 'productId', to: 'products', isOptional: true, onRemove: 'clear' },
  { from: 'dimensions', path: 'propId', to: 'props', isOptional: false, onRemove: 'remove' },
  { from: 'measurings', path: 'pictureId', to: 'pictures', isOptional: false, onRemove: 'remove' },
  { from: 'measurings', path: 'readings[].dimensionId', to: 'dimensions', isOptional: false, onRemove: 'clearHolder' },
  { from: 'matches', path: 'propId', to: 'props', isOptional: false, onRemove: 'remove' },
  { from: 'matches', path: 'referenceId', to: 'pictures', isOptional: false, onRemove: 'remove' },
  { from: 'matches', path: 'ownId', to: 'pictures', isOptional: false, onRemove: 'remove' },
  { from: 'matches', path: 'regions[].partId', to: 'parts', isOptional: true, onRemove: 'clear' },
  { from: 'matches', path: 'regions[].mixCardId', to: 'mixCards', isOptional: true, onRemove: 'clear' },
  { from: 'lightPlans', path: 'propId', to: 'props', isOptional: false, onRemove: 'remove' },
  { from: 'lightPlans', path: 'partId', to: 'parts', isOptional: true, onRemove: 'clear' },
  { from: 'lightPlans', path: 'darkPartId', to: 'parts', isOptional: true, onRemove: 'clear' },
  { from: 'lightPlans', path: 'rungIds[]', to: 'rungs', isOptional: false, onRemove: 'clear' },
  { from: 'ownRoutes', path: 'steps[].productId', to: 'products', isOptional: true, onRemove: 'clear' },
];

/**
 * Every reference between records, once. A file's check, removal, merging and mending all go by this table. The log's names of props, parts,
 * rungs and products may outlive what they name: what was done stays told.
 */
export const REFERENCES: readonly Reference[] = ROWS.map((row) => ({ ...row, segments: segmentsOf(row.path) }));

/** Lists whose records have bytes beside them, under the record's own id. */
export const LISTS_WITH_BYTES = ['pictures', 'meshes'] as const satisfies readonly RecordList[];

/** Whether a list's records have bytes beside them. */
export function hasBytes(list: string): boolean {
  return (LISTS_WITH_BYTES as readonly string[]).includes(list);
}

/** References that records of a list make. */
export function referencesFrom(list: string): readonly Reference[] {
  return REFERENCES.filter((reference) => reference.from === list);
}

/** References that are made to records of a list. */
export function referencesTo(list: string): readonly Reference[] {
  return REFERENCES.filter((reference) => reference.to === list);
}
