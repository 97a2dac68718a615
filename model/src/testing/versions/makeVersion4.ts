import { makeVersion5 } from './makeVersion5';
import type { ProjectFile } from '../../file/projectFile';
import { without } from '../without';

/** The sample as version 4 of the format had it: without what version 5 added. */
export function makeVersion4(): Record<string, unknown> {
  const sample = makeVersion5() as unknown as ProjectFile;
  return { ...sample, version: 4, logEntries: sample.logEntries.map((entry) => without(entry, { counter: 0 })) };
}
