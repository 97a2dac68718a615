import { filmAlone, filmOver, INSIDE_REFLECTION, reflectanceOfRatio, seenThroughSurface, bodyUnderSurface } from '../kubelkaMunk';
import type { Lab } from '../lab';
import { difference, labOfHex } from '../lab';
import type { MixPaint, MixPart } from '../paint';
import { DEFAULT_MIRRORED, mixLab, mixMass, mixRatio, ratioOfSeen } from '../paint';
import { BANDS } from '../spectrum/cieTables';
import type { Spectrum } from '../spectrum/observer';
import { labOfReflectance, TO_XYZ, WHITE } from '../spectrum/observer';
import { reflectanceOf } from '../spectrum/reflectance';

/** A paint as it is laid over something. */
export interface CoatPaint {
  readonly paint: MixPaint;
  /** S·X of one coat: how much it scatters */
  readonly scatterPerCoat: number;
  /** the true one lies within ÷ and × this; left out: as far as where nothing better is known */
  readonly scatterSpread?: number;
}

/** Coats to hide are a range: where nothing better is known, real films scatter within ÷ and × that factor of the guess (guessed). */
export const SCATTER_SPREAD = 1.6;

/**
 * A mix as one paint that is laid over something: its parts scatter as much as they are there.
 *
 * @throws RangeError for no part
 */
export function coatOfMix(
  mix: readonly (MixPart & { readonly scatterPerCoat: number; readonly scatterSpread?: number })[],
  mirrored = DEFAULT_MIRRORED,
): CoatPaint {
  const total = mix.reduce((sum, { parts }) => sum + parts, 0);
  return {
    paint: { id: 'mix', lab: mixLab(mix, mirrored), ratio: mixRatio(mix), strength: mixMass(mix) / total },
    scatterPerCoat: mix.reduce((sum, { parts, scatterPerCoat }) => sum + (parts / total) * scatterPerCoat, 0),
    scatterSpread: mix.reduce((most, { scatterSpread = SCATTER_SPREAD }) => Math.max(most, scatterSpread), 1),
  };
}

/** Body reflectance (under the surface) of a backing of that colour. */
export function backingOf(lab: Lab, mirrored = DEFAULT_MIRRORED): Spectrum {
  return reflectanceOf(lab).map((value) => bodyUnderSurface(value, mirrored));
}

/** Body reflectance of coats over a backing; n coats are one of n times the thickness. */
export function bodyOver({ paint, scatterPerCoat }: CoatPaint, coats: number, backing: Spectrum): Spectrum {
  return backing.map((under, band) => filmOver(paint.ratio[band] as number, scatterPerCoat * coats, under));
}

/** Colour of a body reflectance as it is seen. */
export function seenLab(body: Spectrum, mirrored = DEFAULT_MIRRORED): Lab {
  return labOfReflectance(body.map((value) => seenThroughSurface(value, mirrored, INSIDE_REFLECTION)));
}

/** Colour of coats over a backing. */
export function labOver(paint: CoatPaint, coats: number, backing: Spectrum, mirrored = DEFAULT_MIRRORED): Lab {
  return seenLab(bodyOver(paint, coats, backing), mirrored);
}

/** Luminance Y of a body reflectance as seen, 0 … 1. */
function luminanceOf(body: Spectrum, mirrored: number): number {
  let sum = 0;
  for (let band = 0; band < BANDS; band += 1) sum += (TO_XYZ[1][band] as number) * seenThroughSurface(body[band] as number, mirrored);
  return sum / WHITE[1];
}

/** Black and white of a hiding chart, as seen: luminance 1 % and 80 % (ISO 6504-3 wants at most 5 % and 80 ± 2 %; from memory). */
const CHART_BLACK = 0.01;
const CHART_WHITE = 0.8;

/** Luminance over black by luminance over white; 0.98 counts as hidden (ISO 6504-3, from memory). */
export function contrastRatio(paint: CoatPaint, coats: number, mirrored = DEFAULT_MIRRORED): number {
  const flat = (seen: number): Spectrum => new Float64Array(BANDS).fill(bodyUnderSurface(seen, mirrored));
  const black = luminanceOf(bodyOver(paint, coats, flat(CHART_BLACK)), mirrored);
  return black / luminanceOf(bodyOver(paint, coats, flat(CHART_WHITE)), mirrored);
}

/** How a paint builds up over a backing. */
export interface CoatRow {
  /** colour after 0, 1, 2 … coats */
  readonly steps: readonly { readonly coats: number; readonly lab: Lab; readonly toFull: number; readonly contrast: number }[];
  readonly full: Lab;
  /** coats until a chart would be hidden, by the guess or reading; null: more than 12 */
  readonly toHide: number | null;
  /** coats until it is within ΔE00 1 of its full colour over this backing */
  readonly toFullColour: number | null;
  /** the same between a film that scatters better and one that scatters worse */
  readonly range: readonly [least: number | null, most: number | null];
}

const MOST_COATS = 12;
const HIDDEN = 0.98;
const FULL = 1;

