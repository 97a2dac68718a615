import { afterEach, describe, expect, it, vi } from 'vitest';
import { readByReader } from './readByReader';

afterEach(() => vi.unstubAllGlobals());

/** A reader that answers so; gives what it was asked. */
function standIn(answer: () => Response | Promise<Response>): string[] {
  const asked: string[] = [];
  vi.stubGlobal('fetch', (address: string) => {
    asked.push(address);
    return Promise.resolve().then(answer);
  });
  return asked;
}
const json = (body: unknown, status = 200): Response => new Response(JSON.stringify(body), { status });

describe('the colour reader', () => {
  it('is told what lies under it and how often, and gives each reading', async () => {
    const asked = standIn(() => json({ device: 'x', readings: [{ lab: [36, -13, 5] }, { lab: [36.2, -12.9, 5.1] }] }));
    expect(await readByReader([36, -13.04, 5], 2, 17.9)).toEqual([
      [36, -13, 5],
      [36.2, -12.9, 5.1],
    ]);
    expect(asked).toEqual(['/api/reader?swatch=36.000,-13.040,5.000&count=2&seed=17']);
  });
  it('of what it answers keeps only what is a colour', async () => {
    standIn(() => json({ readings: [{ lab: [36, -13] }, { lab: ['a', 0, 0] }, { lab: [1e9, 0, 0] }, {}, { lab: [50, 0, 0] }] }));
    expect(await readByReader([50, 0, 0], 5, 1)).toEqual([[50, 0, 0]]);
  });
  it.each([
    ['is away', () => Promise.reject(new TypeError('no network')), /does not answer/u],
    ['refuses', () => json({ error: 'no' }, 400), /does not answer/u],
    ['answers nothing', () => json({ readings: [] }), /nonsense/u],
    ['answers something else', () => json({}), /nonsense/u],
  ])('that %s is told in words', async (_, answer, words) => {
    standIn(answer as () => Response);
    await expect(readByReader([50, 0, 0], 1, 1)).rejects.toThrow(words);
  });
});
