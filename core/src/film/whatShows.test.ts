import { describe, expect, it } from 'vitest';
import { chipTo, pullMask, sandThrough } from './whatShows';

const layer = (name: string, colourHex: string, micrometres: number) => ({ rungIds: [name], name, colourHex, micrometres });
const LAYERS = [layer('primer', '#a7a8aa', 20), layer('brass', '#a8843c', 16), layer('green', '#3b5b4b', 40)];
const names = (shown: ReturnType<typeof chipTo>) => shown.rings.map((ring) => ring.name);

describe('what shows', () => {
  it('in a chip: the layer it went down to, with the edges of those above around it', () => {
    expect(names(chipTo(LAYERS, 1))).toEqual(['brass', 'green']);
    expect(names(chipTo(LAYERS, -1))).toEqual(['bare part', 'primer', 'brass', 'green']);
    expect(() => chipTo(LAYERS, 3)).toThrow(RangeError);
  });
  it('when an edge is sanded through: bands as deep as it went', () => {
    expect(names(sandThrough(LAYERS, 10))).toEqual(['green']);
    expect(names(sandThrough(LAYERS, 45))).toEqual(['brass', 'green']);
    expect(names(sandThrough(LAYERS, 500))).toEqual(['bare part', 'primer', 'brass', 'green']);
    expect(names(sandThrough([], 5))).toEqual(['bare part']);
  });
  it('is told with colour and thickness, the part with neither', () => {
    expect(chipTo(LAYERS, 2).rings).toEqual([{ name: 'green', colourHex: '#3b5b4b', micrometres: 40 }]);
    expect(chipTo(LAYERS, 0).rings.map((ring) => ring.micrometres)).toEqual([20, 16, 40]);
    const part = { name: 'bare part', colourHex: null, micrometres: 0 };
    expect([chipTo(LAYERS, -1), sandThrough(LAYERS, 500), pullMask(LAYERS, 0)].map((shown) => shown.rings[0])).toEqual([part, part, part]);
  });
  it('opens the layer below as soon as one is cut through', () => {
    expect(names(sandThrough(LAYERS, 39.9))).toEqual(['green']);
    expect(names(sandThrough(LAYERS, 40))).toEqual(['brass', 'green']);
    expect(names(sandThrough(LAYERS, 76))).toEqual(['bare part', 'primer', 'brass', 'green']);
  });
  it('when a mask is pulled: what was on top when it was laid, grey primer if nobody thought of it', () => {
    expect(names(pullMask(LAYERS, 2))).toEqual(['brass']);
    expect(names(pullMask(LAYERS, 1))).toEqual(['primer']);
    expect(names(pullMask(LAYERS, 0))).toEqual(['bare part']);
    expect(() => pullMask(LAYERS, 9)).toThrow(RangeError);
  });
});
