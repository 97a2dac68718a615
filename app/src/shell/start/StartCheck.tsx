import { useEffect, useRef } from 'react';
import { useClock } from '../../clock/ClockContext';
import { isMomentKept } from '@zinc-ladder/model/records/base/momentBounds';
import { ShopError } from '../../data/edits/shopError';
import { isLookDue } from '../../data/whole/rulesVersion';
import { mendElsewhere } from '../../workers/files/largeEdits';
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
    const look = async (): Promise<void> => {
      if (!(await isLookDue(store.db))) return;
      const mends = await mendElsewhere(store.db.name, clock.now());
      if (mends.length === 0) return;
      await store.tables.reload();
      tellList(
        'This shop was mended',
        'An earlier version left records that contradict each other. Nothing else was touched; undo takes the mending back.',
        mends.map(({ list, name, what }) => ({ path: name || list, message: what })),
      );
    };
    look().catch(tellError);
  }, [store, clock, tellList, tellError]);
  return null;
}
