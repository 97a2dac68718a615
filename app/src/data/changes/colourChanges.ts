import type { Agreement } from '@zinc-ladder/core/colour/picture/agreeSamples';
import { agreeSamples } from '@zinc-ladder/core/colour/picture/agreeSamples';
import { isGravelyDoubted } from '@zinc-ladder/core/colour/picture/neutralise';
import type { ColourTarget, TargetSample } from '@zinc-ladder/model/records/colourTarget';
import { toLab } from '@zinc-ladder/model/gather/gatherPaints';
import type { ShopDatabase } from '../database';
import type { Edit } from '../edit';

/** What samples say together. */
export function agreeTarget(samples: readonly TargetSample[]): Agreement | null {
  return agreeSamples(
    samples.map((sample) => ({
      id: sample.id,
      lab: toLab(sample.lab),
      isLeftOut: sample.isLeftOut,
      isDoubtful: isGravelyDoubted(sample.doubts),
    })),
  );
}

/** A target with other samples: its colour is their middle again. */
export function withSamples(target: ColourTarget, samples: readonly TargetSample[]): ColourTarget {
  const agreed = agreeTarget(samples);
  return {
    ...target,
    samples: [...samples],
    ...(agreed ? { origin: 'samples' as const, lab: [...agreed.middle], spread: Math.min(100, agreed.spread) } : {}),
  };
}

/** Takes a target away; cards made for it stay. */
export async function removeTarget(edit: Edit, db: ShopDatabase, id: string): Promise<void> {
  for (const card of await db.records('mixCards').toArray())
    if (card.targetId === id) await edit.patch('mixCards', card.id, { targetId: null });
  await edit.remove('targets', id);
}

/** Samples taken from a picture that goes keep their colour and lose their place. */
export async function forgetPictureOfSamples(edit: Edit, db: ShopDatabase, pictureId: string): Promise<void> {
  for (const target of await db.records('targets').toArray())
    if (target.samples.some((sample) => sample.pictureId === pictureId))
      await edit.patch('targets', target.id, {
        samples: target.samples.map((sample) => (sample.pictureId === pictureId ? { ...sample, pictureId: null, area: null } : sample)),
      });
}

/** Mask plans without a part: its own plan and stencils go, regions on it leave the plans of others. */
export async function forgetPartOfMasks(edit: Edit, db: ShopDatabase, partId: string): Promise<void> {
  for (const stencil of await db.records('stencils').toArray()) if (stencil.partId === partId) await edit.remove('stencils', stencil.id);
  for (const plan of await db.records('maskPlans').toArray()) {
    if (plan.partId === partId) {
      await edit.remove('maskPlans', plan.id);
      continue;
    }
    const gone = new Set(plan.regions.filter((region) => region.partId === partId).map((region) => region.id));
    if (gone.size === 0) continue;
    await edit.patch('maskPlans', plan.id, {
      regions: plan.regions
        .filter((region) => !gone.has(region.id))
        .map((region) => (gone.has(region.chipsShowId ?? '') ? { ...region, chipsShowId: null } : region)),
      borders: plan.borders.filter((border) => !gone.has(border.firstId) && !gone.has(border.secondId)),
      order: plan.order.filter((id) => !gone.has(id)),
    });
  }
}

/** Takes a product away: rungs, cards and regions that name it stay, without it; its cans go. */
export async function removeProduct(edit: Edit, db: ShopDatabase, id: string): Promise<void> {
  for (const rung of await db.records('rungs').toArray())
    if (rung.productId === id) await edit.patch('rungs', rung.id, { productId: null });
  for (const card of await db.records('mixCards').toArray())
    if (card.undercoatId === id || card.components.some((component) => component.productId === id))
      await edit.patch('mixCards', card.id, {
        undercoatId: card.undercoatId === id ? null : card.undercoatId,
        components: card.components.map((component) => (component.productId === id ? { ...component, productId: null } : component)),
      });
  for (const plan of await db.records('maskPlans').toArray())
    if (plan.regions.some((region) => region.productId === id))
      await edit.patch('maskPlans', plan.id, {
        regions: plan.regions.map((region) => (region.productId === id ? { ...region, productId: null } : region)),
      });
  for (const can of await db.records('cans').toArray()) if (can.productId === id) await edit.remove('cans', can.id);
  await edit.remove('products', id);
}
