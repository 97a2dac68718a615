/** Black or white, whichever reads better on a colour (relative luminance of sRGB, WCAG 2.2). */
export function readableInk(colourHex: string): string {
  const channel = (at: number): number => {
    const value = Number.parseInt(colourHex.slice(at, at + 2), 16) / 255;
    return value <= 0.04045 ? value / 12.92 : ((value + 0.055) / 1.055) ** 2.4;
  };
  const luminance = 0.2126 * channel(1) + 0.7152 * channel(3) + 0.0722 * channel(5);
  return (luminance + 0.05) / 0.05 > 1.05 / (luminance + 0.05) ? '#000000' : '#ffffff';
}
