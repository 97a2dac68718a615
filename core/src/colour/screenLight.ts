/** Linear light, 0 … 1, of a channel as a screen has it, 0–255 (IEC 61966-2-1). */
export function lightOfScreen(value: number): number {
  const share = value / 255;
  return share <= 0.04045 ? share / 12.92 : ((share + 0.055) / 1.055) ** 2.4;
}

/** A screen's channel, 0–255, not rounded, of linear light; cut off at both ends. */
export function screenOfLight(light: number): number {
  const value = Math.min(1, Math.max(0, light));
  return 255 * (value <= 0.0031308 ? value * 12.92 : 1.055 * value ** (1 / 2.4) - 0.055);
}
