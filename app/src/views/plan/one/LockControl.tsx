import type { RungTime } from '@zinc-ladder/core/plan/shopPlan/shopPlan';
import type { Rung } from '@zinc-ladder/model/records/ladder/rung';
import { newId } from '../../../base/newId';
import { splitRung } from '../../../data/changes/ladder/rungChanges';
import { useOwnMinutes } from '../../../features/rung/useOwnMinutes';
import { useEdit } from '../../../features/edit/useEdit';
import { Button } from '../../../ui/Button';
import { MomentField } from '../../../features/formats/MomentField';

const STEP_MS = 15 * 60_000;
/** Shorter work is not worth taking apart. */
const LEAST_TO_SPLIT = 10;

/** Steers a rung by hand: locked where it is, pulled earlier or later, or left to the plan again. */
export function LockControl({ rung, time }: { readonly rung: Rung; readonly time: RungTime }) {
  const edit = useEdit();
  const ownMinutes = useOwnMinutes();
  if (rung.state !== 'open') return null;
  const lock = (label: string, lockedAtMs: number | null): void =>
    void edit(`${label} ${rung.name}`, (change) => change.patch('rungs', rung.id, { lockedAtMs }, rung));
  return (
    <div className="mt-3 grid gap-2">
      <div className="flex flex-wrap gap-2" role="group" aria-label="Steer this rung">
        {time.isLocked ? (
          <Button onClick={() => lock('Free', null)}>Leave it to the plan</Button>
        ) : (
          <Button onClick={() => lock('Lock', time.startMs)}>Lock here</Button>
        )}
        <Button aria-label="Pull a quarter of an hour earlier" onClick={() => lock('Pull', time.startMs - STEP_MS)}>
          ← 15 min
        </Button>
        <Button aria-label="Push a quarter of an hour later" onClick={() => lock('Push', time.startMs + STEP_MS)}>
          15 min →
        </Button>
        {time.isSplittable && rung.minutes >= LEAST_TO_SPLIT && (
          <Button
            onClick={() =>
              void edit(`Split ${rung.name}`, (change) =>
                splitRung(change, rung.id, newId(), firstStretchMinutes(rung, time, ownMinutes.of(rung)), rung.minutes),
              )
            }
          >
            Split in two
          </Button>
        )}
      </div>
      <MomentField
        label="Hands begin at"
        value={time.startMs}
        onKeep={(ms) => ms !== null && lock('Pull', ms)}
        hint="Locks it to that time; all else is planned around it."
      />
    </div>
  );
}

/** Where the plan sets it down anyway; else the half. */
function firstStretchMinutes({ minutes }: Rung, { chunks }: RungTime, planned: number): number {
  const first = chunks[0];
  // The plan's stretches are at the finisher's pace; the rung is kept in the method's minutes.
  return first && chunks.length > 1 ? ((first.end - first.start) / 60_000) * (minutes / planned) : minutes / 2;
}
