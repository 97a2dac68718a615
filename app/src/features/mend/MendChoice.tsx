import type { FlawKindId } from '@zinc-ladder/core/inspection/flawKinds';
import { findFlawKind, FLAW_KINDS } from '@zinc-ladder/core/inspection/flawKinds';
import { mendingRungs } from '@zinc-ladder/model/gather/grow/mendingRungs';
import type { Rung } from '@zinc-ladder/model/records/ladder/rung';
import { rungPieces } from '@zinc-ladder/model/rungs/rungPieces';
import type { ShopIndex } from '../../data/useShopIndex';
import { CheckField } from '../../ui/fields/CheckField';
import { InlineNumber, SelectField } from '../../ui/fields/fields';
import type { WentWrong } from './wentWrong';
import { usuallyWrong } from './wentWrong';

const NOTHING = '';
const OF_FILMS = FLAW_KINDS.filter(({ mending }) => mending !== null);

/** What went wrong with a coat, on how many pieces of a set, and what would mend it. */
export function MendChoice({
  coat,
  index,
  wrong,
  onChoose,
}: {
  readonly coat: Rung;
  readonly index: ShopIndex;
  readonly wrong: WentWrong | null;
  readonly onChoose: (wrong: WentWrong | null) => void;
}) {
  const part = index.partOf(coat);
  const laidOn = part ? Math.min(rungPieces(coat, part), part.count) : 1;
  // What is in hand is in hand on all of them, and what is on the printer cannot be told apart yet.
  const mayLeave = part && laidOn === part.count && laidOn > 1 && part.print === null && coat.state === 'done';
  return (
    <div className="grid gap-2">
      <SelectField
        label={`What went wrong with ${coat.name}`}
        value={wrong?.kindId ?? NOTHING}
        options={[[NOTHING, 'nothing, or none of these'], ...OF_FILMS.map(({ id, name }) => [id, name] as const)]}
        onChange={(id) => onChoose(id === NOTHING ? null : usuallyWrong(id as FlawKindId))}
      />
      {wrong && laidOn > 1 && (
        <InlineNumber
          label="On so many pieces"
          unit={`of ${laidOn}`}
          value={Math.min(wrong.pieces ?? laidOn, laidOn)}
          min={1}
          max={laidOn}
          isWhole
          onKeep={(pieces) =>
            pieces !== null && onChoose(pieces === laidOn ? { ...wrong, pieces: null, isApart: false } : { ...wrong, pieces })
          }
        />
      )}
      {wrong && mayLeave && wrong.pieces !== null && (
        <CheckField
          label="Take it out of the set: the others go on meanwhile"
          checked={wrong.isApart}
          onChange={(isApart) => onChoose({ ...wrong, isApart })}
          isLarge
        />
      )}
      {wrong && part && (
        <p className="text-sm">
          {findFlawKind(wrong.kindId).mend} Onto the ladder, next:{' '}
          {mendingRungs(wrong.kindId, coat, index.rungsOf(part.id), part, index.products, () => 'told', wrong.pieces)
            .rungs.map(({ name }) => name)
            .join('; ')}
          .
        </p>
      )}
    </div>
  );
}
