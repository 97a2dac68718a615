import { LabError } from './labError';

/** An object out of a JSON file, with where it stands in it, so that a fault can name the place. */
export interface Fields {
  readonly path: string;
  readonly values: Readonly<Record<string, unknown>>;
}

/** A value as an object. */
export function fieldsOf(value: unknown, path: string): Fields {
  if (value === null || typeof value !== 'object' || Array.isArray(value)) throw new LabError(`${path} must be an object`);
  return { path, values: value as Record<string, unknown> };
}

/** Whether a field is given at all; null counts as not. */
export function hasField({ values }: Fields, name: string): boolean {
  return values[name] !== undefined && values[name] !== null;
}

/** An object within an object. */
export function fieldsAt(fields: Fields, name: string): Fields {
  return fieldsOf(fields.values[name], placeOf(fields, name));
}

/** A finite number, `usual` where it is left out. */
export function numberAt(fields: Fields, name: string, bounds: { least?: number; most?: number; usual?: number } = {}): number {
  const { least = -Infinity, most = Infinity, usual } = bounds;
  const value = hasField(fields, name) ? fields.values[name] : usual;
  if (typeof value !== 'number' || !Number.isFinite(value)) throw new LabError(`${placeOf(fields, name)} must be a number`);
  if (value < least || value > most) throw new LabError(`${placeOf(fields, name)} must be between ${least} and ${most}, got ${value}`);
  return value;
}

/** A text, `usual` where it is left out. */
export function textAt(fields: Fields, name: string, usual?: string): string {
  const value = hasField(fields, name) ? fields.values[name] : usual;
  if (typeof value !== 'string' || value === '') throw new LabError(`${placeOf(fields, name)} must be a text`);
  return value;
}

/** A list, each entry read with its own place. */
export function listAt<Entry>(fields: Fields, name: string, read: (value: unknown, path: string) => Entry): Entry[] {
  const value = hasField(fields, name) ? fields.values[name] : [];
  if (!Array.isArray(value)) throw new LabError(`${placeOf(fields, name)} must be a list`);
  return value.map((entry: unknown, at) => read(entry, `${placeOf(fields, name)}[${at}]`));
}

/** A place on a picture: two numbers. */
export function pointOf(value: unknown, path: string): readonly [number, number] {
  if (!Array.isArray(value) || value.length !== 2 || !value.every((part) => typeof part === 'number' && Number.isFinite(part)))
    throw new LabError(`${path} must be two numbers`);
  return [value[0] as number, value[1] as number];
}

/** A place on a picture within an object. */
export function pointAt(fields: Fields, name: string): readonly [number, number] {
  return pointOf(fields.values[name], placeOf(fields, name));
}

function placeOf({ path }: Fields, name: string): string {
  return path === '' ? name : `${path}.${name}`;
}
