import type { FlawKindId } from '@zinc-ladder/core/inspection/flawKinds';
import type { Rung } from '@zinc-ladder/model/records/ladder/rung';
import { useState } from 'react';
import type { ShopIndex } from '../../data/useShopIndex';
import { Button } from '../../ui/Button';
import { MendChoice } from './MendChoice';
import { useMend } from './useMend';

/** For a coat that was laid: what went wrong with it, and its mending put onto the ladder. */
export function MendPanel({ coat, index }: { readonly coat: Rung; readonly index: ShopIndex }) {
  const mend = useMend(index);
  const [kindId, setKind] = useState<FlawKindId | null>(null);
  return (
    <details>
      <summary className="label cursor-pointer">It went wrong</summary>
      <div className="grid max-w-xl gap-2 pt-2">
        <MendChoice coat={coat} index={index} kindId={kindId} onChoose={setKind} />
        {kindId && (
          <Button
            className="justify-self-start"
            onClick={() => void mend(coat, kindId).then((isDone) => (isDone ? setKind(null) : undefined))}
          >
            Put its mending on the ladder
          </Button>
        )}
      </div>
    </details>
  );
}
