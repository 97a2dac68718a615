import type { ProjectFile } from '../../file/projectFile';
import { makeVersion8 } from './makeVersion8';
import { without } from '../without';

/** The sample as version 7 of the format had it: every paint's strength began at 1, and nothing was known of pigments or of where masks lie. */
export function makeVersion7(): Record<string, unknown> {
  const sample = makeVersion8() as unknown as ProjectFile;
  return {
    ...sample,
    version: 7,
    products: sample.products.map((product) => ({ ...without(product, { pigmentId: null }), strength: product.strength ?? 1 })),
    rungs: sample.rungs.map((rung) => without(rung, { hardRungId: null })),
    maskPlans: sample.maskPlans.map((plan) => ({
      ...without(plan, { pictureId: null }),
      regions: plan.regions.map((region) => without(region, { spot: null })),
    })),
  };
}
