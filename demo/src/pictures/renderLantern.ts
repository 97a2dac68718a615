/** Linear RGB, 0–1. */
type Colour = readonly [r: number, g: number, b: number];

/** A light the lantern is looked at under. */
export interface PictureLight {
  readonly id: string;
  readonly name: string;
  /** colour and strength of the lamp */
  readonly lamp: Colour;
  /** light from everywhere */
  readonly ambient: Colour;
  /** direction the lamp shines from, unit length */
  readonly from: readonly [number, number, number];
  readonly note: string;
}

/** True reflectances of what is in the pictures, as sRGB: the colour desk can be checked against them. */
export const TRUE_COLOURS = { brass: '#a8843c', band: '#3c5c4c', glass: '#d6a04f', greyCard: '#808080' } as const;

/** Three lights: a hall by day, a lamp, a still at night. */
export const PICTURE_LIGHTS: readonly PictureLight[] = [
  {
    id: 'picture-hall',
    name: 'Hall, daylight',
    lamp: [0.75, 0.78, 0.82],
    ambient: [0.36, 0.38, 0.42],
    from: [-0.5, 0.55, 0.67],
    note: 'Grey card at the left is a true middle grey.',
  },
  {
    id: 'picture-lamp',
    name: 'Lamp on',
    lamp: [1.0, 0.72, 0.42],
    ambient: [0.3, 0.2, 0.11],
    from: [0.45, 0.35, 0.82],
    note: 'One warm lamp from the right.',
  },
  {
    id: 'picture-night',
    name: 'Night still',
    lamp: [0.1, 0.13, 0.2],
    ambient: [0.035, 0.045, 0.07],
    from: [-0.7, 0.2, 0.69],
    note: 'Dark; shadows are clipped.',
  },
];

/** Size of the pictures, pixels. */
export const PICTURE_SIZE = { width: 480, height: 360 } as const;

/** The grey card beside the lantern: its edges in pixels, and how long they are. It stands as far away as the lantern's middle. */
export const GREY_CARD = { left: 51, top: 241, right: 110, bottom: 300, millimetres: 76 } as const;

/** True lengths of the lantern in the pictures: where they begin and end, pixels. The camera is far away: a pixel is the same length everywhere. */
export const TRUE_LENGTHS = {
  height: [
    [240, 321],
    [240, 45],
  ],
  foot: [
    [179, 315],
    [302, 315],
  ],
  glass: [
    [214, 202],
    [214, 125],
  ],
} as const;

/** Outline of the lantern: `[height, radius]` in pixels from the ground up. */
const PROFILE: readonly (readonly [number, number])[] = [
  [0, 62],
  [10, 62],
  [22, 48],
  [30, 58],
  [96, 58],
  [112, 40],
  [118, 34],
  [196, 36],
  [206, 50],
  [214, 46],
  [244, 18],
  [262, 16],
  [268, 22],
  [276, 8],
];

/** A finisher's own photograph of the lantern: its light, its colours, and how it lies in the frame. */
export interface OwnView {
  readonly light: PictureLight;
  readonly colours: Readonly<Record<keyof typeof TRUE_COLOURS, string>>;
  /** of the frame, pixels */
  readonly width: number;
  readonly height: number;
  readonly scale: number;
  readonly turnDegrees: number;
}

/** Where a place of the reference pictures lies on an own photograph, pixels. */
export function placeOnOwn([x, y]: readonly [number, number], { width, height, scale, turnDegrees }: OwnView): readonly [number, number] {
  const [dx, dy] = [(x - PICTURE_SIZE.width / 2) * scale, (y - PICTURE_SIZE.height / 2) * scale];
  const [cos, sin] = [Math.cos((turnDegrees * Math.PI) / 180), Math.sin((turnDegrees * Math.PI) / 180)];
  return [width / 2 + dx * cos - dy * sin, height / 2 + dx * sin + dy * cos];
}

