import { findMethod } from './methods';

/** What a method usually lays (common practice); of several the one that has to be waited for longer. */
const USUAL: Readonly<Record<string, string>> = {
  repair: 'cyanoacrylate',
  cement: 'contactCement',
  bond: 'epoxyGlue',
  fill: 'putty',
  brushFilm: 'brushEpoxy',
  solventSmooth: 'slurry',
  textureOn: 'textureCompound',
  prime: 'primer',
  sprayCoat: 'lacquerColour',
  airbrushCoat: 'airbrushAcrylic',
  varnish: 'lacquerClear',
  brushCoat: 'brushAcrylic',
  maskRubber: 'maskingRubber',
  edgeSeal: 'lacquerColour',
  maskedCoat: 'lacquerColour',
  detail: 'brushAcrylic',
  clear: 'lacquerClear',
  brushClear: 'waterClear',
  darkWash: 'acrylicWash',
  stipple: 'acrylicWash',
  shade: 'airbrushAcrylic',
  chip: 'brushAcrylic',
  streak: 'acrylicWash',
  splatter: 'acrylicWash',
};

/**
 * The class of product a rung is reckoned with where none is chosen: a film is waited for, whether anybody said what it is or not.
 *
 * @returns null where the method lays no film
 * @throws RangeError for an unknown method
 */
export function usualClassOf(methodId: string): string | null {
  return findMethod(methodId).laysFilm ? (USUAL[methodId] ?? null) : null;
}
