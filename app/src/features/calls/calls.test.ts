import { PRODUCT_UNSET } from '@zinc-ladder/model/products/productUnset';
import { makeSampleProject } from '@zinc-ladder/model/testing/sampleProject';
import { NEW_RUNG } from '@zinc-ladder/model/gather/grow/growRungs';
import { gatherAirs } from '@zinc-ladder/model/gather/gatherAirs';
import type { Rung } from '@zinc-ladder/model/records/ladder/rung';
import { describe, expect, it } from 'vitest';
import { callWords, closingWords, gatherCalls } from './calls';
import { gatherFilms } from '../../workers/plan/gatherFilms';
import { readFilms } from '../../workers/plan/readFilms';

const NOW = makeSampleProject().savedAtMs;
const MINUTE = 60_000;

/** Calls for one ladder of these rungs, in label air. */
function callsFor(rungs: readonly Partial<Rung>[], classId: string, nowMs = NOW) {
  const project = makeSampleProject();
  project.shop.typicalDay.meanCelsius = 23;
  project.products = [
    { id: 'paint', revision: 0, name: 'Paint', classId, colourHex: null, sheen: 'none', values: [], ...PRODUCT_UNSET, note: '' },
  ];
  project.rungs = rungs.map((rung, place) => ({
    ...NEW_RUNG,
    id: `r${place}`,
    ladderId: 'host',
    productId: rung.methodId === 'sand' ? null : 'paint',
    ...rung,
  }));
  project.ladders = [{ id: 'host', revision: 0, partId: 'host', route: null, rungIds: project.rungs.map((rung) => rung.id) }];
  const films = readFilms({ air: gatherAirs(project.shop, [], nowMs).air, nowMs, films: gatherFilms(project, nowMs) });
  return gatherCalls(films, nowMs).map((call) => [callWords(call), Math.round((call.atMs - NOW) / MINUTE)]);
}
const done = (minutesAgo: number, methodId = 'maskedCoat'): Partial<Rung> => ({
  methodId,
  state: 'done',
  doneAtMs: NOW - minutesAgo * MINUTE,
});

describe('calls', () => {
  it('name what closes for a planned rung', () =>
    expect(['unmask', 'press', 'maskedCoat'].map(closingWords)).toEqual(['pull the mask by', 'press together by', 'recoat closes']));
  it('tell when cemented faces can be pressed together, and until when, of a usual cement where none is chosen (class table)', () => {
    const press = { methodId: 'press', productId: null };
    const cement = { ...done(0, 'cement'), productId: null };
    const words = [
      ['press together from', 15],
      ['press together by', 60],
    ];
    expect(callsFor([cement, press], 'primer')).toEqual(words);
    expect(callsFor([done(0, 'cement'), press], 'contactCement')).toEqual(words);
    expect(callsFor([{ ...cement, doneAtMs: NOW - 20 * MINUTE }, press], 'primer')).toEqual([['press together by', 40]]);
  });
  it('tell when a window opens, then when it closes, then when it opens again', () => {
    const next = { methodId: 'maskedCoat' };
    expect(callsFor([done(0), next], 'enamelColour')).toEqual([
      ['recoat opens', 10],
      ['recoat closes', 60],
    ]);
    expect(callsFor([done(30), next], 'enamelColour')).toEqual([['recoat closes', 30]]);
    expect(callsFor([done(90), next], 'enamelColour')).toEqual([['recoat opens again', 2880 - 90]]);
  });
  it('tell when a mask pulls clean, while the paint over it is soft, and when it is hard after that (class table)', () => {
    const pull = { methodId: 'unmask', productId: null };
    expect(callsFor([done(0), pull], 'lacquerColour')).toEqual([
      ['pull the mask from', 10],
      ['pull the mask by', 60],
    ]);
    expect(callsFor([done(90), pull], 'lacquerColour')).toEqual([['hard enough to pull the mask', 1440 - 90]]);
  });
  it('tell what the next rung waits for and nothing else', () => {
    expect(callsFor([done(0, 'prime'), { methodId: 'sand' }], 'primer')).toEqual([['can be sanded', 60]]);
    expect(callsFor([done(0, 'prime'), { methodId: 'mask', productId: null }], 'primer')).toEqual([['tape-safe', 120]]);
  });
  it('come sooner after warm air on a thin film, and not on a thick one', () => {
    const warm = { ...done(10, 'warmDry'), workedMs: 5 * MINUTE, productId: null };
    const detail = { methodId: 'detail', productId: null };
    // Airbrush acrylic can be handled after 30 min; five of them counted sixfold.
    expect(callsFor([done(20, 'airbrushCoat'), detail], 'airbrushAcrylic')).toEqual([['can be handled', 10]]);
    expect(callsFor([done(20, 'airbrushCoat'), { ...warm, doneAtMs: NOW - 12 * MINUTE }, detail], 'airbrushAcrylic')).toEqual([]);
    expect(callsFor([done(20, 'prime'), warm, { methodId: 'sand' }], 'fillerPrimer')).toEqual([['can be sanded', 40]]);
  });
  it('tell when a washed part is dry, whatever film lies under the water', () => {
    const washed = { ...done(10, 'wash'), productId: null };
    expect(callsFor([done(2000, 'prime'), washed, { methodId: 'prime' }], 'primer')).toEqual([['touch dry', 50]]);
    expect(callsFor([washed, { methodId: 'warmDry', productId: null }], 'primer')).toEqual([]);
  });
  it('tell when a part can be turned, not when the underside could be recoated', () => {
    const coat = (minutesAgo: number, side: Rung['side']) => ({ ...done(minutesAgo, 'sprayCoat'), side });
    const top = { methodId: 'sprayCoat', side: 'top' } as const;
    // Lacquer: handle at 60 min, recoat at 10 (class table).
    expect(callsFor([coat(0, 'under'), top], 'lacquerColour')).toEqual([['can be handled', 60]]);
    // The film on the other face does not make this one thicker.
    expect(callsFor([coat(20, 'under'), coat(0, 'top'), { methodId: 'sand' }], 'lacquerColour')).toEqual([['can be sanded', 60]]);
  });
  it('are silent once a ladder is climbed', () => expect(callsFor([done(0, 'prime')], 'primer')).toEqual([]));
  it('reckon wet coats of one paint as one film', () => {
    expect(callsFor([done(20, 'prime'), done(10, 'prime'), { methodId: 'sand' }], 'primer')).toEqual([['can be sanded', 110]]);
  });
  it('forget coats that were sanded since', () => {
    expect(callsFor([done(600, 'prime'), done(300, 'sand'), { methodId: 'mask', productId: null }], 'primer')).toEqual([]);
  });
});
