import type { Measuring } from '@zinc-ladder/model/records/reference/measuring';
import type { Mark } from './MarkPicture';

/** What is drawn over a picture of what is marked on it. */
export function marksOf(
  { knowns, readings, rectangle, circle, pins }: Measuring,
  words: { readonly length: (millimetres: number) => string; readonly reading: (dimensionId: string) => string },
): readonly Mark[] {
  return [
    ...(rectangle ? [{ key: 'rectangle', points: rectangle.corners, words: '', look: 'plane' } as const] : []),
    ...(circle ? [{ key: 'circle', points: circle.rim, words: '', look: 'plane' } as const] : []),
    ...(circle?.centre ? [{ key: 'centre', points: [circle.centre], words: 'centre', look: 'pin' } as const] : []),
    ...knowns.map(({ a, b, name, millimetres }, at): Mark => ({
      key: `known ${at}`,
      points: [a, b],
      words: `${name}: ${words.length(millimetres)}`,
      look: 'known',
    })),
    ...readings.map(({ dimensionId, a, b, isLeftOut }): Mark => ({
      key: `reading ${dimensionId}`,
      points: [a, b],
      words: words.reading(dimensionId),
      look: 'measured',
      isFaint: isLeftOut,
    })),
    ...pins.map(({ place, text }, at): Mark => ({ key: `pin ${at}`, points: [place], words: text, look: 'pin' })),
  ];
}
