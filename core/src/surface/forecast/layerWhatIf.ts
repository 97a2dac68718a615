import type { RouteChoice } from '../../ladder/growLadder';
import { findMaterial } from '../../ladder/materials';
import type { ForecastAsk } from './forecastSchools';
import { forecastSchool } from './forecastSchools';
import { scalePrintHours } from './printHours';

/** A layer height with what it costs on the printer and by hand. */
export interface LayerTrial {
  readonly layerMillimetres: number;
  readonly printHours: number;
  readonly loops: number;
  readonly handsMinutes: number;
  readonly waitMinutes: number;
  readonly isPresent: boolean;
}

/** Heights that are tried beside the present one, mm. */
const FILAMENT_LAYERS = [0.08, 0.12, 0.16, 0.2, 0.28] as const;
const RESIN_LAYERS = [0.025, 0.035, 0.05, 0.1] as const;

/**
 * The same part printed in other layers: ridges grow with the layer, print hours with its inverse.
 *
 * @param printHours at the present layer
 */
export function tryLayers(choice: RouteChoice, ask: ForecastAsk, printHours: number): LayerTrial[] {
  const present = choice.layerMillimetres;
  if (!(present > 0)) return [];
  const usual = findMaterial(choice.material).isResin ? RESIN_LAYERS : FILAMENT_LAYERS;
  const layers = [...new Set([...usual, present])].sort((a, b) => a - b);
  return layers.flatMap((layerMillimetres) => {
    const ridge = choice.ridgeMicrometres;
    const forecast = forecastSchool(
      {
        ...choice,
        layerMillimetres,
        ...(ridge === null || ridge === undefined ? {} : { ridgeMicrometres: (ridge * layerMillimetres) / present }),
      },
      ask,
    );
    if (forecast.kind === 'refused') return [];
    const { loops, handsMinutes, waitMinutes } = forecast;
    return [
      {
        layerMillimetres,
        printHours: scalePrintHours(printHours, present, layerMillimetres),
        loops: loops.loops,
        handsMinutes,
        waitMinutes,
        isPresent: layerMillimetres === present,
      },
    ];
  });
}
