import { DEMO_GARAGE, simulateForecast, simulateReadings } from '@zinc-ladder/core/simulated/simulatedClimate';
import { Router } from 'express';

/** Most that one request asks for: a week of readings. */
const LONGEST_SPAN_MS = 8 * 86_400_000;
const FORECAST_HOURS = 72;

/** The simulated climate sensor behind the documented adapter (docs/devices.md). */
export function climateRoutes(): Router {
  const router = Router();
  router.get('/', (request, response) => {
    const fromMs = Number(request.query['from']);
    const toMs = Number(request.query['to']);
    if (!isMoment(fromMs) || !isMoment(toMs) || toMs < fromMs || toMs - fromMs > LONGEST_SPAN_MS) {
      response.status(400).json({ error: 'from and to must be epoch milliseconds, in order, at most 8 days apart' });
      return;
    }
    response.json({
      device: 'simulated shop sensor',
      readings: simulateReadings(DEMO_GARAGE, fromMs, toMs),
      forecast: simulateForecast(DEMO_GARAGE, toMs, FORECAST_HOURS),
    });
  });
  return router;
}

function isMoment(value: number): boolean {
  return Number.isFinite(value) && value >= 0 && value < Date.UTC(2100, 0, 1);
}