/** Coats of a paint over a backing until it hides and until it has its full colour there, with the row to be drawn. */
export function coatRow(paint: CoatPaint, under: Lab, mirrored = DEFAULT_MIRRORED): CoatRow {
  const backing = backingOf(under, mirrored);
  const full = seenLab(Float64Array.from(paint.paint.ratio, reflectanceOfRatio), mirrored);
  const spread = paint.scatterSpread ?? SCATTER_SPREAD;
  const toFull = (scatterPerCoat: number): number | null =>
    firstCoat((coats) => difference(labOver({ paint: paint.paint, scatterPerCoat }, coats, backing, mirrored), full) < FULL);
  const toFullColour = toFull(paint.scatterPerCoat);
  const last = Math.min(MOST_COATS, Math.max(3, (toFullColour ?? MOST_COATS) + 1));
  return {
    steps: Array.from({ length: last + 1 }, (_, coats) => {
      const lab = labOver(paint, coats, backing, mirrored);
      return { coats, lab, toFull: difference(lab, full), contrast: contrastRatio(paint, coats, mirrored) };
    }),
    full,
    toHide: firstCoat((coats) => contrastRatio(paint, coats, mirrored) >= HIDDEN),
    toFullColour,
    range: [toFull(paint.scatterPerCoat * spread), toFull(paint.scatterPerCoat / spread)],
  };
}

function firstCoat(isReached: (coats: number) => boolean): number | null {
  for (let coats = 0; coats <= MOST_COATS; coats += 1) if (isReached(coats)) return coats;
  return null;
}

/** An undercoat and what it saves. */
export interface Undercoat {
  readonly id: string;
  readonly coats: number | null;
  readonly range: readonly [least: number | null, most: number | null];
}

/** Primers by the coats of colour they leave to do, fewest first; of equals the one nearer to the colour. */
export function rankUndercoats(
  paint: CoatPaint,
  undercoats: readonly { readonly id: string; readonly lab: Lab }[],
  mirrored = DEFAULT_MIRRORED,
): Undercoat[] {
  return undercoats
    .map(({ id, lab }) => {
      const row = coatRow(paint, lab, mirrored);
      return { id, coats: row.toFullColour, range: row.range, away: difference(lab, row.full) };
    })
    .toSorted((a, b) => (a.coats ?? 99) - (b.coats ?? 99) || a.away - b.away)
    .map(({ id, coats, range }) => ({ id, coats, range }));
}

/**
 * S·X of a coat that fits readings over black and over white, with the paint's own K/S: one number for both, by least ΔE.
 *
 * @param coats coats that were laid for the readings
 */
export function scatterFromReadings(
  paint: MixPaint,
  coats: number,
  overBlack: { readonly backing: Lab; readonly lab: Lab } | null,
  overWhite: { readonly backing: Lab; readonly lab: Lab } | null,
  mirrored = DEFAULT_MIRRORED,
): number | null {
  const readings = [overBlack, overWhite].filter((reading) => reading !== null);
  if (readings.length === 0) return null;
  const backings = readings.map((reading) => backingOf(reading.backing, mirrored));
  const missAt = (log: number): number =>
    readings.reduce(
      (sum, reading, at) =>
        sum + difference(labOver({ paint, scatterPerCoat: Math.exp(log) }, coats, backings[at] as Spectrum, mirrored), reading.lab) ** 2,
      0,
    );
  let best = 0;
  for (let log = Math.log(0.02); log <= Math.log(60); log += 0.05)
    if (best === 0 || missAt(log) < missAt(Math.log(best))) best = Math.exp(log);
  return best;
}

/** A film or wall that light passes on its way out. */
export interface LitLayer {
  readonly id: string;
  readonly ratio: Spectrum;
  readonly scatter: number;
}

/** Light through a stack, from the lamp outwards. */
export interface LightLeak {
  /** share of the lamp's light (luminance) that comes out */
  readonly share: number;
  readonly lab: Lab;
  /** share left after each layer, in order */
  readonly after: readonly { readonly id: string; readonly share: number }[];
  /** the layer that stops most of what reached it */
  readonly stoppedBy: string | null;
  /** glows seen in a dim room (guessed: more than 0.3 % comes out) */
  readonly isSeen: boolean;
}

const LEAK_SEEN = 0.003;

/** Light that comes through a stack of films: each one's transmission, with what is thrown back and forth between them (Kubelka 1954). */
export function lightThrough(layers: readonly LitLayer[]): LightLeak {
  const transmitted = new Float64Array(BANDS).fill(1);
  const reflected = new Float64Array(BANDS).fill(0);
  const shareNow = (): number => transmitted.reduce((sum, value, band) => sum + (TO_XYZ[1][band] as number) * value, 0) / WHITE[1];
  const after: { id: string; share: number }[] = [];
  let stoppedBy: string | null = null;
  let strongest = 1;
  let before = 1;
  for (const { id, ratio, scatter } of layers) {
    for (let band = 0; band < BANDS; band += 1) {
      const own = filmAlone(ratio[band] as number, scatter);
      const back = reflected[band] as number;
      const between = 1 - back * own.reflected;
      transmitted[band] = ((transmitted[band] as number) * own.transmitted) / between;
      reflected[band] = own.reflected + (own.transmitted * own.transmitted * back) / between;
    }
    const share = shareNow();
    after.push({ id, share });
    if (before > 0 && share / before < strongest) {
      strongest = share / before;
      stoppedBy = id;
    }
    before = share;
  }
  const share = layers.length === 0 ? 1 : before;
  return { share, lab: labOfReflectance(transmitted), after, stoppedBy: strongest < 0.5 ? stoppedBy : null, isSeen: share > LEAK_SEEN };
}

/** K/S of a film of that colour, as light through it needs it. */
export function ratioOfHex(hex: string): Spectrum {
  return ratioOfSeen(reflectanceOf(labOfHex(hex)), DEFAULT_MIRRORED);
}
