import { useEffect, useRef } from 'react';
import { useClock } from '../../clock/ClockContext';
import { isMomentKept } from '@zinc-ladder/model/records/base/momentBounds';
import { ShopError } from '../../data/edits/shopError';
import { mendShop } from '../../data/whole/mendShop';
import { useStore } from '../../data/StoreContext';
import { useNotices } from '../../features/notices/Notices';

/** Looks through a shop of an older version once, and tells what was mended in it. */
export function StartCheck() {
  const store = useStore();
  const clock = useClock();
  const { tellList, tellError } = useNotices();
  const isBegun = useRef(false);
  useEffect(() => {
    if (!isMomentKept(clock.now())) tellError(new ShopError('clockWrong'));
    if (isBegun.current) return;
    isBegun.current = true;
    void mendShop(store, clock.now()).then((mends) => {
      if (mends.length > 0)
        tellList(
          'This shop was mended',
          'An earlier version left records that contradict each other. Nothing else was touched; undo takes the mending back.',
          mends.map(({ list, name, what }) => ({ path: name || list, message: what })),
        );
    }, tellError);
  }, [store, clock, tellList, tellError]);
  return null;
}
