import { growAgain } from '@zinc-ladder/model/gather/twins/growAgain';
import { LabError, readNumber } from '../../labError';
import { readSoundProject } from '../../readFile';
import type { LabCommand } from '../labCommand';

/** `again FILE --part PART --area N` → the ladder of a second piece from what was really done on the first; area in cm². */
export const again: LabCommand = {
  name: 'again',
  usage: 'again FILE --part PART --area CM2',
  options: ['part', 'area'],
  run: ({ options, files }) => {
    const { project } = readSoundProject(files[0]);
    const part = project.parts.find(({ id }) => id === options['part']);
    if (!part) throw new LabError(`--part must be the id of a part, got "${options['part'] ?? ''}"`);
    const rungs = growAgain(project, part, readNumber('area', options['area'], 0.01, 1e6));
    const names = new Map(project.products.map(({ id, name }) => [id, name]));
    return {
      minutes: rungs.reduce((sum, { minutes }) => sum + minutes, 0),
      rungs: rungs.map(({ name, methodId, productId, mixCardId, coatMicrometres, grit, minutes, minutesFormula, millilitres }) => ({
        name,
        method: methodId,
        product: names.get(productId ?? '') ?? null,
        mixCard: mixCardId,
        coatMicrometres,
        grit,
        minutes,
        formula: minutesFormula,
        millilitres: millilitres === null ? null : Math.round(millilitres * 1e4) / 1e4,
      })),
    };
  },
};
