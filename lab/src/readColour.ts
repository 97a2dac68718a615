import type { CoatPaint } from '@zinc-ladder/core/colour/coats/coatsOver';
import { guessScatter } from '@zinc-ladder/core/colour/pigment/pigmentKinds';
import type { Lab } from '@zinc-ladder/core/colour/lab';
import { labOfHex } from '@zinc-ladder/core/colour/lab';
import type { MixPart } from '@zinc-ladder/core/colour/paint';
import { paintOf } from '@zinc-ladder/core/colour/paint';
import { LabError } from './labError';
import { readJson } from './readFile';

/** A shelf of paints for mixing, from a file. */
export interface Stock {
  readonly paints: readonly (CoatPaint & { readonly name: string })[];
  readonly mirrored: number;
}

/** Dry coat a paint is taken to have where the file does not say how much it scatters, µm (brushed acrylic). */
const USUAL_COAT = 25;

/** `50,-2.5,12` or `#3c5c4c`. */
export function readLab(name: string, text: string | undefined): Lab {
  if (text === undefined) throw new LabError(`--${name} is needed`);
  if (text.startsWith('#')) {
    if (!/^#[0-9a-f]{6}$/iu.test(text)) throw new LabError(`--${name} must be L,a,b or #rrggbb, got "${text}"`);
    return labOfHex(text);
  }
  const values = text.split(',').map((part) => (part.trim() === '' ? Number.NaN : Number(part)));
  const [l, a, b] = values;
  if (values.length !== 3 || l === undefined || a === undefined || b === undefined || !values.every(Number.isFinite))
    throw new LabError(`--${name} must be L,a,b or #rrggbb, got "${text}"`);
  if (l < 0 || l > 100 || Math.abs(a) > 200 || Math.abs(b) > 200) throw new LabError(`--${name} is no colour: ${text}`);
  return [l, a, b];
}

/** `{"paints":[{"id","hex" or "lab","strength","scatterPerCoat"}],"mirrored":0}`, or the list alone. */
export function readStock(path: string | undefined): Stock {
  const json = readJson(path);
  const file = Array.isArray(json) ? { paints: json as unknown[] } : (json as { paints?: unknown; mirrored?: unknown } | null);
  if (!file || !Array.isArray(file.paints) || file.paints.length === 0) throw new LabError(`${path ?? ''} holds no paints`);
  const mirrored = 'mirrored' in file && file.mirrored !== undefined ? Number(file.mirrored) : 0;
  if (!(mirrored >= 0 && mirrored <= 0.05)) throw new LabError('mirrored must be between 0 and 0.05');
  const paints = file.paints.map((entry: unknown, at) => {
    const given = (entry ?? {}) as {
      id?: unknown;
      name?: unknown;
      hex?: unknown;
      lab?: unknown;
      strength?: unknown;
      scatterPerCoat?: unknown;
    };
    const id = String(given.id ?? given.name ?? `paint-${at + 1}`);
    const colour = Array.isArray(given.lab) ? given.lab.join(',') : String(given.hex ?? '');
    const strength = given.strength === undefined ? 1 : Number(given.strength);
    if (!(strength > 0 && strength <= 100)) throw new LabError(`strength of ${id} must be above 0 and at most 100`);
    const lab = readLab(`paint ${id}`, colour);
    const scatterPerCoat = given.scatterPerCoat === undefined ? guessScatter(USUAL_COAT, lab) : Number(given.scatterPerCoat);
    if (!(scatterPerCoat > 0 && scatterPerCoat <= 1000)) throw new LabError(`scatterPerCoat of ${id} must be above 0 and at most 1000`);
    return { name: String(given.name ?? id), paint: paintOf(id, lab, strength, mirrored), scatterPerCoat };
  });
  const ids = new Set(paints.map(({ paint }) => paint.id));
  if (ids.size !== paints.length) throw new LabError('two paints have one id');
  return { paints, mirrored };
}

/** The paint of that id, or of that name. */
export function findInStock({ paints }: Stock, id: string | undefined): Stock['paints'][number] {
  const found = paints.find((entry) => entry.paint.id === id || entry.name === id);
  if (!found) throw new LabError(`no paint "${id ?? ''}"; there are ${paints.map(({ paint }) => paint.id).join(', ')}`);
  return found;
}

/** `green:8,ochre:3`. */
export function readRecipe(stock: Stock, text: string | undefined): MixPart[] {
  if (!text) throw new LabError('--recipe is needed, as in green:8,ochre:3');
  return text.split(',').map((part) => {
    const at = part.lastIndexOf(':');
    const parts = at === -1 ? 1 : Number(part.slice(at + 1));
    if (!(parts > 0 && Number.isFinite(parts))) throw new LabError(`"${part}" needs parts above 0`);
    return { paint: findInStock(stock, (at === -1 ? part : part.slice(0, at)).trim()).paint, parts };
  });
}

/** Lab to three decimals. */
export function roundLab(lab: Lab): number[] {
  return lab.map((value) => Math.round(value * 1000) / 1000 + 0);
}
