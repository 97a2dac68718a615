import type { Material } from '@zinc-ladder/core/ladder/materials';
import { findMaterial } from '@zinc-ladder/core/ladder/materials';
import type { RungMinutes } from '@zinc-ladder/core/ladder/rungMinutes';
import { usualMinutes } from '@zinc-ladder/model/gather/grow/rungForPart';
import { MOST_TAKEN } from '@zinc-ladder/model/records/ladder/logEntry';
import { rungMillilitres } from '@zinc-ladder/model/gather/shelf/rungTakes';
import type { Rung } from '@zinc-ladder/model/records/ladder/rung';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import { PART_ADDED_IN_3 } from '@zinc-ladder/model/file/migrations';
import type { Edit } from '../../edits/edit';
import { minutesByOrder } from '../ladder/maskChanges';

/** Fields a finisher gives a part. */
export type PartFields = Omit<Part, 'id' | 'revision' | 'propId' | 'position'>;

/** A part as it starts: the usual rigid print. */
export const NEW_PART: PartFields = {
  name: '',
  count: 1,
  materialId: 'rigid',
  layerMillimetres: 0.2,
  areaSquareCentimetres: 150,
  rackPlaces: 1,
  note: '',
  ...PART_ADDED_IN_3,
  print: null,
};

/**
 * Makes a part of another material: what is not printed has no layers, and nothing of it is on a printer. Another kind of print has its own usual
 * layers, and ridges that were measured for others are no longer known.
 */
export async function changeMaterial(edit: Edit, part: Part, material: Material): Promise<void> {
  const { id, isPrinted, kind, usualLayerMillimetres } = material;
  const isAlike = isPrinted && kind === findMaterial(part.materialId).kind && part.layerMillimetres > 0;
  const layers = isAlike ? {} : { layerMillimetres: usualLayerMillimetres, ridgeMicrometres: null };
  await edit.patch('parts', part.id, { materialId: id, ...layers, print: isPrinted ? part.print : null }, part);
}

/** Prints a part in other layers; its ridges are as much higher or lower. */
export async function changeLayer(edit: Edit, part: Part, layerMillimetres: number): Promise<void> {
  await edit.patch('parts', part.id, { layerMillimetres, ridgeMicrometres: ridgesAt(part, layerMillimetres) }, part);
}

/** Ridges that were measured on a part, µm, as other layers leave them: they go with the layer. Null: not known. */
function ridgesAt({ ridgeMicrometres, layerMillimetres }: Part, nextMillimetres: number): number | null {
  if (ridgeMicrometres === null || layerMillimetres === 0) return null;
  return Math.round((ridgeMicrometres * nextMillimetres) / layerMillimetres);
}

/**
 * Gives a part other measures. What is still to be done on it takes the minutes that its method, or its order of masks, has for them where it had those
 * for the old ones; minutes that were typed, split or learned from a record stay. What is done was done on the surface that is known better now: it and
 * its log are held against the minutes and the paint for that, or a wrong guess of the surface would be learned as one's own pace, and cans would have
 * lost what never was on it. It was done on as many pieces as there were, whatever is added.
 */
export async function changeMeasures(
  edit: Edit,
  part: Part,
  fields: Partial<Pick<Part, 'areaSquareCentimetres' | 'count' | 'print' | 'ridgeMicrometres'>>,
): Promise<void> {
  const before = await edit.need('parts', part.id);
  await edit.patch('parts', part.id, fields, part);
  const after = await edit.need('parts', part.id);
  if (before.areaSquareCentimetres === after.areaSquareCentimetres && before.count === after.count) return;
  const asDone = { ...after, count: before.count };
  const doneRungs = new Map<string, { readonly before: Rung; readonly minutes: number }>();
  for (const ladder of await edit.find('ladders', 'partId', part.id))
    for (const rung of await edit.find('rungs', 'ladderId', ladder.id)) {
      const isDone = rung.state === 'done';
      if (isDone && rung.pieces === null && after.count < before.count) await edit.patch('rungs', rung.id, { pieces: before.count });
      const next = minutesFor(rung, before, isDone ? asDone : after);
      if (isDone) doneRungs.set(rung.id, { before: rung, minutes: next?.minutes ?? rung.minutes });
      if (!next || next.formula === rung.minutesFormula) continue;
      await edit.patch('rungs', rung.id, { minutes: next.minutes, minutesFormula: next.formula });
    }
  if (doneRungs.size === 0 || before.areaSquareCentimetres === after.areaSquareCentimetres) return;
  /** What a rung took on the surface as it is known now, ml. A region of the part is as large as it was. */
  const tookNow = async (rung: Rung, took: number, productId: string | null): Promise<number> => {
    if (rung.areaSquareCentimetres !== null) return took;
    // Of no surface nothing can be scaled.
    if (before.areaSquareCentimetres === 0)
      return rungMillilitres(rung, asDone, productId === null ? undefined : await edit.get('products', productId)) ?? took;
    // Paint goes by the surface whatever the label said then.
    return (took * after.areaSquareCentimetres) / before.areaSquareCentimetres;
  };
  for (const entry of await edit.list('logEntries')) {
    const done = doneRungs.get(entry.rungId ?? '');
    if (!done) continue;
    const { plannedMinutes, tookMillilitres } = entry;
    const next = {
      plannedMinutes: plannedMinutes === done.before.minutes ? done.minutes : plannedMinutes,
      tookMillilitres: tookMillilitres === null ? null : Math.min(MOST_TAKEN, await tookNow(done.before, tookMillilitres, entry.productId)),
    };
    if (next.plannedMinutes !== plannedMinutes || next.tookMillilitres !== tookMillilitres) await edit.patch('logEntries', entry.id, next);
  }
}

/** Minutes of a rung on a part that measures otherwise; null: they were not reckoned by what the part measured. */
function minutesFor(rung: Rung, before: Part, after: Part): RungMinutes | null {
  if (rung.minutesFormula === usualMinutes(rung.methodId, rung, before).formula) return usualMinutes(rung.methodId, rung, after);
  const pieceMinutes = rung.minutes / before.count;
  return rung.minutesFormula === minutesByOrder(pieceMinutes, before.count).formula ? minutesByOrder(pieceMinutes, after.count) : null;
}

/** Adds a part with an empty ladder of the same id. */
export async function addPart(edit: Edit, id: string, propId: string, fields: PartFields, others: readonly Part[]): Promise<void> {
  const position = Math.max(-1, ...others.filter((part) => part.propId === propId).map((part) => part.position)) + 1;
  await edit.put('parts', { id, revision: 0, propId, ...fields, position });
  await edit.put('ladders', { id, revision: 0, partId: id, route: null, rungIds: [] });
}
