import type { Rung } from '@zinc-ladder/model/records/ladder/rung';
import { useEffect, useId, useRef, useState } from 'react';
import type { Said } from '../../data/changes/ladder/benchChanges';
import type { ShopIndex } from '../../data/useShopIndex';
import { MendChoice } from '../../features/mend/MendChoice';
import { mistakeWords } from '../../features/mend/mistakeWords';
import type { WentWrong } from '../../features/mend/wentWrong';
import { Button } from '../../ui/Button';
import { CheckField } from '../../ui/fields/CheckField';

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
  const [text, setText] = useState('');
  const [isForNextTime, setForNextTime] = useState(false);
  const [wrong, setWrong] = useState<WentWrong | null>(null);
  const [isMended, setMended] = useState(true);
  const id = useId();
  const form = useRef<HTMLFormElement>(null);
  // Its buttons would be below the edge of a small screen, and what is asked of a coat with them.
  useEffect(() => {
    form.current?.scrollIntoView({ block: 'nearest' });
  }, [wrong?.kindId]);
  const isEmpty = text.trim() === '';
  const said = { text: text.trim(), isForNextTime };
  const keepMistake = (): void => {
    if (coat && wrong && isMended) onMend(coat, wrong, said);
    else onKeep('mistake', wrong ? mistakeWords(wrong.kindId, said) : said);
  };
  return (
    <form
      ref={form}
      className="mt-3 grid scroll-mb-16 gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        if (!isEmpty && !wrong) onKeep('note', said);
      }}
    >
      <div>
        <label htmlFor={id} className="label">
          Note
        </label>
        <textarea
          id={id}
          rows={2}
          maxLength={3800}
          className="field"
          value={text}
          onChange={(event) => setText(event.target.value)}
          autoFocus
        />
      </div>
      {coat && <MendChoice coat={coat} index={index} wrong={wrong} onChoose={setWrong} />}
      {wrong && <CheckField label="Put its mending on the ladder" checked={isMended} onChange={setMended} isLarge />}
      <CheckField
        label="Tell me next time: on a ladder of this kind, or with this product"
        checked={isForNextTime}
        onChange={setForNextTime}
        isLarge
      />
      <div className="flex flex-wrap gap-2">
        <Button type="submit" isLarge disabled={isEmpty || wrong !== null}>
          Keep note
        </Button>
        <Button isLarge disabled={isEmpty && wrong === null} onClick={keepMistake}>
          Keep as mistake
        </Button>
        <Button isLarge look="quiet" onClick={onClose}>
          Leave it
        </Button>
      </div>
    </form>
  );
}
