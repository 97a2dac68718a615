const RADIANS = Math.PI / 180;
const POW_25_7 = 25 ** 7;

/**
 * CIEDE2000 on plain numbers: `difference` for the many thousand places of a surface, where making objects would cost more than the sum. The test
 * holds both to each other.
 */
export function differenceOfNumbers(l1: number, a1: number, b1: number, l2: number, a2: number, b2: number): number {
  const c1 = Math.sqrt(a1 * a1 + b1 * b1);
  const c2 = Math.sqrt(a2 * a2 + b2 * b2);
  const meanChroma7 = ((c1 + c2) / 2) ** 7;
  const g = 0.5 * (1 - Math.sqrt(meanChroma7 / (meanChroma7 + POW_25_7)));
  const x1 = a1 * (1 + g);
  const x2 = a2 * (1 + g);
  const p1 = Math.sqrt(x1 * x1 + b1 * b1);
  const p2 = Math.sqrt(x2 * x2 + b2 * b2);
  const h1 = hueOf(x1, b1);
  const h2 = hueOf(x2, b2);
  const isGrey = p1 * p2 === 0;
  let turn = h2 - h1;
  if (isGrey) turn = 0;
  else if (turn > 180) turn -= 360;
  else if (turn < -180) turn += 360;
  const dl = l2 - l1;
  const dc = p2 - p1;
  const dh = 2 * Math.sqrt(p1 * p2) * Math.sin((turn / 2) * RADIANS);
  const l = (l1 + l2) / 2;
  const c = (p1 + p2) / 2;
  let hue = h1 + h2;
  if (!isGrey) {
    if (Math.abs(h1 - h2) <= 180) hue /= 2;
    else hue = hue < 360 ? (hue + 360) / 2 : (hue - 360) / 2;
  }
  const t =
    1 -
    0.17 * Math.cos((hue - 30) * RADIANS) +
    0.24 * Math.cos(2 * hue * RADIANS) +
    0.32 * Math.cos((3 * hue + 6) * RADIANS) -
    0.2 * Math.cos((4 * hue - 63) * RADIANS);
  const fromMiddle = (l - 50) * (l - 50);
  const sl = 1 + (0.015 * fromMiddle) / Math.sqrt(20 + fromMiddle);
  const sc = 1 + 0.045 * c;
  const sh = 1 + 0.015 * c * t;
  const c7 = c ** 7;
  const bend = ((hue - 275) / 25) ** 2;
  const rt = -2 * Math.sqrt(c7 / (c7 + POW_25_7)) * Math.sin(60 * Math.exp(-bend) * RADIANS);
  const [u, v, w] = [dl / sl, dc / sc, dh / sh];
  return Math.sqrt(Math.max(0, u * u + v * v + w * w + rt * v * w));
}

function hueOf(a: number, b: number): number {
  if (a === 0 && b === 0) return 0;
  const degrees = Math.atan2(b, a) / RADIANS;
  return degrees < 0 ? degrees + 360 : degrees;
}
