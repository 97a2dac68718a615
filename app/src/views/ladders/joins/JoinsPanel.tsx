import type { Part } from '@zinc-ladder/model/records/prop/part';
import { isMeeting, joinEffect } from '@zinc-ladder/model/rungs/joinEffect';
import { useState } from 'react';
import { useClock } from '../../../clock/ClockContext';
import { groupBy } from '../../../base/groupBy';
import { newId } from '../../../base/newId';
import { useTable } from '../../../data/queries';
import { useEdit } from '../../../features/edit/useEdit';
import type { ShopIndex } from '../../../data/useShopIndex';
import { partLabel } from '@zinc-ladder/model/gather/plan/gatherPlan';
import { faultWords } from '../../../features/plan/reasonWords';
import { usePlan } from '../../../features/plan/usePlan';
import { Button } from '../../../ui/Button';
import { SelectField } from '../../../ui/fields/fields';
import { JoinCard } from './JoinCard';
import { JoinEffectLines } from './JoinEffectLines';
import { MeetingCard } from './MeetingCard';

/** Where this part's ladder meets others. */
export function JoinsPanel({ part, index }: { readonly part: Part; readonly index: ShopIndex }) {
  const edit = useEdit();
  const clock = useClock();
  const { plan } = usePlan();
  const all = useTable('joins');
  const joins = all.filter((join) => join.hostPartId === part.id || join.guestPartId === part.id);
  const meetings = groupBy(
    joins.filter((join) => isMeeting(join, all, index.rungs)),
    ({ hostPartId, guestPartId }) => `${hostPartId} ${guestPartId}`,
  );
  const others = [...index.parts.values()].filter((other) => other.propId === part.propId && other.id !== part.id);
  const own = index.rungsOf(part.id);
  const bond = own.find((rung) => rung.methodId === 'bond') ?? own.at(-1);
  const [guestId, setGuestId] = useState<string | null>(null);
  const [hostRungId, setHostRungId] = useState<string | null>(null);
  const [guestRungId, setGuestRungId] = useState('');
  const guest = index.parts.get(guestId ?? others[0]?.id ?? '');
  const hostRung = own.find((rung) => rung.id === hostRungId) ?? bond;
  const add = (): void => {
    if (!guest || !hostRung) return;
    const join = {
      id: newId(),
      revision: 0,
      hostPartId: part.id,
      hostRungId: hostRung.id,
      guestPartId: guest.id,
      guestRungId: guestRungId || null,
      note: '',
      seam: null,
    };
    void edit(`Join ${guest.name} to ${part.name}`, (change) => change.put('joins', join));
  };
  return (
    <div className="grid gap-4">
      <h2 className="font-label text-2xl font-semibold">Where it meets others</h2>
      {plan?.kind === 'faulty' &&
        plan.faults.map((fault) => (
          <p key={JSON.stringify(fault)} role="alert" className="text-oxide">
            {faultWords(fault, index.rungTitle)}
          </p>
        ))}
      {joins.length === 0 && (
        <p className="text-dim">
          This ladder meets no other. Parts of one colour that share a seam are best bonded first; parts of different colours are painted
          apart and joined last.
        </p>
      )}
      <ul className="grid gap-2">
        {joins
          .filter((join) => !isMeeting(join, all, index.rungs))
          .map((join) => (
            <JoinCard key={join.id} join={join} index={index} />
          ))}
        {[...meetings].map(([pair, ofPair]) => (
          <MeetingCard key={pair} meetings={ofPair} index={index} />
        ))}
      </ul>
      {others.length > 0 && hostRung && (
        <fieldset className="border-line grid gap-3 border p-4">
          <legend className="label px-1">Join another part to this one</legend>
          <SelectField
            label="Part"
            value={guest?.id ?? ''}
            options={others.map((other) => [other.id, partLabel(other)] as const)}
            onChange={(id) => {
              setGuestId(id);
              setGuestRungId('');
            }}
          />
          <SelectField
            label="It must have climbed"
            value={guestRungId}
            options={[
              ['', 'all of its ladder'],
              ...(guest ? index.rungsOf(guest.id).map((rung, place) => [rung.id, `up to ${place + 1}: ${rung.name}`] as const) : []),
            ]}
            onChange={setGuestRungId}
          />
          <SelectField
            label="It joins at"
            value={hostRung.id}
            options={own.map((rung, place) => [rung.id, `${place + 1}: ${rung.name}`] as const)}
            onChange={setHostRungId}
          />
          {guest && (
            <JoinEffectLines
              effect={joinEffect({ hostRungId: hostRung.id, guestRungId: guestRungId || null }, own, index.rungsOf(guest.id))}
              host={part}
              guest={guest}
              nowMs={clock.now()}
            />
          )}
          <Button isLarge className="justify-self-start" onClick={add}>
            Join
          </Button>
        </fieldset>
      )}
    </div>
  );
}
