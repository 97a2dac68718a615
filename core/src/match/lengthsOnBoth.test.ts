import { describe, expect, it } from 'vitest';
import type { ImagePoint } from '../reference/imagePoint';
import type { MeasuredPicture } from '../reference/measureLengths';
import { lengthsOnBoth, noticeableLength } from './lengthsOnBoth';

const stretch = (id: string, y: number, length: number, scale: number) => ({
  id,
  a: [100 * scale, y * scale] as ImagePoint,
  b: [(100 + length) * scale, y * scale] as ImagePoint,
});
const LENGTHS = { height: 600, foot: 300, knob: 40 } as const;
const picture = (id: string, scale: number, lengths: Readonly<Record<string, number>>, isKnown: boolean): MeasuredPicture => ({
  id,
  tiltDegrees: 1,
  widthPixels: 2000 * scale,
  known: isKnown ? [{ a: [100 * scale, 50 * scale], b: [500 * scale, 50 * scale], millimetres: 200 }] : [],
  wanted: Object.entries(lengths).map(([name, length], at) => stretch(name, 300 + 100 * at, length, scale)),
});

describe('lengths on the reference and on one’s own photograph', () => {
  const reference = picture('reference', 1, LENGTHS, true);
  it('are told in millimetres where something is known on both', () => {
    const found = lengthsOnBoth(reference, picture('own', 1.7, { ...LENGTHS, foot: 330 }, true));
    expect(found.map(({ id }) => id)).toEqual(['height', 'foot', 'knob']);
    const foot = found[1];
    expect(foot?.referenceMillimetres).toBeCloseTo(150, 6);
    expect(foot?.ownMillimetres).toBeCloseTo(165, 6);
    expect(foot?.besideId).toBeNull();
    expect(foot?.relativeSd).toBeGreaterThan(0.015);
  });
  it('are told as proportions where one’s own photograph shows no known length, whatever its size', () => {
    const found = lengthsOnBoth(reference, picture('own', 0.6, { ...LENGTHS, foot: 330 }, false));
    expect(found.map(({ id, besideId }) => [id, besideId])).toEqual([
      ['foot', 'height'],
      ['knob', 'height'],
    ]);
    expect(found[0]?.ownMillimetres).toBeCloseTo(165, 6);
    expect(found[1]?.ownMillimetres).toBeCloseTo(20, 6);
  });
  it('are noticed where they are surely off, and not where the reading alone could make it', () => {
    const [, foot, knob] = lengthsOnBoth(reference, picture('own', 1, { ...LENGTHS, foot: 390, knob: 41 }, true)).map(noticeableLength);
    expect((foot?.steps ?? 0) - (foot?.half ?? 0)).toBeGreaterThan(1);
    expect((knob?.steps ?? 9) - (knob?.half ?? 0)).toBeLessThan(1);
  });
  it('are none where nothing is read on both', () => {
    expect(lengthsOnBoth(reference, picture('own', 1, { other: 50 }, false))).toEqual([]);
    expect(lengthsOnBoth({ ...reference, known: [] }, reference)).toEqual([]);
  });
});
