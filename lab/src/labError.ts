/** Input the lab cannot work with; told in one line, exit code 2. */
export class LabError extends Error {}

/** The number an option holds. */
export function readNumber(name: string, text: string | undefined, least: number, most: number): number {
  if (text === undefined) throw new LabError(`--${name} is needed`);
  const value = Number(text);
  if (text.trim() === '' || !Number.isFinite(value)) throw new LabError(`--${name} must be a number, got "${text}"`);
  if (value < least || value > most) throw new LabError(`--${name} must be between ${least} and ${most}, got ${value}`);
  return value;
}
