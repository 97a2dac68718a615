import type { Shop } from '@zinc-ladder/model/records/shop/shop';
import { Sheet } from '../../../ui/Sheet';
import { BusySheet } from './BusySheet';
import { DatesEditor } from './DatesEditor';
import { DaylightFields } from './DaylightFields';
import { WeekEditor } from './SpanEditor';
import { useShopPatch } from '../useShopPatch';

/** When hands work, when one may spray, and days that are different. */
export function HoursSection({ shop }: { readonly shop: Shop }) {
  const patch = useShopPatch(shop);
  return (
    <div className="grid items-start gap-4 lg:grid-cols-3">
      <div className="grid gap-4">
        <Sheet className="p-4" label="Hands">
          <h2 className="font-label text-xl font-semibold">Hands</h2>
          <p className="text-dim mb-2 text-sm">When you are in the shop.</p>
          <WeekEditor spans={shop.hours} name="Hands" onChange={(hours) => patch('the hours', { hours })} />
        </Sheet>
        <Sheet className="p-4" label="Quiet hours">
          <h2 className="font-label text-xl font-semibold">Quiet hours</h2>
          <p className="text-dim mb-2 text-sm">When power tools rest. First cuts are planned outside them; all handwork goes on.</p>
          <WeekEditor spans={shop.quietHours} name="Quiet" onChange={(quietHours) => patch('the quiet hours', { quietHours })} />
        </Sheet>
      </div>
      <Sheet className="p-4" label="Spraying">
        <h2 className="font-label text-xl font-semibold">Spraying</h2>
        <p className="text-dim mb-2 text-sm">When it is allowed at all: neighbours, fumes. Light and air decide within that.</p>
        <WeekEditor spans={shop.sprayHours} name="Spraying" onChange={(sprayHours) => patch('the spraying hours', { sprayHours })} />
        <DaylightFields shop={shop} />
      </Sheet>
      <div className="grid gap-4">
        <Sheet className="p-4" label="Other days">
          <h2 className="font-label text-xl font-semibold">Other days</h2>
          <p className="text-dim mb-2 text-sm">Dates with hours of their own, or none: holidays, a long Sunday.</p>
          <DatesEditor
            dates={shop.exceptions}
            timeZone={shop.timeZone}
            onChange={(exceptions) => patch('the other days', { exceptions })}
          />
        </Sheet>
        <BusySheet shop={shop} />
      </div>
    </div>
  );
}
