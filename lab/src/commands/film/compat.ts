import { checkStack } from '@zinc-ladder/core/compatibility/checkStack';
import { PRODUCT_CLASSES } from '@zinc-ladder/core/cure/productClasses';
import { MATERIALS } from '@zinc-ladder/core/ladder/materials';
import { METHODS } from '@zinc-ladder/core/ladder/methods';
import { LabError } from '../../labError';
import { readJson } from '../../readFile';
import type { LabCommand } from '../labCommand';

/** `compat FILE` → findings. File: `{"material":"rigid","steps":[{"method":"prime","class":"primer","underIsHard":true}]}`, in the order of work. */
export const compat: LabCommand = {
  name: 'compat',
  usage: 'compat FILE',
  options: [],
  run: ({ files }) => {
    const file = readJson(files[0]) as { material?: unknown; steps?: unknown } | null;
    const material = MATERIALS.find((entry) => entry.id === file?.material);
    if (!material) throw new LabError(`material must be one of ${MATERIALS.map((entry) => entry.id).join(', ')}`);
    if (!Array.isArray(file?.steps)) throw new LabError(`${files[0] ?? ''} holds no steps`);
    const steps = (file.steps as Readonly<Record<string, unknown>>[]).map((step, at) => {
      const methodId = String(step['method'] ?? '');
      const classId = step['class'] === undefined || step['class'] === null ? null : String(step['class']);
      if (!METHODS.some((method) => method.id === methodId)) throw new LabError(`steps[${at}].method is unknown: "${methodId}"`);
      if (classId !== null && !PRODUCT_CLASSES.some((entry) => entry.id === classId))
        throw new LabError(`steps[${at}].class is unknown: "${classId}"`);
      const truth = (name: string): boolean | null => (typeof step[name] === 'boolean' ? step[name] : null);
      return {
        id: String(step['id'] ?? at),
        name: String(step['name'] ?? classId ?? methodId),
        methodId,
        classId,
        productName: String(step['product'] ?? classId ?? ''),
        underIsHard: truth('underIsHard'),
        underWindowIsShut: truth('underWindowIsShut'),
      };
    });
    return { findings: checkStack(material.id, steps) };
  },
};
