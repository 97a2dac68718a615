import { describe, expect, it } from 'vitest';
import { mistakeWords } from './mistakeWords';

describe('a mistake in the log', () => {
  it.each([
    ['', 'Run.'],
    ['lower edge', 'Run: lower edge.'],
    ['why again?', 'Run: why again?'],
  ])('is told by its kind and what was said (%s)', (text, told) => expect(mistakeWords('run', { text }).text).toBe(told));
  it('says what prevents it where it is to be told next time', () =>
    expect(mistakeWords('run', { text: 'lower edge', isForNextTime: true })).toEqual({
      text: 'Run: lower edge. Mist first, keep moving, turn the part so that the face lies.',
      isForNextTime: true,
    }));
});
