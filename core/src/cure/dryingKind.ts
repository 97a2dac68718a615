import type { Air } from '../climate/air';
import { LABEL_AIR } from '../climate/air';
import { saturationPressureHpa, vapourPressureHpa } from '../climate/saturationPressure';
import { wetBulbCelsius } from '../climate/wetBulb';

/** Names of the ways a film dries. */
export type DryingKindId = 'solvent' | 'water' | 'twoPart' | 'oxidation' | 'moisture';

/** How thickness stretches the through-drying time; see {@link thicknessFactor}. */
export interface ThicknessLaw {
  /** exponent while the film is thin (evaporation-limited) */
  readonly thinExponent: number;
  /** exponent beyond `thickFrom` (diffusion-limited) */
  readonly thickExponent: number;
  /** multiple of the label's coat at which a film starts to count as thick; guessed */
  readonly thickFrom: number;
}

/**
 * What goes on in a film: first what made it liquid leaves (touch, recoat, handle), then it hardens (sand, tape, hard). The air moves the two
 * differently.
 */
export type CurePhase = 'drying' | 'hardening';

/** Both, in the order they come in. */
export const CURE_PHASES: readonly CurePhase[] = ['drying', 'hardening'];

/** Label minutes gained per minute in an air; 1 in label air; never negative. */
export type CureRate = (air: Air) => number;

/** What a product is thinned with. */
export type Thinner = 'water' | 'whiteSpirit' | 'lacquerThinner' | 'none';

/** One way of drying: its speed in the air relative to label conditions, as data with its source, and what else follows from it. */
export interface DryingKind {
  readonly id: DryingKindId;
  readonly name: string;
  readonly rates: Readonly<Record<CurePhase, CureRate>>;
  readonly thickness: ThicknessLaw;
  /** °C below which its films do not form where the label says nothing of it (common practice); null: they form in any cold */
  readonly leastFilmCelsius: number | null;
  /** warm air drives off what a thin film still holds; what reacts only skins over (common practice) */
  readonly gainsByWarmAir: boolean;
  /** what makes it thinner (common practice; a label wins) */
  readonly thinner: Thinner;
  /** two parts are measured and mixed, and set in the cup as on the part */
  readonly isMixed: boolean;
  /** its vapour, or its resin on the skin, is no work for everyone (common practice; the safety sheet wins) */
  readonly isSolventOrResin: boolean;
  readonly formula: string;
  readonly source: string;
}

const GAS_CONSTANT = 8.314;
const KELVIN = 273.15;

function thermalRate(air: Air, energyJoulesPerMole: number): number {
  const here = 1 / (air.temperatureCelsius + KELVIN);
  const label = 1 / (LABEL_AIR.temperatureCelsius + KELVIN);
  return Math.exp((-energyJoulesPerMole / GAS_CONSTANT) * (here - label));
}

/** What drives water out of a wet film: it cools itself to the wet bulb, and evaporates from there. Ice stays. */
function wetPotential({ temperatureCelsius, relativeHumidityPercent }: Air): number {
  if (temperatureCelsius <= 0) return 0;
  const atFilm = saturationPressureHpa(wetBulbCelsius(temperatureCelsius, relativeHumidityPercent));
  return Math.max(0, atFilm - vapourPressureHpa(temperatureCelsius, relativeHumidityPercent));
}

const LABEL_POTENTIAL = wetPotential(LABEL_AIR);
/** Hardening, whatever it is: cross-linking, particles growing into one another, the last solvent finding its way out. */
const HARDENING_JOULES = 50_000;
const hardening: CureRate = (air) => thermalRate(air, HARDENING_JOULES);
const moistureRate: CureRate = (air) => Math.min(1, air.relativeHumidityPercent / 30);

const EVAPORATING: ThicknessLaw = { thinExponent: 1, thickExponent: 2, thickFrom: 3 };
const REACTING: ThicknessLaw = { thinExponent: 0, thickExponent: 0, thickFrom: 1 };

