/** Where a usual size is from: a standard, a survey of bodies, or what is common among things of a kind. */
export type SizeKind = 'standard' | 'anthropometry' | 'practice';

/** A thing whose size is known well enough to measure by it. */
export interface KnownThing {
  readonly id: string;
  readonly name: string;
  readonly millimetres: number;
  /** how it varies, standard deviation in mm; 0: made to a standard */
  readonly sdMillimetres: number;
  readonly kind: SizeKind;
}

/** Where the sizes of a kind are from; all recalled, none looked up. */
export const SIZE_SOURCES: Readonly<Record<SizeKind, string>> = {
  standard: 'by standard (from memory)',
  anthropometry: 'adults, sex unknown: surveys of soldiers 1988 and 2012; distance of pupils Dodgson 2004 (from memory)',
  practice: 'common practice',
};

const standard = (id: string, name: string, millimetres: number): KnownThing => ({
  id,
  name,
  millimetres,
  sdMillimetres: 0,
  kind: 'standard',
});
const body = (id: string, name: string, millimetres: number, sdMillimetres: number): KnownThing => ({
  id,
  name,
  millimetres,
  sdMillimetres,
  kind: 'anthropometry',
});

/** Things to measure by, bodies first: a hand or a head is in most pictures. */
export const KNOWN_THINGS: readonly KnownThing[] = [
  body('handBreadth', 'breadth of a hand', 84, 6.5),
  body('handLength', 'length of a hand', 187, 12),
  body('elbowToFingertip', 'elbow to fingertip', 463, 31),
  body('headHeight', 'head, chin to top', 224, 11),
  body('headBreadth', 'breadth of a head', 150, 6.6),
  body('pupilDistance', 'distance of the pupils', 63, 3.7),
  body('shoulderBreadth', 'breadth of the shoulders', 470, 42),
  body('stature', 'height of a person', 1692, 92),
  { id: 'belt', name: 'width of a belt', millimetres: 38, sdMillimetres: 6, kind: 'practice' },
  standard('pipeHalfInch', 'half-inch pipe, outside', 21.3),
  standard('pipeThreeQuarter', 'three-quarter-inch pipe, outside', 26.9),
  standard('pipeOneInch', 'one-inch pipe, outside', 33.7),
  standard('bankCardLong', 'bank card, long side', 85.6),
  standard('bankCardShort', 'bank card, short side', 53.98),
  standard('a4Long', 'A4, long side', 297),
  standard('a4Short', 'A4, short side', 210),
  standard('letterLong', 'letter sheet, long side', 279.4),
  standard('letterShort', 'letter sheet, short side', 215.9),
  standard('compactDisc', 'compact disc, across', 120),
  standard('cellAALength', 'AA cell, length', 50.5),
  standard('cellAADiameter', 'AA cell, across', 14.5),
];
