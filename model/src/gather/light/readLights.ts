import { batteryHours, CELLS } from '@zinc-ladder/core/light/batteryHours';
import type { Banding } from '@zinc-ladder/core/light/flicker';
import { flashRisk, pulseBanding } from '@zinc-ladder/core/light/flicker';
import type { Glow } from '@zinc-ladder/core/light/glow';
import { GLOW_REFUSAL_WORDS } from '@zinc-ladder/core/light/glow';
import type { SeenLight } from '@zinc-ladder/core/light/glowColour';
import { seeLight, spectrumOfLed, transmissionOf } from '@zinc-ladder/core/light/glowColour';
import type { ChainReading } from '@zinc-ladder/core/light/groupChain';
import { readChain } from '@zinc-ladder/core/light/groupChain';
import type { HeatBound } from '@zinc-ladder/core/light/heatBound';
import { heatBound, SOFTENS_CELSIUS } from '@zinc-ladder/core/light/heatBound';
import type { GlowPlate } from '@zinc-ladder/core/light/plateGlow';
import { foamTransmission, plateDamping, readPlateGlow } from '@zinc-ladder/core/light/plateGlow';
import type { LightRatings } from '@zinc-ladder/core/light/ratings';
import { lightRatings } from '@zinc-ladder/core/light/ratings';
import type { CurrentSpan, StringResistor } from '@zinc-ladder/core/light/stringResistor';
import { currentSpan, FORWARD_VOLTS, STRING_REFUSAL_WORDS, stringResistor } from '@zinc-ladder/core/light/stringResistor';
import type { StripVolts } from '@zinc-ladder/core/light/stripVolts';
import { STRIP_REFUSAL_WORDS, stripVolts } from '@zinc-ladder/core/light/stripVolts';
import { leadOhms } from '@zinc-ladder/core/light/wire';
import type { LightPlan, LightSpot } from '../../records/light/lightPlan';
import type { Part } from '../../records/prop/part';

/** Something that is wrong with a plan of lights or dangerous in it, with what to do. */
export interface LightFinding {
  readonly kind: 'wrong' | 'danger' | 'mind';
  readonly words: string;
}

/** A string of single LEDs, of which there are so many alike. */
export interface LitString extends StringResistor {
  readonly leds: number;
  readonly count: number;
  readonly span: CurrentSpan;
}

/** What a plan of lights comes to. What cannot be told is null, and a finding says why. */
export interface LightReading {
  /** V, nominal */
  readonly volts: number;
  readonly freshVolts: number;
  readonly tiredVolts: number;
  readonly strings: readonly LitString[];
  readonly strip: StripVolts | null;
  /** all that is drawn at the light it is run at, mA */
  readonly milliamps: number;
  readonly watts: number;
  /** null: the supply does not run down */
  readonly hours: number | null;
  readonly glow: Glow | null;
  /** what is left of the ripple behind the sheets of foam there are, per cent */
  readonly rippleWithFoam: number | null;
  readonly seen: SeenLight;
  /** light that comes through foam and skin, of what the LEDs give */
  readonly throughShare: number;
  readonly heat: HeatBound | null;
  /** by what is drawn at full light */
  readonly ratings: LightRatings;
  readonly banding: Banding | null;
  readonly chain: ChainReading | null;
  readonly findings: readonly LightFinding[];
}

/** Shutter of a camera that films at 25 pictures a second, s (common practice). */
export const FILM_SHUTTER = 1 / 50;
/** Most current of copper in a closed prop, A a mm² (guess; the maker's table wins). */
export const MOST_AMPS_A_SQUARE_MILLIMETRE = 5;
/** Air around a prop that is worn or stands in the sun, °C (guess). */
export const AROUND_CELSIUS = 30;

const toSpot = ({ x, y, z }: LightSpot): readonly [number, number, number] => [x, y, z];

/** Supply at its nominal, fresh and tired voltage. */
export function supplyOf(plan: Pick<LightPlan, 'supplyId' | 'cells' | 'fixedVolts'>): {
  readonly volts: number;
  readonly freshVolts: number;
  readonly tiredVolts: number;
} {
  if (plan.supplyId === 'fixed') return { volts: plan.fixedVolts, freshVolts: plan.fixedVolts, tiredVolts: plan.fixedVolts };
  const cell = CELLS[plan.supplyId];
  const [fresh, tired] = [cell.freshVolts * plan.cells, cell.tiredVolts * plan.cells];
  return { volts: (fresh + tired) / 2, freshVolts: fresh, tiredVolts: tired };
}

