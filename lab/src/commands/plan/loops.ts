import { LABEL_AIR } from '@zinc-ladder/core/climate/air';
import { AGES } from '@zinc-ladder/core/ladder/ages';
import { finishAtAge, FINISHES } from '@zinc-ladder/core/ladder/finishes';
import { MATERIALS } from '@zinc-ladder/core/ladder/materials';
import { SMOOTHING_SCHOOLS } from '@zinc-ladder/core/ladder/schools';
import { forecastSchool, USUAL_ENGRAVING } from '@zinc-ladder/core/surface/forecast/forecastSchools';
import { ARMS_LENGTH_METRES, visibleValley } from '@zinc-ladder/core/surface/forecast/visibleValley';
import { LabError, readNumber } from '../../labError';
import type { LabCommand } from '../labCommand';

/** What one finish was called before age was a choice of its own; scripts may still say it. */
const AGED_METAL = 'agedMetal';

const round = (value: number, places = 2): number => Math.round(value * 10 ** places) / 10 ** places;

/** `loops --school primerOnly --layer-height 0.2 --finish gloss [--material rigid] [--ridge µm] [--area cm²] [--distance m] [--age id] [--temp °C]` → loops, hands, waiting, products, film. */
export const loops: LabCommand = {
  name: 'loops',
  usage: 'loops --school id --layer-height mm --finish id [--material id] [--ridge µm] [--area cm²] [--distance m] [--temp °C] [--rh %]',
  options: ['school', 'layer-height', 'finish', 'material', 'ridge', 'area', 'distance', 'age', 'temp', 'rh'],
  run: ({ options }) => {
    const isAgedMetal = options['finish'] === AGED_METAL;
    const finish = isAgedMetal ? 'metal' : pick('finish', options['finish'], FINISHES);
    const age = pick('age', options['age'] ?? (isAgedMetal ? 'worn' : 'new'), AGES);
    const distance = readNumber('distance', options['distance'] ?? String(ARMS_LENGTH_METRES), 0.05, 1000);
    const visible = visibleValley(finishAtAge(finish, age), distance);
    const forecast = forecastSchool(
      {
        material: pick('material', options['material'] ?? 'rigid', MATERIALS),
        finish,
        age,
        smoothing: pick('school', options['school'], SMOOTHING_SCHOOLS),
        joining: 'none',
        sealing: 'unsealed',
        layerMillimetres: readNumber('layer-height', options['layer-height'], 0, 1),
        areaSquareCentimetres: readNumber('area', options['area'] ?? '100', 0, 200_000),
        pieces: 1,
        ...(options['ridge'] === undefined ? {} : { ridgeMicrometres: readNumber('ridge', options['ridge'], 0, 5000) }),
      },
      {
        wantedMicrometres: visible.valleyMicrometres,
        air: {
          temperatureCelsius: readNumber('temp', options['temp'] ?? String(LABEL_AIR.temperatureCelsius), -20, 60),
          relativeHumidityPercent: readNumber('rh', options['rh'] ?? String(LABEL_AIR.relativeHumidityPercent), 0, 100),
        },
        engraving: USUAL_ENGRAVING,
      },
    );
    if (forecast.kind === 'refused') return { refused: forecast.reason };
    return {
      loops: forecast.loops.loops,
      valley: {
        start: round(forecast.loops.valleyStartMicrometres),
        beforePrimer: round(forecast.loops.valleyBeforePrimerMicrometres),
        wanted: round(forecast.loops.valleyWantedMicrometres),
        steps: forecast.loops.steps.map(({ name, valleyMicrometres }) => ({ step: name, valley: round(valleyMicrometres) })),
      },
      handsMinutes: forecast.handsMinutes,
      waitMinutes: round(forecast.waitMinutes, 0),
      products: forecast.products.map(({ classId, millilitres }) => ({ product: classId, millilitres: round(millilitres, 1) })),
      film: round(forecast.filmMicrometres, 1),
      engravingOpen: round(forecast.engraving.openShare, 3),
      edgeRadius: round(forecast.edgeRadiusMicrometres, 1),
    };
  },
};

function pick<Id extends string>(option: string, text: string | undefined, list: readonly { readonly id: Id }[]): Id {
  const found = list.find((entry) => entry.id === text);
  if (!found) throw new LabError(`--${option} must be one of ${list.map((entry) => entry.id).join(', ')}`);
  return found.id;
}
