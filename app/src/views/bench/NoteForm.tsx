import { useId, useState } from 'react';
import type { Said } from '../../data/changes/ladder/benchChanges';
import { Button } from '../../ui/Button';
import { CheckField } from '../../ui/fields/CheckField';

/** A note, or an honest mistake, in the finisher's words. */
export function NoteForm({
  onKeep,
  onClose,
}: {
  readonly onKeep: (kind: 'note' | 'mistake', said: Said) => void;
  readonly onClose: () => void;
}) {
  const [text, setText] = useState('');
  const [isForNextTime, setForNextTime] = useState(false);
  const id = useId();
  const isEmpty = text.trim() === '';
  const said = { text: text.trim(), isForNextTime };
  return (
    <form
      className="mt-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (!isEmpty) onKeep('note', said);
      }}
    >
      <label htmlFor={id} className="label">
        Note
      </label>
      <textarea
        id={id}
        rows={2}
        maxLength={4000}
        className="field"
        value={text}
        onChange={(event) => setText(event.target.value)}
        autoFocus
      />
      <CheckField
        label="Tell me next time: on a ladder of this kind, or with this product"
        checked={isForNextTime}
        onChange={setForNextTime}
      />
      <div className="mt-2 flex flex-wrap gap-2">
        <Button type="submit" isLarge disabled={isEmpty}>
          Keep note
        </Button>
        <Button isLarge disabled={isEmpty} onClick={() => onKeep('mistake', said)}>
          Keep as mistake
        </Button>
        <Button isLarge look="quiet" onClick={onClose}>
          Leave it
        </Button>
      </div>
    </form>
  );
}
