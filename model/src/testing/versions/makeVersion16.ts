import { RUNG_ADDED_IN_17 } from '../../file/migrations';
import { makeSampleProject } from '../sampleProject';
import { without } from '../without';
import { makeVersion17 } from './makeVersion17';

/** The sample as version 16 of the format had it: every rung is done on all of its faces. */
export function makeVersion16(sample = makeSampleProject()) {
  const before = makeVersion17(sample);
  return { ...before, version: 16, rungs: before.rungs.map((rung) => without(rung, RUNG_ADDED_IN_17)) };
}
