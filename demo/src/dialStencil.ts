import type { Stencil } from '@zinc-ladder/model/records/ladder/stencil';

/** Half the length and half the breadth of a numeral's bar, and how far bars keep from the corners: bridges that hold the middle of a numeral, mm. */
const BAR = { long: 2.6, broad: 0.75 } as const;
/** Numerals and ticks stand so far from the dial's middle, mm. */
const NUMERALS_AT = 36;
const TICKS_AT = 47;
const MARKS = 8;

/** Bars of a numeral: middle as `[right, up]` in bar places, and whether it stands. */
const BARS = {
  a: [0, 2, false],
  b: [1, 1, true],
  c: [1, -1, true],
  d: [0, -2, false],
  e: [-1, -1, true],
  f: [-1, 1, true],
  g: [0, 0, false],
} as const;
const NUMERALS = ['bc', 'abged', 'abgcd', 'fgbc', 'afgcd', 'afgedc', 'abc', 'abcdefg'];
const PLACE_MILLIMETRES = 3.3;

type Corner = readonly [x: number, y: number];

/** The dial's numerals and ticks as a stencil for one spraying, tenths of a millimetre: closed bars, so that nothing falls out. */
export const DEMO_STENCILS: readonly Stencil[] = [
  {
    id: 'stencil-dial',
    revision: 0,
    partId: 'telegraph-face',
    name: 'Dial numerals',
    outline: Array.from({ length: MARKS }, (_, at) => {
      const angle = (2 * Math.PI * (at + 0.5)) / MARKS - Math.PI;
      return [...numeral(NUMERALS[at] ?? ''), bar(0, TICKS_AT - NUMERALS_AT, true)].map((corners) => pathOf(corners, angle)).join('');
    }).join(''),
    millimetresPerUnit: 0.1,
  },
];

function numeral(bars: string): Corner[][] {
  return [...bars].map((name) => {
    const [right, up, stands] = BARS[name as keyof typeof BARS];
    return bar(right * PLACE_MILLIMETRES, up * PLACE_MILLIMETRES, stands);
  });
}

function bar(x: number, y: number, stands: boolean): Corner[] {
  const [w, h] = stands ? [BAR.broad, BAR.long] : [BAR.long, BAR.broad];
  return [
    [x - w, y - h],
    [x + w, y - h],
    [x + w, y + h],
    [x - w, y + h],
  ];
}

/** A bar where it stands on the dial, its top outwards; files count downwards. */
function pathOf(corners: readonly Corner[], angle: number): string {
  const [c, s] = [Math.cos(angle), Math.sin(angle)];
  const placed = corners.map(([x, y]) => {
    const out = y + NUMERALS_AT;
    return `${((x * c + out * s) * 10).toFixed(0)} ${((x * s - out * c) * 10).toFixed(0)}`;
  });
  return `M${placed.join('L')}Z`;
}
