import type { ClimateReading } from '@zinc-ladder/model/records/shop/climateReading';
import type { ShopDatabase } from './tables/database';
import type { Edit } from './edits/edit';

const DAY_MS = 86_400_000;
/** Readings older than this serve no cure clock any more. */
const KEEP_DAYS = 60;
const LONGEST_BACKLOG_DAYS = 7;

interface SensorSample {
  readonly atMs: number;
  readonly temperatureCelsius: number;
  readonly relativeHumidityPercent: number;
  readonly windMetresPerSecond?: number;
}

/** What the climate adapter answers (docs/devices.md). */
export interface ClimateAnswer {
  readonly device: string;
  readonly readings: readonly SensorSample[];
  readonly forecast: readonly SensorSample[];
}

/** Whether a device says of itself that it is simulated (docs/devices.md). */
export function isSimulated(device: string): boolean {
  return device.startsWith('simulated');
}

/** Forgets what simulated devices wrote of the air, as one edit. */
export async function forgetSimulated(edit: Edit): Promise<void> {
  for (const reading of await edit.list('climateReadings')) if (isSimulated(reading.source)) await edit.drop('climateReadings', reading.id);
}

/**
 * Asks the sensor for what was measured since the last reading, and for its forecast.
 *
 * @throws Error when it cannot be reached or answers nonsense
 */
export async function fetchClimate(nowMs: number, db: ShopDatabase, signal: AbortSignal): Promise<ClimateAnswer> {
  const last = await db
    .records('climateReadings')
    .where('atMs')
    .belowOrEqual(nowMs)
    .reverse()
    .filter((reading) => reading.kind === 'measured' && reading.place === 'shop')
    .first();
  const fromMs = Math.max(nowMs - LONGEST_BACKLOG_DAYS * DAY_MS, last ? last.atMs + 1 : 0);
  const response = await fetch(`/api/climate?from=${Math.round(fromMs)}&to=${Math.round(nowMs)}`, {
    signal: AbortSignal.any([signal, AbortSignal.timeout(8000)]),
  });
  if (!response.ok) throw new Error(`the sensor answered ${response.status}`);
  const answer = (await response.json()) as ClimateAnswer;
  if (!Array.isArray(answer.readings) || !Array.isArray(answer.forecast)) throw new Error('the sensor answered nonsense');
  return answer;
}

/** Keeps readings and puts the new forecast in place of the old. Facts of a device are not edits: undo leaves them. */
export async function keepClimate(db: ShopDatabase, answer: ClimateAnswer, nowMs: number): Promise<void> {
  const { findRecordFaults } = await import('@zinc-ladder/model/file/validateRecord');
  const toRecord =
    (kind: ClimateReading['kind']) =>
    (sample: SensorSample): ClimateReading => ({
      id: `${kind === 'measured' ? 'm' : 'f'}-${sample.atMs}`,
      revision: 0,
      atMs: sample.atMs,
      temperatureCelsius: sample.temperatureCelsius,
      relativeHumidityPercent: sample.relativeHumidityPercent,
      windMetresPerSecond: sample.windMetresPerSecond ?? null,
      kind,
      place: 'shop',
      source: answer.device,
    });
  const records = [...answer.readings.map(toRecord('measured')), ...answer.forecast.map(toRecord('forecast'))];
  const sound = records.filter((record) => findRecordFaults('climateReadings', record).length === 0);
  await db.transaction('rw', db.records('climateReadings'), async () => {
    const table = db.records('climateReadings');
    const isOld = ({ kind, place, atMs }: ClimateReading): boolean =>
      (kind === 'forecast' && place === 'shop') || atMs < nowMs - KEEP_DAYS * DAY_MS;
    const old = await table.filter(isOld).primaryKeys();
    await table.bulkDelete(old);
    await table.bulkPut(sound);
  });
}
