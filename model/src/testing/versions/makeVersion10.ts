import { makeVersion11 } from './makeVersion11';
import { without } from '../without';

/** The sample as version 10 of the format had it: nothing was measured on pictures. */
export function makeVersion10(): Record<string, unknown> {
  return { ...without(makeVersion11(), { dimensions: [], measurings: [] }), version: 10 };
}
