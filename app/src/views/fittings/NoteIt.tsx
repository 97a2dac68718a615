import { partLabel } from '@zinc-ladder/model/gather/plan/gatherPlan';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import { useState } from 'react';
import { noteOnPart } from '../../data/changes/ladder/benchChanges';
import { useEdit } from '../../features/edit/useEdit';
import { useBenchMoment } from '../../features/rung/useBenchMoment';
import { Button } from '../../ui/Button';
import { SelectField } from '../../ui/fields/fields';

/** Keeps what was reckoned as a note of a part, so that it can be done again the same way. */
export function NoteIt({
  parts,
  about = null,
  text,
}: {
  readonly parts: readonly Part[];
  /** the part it was reckoned for, where there is one */
  readonly about?: Part | null;
  readonly text: string;
}) {
  const edit = useEdit();
  const moment = useBenchMoment();
  const [partId, setPartId] = useState('');
  const part = parts.find(({ id }) => id === partId) ?? about ?? parts[0];
  if (!part) return <p className="text-dim">A prop with a part can keep this as a note in its log.</p>;
  return (
    <div className="no-print flex flex-wrap items-end gap-3">
      <div className="w-56">
        <SelectField
          label="Kept with"
          value={part.id}
          options={parts.map((one) => [one.id, partLabel(one)] as const)}
          onChange={setPartId}
        />
      </div>
      <Button onClick={() => void edit(`Note it with ${part.name}`, (change) => noteOnPart(change, part.id, text, moment()))}>
        Note it in the log
      </Button>
    </div>
  );
}
