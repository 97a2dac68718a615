import { LabError, readNumber } from './labError';

/** Numbers with a sign between them, as `2.0,2.0` or `90x35`. */
export function readNumbers(name: string, text: string | undefined, between: ',' | 'x', least: number, most: number): number[] {
  if (text === undefined) throw new LabError(`--${name} is needed`);
  return text.split(between).map((part) => readNumber(name, part, least, most));
}

/** Exactly so many of them. */
export function readSides(name: string, text: string | undefined, count: number): number[] {
  const sides = readNumbers(name, text, 'x', 1e-6, 1e6);
  if (sides.length !== count) throw new LabError(`--${name} must be ${count} numbers with x between them, in mm; got "${text ?? ''}"`);
  return sides;
}
