import { describe, expect, it } from 'vitest';
import { LABEL_AIR } from '../../climate/air';
import { createCureTables } from '../../cure/cureTables';
import { readCureClock } from '../../cure/cureClock';
import { roundOutlook } from '../../cure/roundOutlook';
import { USUAL_SPRAY_LIMITS } from '../../climate/sprayVerdict';
import type { PlanRung } from './shopPlanInput';
import type { StartWarning } from './startWaits';
import { readStarts, warnOfStart } from './startWaits';
import { film, MINUTE, NOW, part, rung, shop } from '../testing/shopBuilder';

const HOUR = 60 * MINUTE;
const DAY = 24 * HOUR;
const laid = (id: string, methodId: string, classId: string, minutesAgo: number): PlanRung =>
  rung(id, methodId, { classId, status: { kind: 'done', endMs: NOW - minutesAgo * MINUTE } });

/** What speaks against the next rung of a part, some minutes from now. */
function warned(rungs: readonly PlanRung[], minutes = 0, air: Parameters<typeof warnOfStart>[3] = LABEL_AIR): StartWarning[] {
  const [answer] = readStarts(shop([part('a', rungs)]));
  return answer ? warnOfStart(answer, NOW + minutes * MINUTE, USUAL_SPRAY_LIMITS, air, true) : [];
}

describe('what speaks against beginning a rung', () => {
  const primed = [laid('p', 'prime', 'primer', 20), rung('s', 'primeSand')];
  it('is a film that is not far enough, until its clock says so (class table: sand after 60 min)', () => {
    expect(warned(primed)).toEqual([
      {
        kind: 'early',
        fromRungId: 'p',
        reason: { kind: 'film', milestone: 'sand', filmName: expect.any(String) as string },
        untilMs: NOW + 40 * MINUTE,
      },
    ]);
    expect(warned(primed, 40)).toEqual([]);
  });
  it('is told by the minute that every clock of the film tells: of what is done the moment counts, not its minute', () => {
    const endMs = NOW - 20 * MINUTE + 20_000;
    const [answer] = readStarts(
      shop([part('a', [rung('p', 'prime', { classId: 'primer', status: { kind: 'done', endMs } }), rung('s', 'primeSand')])]),
    );
    const { drying } = film('primer');
    const tables = createCureTables(shop([]).air, NOW - DAY, NOW + DAY);
    const outlook = roundOutlook(readCureClock(drying, [{ atMs: endMs, thicknessMicrometres: drying.coatMicrometres }], tables));
    expect(outlook.milestones.sand).toBe(NOW + 41 * MINUTE);
    expect(answer?.waits[0]?.spans?.[0]?.start).toBe(outlook.milestones.sand);
  });
  it('is nothing right after what needs no waiting, wherever in its minute that was done', () => {
    for (const seconds of [1, 29, 31, 59]) {
      const doneMs = NOW + seconds * 1000;
      const cut = rung('c', 'cut', { status: { kind: 'done', endMs: doneMs } });
      const [answer] = readStarts({ ...shop([part('a', [cut, rung('s', 'sand')])]), nowMs: doneMs });
      // The bench looks every quarter of a minute, and so a little before.
      expect([seconds, answer && warnOfStart(answer, doneMs - 14_000, USUAL_SPRAY_LIMITS, LABEL_AIR, false)]).toEqual([seconds, []]);
    }
  });
  it('is a window that has closed, until it opens again: enamel after 60 min and 48 h (class table)', () => {
    const enamel = (minutesAgo: number) => [
      laid('e', 'sprayCoat', 'enamelColour', minutesAgo),
      rung('f', 'sprayCoat', { classId: 'enamelColour' }),
    ];
    expect(warned(enamel(30))).toEqual([]);
    expect(warned(enamel(90))).toMatchObject([{ kind: 'closed', untilMs: NOW - 90 * MINUTE + 48 * HOUR }]);
    expect(warned(enamel(48 * 60))).toEqual([]);
  });
  it('is a pull between soft and hard', () => {
    const masked = [
      rung('m', 'mask', { status: { kind: 'done', endMs: NOW - 90 * MINUTE } }),
      laid('c', 'sprayCoat', 'lacquerColour', 80),
      rung('u', 'unmask'),
    ];
    expect(warned(masked)).toMatchObject([{ kind: 'closed', reason: { milestone: 'pull' } }]);
  });
  it('is nothing where the edge is scored: tape-safe is enough, between soft and hard', () => {
    const masked = (laidAgo: number) => [
      rung('m', 'mask', { status: { kind: 'done', endMs: NOW - 10 * HOUR } }),
      laid('c', 'sprayCoat', 'lacquerColour', laidAgo),
      rung('u', 'scorePull'),
    ];
    const { tapeMinutes, hardMinutes } = film('lacquerColour').drying;
    expect(warned(masked((tapeMinutes ?? 0) - 20))).toMatchObject([{ kind: 'early', reason: { milestone: 'tape' } }]);
    expect((tapeMinutes ?? 0) + 20).toBeLessThan(hardMinutes);
    expect(warned(masked((tapeMinutes ?? 0) + 20))).toEqual([]);
  });
  it('is work of a joined part that is not done', () => {
    const host = part('host', [rung('bond', 'bond', { classId: 'epoxyGlue' })]);
    const guest = part('guest', [rung('g', 'cut')]);
    const joins = [{ id: 'j', hostPartId: 'host', hostRungId: 'bond', guestPartId: 'guest', guestRungId: 'g' }];
    const answer = readStarts(shop([host, guest], { joins })).find(({ rungId }) => rungId === 'bond');
    expect(answer && warnOfStart(answer, NOW, USUAL_SPRAY_LIMITS, LABEL_AIR, false)).toContainEqual({ kind: 'before', rungId: 'g' });
  });
  it('is air its product does not bear: a lacquer blushes where a primer may still be sprayed', () => {
    const damp = { temperatureCelsius: 20, relativeHumidityPercent: 78 };
    expect(warned([rung('p', 'prime', { classId: 'primer' })], 0, damp)).toEqual([]);
    expect(warned([rung('l', 'sprayCoat', { classId: 'lacquerColour' })], 0, damp)).toMatchObject([
      { kind: 'air', fault: { kind: 'humidity', value: 78, limit: 70 } },
    ]);
  });
  it('is nothing for what is free to begin, and there is no answer for a part that is climbed', () => {
    expect(warned([rung('c', 'cut')])).toEqual([]);
    expect(readStarts(shop([part('a', [laid('p', 'prime', 'primer', 20)])]))).toEqual([]);
  });
});
