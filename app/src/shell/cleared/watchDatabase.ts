import type { ProjectFile } from '@zinc-ladder/model/file/projectFile';
import type { ShopClock } from '../../clock/shopClock';
import type { Store } from '../../data/edits/store';
import { holdShop, isCleared } from '../../data/whole/heldShop';

/**
 * Watches what others do to this tab's database.
 *
 * @param onOvertaken a newer version of the program wants it: this tab has let go, since what it would write now would be of the old shape
 * @param onCleared the browser has cleared it; what this tab shows is then all there is
 */
export function watchDatabase(
  { db, tables }: Pick<Store, 'db' | 'tables'>,
  clock: ShopClock,
  onOvertaken: () => void,
  onCleared: (held: ProjectFile) => void,
): void {
  let isOvertaken = false;
  let isAsking = false;
  db.on('versionchange', ({ newVersion }) => {
    // A database that is deleted names no version.
    isOvertaken = newVersion !== null;
    db.close({ disableAutoOpen: isOvertaken });
    if (isOvertaken) onOvertaken();
    return false;
  });
  db.on('close', () => {
    const held = isOvertaken || isAsking ? null : holdShop(tables, Math.round(clock.now()));
    if (!held) return;
    isAsking = true;
    void isCleared(db).then((isGone) => {
      isAsking = false;
      if (isGone) onCleared(held);
    });
  });
}
