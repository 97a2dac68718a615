import { makeSampleProject } from './sampleProject';

/** The sample as version 1 of the format had it: without what version 2 added. */
export function makeVersion1(): Record<string, unknown> {
  const { shop, rungs, ...rest } = makeSampleProject();
  const { busy: _busy, daylightAt: _daylightAt, quietHours: _quietHours, objective: _objective, ...oldShop } = shop;
  const oldRungs = rungs.map(({ lockedAtMs: _lockedAtMs, side: _side, ...rung }) => rung);
  return { ...rest, version: 1, shop: oldShop, rungs: oldRungs };
}
