import { airAt, windAt } from '@zinc-ladder/core/climate/airTimeline';
import { findMethod } from '@zinc-ladder/core/ladder/methods';
import { airOfPlace } from '@zinc-ladder/core/plan/shop/sprayPlace';
import type { StartWarning } from '@zinc-ladder/core/plan/shop/startWaits';
import { warnOfStart } from '@zinc-ladder/core/plan/shop/startWaits';
import type { Rung } from '@zinc-ladder/model/records/ladder/rung';
import { rungPlace } from '@zinc-ladder/model/rungs/rungPlace';
import { useNow } from '../../clock/ClockContext';
import { useShop } from '../../data/queries';
import type { ShopIndex } from '../../data/useShopIndex';
import { startWarningWords } from '../plan/startWords';
import { useAirs, useStarts } from '../plan/usePlan';
import { ageWords } from '../shelf/shelfWords';
import { usePastTime } from '../shelf/usePastTime';
import { useFormats } from '../formats/useFormats';

const HOUR_MS = 3_600_000;

/** Says what speaks against beginning a rung now, by its films, its window, the air and what comes before it; nothing for what was begun. */
export function useStartWarnings(index: ShopIndex): (rung: Rung) => readonly string[] {
  const now = useNow(15_000);
  const shop = useShop();
  const airs = useAirs();
  const starts = useStarts();
  const formats = useFormats();
  const pastTime = usePastTime(Math.floor(now / HOUR_MS) * HOUR_MS);
  return (rung) => {
    const part = index.partOf(rung);
    if (rung.state !== 'open' || !part || !shop) return [];
    // What is old is old whatever the film says.
    const age = rung.productId === null ? undefined : pastTime.get(rung.productId);
    const old = age
      ? [`${index.products.get(rung.productId ?? '')?.name ?? ''} is ${ageWords(age, formats) ?? ''}. Try it on a card first.`]
      : [];
    const say = (warning: StartWarning): string => startWarningWords(warning, index.rungTitle, now, formats);
    const own = index.rungsOf(part.id);
    const before = own.slice(0, own.indexOf(rung)).findLast(({ state }) => state !== 'done' && state !== 'leftOut');
    if (before) return [say({ kind: 'before', rungId: before.id }), ...old];
    const answer = starts.find((start) => start.rungId === rung.id);
    if (!answer) return old;
    const { isSprayed } = findMethod(rung.methodId);
    const air = airs && airOfPlace(airs, rungPlace(shop, rung, index.products.get(rung.productId ?? '')));
    const here = air && { ...airAt(air, now), windMetresPerSecond: windAt(air, now) };
    return [...warnOfStart(answer, now, shop.sprayLimits, here, isSprayed).map(say), ...old];
  };
}
