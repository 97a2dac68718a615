import { TECHNIQUES } from '@zinc-ladder/core/weather/technique/techniques';
import type { LabCommand } from '../labCommand';

/** `weather-techniques` → the ids of all techniques, large to small. */
export const weatherTechniques: LabCommand = {
  name: 'weather-techniques',
  usage: 'weather-techniques',
  options: [],
  run: () => ({ techniques: TECHNIQUES.map(({ id }) => id) }),
};
