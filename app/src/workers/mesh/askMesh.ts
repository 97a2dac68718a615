import { findMaterial } from '@zinc-ladder/core/ladder/materials';
import { beadShareOf } from '@zinc-ladder/core/surface/measure/layerRidges';
import { MESH_UNITS } from '@zinc-ladder/core/surface/mesh/meshUnits';
import type { MeshReference } from '@zinc-ladder/model/records/prop/meshReference';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import type { ShopDatabase } from '../../data/tables/database';
import { getMeshApi } from './meshClient';
import type { MeshAsk } from './meshApi';

/** What a mesh is asked with, by its record and its part. */
export function askOf(reference: MeshReference, part: Part): MeshAsk {
  const [x = 0, y = 0, z = 1] = reference.up;
  const millimetres = MESH_UNITS.find((unit) => unit.id === reference.unit)?.millimetres ?? 1;
  return {
    id: reference.id,
    format: reference.format,
    millimetres: millimetres * reference.scale,
    setup: { layerMillimetres: part.layerMillimetres, up: [x, y, z], beadShare: beadShareOf(findMaterial(part.materialId)) },
  };
}

/** Asks the desk; when another mesh lies on it by now, this one is opened again first. */
export async function askAgain<Answer>(
  db: ShopDatabase,
  ask: MeshAsk,
  question: (desk: ReturnType<typeof getMeshApi>) => Promise<Answer | null>,
): Promise<Answer | null> {
  const answer = await question(getMeshApi());
  if (answer !== null) return answer;
  const file = (await db.attachments.get(ask.id))?.blob;
  if (!file) return null;
  await getMeshApi().open(ask, file);
  return question(getMeshApi());
}
