import { handsLeft } from '@zinc-ladder/model/gather/plan/handsLeft';
import { partLabel } from '@zinc-ladder/model/gather/plan/gatherPlan';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import type { Rung } from '@zinc-ladder/model/records/ladder/rung';
import type { JoinEffect } from '@zinc-ladder/model/rungs/joinEffect';
import type { OwnMinutes } from '../../../features/rung/useOwnMinutes';
import { useOwnMinutes } from '../../../features/rung/useOwnMinutes';
import { counted } from '../../../base/counted';
import { listed } from '../../../base/listed';
import { formatSpan } from '../../../base/formats';

/** What a join asks of the ladder it is joined to, and of the one that joins. */
export function JoinEffectLines({
  effect,
  host,
  guest,
  nowMs,
}: {
  readonly effect: JoinEffect;
  readonly host: Part;
  readonly guest: Part;
  readonly nowMs: number;
}) {
  const ownMinutes = useOwnMinutes();
  const { hostRung, before, after, doubled, rest } = effect;
  if (!hostRung) return <p className="text-oxide">The rung it joins at is left out: it holds nothing until another is chosen.</p>;
  const open = before.filter((rung) => rung.state !== 'done');
  const last = before.at(-1);
  return (
    <dl className="grid gap-x-3 gap-y-1 sm:grid-cols-[8rem_minmax(0,1fr)]">
      <dt className="label">{partLabel(host)}</dt>
      <dd>
        {hostRung.state === 'done'
          ? `${hostRung.name} is done: they are joined.`
          : open.length === 0
            ? `${hostRung.name} waits for nothing more of it.`
            : `${hostRung.name} waits for ${counted(open.length, 'rung')} of it, up to ${last?.name ?? ''}: ${spanOf(open, ownMinutes, nowMs)} of hands, and for its last film to be handled.`}
      </dd>
      <dt className="label">{partLabel(guest)}</dt>
      <dd>
        {after.length === 0
          ? 'Nothing of it comes after the join: it is done with.'
          : hostRung.state === 'done'
            ? `Its ${counted(after.length, 'rung')} from ${after[0]?.name ?? ''} on may go on.`
            : `${counted(after.length, 'rung')} from ${after[0]?.name ?? ''} on ${after.length === 1 ? 'waits' : 'wait'} for ${hostRung.name}.`}
      </dd>
      {doubled.length > 0 && (
        <>
          <dt className="label">On both</dt>
          <dd>
            {counted(doubled.length, 'rung')} after the join {doubled.length === 1 ? 'is' : 'are'} on both ladders:{' '}
            {doubled.map(({ host: rung }) => rung.name).join(', ')}. As one piece that is done once.
          </dd>
        </>
      )}
      {rest.length > 0 && (
        <>
          <dt className="label">Apart</dt>
          <dd>
            {counted(rest.length, 'rung')} after the join {rest.length === 1 ? 'is' : 'are'} on {guest.name}’s ladder alone:{' '}
            {listed(rest.map(({ name }) => name))}.{' '}
            {doubled.length > 0
              ? `Where the others are done once, ${rest.length === 1 ? 'it keeps its' : 'they keep their'} place between them.`
              : `Coats that both get together are waited for there; of others that ${host.name} gets meanwhile the plan knows nothing.`}
          </dd>
        </>
      )}
    </dl>
  );
}

function spanOf(rungs: readonly Rung[], { of }: OwnMinutes, nowMs: number): string {
  return formatSpan(Math.round(handsLeft(rungs, of, nowMs)));
}
