/** What a part is to look like. */
export type FinishId = 'gloss' | 'satin' | 'metal' | 'agedMetal' | 'litTranslucent' | 'textureKept';

/** A finish with the valley depth it forgives. */
export interface Finish {
  readonly id: FinishId;
  readonly name: string;
  /** deepest valley left that does not show at arm's length, µm; common practice weighed by sheen, guessed */
  readonly valleyForgivenMicrometres: number;
  /** grit of the last sanding before colour: P400 under colour, P600 under gloss or metal (common practice) */
  readonly lastGrit: string;
}

/** All finishes. */
export const FINISHES: readonly Finish[] = [
  { id: 'gloss', name: 'Gloss colour', valleyForgivenMicrometres: 10, lastGrit: 'P600' },
  { id: 'satin', name: 'Satin or matte colour', valleyForgivenMicrometres: 25, lastGrit: 'P400' },
  { id: 'metal', name: 'Metal', valleyForgivenMicrometres: 10, lastGrit: 'P600' },
  { id: 'agedMetal', name: 'Aged metal', valleyForgivenMicrometres: 20, lastGrit: 'P600' },
  { id: 'litTranslucent', name: 'Translucent, lit', valleyForgivenMicrometres: 30, lastGrit: 'P400' },
  { id: 'textureKept', name: 'Texture kept', valleyForgivenMicrometres: 1000, lastGrit: 'P220' },
];

/**
 * The finish of that id.
 *
 * @throws RangeError for an unknown id
 */
export function findFinish(id: string): Finish {
  const found = FINISHES.find((finish) => finish.id === id);
  if (!found) throw new RangeError(`unknown finish: ${id}`);
  return found;
}
