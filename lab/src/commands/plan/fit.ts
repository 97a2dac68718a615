import { fitClearance } from '@zinc-ladder/core/film/fitClearance';
import { LabError, readNumber } from '../../labError';
import type { LabCommand } from '../labCommand';

const round = (millimetres: number): number => Math.round(millimetres * 1000) / 1000;

/** `fit --hole 10.4 --shaft 10 --films 60,40 [--print-error 0.1]` → clearance that is left, mm; films in µm in the bore and on the shaft. */
export const fit: LabCommand = {
  name: 'fit',
  usage: 'fit --hole mm --shaft mm --films µm[,µm] [--print-error mm]',
  options: ['hole', 'shaft', 'films', 'print-error'],
  run: ({ options }) => {
    const films = (options['films'] ?? '').split(',').filter((text) => text.trim() !== '');
    if (films.length < 1 || films.length > 2)
      throw new LabError('--films needs one or two numbers, as in 60,40: in the bore and on the shaft');
    const [bore = 0, shaft = bore] = films.map((text) => readNumber('films', text, 0, 20_000));
    const verdict = fitClearance({
      holeMillimetres: readNumber('hole', options['hole'], 0.01, 10_000),
      shaftMillimetres: readNumber('shaft', options['shaft'], 0.01, 10_000),
      holeFilmMicrometres: bore,
      shaftFilmMicrometres: shaft,
      printErrorMillimetres: readNumber('print-error', options['print-error'] ?? '0', -5, 5),
    });
    return {
      clearance: round(verdict.clearanceMillimetres),
      paint: round(verdict.paintMillimetres),
      verdict: verdict.verdict,
      openBy: round(verdict.openByMillimetres),
      maskingIsEnough: verdict.isMaskingEnough,
    };
  },
};
