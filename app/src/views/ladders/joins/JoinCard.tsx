import { partLabel } from '@zinc-ladder/model/gather/plan/gatherPlan';
import type { Join } from '@zinc-ladder/model/records/prop/join';
import { joinEffect } from '@zinc-ladder/model/rungs/joinEffect';
import { newId } from '../../../base/newId';
import { useClock } from '../../../clock/ClockContext';
import { doDoubledOnce } from '../../../data/changes/ladder/joinChanges';
import { useEdit } from '../../../features/edit/useEdit';
import type { ShopIndex } from '../../../data/useShopIndex';
import { Button } from '../../../ui/Button';
import { SelectField } from '../../../ui/fields/fields';
import { JoinEffectLines } from './JoinEffectLines';

/** One join: where the ladders meet, what that does to both, and what can be changed of it. */
export function JoinCard({ join, index }: { readonly join: Join; readonly index: ShopIndex }) {
  const edit = useEdit();
  const clock = useClock();
  const host = index.parts.get(join.hostPartId);
  const guest = index.parts.get(join.guestPartId);
  if (!host || !guest) return null;
  const hostRungs = index.rungsOf(host.id);
  const guestRungs = index.rungsOf(guest.id);
  const effect = joinEffect(join, hostRungs, guestRungs);
  const upTo =
    join.guestRungId === null ? 'when it is climbed' : `after ${index.rungs.get(join.guestRungId)?.name ?? 'a rung that is gone'}`;
  const title = `${partLabel(guest)} to ${partLabel(host)}`;
  const change = (fields: Partial<Join>): void =>
    void edit(`Change where ${guest.name} joins ${host.name}`, (draft) => draft.patch('joins', join.id, fields, join));
  return (
    <li className="border-line grid gap-3 border-b py-3">
      <p>
        <b>{partLabel(guest)}</b>, {upTo}, joins <b>{partLabel(host)}</b> at {index.rungs.get(join.hostRungId)?.name ?? '?'}
      </p>
      <JoinEffectLines effect={effect} host={host} guest={guest} nowMs={clock.now()} />
      <div className="grid items-end gap-3 sm:grid-cols-2">
        <SelectField
          label={`${guest.name} must have climbed`}
          value={join.guestRungId ?? ''}
          options={[['', 'all of its ladder'], ...guestRungs.map((rung, place) => [rung.id, `up to ${place + 1}: ${rung.name}`] as const)]}
          onChange={(id) => change({ guestRungId: id || null })}
        />
        <SelectField
          label={`It joins ${host.name} at`}
          value={join.hostRungId}
          options={hostRungs.map((rung, place) => [rung.id, `${place + 1}: ${rung.name}`] as const)}
          onChange={(hostRungId) => change({ hostRungId })}
        />
      </div>
      <div className="flex flex-wrap gap-3">
        {effect.doubled.length > 0 && (
          <Button
            onClick={() =>
              void edit(`Do once what ${title} does twice`, (draft) => doDoubledOnce(draft, join.id, Math.round(clock.now()), newId))
            }
          >
            Do them once, on {host.name}
          </Button>
        )}
        <Button
          look="quiet"
          aria-label={`Take away: ${title}`}
          onClick={() => void edit('Take a join away', (draft) => draft.remove('joins', join.id))}
        >
          Take away
        </Button>
      </div>
    </li>
  );
}