/** All drying kinds. A new one is a new entry here with a test beside it. */
export const DRYING_KINDS: readonly DryingKind[] = [
  {
    id: 'solvent',
    name: 'solvent leaves',
    rates: { drying: (air) => thermalRate(air, 38_000), hardening },
    thickness: EVAPORATING,
    leastFilmCelsius: null,
    gainsByWarmAir: true,
    thinner: 'lacquerThinner',
    isMixed: false,
    isSolventOrResin: true,
    formula: 'until it can be handled exp(−ΔHv/R · (1/T − 1/296.15 K)), ΔHv = 38 kJ/mol; then as slow as 50 kJ/mol makes it',
    source: 'Clausius–Clapeyron; ΔHv from memory (toluene); the last solvent leaves by diffusion, 50 kJ/mol from memory',
  },
  {
    id: 'water',
    name: 'water leaves',
    rates: { drying: (air) => wetPotential(air) / LABEL_POTENTIAL, hardening },
    thickness: EVAPORATING,
    leastFilmCelsius: 8,
    gainsByWarmAir: true,
    thinner: 'water',
    isMixed: false,
    isSolventOrResin: false,
    formula: 'until it can be handled (es(Twet bulb) − e) ÷ the same at 23 °C, 50 %; then exp(−Ea/R · (1/T − 1/296.15 K)), Ea = 50 kJ/mol',
    source:
      'wet bulb with Magnus pressures (WMO-No. 8), psychrometric constant 0.00066 /K from memory; hardening by Arrhenius, Ea from memory',
  },
  {
    id: 'twoPart',
    name: 'two parts react',
    rates: { drying: hardening, hardening },
    // A thicker mass of a two-part product heats itself and does not set later.
    thickness: REACTING,
    leastFilmCelsius: null,
    gainsByWarmAir: false,
    thinner: 'none',
    isMixed: true,
    isSolventOrResin: true,
    formula: 'exp(−Ea/R · (1/T − 1/296.15 K)), Ea = 50 kJ/mol',
    source: 'Arrhenius; Ea from memory; about half the speed per 10 °C colder (common practice)',
  },
  {
    id: 'oxidation',
    name: 'oxygen hardens it',
    rates: { drying: hardening, hardening },
    thickness: EVAPORATING,
    leastFilmCelsius: null,
    gainsByWarmAir: false,
    thinner: 'whiteSpirit',
    isMixed: false,
    isSolventOrResin: true,
    formula: 'exp(−Ea/R · (1/T − 1/296.15 K)), Ea = 50 kJ/mol',
    source: 'Arrhenius; Ea from memory; about half the speed per 10 °C colder (common practice)',
  },
  {
    id: 'moisture',
    name: 'moisture sets it',
    rates: { drying: moistureRate, hardening: moistureRate },
    thickness: REACTING,
    leastFilmCelsius: null,
    gainsByWarmAir: false,
    thinner: 'none',
    isMixed: false,
    isSolventOrResin: false,
    formula: 'min(1, RH / 30 %)',
    source: 'slower below 30 % RH (common practice); the straight line is a guess',
  },
];

/**
 * The drying kind of that name.
 *
 * @throws RangeError for a name that is not in {@link DRYING_KINDS}
 */
export function dryingKind(id: DryingKindId): DryingKind {
  const found = DRYING_KINDS.find((kind) => kind.id === id);
  if (!found) throw new RangeError(`unknown drying kind: ${String(id)}`);
  return found;
}

/** Whether a film of that kind can be too cold to form. */
export function canFailToForm(id: DryingKindId): boolean {
  return dryingKind(id).leastFilmCelsius !== null;
}

/**
 * By how much a film of `ratio` × the label's coat dries slower through its depth: `ratio^n`, n = 1 thin, 2 thick
 * (common practice; where thin ends is our guess), continuous at the change. A film thinner than the label's coat is given the label's time: labels do not promise less.
 *
 * @param ratio film thickness ÷ label coat thickness, ≥ 0
 */
export function thicknessFactor(law: ThicknessLaw, ratio: number): number {
  const thin = Math.min(Math.max(ratio, 1), law.thickFrom);
  const thick = Math.max(ratio / law.thickFrom, 1);
  return thin ** law.thinExponent * thick ** law.thickExponent;
}
