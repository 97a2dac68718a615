import { LabError, readNumber } from './labError';

/** Sides with x between them, as `90x35`, in mm: exactly so many. */
export function readSides(name: string, text: string | undefined, count: number): number[] {
  if (text === undefined) throw new LabError(`--${name} is needed`);
  const sides = text.split('x').map((part) => readNumber(name, part, 1e-6, 1e6));
  if (sides.length !== count) throw new LabError(`--${name} must be ${count} numbers with x between them, in mm; got "${text}"`);
  return sides;
}
