/** Copper at 20 °C, Ω·mm²/m (IEC 60028: 1/58). */
const COPPER = 1 / 58;

/**
 * Section of a wire by its AWG number, mm²: diameter 0.127 · 92^((36 − n) ÷ 39) mm (ASTM B258, memory). 0000 is −3.
 *
 * @throws RangeError outside −3 … 40
 */
export function sectionOfAwg(gauge: number): number {
  if (!Number.isInteger(gauge) || gauge < -3 || gauge > 40) throw new RangeError(`no wire has the gauge ${gauge}`);
  const millimetres = 0.127 * 92 ** ((36 - gauge) / 39);
  return (Math.PI / 4) * millimetres * millimetres;
}

/**
 * Resistance of a lead, there and back.
 *
 * @param millimetres its length one way
 * @throws RangeError where it has no section
 */
export function leadOhms(millimetres: number, squareMillimetres: number): number {
  if (!(squareMillimetres > 0)) throw new RangeError('a wire without a section carries nothing');
  return (2 * COPPER * millimetres) / 1000 / squareMillimetres;
}

/** Copper of a strip from one LED to the next, Ω, from what it has in a metre. */
export function ohmsPerLed(ohmsAMetre: number, pitchMillimetres: number): number {
  return (ohmsAMetre * pitchMillimetres) / 1000;
}

/** The inverse of {@link ohmsPerLed}. */
export function ohmsAMetre(perLed: number, pitchMillimetres: number): number {
  return (perLed * 1000) / pitchMillimetres;
}
