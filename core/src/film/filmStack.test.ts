import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { FilmRung } from './filmStack';
import { baseName, FILM_LEFT_AFTER_SANDING, stackFilms, stackHeight } from './filmStack';

let ids = 0;
const film = (name: string, micrometres: number, colourHex: string | null = '#888888'): FilmRung => ({
  rungId: `r${(ids += 1)}`,
  name,
  filmMicrometres: micrometres,
  isSanding: false,
  colourHex,
});
const sanding = (): FilmRung => ({ ...film('sand', 0), filmMicrometres: null, isSanding: true });

describe('the film stack', () => {
  it('is bottom first, coats of one paint as one layer', () => {
    const layers = stackFilms([
      film('primer', 15),
      film('green 1', 12, '#00aa00'),
      film('green 2', 12, '#00aa00'),
      film('clear', 20, null),
    ]);
    expect(layers.map(({ name, micrometres }) => [name, micrometres])).toEqual([
      ['primer', 15],
      ['green', 24],
      ['clear', 20],
    ]);
    expect(layers[1]?.rungIds).toHaveLength(2);
    expect(stackHeight(layers)).toBe(59);
  });
  it('keeps coats of another colour apart though the name is one', () =>
    expect(stackFilms([film('colour', 12, '#ff0000'), film('colour', 12, '#0000ff')])).toHaveLength(2));
  it('loses part of its top film to a sanding, once', () => {
    const layers = stackFilms([film('base', 10), film('filler primer', 40), sanding(), sanding(), film('filler primer', 40)]);
    expect(layers.map((layer) => layer.micrometres)).toEqual([10, 40 * FILM_LEFT_AFTER_SANDING, 40]);
  });
  it('keeps what each sanding leaves as a layer of its own', () => {
    const layers = stackFilms([
      film('filler primer 1', 40),
      sanding(),
      film('filler primer 2', 40),
      sanding(),
      film('brass, mist', 8, '#a8843c'),
      film('brass, wet', 8, '#a8843c'),
    ]);
    expect(layers.map((layer) => [layer.name, layer.micrometres])).toEqual([
      ['filler primer', 20],
      ['filler primer', 20],
      ['brass', 16],
    ]);
  });
  it('leaves a half behind where a film is sanded (guessed)', () =>
    expect(stackFilms([film('primer', 40), sanding()]).map((layer) => layer.micrometres)).toEqual([20]));
  it('knows coats by what their names begin with', () => {
    expect(['green 2', 'green  12', 'brass, mist 2', 'brass, a, b', 'no 5 green', 'P400', 'green2'].map(baseName)).toEqual([
      ...['green', 'green', 'brass', 'brass', 'no 5 green', 'P400', 'green2'],
    ]);
  });
  it('takes nothing from bare plastic', () => expect(stackFilms([sanding(), film('primer', 15)])).toMatchObject([{ micrometres: 15 }]));
  it('draws no layer for a rung without a film', () =>
    expect(stackFilms([film('wash', 0), { ...film('mask', 1), filmMicrometres: null }])).toEqual([]));
  it('is never higher than what was laid, never lower than half of it, and names every rung that lies in it (property)', () => {
    const rung = fc.oneof(
      fc.constant(null),
      fc.record({ name: fc.constantFrom('primer', 'green 1', 'green 2', 'clear'), micrometres: fc.integer({ min: 1, max: 300 }) }),
    );
    fc.assert(
      fc.property(fc.array(rung, { maxLength: 25 }), (steps) => {
        const rungs = steps.map((step) => (step ? film(step.name, step.micrometres) : sanding()));
        const laid = steps.reduce((sum, step) => sum + (step?.micrometres ?? 0), 0);
        const layers = stackFilms(rungs);
        expect(stackHeight(layers)).toBeLessThanOrEqual(laid);
        expect(stackHeight(layers)).toBeGreaterThanOrEqual(laid * FILM_LEFT_AFTER_SANDING - 1e-9);
        expect(layers.flatMap((layer) => layer.rungIds)).toEqual(
          rungs.filter((entry) => entry.filmMicrometres).map((entry) => entry.rungId),
        );
      }),
    );
  });
});
