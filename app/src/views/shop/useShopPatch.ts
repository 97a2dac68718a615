import type { Shop } from '@zinc-ladder/model/records/shop/shop';
import { useEdit } from '../../features/edit/useEdit';

/** Changes some values of the shop. */
export function useShopPatch(shop: Shop): (what: string, fields: Partial<Shop>) => void {
  const edit = useEdit();
  return (what, fields) => void edit(`Change ${what}`, (change) => change.patch('shop', shop.id, fields, shop));
}
