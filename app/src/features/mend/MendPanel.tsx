import type { Rung } from '@zinc-ladder/model/records/ladder/rung';
import { useState } from 'react';
import type { ShopIndex } from '../../data/useShopIndex';
import { Button } from '../../ui/Button';
import { MendChoice } from './MendChoice';
import { useMend } from './useMend';
import type { WentWrong } from './wentWrong';

/** For a coat that was laid: what went wrong with it, and its mending put onto the ladder. */
export function MendPanel({ coat, index }: { readonly coat: Rung; readonly index: ShopIndex }) {
  const mend = useMend(index);
  const [wrong, setWrong] = useState<WentWrong | null>(null);
  return (
    <details>
      <summary className="label cursor-pointer">It went wrong</summary>
      <div className="grid max-w-xl gap-2 pt-2">
        <MendChoice coat={coat} index={index} wrong={wrong} onChoose={setWrong} />
        {wrong && (
          <Button
            className="justify-self-start"
            onClick={() => void mend(coat, wrong).then((isDone) => (isDone ? setWrong(null) : undefined))}
          >
            Put its mending on the ladder
          </Button>
        )}
      </div>
    </details>
  );
}
