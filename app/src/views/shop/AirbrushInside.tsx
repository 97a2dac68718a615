import type { Shop } from '@zinc-ladder/model/records/shop/shop';
import { CheckField } from '../../ui/fields/CheckField';
import { useShopPatch } from './useShopPatch';

/** Whether the airbrush stays in the shop where cans are taken out: asked beside the light and beside the air out of doors, for it bears on both. */
export function AirbrushInside({ shop, className = '' }: { readonly shop: Shop; readonly className?: string }) {
  const patch = useShopPatch(shop);
  return (
    <CheckField
      className={className}
      label="The airbrush stays in the shop: only cans keep to daylight and to the air out of doors"
      checked={shop.airbrushesInside}
      onChange={(isInside) => patch('where the airbrush is used', { airbrushesInside: isInside })}
    />
  );
}
