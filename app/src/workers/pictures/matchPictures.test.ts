import type { Pixels } from '@zinc-ladder/core/colour/picture/averageArea';
import { MIDDLE_GREY } from '@zinc-ladder/core/colour/picture/neutralise';
import { describe, expect, it } from 'vitest';
import type { MatchAsk } from './matchPictures';
import { layOver, matchPictures } from './matchPictures';

const SIZE = { width: 200, height: 100 };
const GREY = [118, 118, 118] as const;
const GREEN = [60, 100, 70] as const;

/** Grey on the left, a colour on the right. */
function scene(right: readonly [number, number, number], { width, height } = SIZE): Pixels {
  const data = new Uint8ClampedArray(width * height * 4);
  for (let at = 0; at < width * height; at += 1) data.set([...(at % width < width / 2 ? GREY : right), 255], at * 4);
  return { data, width, height };
}

const corner = (x: number, y: number) => ({ reference: [x, y] as const, own: [x, y] as const });
const PATCH = { area: { x: 0.1, y: 0.2, width: 0.2, height: 0.5 }, known: MIDDLE_GREY };
const ASK: MatchAsk = {
  pairs: [corner(0.02, 0.05), corner(0.98, 0.05), corner(0.98, 0.95), corner(0.02, 0.95), corner(0.5, 0.1)],
  isFlat: true,
  conditions: 'sameCameraAndLight',
  regions: [
    { id: 'plate', area: { x: 0.6, y: 0.2, width: 0.3, height: 0.6 } },
    { id: 'card', area: { x: 0.1, y: 0.2, width: 0.3, height: 0.6 } },
  ],
  referencePatch: PATCH,
  ownPatch: PATCH,
};

describe('two pictures held against each other', () => {
  const reference = scene(GREEN);
  it('are alike where they are the same, whatever their sizes', () => {
    const answer = matchPictures(reference, scene(GREEN, { width: 400, height: 200 }), ASK);
    if ('refusal' in answer || !answer.colours) throw new Error('refused');
    for (const region of answer.colours.regions) expect('refusal' in region ? 99 : region.deltaE).toBeLessThan(1);
    expect(answer.size).toEqual(SIZE);
    expect(answer.hull.every(([x, y]) => x >= 0 && x <= 1 && y >= 0 && y <= 1)).toBe(true);
  });
  it('say nothing of colours where one of them has no grey patch', () => {
    const answer = matchPictures(reference, reference, { ...ASK, ownPatch: null });
    expect('refusal' in answer ? answer : answer.colours).toBeNull();
  });
  it('are not laid over each other by three spots', () => {
    const ask = { ...ASK, pairs: ASK.pairs.slice(0, 3) };
    expect(matchPictures(reference, reference, ask)).toEqual({ refusal: 'tooFewPairs' });
    expect(layOver(reference, reference, ask)).toBeNull();
  });
  it('come out in the reference’s frame, with the light of each taken out', () => {
    const pair = layOver(reference, scene(GREEN, { width: 400, height: 200 }), ASK);
    if (!pair) throw new Error('not laid over');
    expect([pair.own.width, pair.own.height]).toEqual([200, 100]);
    // Middle grey, L* 49.5, is 118 of 255.
    expect(Math.abs((pair.own.data[(50 * 200 + 40) * 4] as number) - 118)).toBeLessThan(2);
    expect(Math.abs((pair.reference.data[(50 * 200 + 40) * 4] as number) - 118)).toBeLessThan(2);
  });
});
