import { useId, useState } from 'react';
import { Button } from '../../ui/Button';

/** A note, or an honest mistake, in the finisher's words. */
export function NoteForm({
  onKeep,
  onClose,
}: {
  readonly onKeep: (kind: 'note' | 'mistake', text: string) => void;
  readonly onClose: () => void;
}) {
  const [text, setText] = useState('');
  const id = useId();
  const isEmpty = text.trim() === '';
  return (
    <form
      className="mt-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (!isEmpty) onKeep('note', text.trim());
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
      <div className="mt-2 flex flex-wrap gap-2">
        <Button type="submit" isLarge disabled={isEmpty}>
          Keep note
        </Button>
        <Button isLarge disabled={isEmpty} onClick={() => onKeep('mistake', text.trim())}>
          Keep as mistake
        </Button>
        <Button isLarge look="quiet" onClick={onClose}>
          Leave it
        </Button>
      </div>
    </form>
  );
}
