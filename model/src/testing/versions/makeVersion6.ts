import { makeVersion7 } from './makeVersion7';
import { without } from '../without';

/** The sample as version 6 of the format had it: there were no routes of one's own. */
export function makeVersion6(): Record<string, unknown> {
  return { ...without(makeVersion7(), { ownRoutes: [] }), version: 6 };
}
