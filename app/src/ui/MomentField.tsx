import { useState } from 'react';
import { useShop } from '../data/queries';
import { Labelled } from './fields';
import { fromLocalInput, toLocalInput } from './localInput';

/** A date and time in the shop's zone, kept when left; empty means none. */
export function MomentField({
  label,
  value,
  onKeep,
  hint,
}: {
  readonly label: string;
  readonly value: number | null;
  readonly onKeep: (ms: number | null) => void;
  readonly hint?: string;
}) {
  const zone = useShop()?.timeZone ?? 'UTC';
  const kept = toLocalInput(value, zone);
  const [draft, setDraft] = useState<string | null>(null);
  return (
    <Labelled label={label} {...(hint === undefined ? {} : { hint })}>
      {({ id, describedBy }) => (
        <input
          id={id}
          type="datetime-local"
          aria-describedby={describedBy}
          className="field figure"
          min="2000-01-01T00:00"
          max="2099-12-31T23:59"
          value={draft ?? kept}
          onChange={(event) => setDraft(event.target.value)}
          onBlur={() => {
            if (draft !== null && draft !== kept) onKeep(fromLocalInput(draft, zone));
            setDraft(null);
          }}
        />
      )}
    </Labelled>
  );
}
