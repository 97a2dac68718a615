import type { FlawKindId } from '@zinc-ladder/core/inspection/flawKinds';
import { findFlawKind } from '@zinc-ladder/core/inspection/flawKinds';
import type { Said } from '../../data/changes/ladder/benchChanges';

/** A mistake as the log keeps it: what it was, what was said of it, and, where it is to be told next time, what would have prevented it. */
export function mistakeWords(kindId: FlawKindId, said: Said): Said {
  const { name, prevention } = findFlawKind(kindId);
  const what = said.text === '' ? name : `${name}: ${said.text}`;
  const sentence = /[.!?]$/u.test(what) ? what : `${what}.`;
  return { ...said, text: said.isForNextTime ? `${sentence} ${prevention}` : sentence };
}
