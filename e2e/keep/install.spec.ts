import { expect, test } from '@playwright/test';
import { EMPTY } from '../shops';

test('can be installed on a phone: the manifest’s pictures are there in the sizes it names', async ({ page, request }) => {
  await page.goto(EMPTY);
  const address = await page.locator('link[rel="manifest"]').getAttribute('href');
  const manifest = (await (await request.get(`${EMPTY}${address ?? ''}`)).json()) as {
    readonly display: string;
    readonly icons: readonly { readonly src: string; readonly sizes: string; readonly type: string; readonly purpose: string }[];
  };
  expect(manifest.display).toBe('standalone');
  const drawn = manifest.icons.filter(({ type }) => type === 'image/png');
  expect(drawn.map(({ sizes, purpose }) => `${sizes} ${purpose}`)).toEqual(['192x192 any', '512x512 any', '512x512 maskable']);
  const touch = await page.locator('link[rel="apple-touch-icon"]').getAttribute('href');
  for (const [src, sizes] of [...drawn.map(({ src, sizes }) => [`/${src}`, sizes] as const), [touch ?? '', '180x180'] as const]) {
    const png = await (await request.get(`${EMPTY}${src}`)).body();
    expect(png.subarray(1, 4).toString(), src).toBe('PNG');
    // Width and height stand in the first chunk of every PNG (PNG specification, IHDR).
    expect(`${png.readUInt32BE(16)}x${png.readUInt32BE(20)}`, src).toBe(sizes);
  }
});
