import { findFlawKind } from '@zinc-ladder/core/inspection/flawKinds';
import type { Rung } from '@zinc-ladder/model/records/ladder/rung';
import { newId } from '../../base/newId';
import type { Said } from '../../data/changes/ladder/benchChanges';
import { noteOnRung } from '../../data/changes/ladder/benchChanges';
import { mendCoat } from '../../data/changes/ladder/mendChanges';
import { takePiecesOut } from '../../data/changes/prop/setChanges';
import type { ShopIndex } from '../../data/useShopIndex';
import { useEdit } from '../edit/useEdit';
import { useBenchMoment } from '../rung/useBenchMoment';
import { mistakeWords } from './mistakeWords';
import type { WentWrong } from './wentWrong';

/** Logs what went wrong with a coat and puts what mends it onto its ladder, as one edit; answers whether it was done. */
export function useMend(index: ShopIndex): (coat: Rung, wrong: WentWrong, said?: Said) => Promise<boolean> {
  const edit = useEdit();
  const moment = useBenchMoment();
  return (coat, { kindId, pieces, isApart }, said = { text: '' }) => {
    const { name } = findFlawKind(kindId);
    const seen = index.ladders.get(coat.ladderId)?.rungIds ?? [];
    return edit(`Mend: ${name.toLowerCase()}`, async (change) => {
      const part = index.parts.get(index.ladders.get(coat.ladderId)?.partId ?? '');
      const apart = isApart && pieces !== null && part ? await takePiecesOut(change, part.id, pieces, newId, part.count) : null;
      const coatId = apart?.rungIds.get(coat.id) ?? coat.id;
      // On the pieces taken out the ladder is a new one; as it was seen it has the same rungs.
      await mendCoat(change, coatId, kindId, apart ? seen.map((id) => apart.rungIds.get(id) ?? id) : seen, newId, apart ? null : pieces);
      await noteOnRung(change, coatId, 'mistake', mistakeWords(kindId, said), moment());
    });
  };
}
