import type { Fault } from './faults';

/** The format nests five deep; what is far deeper was made to overflow a reader. */
const DEEPEST = 24;
/** Keys by which an object would reach the prototype of others. */
const RESERVED: ReadonlySet<string> = new Set(['__proto__', 'constructor', 'prototype']);

/** What parsed JSON holds that no project does and that a checker would stumble over: lists in lists, reserved keys, nesting without end. */
export function findPlainFaults(parsed: object): Fault[] {
  const faults: Fault[] = [];
  const open: { readonly value: object; readonly path: string; readonly depth: number }[] = [{ value: parsed, path: '', depth: 0 }];
  for (let current = open.pop(); current; current = open.pop()) {
    const { value, path, depth } = current;
    if (depth > DEEPEST) {
      faults.push({ code: 'invalid', path: path.slice(0, 200), message: 'is nested deeper than the format is' });
      continue;
    }
    const isList = Array.isArray(value);
    for (const [key, inner] of Object.entries(value) as [string, unknown][]) {
      if (!isList && RESERVED.has(key))
        faults.push({ code: 'unknownField', path: join(path, key, false), message: 'this field is not part of the format' });
      if (typeof inner !== 'object' || inner === null) continue;
      const at = join(path, key, isList);
      if (isList && Array.isArray(inner)) faults.push({ code: 'invalid', path: at, message: 'must be an object of the format' });
      else open.push({ value: inner, path: at, depth: depth + 1 });
    }
  }
  return faults;
}

function join(base: string, key: string, isList: boolean): string {
  if (isList) return `${base}[${key}]`;
  return base ? `${base}.${key}` : key;
}
