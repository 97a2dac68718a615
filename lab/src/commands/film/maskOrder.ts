import { compareApart, findMaskOrder, judgeMaskOrder } from '@zinc-ladder/core/mask/maskOrder';
import type { MaskBorder, MaskProblem, MaskRegion, MaskSchool } from '@zinc-ladder/core/mask/maskProblem';
import { LabError } from '../../labError';
import { readJson } from '../../readFile';
import type { LabCommand } from '../labCommand';

const USUAL: Omit<MaskRegion, 'id' | 'name'> = {
  partId: 'part',
  areaSquareCentimetres: 100,
  coats: 2,
  coatMinutes: 5,
  recoatMinutes: 10,
  tapeMinutes: 60,
  isBase: false,
  chipsShowId: null,
};

/**
 * `mask-order REGIONS.json` → the best order with its steps. File: `{"regions":[{"id",…}],"borders":[{"firstId","secondId","lengthMillimetres"}],"school":{…},"coatsOver":{"over":{"under":n}},"order":[…]}`;
 * what a region leaves out has its usual value.
 */
export const maskOrder: LabCommand = {
  name: 'mask-order',
  usage: 'mask-order REGIONS.json',
  options: [],
  run: ({ files }) => {
    const file = readJson(files[0]) as Partial<MaskProblem> & {
      coatsOver?: Readonly<Record<string, Readonly<Record<string, number | null>>>>;
      order?: readonly string[];
    };
    if (!Array.isArray(file?.regions)) throw new LabError(`${files[0] ?? ''} holds no regions`);
    const regions = (file.regions as Partial<MaskRegion>[]).map((region, at): MaskRegion => {
      const id = String(region.id ?? `region-${at + 1}`);
      return { ...USUAL, name: id, ...region, id };
    });
    const table: Readonly<Record<string, Readonly<Record<string, number | null>>>> = (file.coatsOver as never) ?? {};
    const problem: MaskProblem = {
      regions,
      borders: ((file.borders ?? []) as MaskBorder[]).map((border) => ({
        ...border,
        form: border.form ?? 'straight',
        place: border.place ?? 'panelLine',
      })),
      school: (file.school as MaskSchool | undefined) ?? { seal: 'under', pull: 'wet' },
      coatsOver: (over, under) => table[over]?.[under] ?? regions.find((region) => region.id === over)?.coats ?? 1,
    };
    try {
      const best = findMaskOrder(problem);
      if (!best) throw new LabError('bases and chips leave no order');
      const { apartSaves, apartTapeMillimetres } = compareApart(problem);
      return {
        order: best.steps.map((step) => step.regionId),
        ...best,
        ...(file.order ? { given: judgeMaskOrder(problem, file.order) } : {}),
        apart: { saves: apartSaves, tapeMillimetres: apartTapeMillimetres },
      };
    } catch (error) {
      if (error instanceof RangeError) throw new LabError(error.message);
      throw error;
    }
  },
};
