/** Whether two values of records are the same, fields in any order. Pictures and meshes count as the same when they are of one size. */
export function sameValue(left: unknown, right: unknown): boolean {
  if (left === right) return true;
  if (typeof left !== 'object' || typeof right !== 'object' || left === null || right === null) return false;
  if (left instanceof Blob || right instanceof Blob) return left instanceof Blob && right instanceof Blob && left.size === right.size;
  if (Array.isArray(left) !== Array.isArray(right)) return false;
  const keys = Object.keys(left);
  if (keys.length !== Object.keys(right).length) return false;
  return keys.every((name) => isSame(name, left, right));
}

function isSame(name: string, left: object, right: object): boolean {
  return name in right && sameValue((left as Fields)[name], (right as Fields)[name]);
}

function isCounted(name: string): boolean {
  return name !== 'revision';
}

type Fields = Readonly<Record<string, unknown>>;

/** Whether two records are the same to the last field, their revision too. A picture or mesh kept anew is never the same. */
export function sameRecord(left: object, right: object): boolean {
  return !('blob' in left) && sameValue(left, right);
}

/** Whether two states of a record are the same but for the revision count. */
export function sameButRevision(left: object | null, right: object | null): boolean {
  if (!left || !right) return left === right;
  const names = Object.keys(left).filter(isCounted);
  return names.length === Object.keys(right).filter(isCounted).length && names.every((name) => isSame(name, left, right));
}
