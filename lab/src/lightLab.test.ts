import { describe, expect, it } from 'vitest';
import { answer, fault, fileOf } from './testing/askLab';

describe('lights', () => {
  it('led: the resistor of a string', () => {
    expect(answer('led', '--supply', '9', '--forward', '2.0,2.0', '--milliamps', '20')).toMatchObject({
      resistorOhms: 270,
      ratingWatts: 0.125,
    });
    expect(answer('led', '--supply', '9', '--forward', 'red,red', '--milliamps', '20')).toMatchObject({ resistorOhms: 270 });
    expect(fault('led', '--supply', '3', '--forward', '3.2', '--milliamps', '20')).toContain('the supply is not above');
    expect(fault('led', '--supply', '9', '--forward', 'pink', '--milliamps', '20')).toContain('--forward must be numbers or');
  });
  it('strip: voltage at each LED, and where to feed again', () => {
    const file = { volts: 5, leds: 144, milliampsEach: 20, ohmsPerLed: 0.02, leadOhms: 0.05, feeds: [0] };
    const { volts, lowest, feedAgainAt } = answer('strip', fileOf(file)) as { volts: number[]; lowest: number; feedAgainAt: number };
    expect(volts).toHaveLength(144);
    expect(lowest).toBeCloseTo(volts.at(-1) ?? 0, 12);
    expect(feedAgainAt).toBeGreaterThan(72);
    expect(fault('strip', fileOf({ ...file, leds: 0 }))).toContain('there is no LED');
    expect(fault('strip', fileOf({ ...file, feeds: [200] }))).toContain('feeds[0] must be the place of an LED');
    expect(fault('strip', fileOf({ ...file, leds: 10_000 }))).toContain('cannot carry');
  });
  it('battery: hours of light', () => {
    expect(answer('battery', '--mah', '2000', '--milliamps', '85', '--usable', '0.8')['hours']).toBeCloseTo(18.8235, 3);
    expect(answer('battery', '--cell', 'aa', '--milliamps', '100', '--usable', '0.8')['hours']).toBeCloseTo(20, 9);
    expect(fault('battery', '--cell', 'd', '--milliamps', '85')).toContain('--cell must be one of');
    expect(fault('battery', '--mah', '2000', '--milliamps', '0')).toContain('--milliamps must be between');
  });
  it('glow: hot spots, the distance that is even, the colour through a skin', () => {
    const file = { pitch: 16.7, distance: 8, leds: 20, beam: 120 };
    const bare = answer('glow', fileOf({ ...file, led: 'cool' }));
    const amber = answer('glow', fileOf({ ...file, led: 'cool', skin: '#d6a04f' }));
    expect(Number(bare['ripple'])).toBeGreaterThan(15);
    expect(Number(bare['distanceForEven'])).toBeGreaterThan(8);
    expect(amber['hex']).not.toBe(bare['hex']);
    expect(Number(amber['lightShare'])).toBeLessThan(1);
    expect(fault('glow', fileOf({ ...file, distance: 0 }))).toContain('a distance above nothing is needed');
    expect(fault('glow', fileOf({ ...file, led: 'ultra' }))).toContain('led must be one of');
  });
  it('chain: the group that faces backwards, and the order of least wire', () => {
    const groups = [{ id: 'A', in: [10, 0], out: [60, 0] }, { id: 'B', in: [120, 0], out: [70, 0] }]; // prettier-ignore
    const found = answer('chain', fileOf({ controller: [0, 0], groups, links: [{ from: 'controller', to: 'A.in' }, { from: 'A.out', to: 'B.out' }] })); // prettier-ignore
    expect((found['faults'] as { kind: string }[]).map(({ kind }) => kind)).toEqual(['backwards']);
    expect(found).toMatchObject({ order: ['A', 'B'], leastMillimetres: 70, wireMillimetres: 20 });
    expect(fault('chain', fileOf({ groups: [...groups, groups[0]] }))).toContain('two groups have one id');
    expect(fault('chain', fileOf({ groups, links: [{ from: 'A', to: 'B.in' }] }))).toContain('links[0].from must be');
  });
});

describe('what is worn', () => {
  it('form: the sheet over a box, or over a mesh; a mesh with holes is refused', () => {
    expect(answer('form', '--size', '120x90x45', '--sheet', '2')).toMatchObject({ sheet: [215, 185], areaRatio: 2.75 });
    expect(answer('form', '--size', '120x90x45', '--sheet', '2', '--plastic', 'petg')).toMatchObject({ window: [120, 160], isWeak: false });
    expect(fault('form', '--size', '120x90', '--sheet', '2')).toContain('--size must be 3 numbers');
    const facet = 'facet normal 0 0 1\nouter loop\nvertex 0 0 0\nvertex 10 0 0\nvertex 0 10 5\nendloop\nendfacet\n';
    expect(fault('form', '--buck', fileOf(`solid a\n${facet}endsolid a\n`, 'open.stl'), '--sheet', '2')).toContain('the buck has holes');
  });
  it('sight: degrees by opening and distance', () => {
    const found = answer('sight', '--opening', '90x35', '--distance', '28');
    expect(found['horizontalDegrees']).toBeCloseTo(116.2, 1);
    expect(found['verticalDegrees']).toBeCloseTo(64, 1);
    expect(fault('sight', '--opening', '0x35', '--distance', '28')).toContain('--opening must be between');
  });
  it('magnets: pairs that push apart', () => {
    const list = [{ id: 'a', pole: 'N', diameter: 8, thickness: 3 }, { id: 'b', pole: 'N', diameter: 8, thickness: 3 }]; // prettier-ignore
    const found = answer('magnets', fileOf({ magnets: list, pairs: [{ a: 'a', b: 'b' }], weight: 50 }));
    expect(found).toMatchObject({ holds: false, pairs: [{ repels: true }] });
    expect(fault('magnets', fileOf({ magnets: list, pairs: [{ a: 'a', b: 'x' }] }))).toContain('a magnet that is not there: x');
    expect(fault('magnets', fileOf({ magnets: [{ ...list[0], pole: 'up' }] }))).toContain('pole must be N or S');
  });
});