/** Renders an own photograph. The same view, always the same picture. */
export function renderOwn(view: OwnView): Uint8Array {
  const { width, height, scale, turnDegrees, light, colours } = view;
  const [cos, sin] = [Math.cos((turnDegrees * Math.PI) / 180), Math.sin((turnDegrees * Math.PI) / 180)];
  return renderPixels(width, height, (x, y) => {
    const [dx, dy] = [(x - width / 2) / scale, (y - height / 2) / scale];
    return shadePixel(PICTURE_SIZE.width / 2 + dx * cos + dy * sin, PICTURE_SIZE.height / 2 - dx * sin + dy * cos, light, colours);
  });
}

/** Renders the lantern under a light, with a grey card beside it. The same light, always the same picture. */
export function renderLantern(light: PictureLight): Uint8Array {
  return renderPixels(PICTURE_SIZE.width, PICTURE_SIZE.height, (x, y) => shadePixel(x, y, light, TRUE_COLOURS));
}

function renderPixels(width: number, height: number, shade: (x: number, y: number) => Colour): Uint8Array {
  const pixels = new Uint8Array(width * height * 3);
  for (let y = 0; y < height; y += 1) {
    for (let x = 0; x < width; x += 1) {
      shade(x, y).forEach((value, channel) => {
        pixels[(y * width + x) * 3 + channel] = Math.round(encode(Math.min(1, Math.max(0, value))) * 255);
      });
    }
  }
  return pixels;
}

function shadePixel(x: number, y: number, light: PictureLight, colours: OwnView['colours']): Colour {
  const { width, height } = PICTURE_SIZE;
  const ground = height - 40;
  const up = ground - y;
  if (x > 50 && x < 110 && up > 20 && up < 80) return lit(decodeHex(colours.greyCard), [0, 0, 1], light, 0);
  const radius = radiusAt(up);
  const across = x - width / 2;
  if (radius > 0 && Math.abs(across) < radius) {
    const slope = (radiusAt(up - 1) - radiusAt(up + 1)) / 2;
    const nx = across / radius;
    const length = Math.hypot(nx, slope, Math.sqrt(1 - nx * nx));
    const isGlass = up > 118 && up < 196;
    const isBand = up > 48 && up < 78;
    const colour = decodeHex(isGlass ? colours.glass : isBand ? colours.band : colours.brass);
    return lit(colour, [nx / length, slope / length, Math.sqrt(1 - nx * nx) / length], light, isBand ? 0.06 : isGlass ? 0.35 : 0.22);
  }
  const wall: Colour = up > 0 ? [0.34, 0.34, 0.34] : [0.2, 0.19, 0.18];
  return lit(wall, up > 0 ? [0, 0, 1] : [0, 1, 0], light, 0);
}

function lit(colour: Colour, normal: readonly [number, number, number], light: PictureLight, shine: number): Colour {
  const facing = Math.max(0, normal[0] * light.from[0] + normal[1] * light.from[1] + normal[2] * light.from[2]);
  const glint = shine * facing ** 24;
  return [0, 1, 2].map(
    (c) => (colour[c] ?? 0) * ((light.ambient[c] ?? 0) + facing * (light.lamp[c] ?? 0)) + glint * (light.lamp[c] ?? 0),
  ) as unknown as Colour;
}

function radiusAt(up: number): number {
  for (let i = 0; i + 1 < PROFILE.length; i += 1) {
    const [low, lowRadius] = PROFILE[i] ?? [0, 0];
    const [high, highRadius] = PROFILE[i + 1] ?? [0, 0];
    if (up >= low && up < high) return lowRadius + ((up - low) / (high - low)) * (highRadius - lowRadius);
  }
  return 0;
}

function decodeHex(hex: string): Colour {
  return [1, 3, 5].map((at) => decode(Number.parseInt(hex.slice(at, at + 2), 16) / 255)) as unknown as Colour;
}

/** sRGB transfer, IEC 61966-2-1. */
function decode(value: number): number {
  return value <= 0.04045 ? value / 12.92 : ((value + 0.055) / 1.055) ** 2.4;
}

function encode(value: number): number {
  return value <= 0.0031308 ? value * 12.92 : 1.055 * value ** (1 / 2.4) - 0.055;
}
