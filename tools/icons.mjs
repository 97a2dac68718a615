import { chromium } from '@playwright/test';
import { readFile, writeFile } from 'node:fs/promises';

/** Draws the PNG icons of app/public anew from icon.svg, for machines that take no SVG: node tools/icons.mjs */
const folder = new URL('../app/public/', import.meta.url).pathname;
const svg = await readFile(`${folder}icon.svg`, 'utf8');
// A maskable icon is cut to a circle of four fifths, so the drawing stands smaller on its own ground.
const SIZES = [
  ['icon-192.png', 192, 1],
  ['icon-512.png', 512, 1],
  ['icon-maskable-512.png', 512, 0.72],
  ['apple-touch-icon.png', 180, 0.86],
];
const browser = await chromium.launch({ executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium' });
for (const [name, size, share] of SIZES) {
  const page = await browser.newPage({ viewport: { width: size, height: size } });
  const side = Math.round(size * share);
  await page.setContent(
    `<body style="margin:0;background:#3f4a4f;display:grid;place-items:center;width:${size}px;height:${size}px">` +
      `<img style="width:${side}px;height:${side}px" src="data:image/svg+xml;base64,${Buffer.from(svg).toString('base64')}"></body>`,
  );
  await page.waitForTimeout(200);
  await writeFile(`${folder}${name}`, await page.screenshot());
  await page.close();
}
await browser.close();
