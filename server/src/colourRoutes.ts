import { simulateScale } from '@zinc-ladder/core/batch/canContents';
import { simulateReadings } from '@zinc-ladder/core/colour/cards/simulatedReader';
import { Router } from 'express';

/** The simulated colour reader and scale behind the documented adapters (docs/devices.md). They know what lies on them only by being told. */
export function colourRoutes(): Router {
  const router = Router();
  router.get('/reader', (request, response) => {
    const [l = NaN, a = NaN, b = NaN] = String(request.query['swatch'] ?? '')
      .split(',')
      .map(Number);
    const count = Number(request.query['count'] ?? 1);
    const seed = Number(request.query['seed'] ?? 1);
    const isColour = l >= 0 && l <= 100 && Math.abs(a) <= 200 && Math.abs(b) <= 200;
    if (!isColour || !Number.isInteger(count) || count < 1 || count > 50 || !Number.isSafeInteger(seed)) {
      response.status(400).json({ error: 'swatch must be L,a,b, count 1 to 50, seed a whole number' });
      return;
    }
    response.json({ device: 'simulated colour reader', readings: simulateReadings([l, a, b], count, seed).map((lab) => ({ lab })) });
  });
  router.get('/scale', (request, response) => {
    const grams = Number(request.query['grams']);
    const seed = Number(request.query['seed'] ?? 1);
    if (!(grams >= 0 && grams <= 100_000) || !Number.isSafeInteger(seed)) {
      response.status(400).json({ error: 'grams must be between 0 and 100000, seed a whole number' });
      return;
    }
    response.json({ device: 'simulated scale', grams: simulateScale(grams, seed) });
  });
  return router;
}
