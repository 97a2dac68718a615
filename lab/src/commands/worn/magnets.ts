import { readMagnets, USUAL_MARGIN } from '@zinc-ladder/core/hardware/magnetPairs';
import { LabError } from '../../labError';
import { fieldsOf, listAt, numberAt, textAt } from '../../readFields';
import { readJson } from '../../readFile';
import type { LabCommand } from '../labCommand';

/**
 * `magnets FILE` → pairs that push apart, pull against weight. File, mm and g: `{"magnets":[{"id","pole":"N"|"S","diameter","thickness"}],"pairs":[{"a","b",
 * "gap"?}],"weight"?,"margin"?}`.
 */
export const magnets: LabCommand = {
  name: 'magnets',
  usage: 'magnets FILE',
  options: [],
  run: ({ files }) => {
    const file = { ...fieldsOf(readJson(files[0]), files[0] ?? 'the file'), path: '' };
    const list = listAt(file, 'magnets', (value, path) => {
      const magnet = fieldsOf(value, path);
      const pole = textAt(magnet, 'pole');
      if (pole !== 'N' && pole !== 'S') throw new LabError(`${path}.pole must be N or S, got "${pole}"`);
      return {
        id: textAt(magnet, 'id'),
        pole: pole as 'N' | 'S',
        diameter: numberAt(magnet, 'diameter', { least: 0, most: 1000 }),
        thickness: numberAt(magnet, 'thickness', { least: 0, most: 1000 }),
      };
    });
    const pairs = listAt(file, 'pairs', (value, path) => {
      const pair = fieldsOf(value, path);
      return { a: textAt(pair, 'a'), b: textAt(pair, 'b'), gap: numberAt(pair, 'gap', { least: 0, most: 1000, usual: 0 }) };
    });
    try {
      return readMagnets(
        list,
        pairs,
        numberAt(file, 'weight', { least: 0, most: 1e6, usual: 0 }),
        numberAt(file, 'margin', { least: 0, most: 100, usual: USUAL_MARGIN }),
      );
    } catch (error) {
      if (error instanceof RangeError) throw new LabError(error.message);
      throw error;
    }
  },
};
