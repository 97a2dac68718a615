import { existsSync, mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { ROOT } from './installed.mjs';

/** Writes what the built application takes from others with the licences it comes under: app/public/third-party.txt. Run before each build. */
const installed = JSON.parse(readFileSync(join(ROOT, 'package-lock.json'), 'utf8')).packages;

/** Where a package that another one names is installed: beside it, or in a folder above. */
function placeOf(name, from) {
  const folders = from
    .split('/node_modules/')
    .map((_, at, parts) => `${parts.slice(0, at + 1).join('/node_modules/')}/node_modules/${name}`);
  const place = [...folders.reverse(), `node_modules/${name}`].find((candidate) => installed[candidate]);
  return place && installed[place].link ? installed[place].resolved : place;
}

const found = new Set();
const waiting = ['app'];
for (let place = waiting.pop(); place !== undefined; place = waiting.pop()) {
  if (found.has(place)) continue;
  found.add(place);
  for (const name of Object.keys(installed[place]?.dependencies ?? {})) {
    const next = placeOf(name, place);
    if (next && existsSync(join(ROOT, next, 'package.json'))) waiting.push(next);
  }
}

const entries = [...found]
  .filter((place) => place.startsWith('node_modules/'))
  .map((place) => {
    const folder = join(ROOT, place);
    const { name, version, license } = JSON.parse(readFileSync(join(folder, 'package.json'), 'utf8'));
    const files = readdirSync(folder, { withFileTypes: true })
      .filter((entry) => entry.isFile() && /^(licen[cs]e|notice|copying|ofl)/iu.test(entry.name))
      .map((entry) => entry.name);
    const texts = files.sort().map((file) => readFileSync(join(folder, file), 'utf8').trim());
    return { name, version, license: license ?? 'no licence named', texts };
  })
  .sort((a, b) => (a.name < b.name ? -1 : 1));
const line = '-'.repeat(80);
const text = [
  'Zinc Ladder contains the following packages and fonts.',
  ...entries.map(({ name, version, license, texts }) => [line, `${name} ${version}: ${license}`, ...texts].join('\n\n')),
].join('\n\n');
const target = join(ROOT, 'app/public/third-party.txt');
mkdirSync(dirname(target), { recursive: true });
writeFileSync(target, `${text}\n`);
console.log(`${entries.length} packages and fonts in third-party.txt`);
