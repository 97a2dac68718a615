import { buildAirTimeline } from '@zinc-ladder/core/climate/airTimeline';
import { readCureClock } from '@zinc-ladder/core/cure/cureClock';
import { createCureTables } from '@zinc-ladder/core/cure/cureTables';
import { PRODUCT_CLASSES } from '@zinc-ladder/core/cure/productClasses';
import { LabError, readNumber } from '../../labError';
import type { LabCommand } from '../labCommand';

const START_MS = Date.UTC(2026, 0, 1);
const DAY_MS = 86_400_000;

/** `cure --class fillerPrimer --temp 12 --rh 60 [--coats n]` → milestones in minutes after the last coat, in steady air. */
export const cure: LabCommand = {
  name: 'cure',
  usage: 'cure --class CLASS --temp °C --rh % [--coats n]',
  options: ['class', 'temp', 'rh', 'coats'],
  run: ({ options }) => {
    const entry = PRODUCT_CLASSES.find((candidate) => candidate.id === options['class']);
    if (!entry) throw new LabError(`--class must be one of ${PRODUCT_CLASSES.map((candidate) => candidate.id).join(', ')}`);
    const temperature = readNumber('temp', options['temp'], -40, 60);
    const humidity = readNumber('rh', options['rh'], 0.1, 100);
    const coats = readNumber('coats', options['coats'] ?? '1', 1, 100);
    if (!Number.isInteger(coats)) throw new LabError(`--coats must be whole, got ${coats}`);
    const air = buildAirTimeline([], [], {
      meanCelsius: temperature,
      swingCelsius: 0,
      warmestHour: 15,
      meanHumidityPercent: humidity,
      swingHumidityPercent: 0,
      utcOffsetMinutes: 0,
    });
    const tables = createCureTables(air, START_MS - DAY_MS, START_MS + 2 * DAY_MS);
    // Laid at once, one on the other: the wettest case of several coats.
    const laid = Array.from({ length: coats }, () => ({ atMs: START_MS, thicknessMicrometres: entry.drying.coatMicrometres }));
    const outlook = readCureClock(entry.drying, laid, tables);
    const minutes = (ms: number | null): number | null => (ms === null ? null : Math.round((ms - START_MS) / 600) / 100);
    const recoat = outlook.recoatWindows;
    return {
      class: entry.id,
      filmMicrometres: outlook.filmMicrometres,
      touch: minutes(outlook.milestones.touch),
      recoatFrom: minutes(outlook.milestones.recoat),
      recoatUntil: minutes(recoat[0]?.closesMs ?? null),
      recoatAgain: minutes(recoat[1]?.opensMs ?? null),
      handle: minutes(outlook.milestones.handle),
      sand: minutes(outlook.milestones.sand),
      tape: minutes(outlook.milestones.tape),
      hard: minutes(outlook.milestones.hard),
    };
  },
};
