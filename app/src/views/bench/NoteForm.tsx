import type { Rung } from '@zinc-ladder/model/records/ladder/rung';
import { useEffect, useId, useRef } from 'react';
import { Controller, useForm, useWatch } from 'react-hook-form';
import type { Said } from '../../data/changes/ladder/benchChanges';
import type { ShopIndex } from '../../data/useShopIndex';
import { MendChoice } from '../../features/mend/MendChoice';
import { mistakeWords } from '../../features/mend/mistakeWords';
import type { WentWrong } from '../../features/mend/wentWrong';
import { Button } from '../../ui/Button';
import { CheckField } from '../../ui/fields/CheckField';

interface Note {
  readonly text: string;
  readonly isForNextTime: boolean;
  readonly wrong: WentWrong | null;
  readonly isMended: boolean;
}

/** A note, or an honest mistake, in the finisher's words; where a coat went wrong, with what mends it. */
export function NoteForm({
  coat,
  index,
  onKeep,
  onMend,
  onClose,
}: {
  /** that may have gone wrong; null: none was laid */
  readonly coat: Rung | null;
  readonly index: ShopIndex;
  readonly onKeep: (kind: 'note' | 'mistake', said: Said) => void;
  readonly onMend: (coat: Rung, wrong: WentWrong, said: Said) => void;
  readonly onClose: () => void;
}) {
  const form = useForm<Note>({ defaultValues: { text: '', isForNextTime: false, wrong: null, isMended: true } });
  const { control, register } = form;
  const { text, wrong } = useWatch({ control }) as Note;
  const id = useId();
  const element = useRef<HTMLFormElement>(null);
  // Its buttons would be below the edge of a small screen, and what is asked of a coat with them.
  useEffect(() => {
    element.current?.scrollIntoView({ block: 'nearest' });
  }, [wrong?.kindId]);
  const isEmpty = text.trim() === '';
  const saidIn = (note: Note): Said => ({ text: note.text.trim(), isForNextTime: note.isForNextTime });
  const keepNote = form.handleSubmit((note) => {
    if (!isEmpty && !wrong) onKeep('note', saidIn(note));
  });
  const keepMistake = form.handleSubmit((note) => {
    if (coat && note.wrong && note.isMended) onMend(coat, note.wrong, saidIn(note));
    else onKeep('mistake', note.wrong ? mistakeWords(note.wrong.kindId, saidIn(note)) : saidIn(note));
  });
  return (
    <form ref={element} className="mt-3 grid scroll-mb-16 gap-2" onSubmit={(event) => void keepNote(event)} noValidate>
      <div>
        <label htmlFor={id} className="label">
          Note
        </label>
        <textarea id={id} rows={2} maxLength={3800} className="field" autoFocus {...register('text')} />
      </div>
      {coat && <MendChoice coat={coat} index={index} wrong={wrong} onChoose={(next) => form.setValue('wrong', next)} />}
      {wrong && (
        <Controller
          control={control}
          name="isMended"
          render={({ field }) => (
            <CheckField label="Put its mending on the ladder" checked={field.value} onChange={field.onChange} isLarge />
          )}
        />
      )}
      <Controller
        control={control}
        name="isForNextTime"
        render={({ field }) => (
          <CheckField
            label="Tell me next time: on a ladder of this kind, or with this product"
            checked={field.value}
            onChange={field.onChange}
            isLarge
          />
        )}
      />
      <div className="flex flex-wrap gap-2">
        <Button type="submit" isLarge disabled={isEmpty || wrong !== null}>
          Keep note
        </Button>
        <Button isLarge disabled={isEmpty && wrong === null} onClick={() => void keepMistake()}>
          Keep as mistake
        </Button>
        <Button isLarge look="quiet" onClick={onClose}>
          Leave it
        </Button>
      </div>
    </form>
  );
}
