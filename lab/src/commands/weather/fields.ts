import { gatherFields, zoneShares } from '@zinc-ladder/core/weather/field/weatherFields';
import { LabError } from '../../labError';
import type { LabCommand } from '../labCommand';
import { readMeshFile, readSetup, round } from './readWeather';

/** `weather-fields FILE --points 50000 --reach 6 --seed 1` → area in mm², shares of it by zone, milliseconds it took. */
export const weatherFields: LabCommand = {
  name: 'weather-fields',
  usage: 'weather-fields FILE [--points n] [--reach mm] [--seed n]',
  options: ['points', 'reach', 'seed'],
  run: ({ options, files }) => {
    const mesh = readMeshFile(files[0]);
    const setup = readSetup(options);
    const begun = performance.now();
    try {
      const fields = gatherFields(mesh, setup);
      const { recess, edge, top, side } = zoneShares(fields);
      return {
        area: round(fields.points.areaSquareMillimetres),
        shares: { recess: round(recess), edge: round(edge), top: round(top), side: round(side) },
        milliseconds: Math.round(performance.now() - begun),
      };
    } catch (error) {
      if (error instanceof RangeError) throw new LabError(error.message);
      throw error;
    }
  },
};
