import { partLabel } from '@zinc-ladder/model/gather/plan/gatherPlan';
import type { Join } from '@zinc-ladder/model/records/prop/join';
import { counted } from '../../../base/counted';
import { useEdit } from '../../../features/edit/useEdit';
import type { ShopIndex } from '../../../data/useShopIndex';
import { Button } from '../../../ui/Button';

/** What two joined parts get at once, on one of their ladders. */
export function MeetingCard({ meetings, index }: { readonly meetings: readonly Join[]; readonly index: ShopIndex }) {
  const edit = useEdit();
  const [first] = meetings;
  const host = index.parts.get(first?.hostPartId ?? '');
  const guest = index.parts.get(first?.guestPartId ?? '');
  if (!host || !guest) return null;
  const atHost = new Set(meetings.map(({ hostRungId }) => hostRungId));
  const done = index.rungsOf(host.id).filter(({ id }) => atHost.has(id));
  const pair = `${partLabel(guest)} with ${partLabel(host)}`;
  return (
    <li className="border-line grid gap-3 border-b py-3">
      <p>
        <b>{partLabel(guest)}</b> gets {counted(done.length, 'rung')} with <b>{partLabel(host)}</b>, as one piece:{' '}
        {done.map(({ name }) => name).join(', ')}
      </p>
      <p className="text-dim text-sm">They lie on both, are waited for on both, and stand on the ladder of {host.name}.</p>
      <Button
        look="quiet"
        className="justify-self-start"
        aria-label={`Take away: ${pair}`}
        onClick={() =>
          void edit(`Take away that ${guest.name} gets work with ${host.name}`, async (change) => {
            for (const { id } of meetings) await change.remove('joins', id);
          })
        }
      >
        Take away
      </Button>
    </li>
  );
}
