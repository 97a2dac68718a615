import { findMethod } from './methods';

/** Methods whose glue lies in a seam or a break. */
const GLUED: ReadonlySet<string> = new Set(['bond', 'repair', 'cement']);

/** Whether a method's film is glue between faces, not a coat on them. */
export function isGlued(methodId: string): boolean {
  return GLUED.has(methodId);
}

/**
 * Whether a method leaves a film on the faces: glue lies between them, and masking rubber comes off again.
 *
 * @throws RangeError for an unknown method
 */
export function leavesFilmOnFaces(methodId: string): boolean {
  return findMethod(methodId).laysFilm && !isGlued(methodId) && methodId !== 'maskRubber';
}
