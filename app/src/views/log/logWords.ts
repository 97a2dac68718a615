import { partLabel } from '@zinc-ladder/model/gather/plan/gatherPlan';
import type { LogEntry } from '@zinc-ladder/model/records/ladder/logEntry';
import type { ShopIndex } from '../../data/useShopIndex';

/** What an entry is called by its kind. */
export const KIND_WORDS: Readonly<Record<LogEntry['kind'], string>> = {
  done: 'done',
  setDown: 'set down',
  note: 'note',
  mistake: 'mistake',
  reopened: 'opened again',
  deviation: 'done all the same',
};
/** What an entry is of: a rung, a part, a prop or the shop. */
export function titleOf(entry: LogEntry, index: ShopIndex): string {
  if (entry.rungId !== null && index.rungs.has(entry.rungId)) return index.rungTitle(entry.rungId);
  const part = index.parts.get(entry.partId ?? '');
  if (part) return partLabel(part);
  return index.props.get(entry.propId ?? '')?.name ?? 'The shop';
}
