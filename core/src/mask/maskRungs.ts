import type { MaskOrder } from './maskOrder';
import type { MaskRegion, MaskSchool } from './maskProblem';

/** A rung that an order of masking asks for. */
export interface MaskRung {
  readonly methodId: 'sprayCoat' | 'mask' | 'maskRubber' | 'edgeSeal' | 'maskedCoat' | 'unmask' | 'scorePull';
  readonly name: string;
  readonly regionId: string;
  /** whose product it lays; null: none */
  readonly productOfRegionId: string | null;
  /** minutes of hands where the order knows them better than the method's usual ones */
  readonly minutes: number | null;
  readonly areaSquareCentimetres: number;
  readonly note: string;
}

/** An order as rungs, in the order of work: mask, seal, coats, pull; rubber before the colour whose chips it makes. */
export function maskRungs(order: MaskOrder, regions: readonly MaskRegion[], school: MaskSchool): MaskRung[] {
  const find = (id: string): MaskRegion => {
    const found = regions.find((region) => region.id === id);
    if (!found) throw new RangeError(`no region ${id}`);
    return found;
  };
  return order.steps.flatMap((step): MaskRung[] => {
    const region = find(step.regionId);
    const base = { regionId: region.id, productOfRegionId: null, minutes: null, areaSquareCentimetres: region.areaSquareCentimetres };
    const rungs: MaskRung[] = [];
    const isMasked = step.coverIds.length > 0;
    if (isMasked)
      rungs.push({
        ...base,
        methodId: 'mask',
        name: `Mask for ${region.name}`,
        minutes: Math.max(1, Math.round(step.maskMinutes)),
        areaSquareCentimetres: step.coverIds.reduce((sum, id) => sum + find(id).areaSquareCentimetres, 0),
        note:
          step.tapes.length > 0
            ? `Tape ${step.tapes.map((tape) => `${Math.round(tape.lengthMillimetres)} mm on ${find(tape.onId).name}`).join(', ')}; cover the rest.`
            : 'Cover what is painted.',
      });
    if (step.rubberShowsId !== null)
      rungs.push({
        ...base,
        methodId: 'maskRubber',
        name: `Rubber for chips in ${region.name}`,
        note: `Dab where ${find(step.rubberShowsId).name} is to show; rub off once ${region.name} is dry, within some days.`,
      });
    if (isMasked && step.tapes.length > 0 && school.seal !== 'none') {
      const under = find(step.tapes[0]?.onId ?? '');
      rungs.push({
        ...base,
        methodId: 'edgeSeal',
        name: school.seal === 'clear' ? 'Seal the edge with clear' : `Seal the edge with ${under.name}`,
        productOfRegionId: school.seal === 'clear' ? null : under.id,
        note: 'What creeps under the tape now has the colour that is there already.',
      });
    }
    for (let coat = 1; coat <= step.coats; coat += 1)
      rungs.push({
        ...base,
        methodId: isMasked ? 'maskedCoat' : 'sprayCoat',
        name: `${region.name} ${coat}`,
        productOfRegionId: region.id,
        note:
          coat > region.coats && step.hidesId !== null
            ? `One coat more than elsewhere: it has to hide ${find(step.hidesId).name} along the border.`
            : '',
      });
    if (isMasked)
      rungs.push({
        ...base,
        methodId: school.pull === 'wet' ? 'unmask' : 'scorePull',
        name: `Pull the mask of ${region.name}`,
        note: school.pull === 'wet' ? 'While the last coat is soft, back over itself.' : 'Once the film is dry; score thick edges first.',
      });
    return rungs;
  });
}