/** The rows of LEDs behind their skin, as the glow is reckoned from them. */
export function glowPlate(
  plan: Pick<LightPlan, 'pitchMillimetres' | 'distanceMillimetres' | 'leds' | 'beamDegrees' | 'rows' | 'rowMillimetres'>,
): GlowPlate {
  return {
    pitch: plan.pitchMillimetres,
    distance: plan.distanceMillimetres,
    leds: Math.ceil(plan.leds / plan.rows),
    rows: Math.min(plan.rows, Math.max(1, plan.leds)),
    rowPitch: plan.rowMillimetres,
    beam: plan.beamDegrees,
  };
}

/** Reads a plan of lights whole: resistors or the strip as a network, current, hours, hot spots, colour, heat, flicker, and the chain of its groups. */
export function readLights(plan: LightPlan, part: Pick<Part, 'areaSquareCentimetres' | 'materialId' | 'name'> | null): LightReading {
  const findings: LightFinding[] = [];
  const tell = (kind: LightFinding['kind'], words: string): void => void findings.push({ kind, words });
  const { volts, freshVolts, tiredVolts } = supplyOf(plan);
  const strings = plan.kind === 'singles' ? readStrings(plan, freshVolts, tiredVolts, tell) : [];
  const strip = plan.kind === 'singles' ? null : readStrip(plan, volts, tell);
  const full = plan.kind === 'singles' ? strings.reduce((sum, one) => sum + one.milliamps * one.count, 0) : (strip?.amps ?? 0) * 1000;
  const milliamps = full * plan.brightness;
  const watts = (milliamps / 1000) * volts;
  const cell = plan.supplyId === 'fixed' ? null : CELLS[plan.supplyId];
  const hours =
    cell && milliamps > 0
      ? batteryHours({ milliampHours: plan.milliampHours ?? cell.milliampHours, milliamps, usable: plan.usable })
      : null;
  if (cell && full > cell.mostMilliamps)
    tell(
      'wrong',
      `${Math.round(full)} mA at full light are more than ${cell.name} gives (${cell.mostMilliamps} mA): more cells side by side, or less light`,
    );
  const ratings = lightRatings(full / 1000, MOST_AMPS_A_SQUARE_MILLIMETRE * plan.squareMillimetres);
  if (full / 1000 > MOST_AMPS_A_SQUARE_MILLIMETRE * plan.squareMillimetres)
    tell(
      'danger',
      `${(full / 1000).toFixed(2)} A are too much for a wire of ${plan.squareMillimetres} mm²: it gets hot. A thicker one, and a fuse`,
    );
  else if (full > 0 && ratings.fuseAmps === null)
    tell(
      'danger',
      `no fuse of the usual series holds ${(full / 1000).toFixed(2)} A and guards a wire of ${plan.squareMillimetres} mm²: a thicker wire`,
    );
  const { glow, rippleWithFoam } = readRipple(plan, tell);
  const transmission = plan.skinHex === null ? null : transmissionOf(plan.skinHex);
  const seen = seeLight(spectrumOfLed(plan.colour), transmission);
  const heat = readHeat(plan, part, watts, tell);
  if (plan.flashHertz !== null && flashRisk(plan.flashHertz) === 'photosensitive')
    tell('danger', `${plan.flashHertz} flashes a second can bring on fits in photosensitive people (WCAG 2.3.1): below 3, or steady`);
  const banding = plan.pulseHertz !== null && plan.brightness < 1 ? pulseBanding(plan.pulseHertz, plan.brightness, FILM_SHUTTER) : null;
  if (banding?.isSeen)
    tell('mind', `dimmed at ${plan.pulseHertz} Hz a camera at 1/50 s sees bands: faster pulses, or whole ones in a shutter`);
  const chain = plan.groups.length === 0 ? null : readPlanChain(plan);
  for (const { words } of chain?.faults ?? []) tell('wrong', words);
  if (plan.supplyId === 'lithiumPack')
    tell('mind', 'a lithium pack needs its holder, its protection and a charger made for it, away from heat');
  return {
    volts,
    freshVolts,
    tiredVolts,
    strings,
    strip,
    milliamps,
    watts,
    hours,
    glow,
    rippleWithFoam,
    seen,
    throughShare: seen.share * foamTransmission(plan.foamSheets),
    ratings,
    heat,
    banding,
    chain,
    findings,
  };
}

type Tell = (kind: LightFinding['kind'], words: string) => void;

