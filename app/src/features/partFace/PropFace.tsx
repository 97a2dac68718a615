import type { Prop } from '@zinc-ladder/model/records/prop/prop';
import { useTable } from '../../data/queries';
import { Picture } from '../pictures/Picture';

/** A prop as it is known by sight: the first picture it is made after; nothing where there is none. */
export function PropFace({ prop, className }: { readonly prop: Prop; readonly className: string }) {
  const picture = useTable('pictures').find((entry) => entry.propId === prop.id && !entry.isOwn);
  return picture ? <Picture id={picture.id} alt="" className={`${className} object-cover`} /> : null;
}
