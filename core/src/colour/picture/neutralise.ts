import type { Lab, LinearRgb } from '../lab';
import { labOfLinear, linearOfLab } from '../lab';
import type { AreaColour } from './averageArea';

/** A patch in a picture whose colour is known: a grey card, a white sheet, a chip of paint. */
export interface KnownPatch {
  readonly measured: LinearRgb;
  readonly known: Lab;
}

/** Middle grey: 18 % of the light. */
export const MIDDLE_GREY: Lab = [49.5, 0, 0];
/** Paper white, about 90 % of the light (common practice). */
export const PAPER_WHITE: Lab = [96, 0, 0];

/** What a picture's channels are multiplied by so that the patch has its colour: the light's colour and the exposure together. */
export type LightGains = readonly [r: number, g: number, b: number];

/** No patch: the picture is taken as it is. */
export const AS_TAKEN: LightGains = [1, 1, 1];

/**
 * Gains from a known patch, channel by channel in linear light (von Kries on the camera's channels). Holds where the patch gets the same light as
 * what is sampled.
 *
 * @throws RangeError where the patch is black in a channel: nothing can be said from it
 */
export function gainsOf({ measured, known }: KnownPatch): LightGains {
  const wanted = linearOfLab(known);
  const gain = (channel: 0 | 1 | 2): number => {
    if (!(measured[channel] > 1e-4)) throw new RangeError('the patch is black in a channel: choose a lighter one');
    return Math.max(0, wanted[channel]) / measured[channel];
  };
  return [gain(0), gain(1), gain(2)];
}

/** Lab of measured light under those gains. */
export function neutralLab(rgb: LinearRgb, gains: LightGains): Lab {
  return labOfLinear([rgb[0] * gains[0], rgb[1] * gains[1], rgb[2] * gains[2]]);
}

/** Something that makes a sample less worth. */
export type SampleDoubt = 'noNeutral' | 'untrusted' | 'clipped' | 'dark' | 'uneven' | 'strongLight';

/** Words for each doubt. */
export const DOUBT_WORDS: Readonly<Record<SampleDoubt, string>> = {
  noNeutral: 'no grey in this picture: its light is not taken out',
  untrusted: 'the light of this picture is not to be trusted, as you said',
  clipped: 'partly clipped: what was there is lost',
  dark: 'very dark: steps of the camera show',
  uneven: 'uneven: shading or texture',
  strongLight: 'a light far from white: a camera errs more under it',
};

/** Doubts that put a sample behind sound ones: its colour is not that of the thing. */
const GRAVE: ReadonlySet<string> = new Set<SampleDoubt>(['noNeutral', 'untrusted', 'clipped', 'dark']);

/** Whether a sample with these doubts counts only where there is nothing better. */
export function isGravelyDoubted(doubts: readonly string[]): boolean {
  return doubts.some((doubt) => GRAVE.has(doubt));
}

/** Three numbers of a record as gains. */
export function toGains(values: readonly number[]): LightGains {
  const [r = 1, g = 1, b = 1] = values;
  return [r, g, b];
}

const CLIPPED = 0.05;
const DARK = 0.012;
const UNEVEN = 0.2;
/** Gains that differ by more than that between channels are a strongly coloured light. */
const STRONG = 2.6;

/**
 * What is doubtful of a sample. Limits are guessed.
 *
 * @param isTrusted whether the finisher trusts the picture's light
 */
export function doubtSample(sample: AreaColour, gains: LightGains | null, isTrusted = true): SampleDoubt[] {
  const doubts: SampleDoubt[] = isTrusted ? [] : ['untrusted'];
  if (!gains) doubts.push('noNeutral');
  if (sample.clippedShare > CLIPPED) doubts.push('clipped');
  if (Math.max(...sample.rgb) < DARK) doubts.push('dark');
  if (sample.unevenness > UNEVEN) doubts.push('uneven');
  if (gains && Math.max(...gains) / Math.min(...gains) > STRONG) doubts.push('strongLight');
  return doubts;
}
