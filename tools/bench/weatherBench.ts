import { labOfHex } from '../../core/src/colour/lab';
import { readStl } from '../../core/src/surface/mesh/readStl';
import { halveLongEdges } from '../../core/src/weather/draw/drawnSurface';
import { crate } from '../../core/src/weather/testing/solids';
import { gatherFields, USUAL_SETUP } from '../../core/src/weather/field/weatherFields';
import { photoOfPixels } from '../../core/src/weather/photograph/photo';
import { readCoverage } from '../../core/src/weather/photograph/readCoverage';
import { createRehearsal } from '../../core/src/weather/seen/rehearsal';
import { paintForTechnique, passFor, usualLab } from '../../core/src/weather/technique/passFor';
import { findTechnique } from '../../core/src/weather/technique/techniques';
import { medianMs } from './measure';
import { lumpyBall } from './lumpyBall';

const BASE = labOfHex('#3c5c4c');
/** Rings of a ball of about 200,000 facets. */
const LARGE = 224;
const [WIDE, HIGH] = [4000, 3000];

function washed(amount: number) {
  const technique = findTechnique('washWiped');
  return passFor(technique, paintForTechnique(technique, usualLab(technique)), { amount });
}

/** Fields of large parts, a slider that is moved, and a photograph of twelve megapixels; × the sort of 200,000 numbers in the same run. */
export function benchWeather(tell: (what: string, ms: number, goal: string) => void): void {
  const { mesh: lumpy } = readStl(lumpyBall(LARGE));
  const crated = halveLongEdges(crate(), 1.25, 250_000);
  tell(
    `fields of a crate of ${crated.indices.length / 3} facets, 7 % in recesses`,
    medianMs(() => gatherFields(crated), 3),
    'under 1500 ms',
  );
  tell(
    `fields of ${lumpy.indices.length / 3} facets, half of them in recesses`,
    medianMs(() => gatherFields(lumpy), 3),
    'the worst case',
  );
  const { mesh } = readStl(lumpyBall(60));
  for (const points of [50_000, 200_000]) {
    const fields = gatherFields(mesh, { ...USUAL_SETUP, points });
    const rehearsal = createRehearsal(fields, fields.up, BASE);
    let amount = 0.2;
    const move = (): unknown => rehearsal.labs([washed((amount = (amount + 0.037) % 1))]);
    move();
    tell(
      `a slider that moves a wash over all of ${points} points (film, Lab)`,
      medianMs(move, 7),
      points === 50_000 ? 'under 50 ms' : 'under 150 ms',
    );
  }
  const pixels = new Uint8Array(WIDE * HIGH * 4);
  for (let at = 0; at < pixels.length; at += 1) pixels[at] = 60 + ((at * 7919) % 120);
  const pairs = [
    [200, 200],
    [3800, 300],
    [3600, 2800],
    [300, 2700],
    [2000, 1500],
  ].map(([x = 0, y = 0]) => ({ after: [x, y] as const, clean: [x, y] as const }));
  tell(
    `a photograph of ${(WIDE * HIGH) / 1e6} megapixels against the clean one, once decoded`,
    medianMs(() => {
      const photo = photoOfPixels(pixels, WIDE, HIGH);
      readCoverage({
        after: photo,
        clean: photoOfPixels(pixels, WIDE, HIGH),
        pairs,
        cleanPins: pairs.map((pair) => pair.after),
        base: BASE,
        deposit: labOfHex('#c9b99a'),
        area: { left: 100, top: 100, width: WIDE - 200, height: HIGH - 200 },
      });
    }, 3),
    'under 2000 ms',
  );
}