function readStrings(plan: LightPlan, freshVolts: number, tiredVolts: number, tell: Tell): LitString[] {
  const bag = plan.colour === 'warm' || plan.colour === 'neutral' || plan.colour === 'cool' ? 'white' : plan.colour;
  const forward = FORWARD_VOLTS[bag];
  const middle = (forward.least + forward.most) / 2;
  if (plan.leds === 0) {
    tell('wrong', STRING_REFUSAL_WORDS.noLeds);
    return [];
  }
  const whole = Math.floor(plan.leds / plan.inRow);
  const rest = plan.leds - whole * plan.inRow;
  const sizes = [...(whole > 0 ? [[plan.inRow, whole] as const] : []), ...(rest > 0 ? [[rest, 1] as const] : [])];
  return sizes.flatMap(([leds, count]): LitString[] => {
    // By fresh cells: never more current than was wanted.
    const found = stringResistor({
      supplyVolts: freshVolts,
      forwardVolts: Array.from({ length: leds }, () => middle),
      milliamps: plan.milliampsEach,
    });
    if ('refusal' in found) {
      tell('wrong', `${leds} in a row: ${STRING_REFUSAL_WORDS[found.refusal]}`);
      return [];
    }
    if (found.ratingWatts === null)
      tell('danger', `the resistor of ${leds} in a row turns ${found.watts.toFixed(1)} W to heat: more LEDs in a row`);
    const span = currentSpan(
      found.ohms,
      { freshVolts, tiredVolts },
      Array.from({ length: leds }, () => forward),
    );
    if (span.leastMilliamps === 0)
      tell('mind', `with tired cells ${leds} in a row may no longer light: fewer in a row, or a higher supply`);
    return [{ ...found, leds, count, span }];
  });
}

function readStrip(plan: LightPlan, volts: number, tell: Tell): StripVolts | null {
  const beyond = plan.leds % plan.cutEvery;
  if (beyond > 0)
    tell(
      'wrong',
      `it is cut at every ${plan.cutEvery} LEDs: of ${plan.leds} the last ${beyond} stay dark. Cut ${plan.leds - beyond} or ${plan.leds - beyond + plan.cutEvery}`,
    );
  const found = stripVolts({
    volts,
    leds: plan.leds,
    load: { milliampsEach: plan.milliampsEach },
    ohmsPerLed: plan.ohmsPerLed,
    leadOhms: leadOhms(plan.leadMillimetres, plan.squareMillimetres),
    feeds: plan.feeds,
  });
  if ('refusal' in found) {
    tell('wrong', STRIP_REFUSAL_WORDS[found.refusal]);
    return null;
  }
  if (found.feedAgainAt !== null)
    tell(
      'mind',
      `at its far end ${found.lowest.toFixed(2)} V are left of ${volts.toFixed(1)}: feed it again at LED ${found.feedAgainAt + 1}, then ${(found.lowestThen ?? 0).toFixed(2)} V`,
    );
  return found;
}

function readRipple(plan: LightPlan, tell: Tell): Pick<LightReading, 'glow' | 'rippleWithFoam'> {
  const plate = glowPlate(plan);
  const found = readPlateGlow(plate);
  if ('refusal' in found) {
    tell('mind', GLOW_REFUSAL_WORDS[found.refusal]);
    return { glow: null, rippleWithFoam: null };
  }
  return { glow: found, rippleWithFoam: found.ripplePercent * plateDamping(plan.foamSheets, plate) };
}

function readHeat(
  plan: LightPlan,
  part: Pick<Part, 'areaSquareCentimetres' | 'materialId'> | null,
  watts: number,
  tell: Tell,
): HeatBound | null {
  const area = plan.heatAreaSquareCentimetres ?? part?.areaSquareCentimetres ?? null;
  if (area === null) return null;
  const softensCelsius = SOFTENS_CELSIUS[part?.materialId ?? 'rigid'];
  const found = heatBound({ watts, areaSquareCentimetres: area, aroundCelsius: AROUND_CELSIUS, softensCelsius });
  if (!found.isSafe)
    tell(
      'danger',
      `the skin may come to ${found.skinCelsius.toFixed(0)} °C and gives way at ${softensCelsius}: at most ${found.mostWatts.toFixed(1)} W in it, or vents`,
    );
  return found;
}

function readPlanChain(plan: LightPlan): ChainReading {
  return readChain(
    toSpot(plan.controller),
    plan.groups.map((group) => ({ ...group, in: toSpot(group.in), out: toSpot(group.out) })),
    plan.wires.map(({ fromId, fromEnd, toId, toEnd }) => ({
      from: fromId === null ? { kind: 'controller' } : { kind: fromEnd, group: fromId },
      to: { kind: toEnd, group: toId },
    })),
  );
}
