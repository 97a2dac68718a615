import type { FlawKindId } from '@zinc-ladder/core/inspection/flawKinds';
import { findFlawKind } from '@zinc-ladder/core/inspection/flawKinds';

/** What went wrong with a coat, on how many pieces of its set (null: on all it was laid on), and whether these leave the set, which goes on without them. */
export interface WentWrong {
  readonly kindId: FlawKindId;
  readonly pieces: number | null;
  readonly isApart: boolean;
}

/** A flaw as it is first taken to be: a spot on one piece, what comes of paint or air on all. */
export function usuallyWrong(kindId: FlawKindId): WentWrong {
  return { kindId, pieces: findFlawKind(kindId).mending?.isLocal ? 1 : null, isApart: false };
}
