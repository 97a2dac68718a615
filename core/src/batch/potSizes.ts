import { findProductClass } from '../cure/productClasses';

/** Usual pots by class, ml, where they differ from what their application usually comes in (common practice, from memory). */
const OWN_SIZES: Readonly<Record<string, number>> = {
  acrylicWash: 17,
  oilWash: 35,
  enamelColour: 400,
  waterClear: 100,
  floorPolish: 250,
  brushEpoxy: 100,
  tintedEpoxy: 100,
  maskingRubber: 30,
  slurry: 100,
  bodyFiller: 250,
  putty: 75,
  textureCompound: 250,
  epoxyGlue: 25,
  cyanoacrylate: 20,
  contactCement: 50,
};
const BY_APPLICATION = { aerosol: 400, airbrush: 17, brush: 17, spread: 100 } as const;

/**
 * What a product of a class usually comes in, ml.
 *
 * @throws RangeError for an unknown class
 */
export function usualPotMillilitres(classId: string): number {
  return OWN_SIZES[classId] ?? BY_APPLICATION[findProductClass(classId).application];
}
