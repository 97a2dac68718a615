import { describe, expect, it } from 'vitest';
import { sprayEnds } from './sprayEnds';

const window = (start: number, end: number) => ({ start, end, certainty: 1 });

describe('the ends of spraying', () => {
  it('are one where the airbrush goes with the cans', () => {
    expect(sprayEnds({ sprayWindows: [window(0, 5), window(8, 9)], airbrushWindows: null })).toEqual([
      { atMs: 5, text: 'spraying ends' },
      { atMs: 9, text: 'spraying ends' },
    ]);
  });
  it('are told apart where it stays inside, and together where both end', () => {
    expect(sprayEnds({ sprayWindows: [window(0, 5), window(8, 9)], airbrushWindows: [window(0, 9), window(10, 12)] })).toEqual([
      { atMs: 5, text: 'no more cans' },
      { atMs: 9, text: 'spraying ends' },
      { atMs: 12, text: 'no more airbrush' },
    ]);
  });
});
