import type { LogEntry } from '@zinc-ladder/model/records/ladder/logEntry';
import { useState } from 'react';
import { correctEntry } from '../../data/changes/ladder/benchChanges';
import { newId } from '../../base/newId';
import { useNow } from '../../clock/ClockContext';
import { useLoggedAir } from '../../features/rung/useLoggedAir';
import { useEdit } from '../../features/edit/useEdit';
import { Button } from '../../ui/Button';
import { checkNumber, Labelled, parseNumber } from '../../ui/fields/fields';
import { MomentField } from '../../features/formats/MomentField';
import { CheckField } from '../../ui/fields/CheckField';

/** Corrects an entry: the old one is kept beneath the new. */
export function CorrectionForm({ entry, onDone }: { readonly entry: LogEntry; readonly onDone: () => void }) {
  const edit = useEdit();
  const now = useNow(15_000) + 15_000;
  const [atMs, setAtMs] = useState(entry.atMs);
  const [minutes, setMinutes] = useState(entry.actualMinutes === null ? '' : String(entry.actualMinutes));
  const [text, setText] = useState(entry.text);
  const [isForNextTime, setForNextTime] = useState(entry.isForNextTime);
  const airAt = useLoggedAir();
  const isAhead = atMs > now;
  const error = checkNumber(minutes, { min: 0, max: 10_000, mayBeEmpty: true });
  const keep = async (): Promise<void> => {
    if (error || isAhead) return;
    const correction = { atMs, actualMinutes: minutes.trim() === '' ? null : parseNumber(minutes), text: text.trim(), isForNextTime };
    const air = atMs === entry.atMs ? {} : { air: airAt(atMs) };
    if (await edit('Correct an entry', (change) => correctEntry(change, entry.id, { ...correction, ...air }, newId))) onDone();
  };
  return (
    <form
      className="bg-band grid gap-3 p-4 sm:grid-cols-[14rem_8rem_1fr]"
      onSubmit={(event) => {
        event.preventDefault();
        void keep();
      }}
    >
      <MomentField
        label="Ended at"
        value={atMs}
        onKeep={(value) => value !== null && setAtMs(value)}
        error={isAhead ? 'This is still to come.' : undefined}
      />
      <Labelled label="Minutes" error={error ?? undefined}>
        {({ id, describedBy }) => (
          <input
            id={id}
            aria-describedby={describedBy}
            inputMode="decimal"
            className="field figure"
            value={minutes}
            onChange={(event) => setMinutes(event.target.value)}
          />
        )}
      </Labelled>
      <Labelled label="Words">
        {({ id }) => <input id={id} maxLength={4000} className="field" value={text} onChange={(event) => setText(event.target.value)} />}
      </Labelled>
      <CheckField label="To be told next time" checked={isForNextTime} onChange={setForNextTime} className="sm:col-span-3" />
      <div className="flex gap-2 sm:col-span-3">
        <Button type="submit" look="primary" disabled={error !== null || isAhead}>
          Keep correction
        </Button>
        <Button onClick={onDone}>Leave it</Button>
      </div>
    </form>
  );
}
