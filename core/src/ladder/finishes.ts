import type { AgeId } from './ages';
import { findAge } from './ages';

/** What a part is to look like when it is new; how old it looks is a choice of its own. */
export type FinishId =
  | 'gloss'
  | 'satin'
  | 'metal'
  | 'bareChrome'
  | 'litTranslucent'
  | 'clear'
  | 'textureKept'
  | 'bone'
  | 'leather'
  | 'stone'
  | 'rubber'
  | 'asItIs';

/** A finish with the valley depth it forgives. */
export interface Finish {
  readonly id: FinishId;
  readonly name: string;
  /** deepest valley left that does not show at arm's length, µm; common practice weighed by sheen, guessed */
  readonly valleyForgivenMicrometres: number;
  /** grit of the last sanding before colour: P400 under colour, P600 under gloss or metal (common practice) */
  readonly lastGrit: string;
  /** 0 matte … 1 mirror, for drawing; guessed */
  readonly sheen: number;
  /** the clear that goes over all of it without changing its look (common practice) */
  readonly clearSheen: 'gloss' | 'satin' | 'matte';
  /** words in the name of a paint that has this look (common practice); none: any colour can be it */
  readonly paintWords?: readonly string[];
}

/** All finishes. */
export const FINISHES: readonly Finish[] = [
  { id: 'gloss', name: 'Gloss colour', valleyForgivenMicrometres: 10, lastGrit: 'P600', sheen: 0.95, clearSheen: 'gloss' },
  { id: 'satin', name: 'Satin or matte colour', valleyForgivenMicrometres: 25, lastGrit: 'P400', sheen: 0.25, clearSheen: 'satin' },
  { id: 'metal', name: 'Metal', valleyForgivenMicrometres: 10, lastGrit: 'P600', sheen: 0.7, clearSheen: 'satin' },
  {
    id: 'bareChrome',
    name: 'Bare chrome effect',
    valleyForgivenMicrometres: 4,
    lastGrit: 'P600',
    sheen: 1,
    clearSheen: 'gloss',
    paintWords: ['chrome', 'silver', 'mirror'],
  },
  { id: 'litTranslucent', name: 'Translucent, lit', valleyForgivenMicrometres: 30, lastGrit: 'P400', sheen: 0.8, clearSheen: 'satin' },
  { id: 'clear', name: 'Clear, seen through', valleyForgivenMicrometres: 2, lastGrit: 'P2000', sheen: 1, clearSheen: 'gloss' },
  { id: 'textureKept', name: 'Texture kept', valleyForgivenMicrometres: 1000, lastGrit: 'P220', sheen: 0.25, clearSheen: 'matte' },
  {
    id: 'bone',
    name: 'Bone',
    valleyForgivenMicrometres: 40,
    lastGrit: 'P400',
    sheen: 0.25,
    clearSheen: 'satin',
    paintWords: ['bone', 'ivory', 'horn'],
  },
  {
    id: 'leather',
    name: 'Leather',
    valleyForgivenMicrometres: 80,
    lastGrit: 'P400',
    sheen: 0.35,
    clearSheen: 'satin',
    paintWords: ['leather', 'brown', 'tan', 'hide'],
  },
  {
    id: 'stone',
    name: 'Stone',
    valleyForgivenMicrometres: 150,
    lastGrit: 'P220',
    sheen: 0.1,
    clearSheen: 'matte',
    paintWords: ['stone', 'slate', 'grey', 'gray'],
  },
  {
    id: 'rubber',
    name: 'Rubber',
    valleyForgivenMicrometres: 60,
    lastGrit: 'P400',
    sheen: 0.3,
    clearSheen: 'matte',
    paintWords: ['rubber', 'black'],
  },
  { id: 'asItIs', name: 'Left as it is', valleyForgivenMicrometres: 1000, lastGrit: 'P400', sheen: 0.4, clearSheen: 'matte' },
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

/** Dirt and a duller sheen hide valleys twice as deep once a part is worn (guessed). */
const WORN_HIDES = 2;

/**
 * A finish at an age: from worn on, shining ones forgive deeper valleys and are sealed under a satin clear.
 *
 * @throws RangeError for an unknown id
 */
export function finishAtAge(id: string, age: AgeId): Finish {
  const finish = findFinish(id);
  const isWorn = findAge(age).strength >= findAge('worn').strength;
  const isShining = finish.id === 'metal' || finish.id === 'gloss' || finish.id === 'bareChrome';
  if (!isWorn || !isShining) return finish;
  return { ...finish, valleyForgivenMicrometres: finish.valleyForgivenMicrometres * WORN_HIDES, clearSheen: 'satin' };
}
