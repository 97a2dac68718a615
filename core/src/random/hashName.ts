/** A name as a 32-bit number, the same on every machine (FNV-1a; Fowler, Noll and Vo, from memory). */
export function hashName(name: string): number {
  let hash = 0x81_1c9d_c5;
  for (let at = 0; at < name.length; at += 1) hash = Math.imul(hash ^ name.charCodeAt(at), 0x01_0001_93);
  return hash >>> 0;
}

/** Spreads the bits of a whole number over all 32 (the last step of MurmurHash3; Appleby, from memory). */
export function mixBits(value: number): number {
  let mixed = value | 0;
  mixed = Math.imul(mixed ^ (mixed >>> 16), 0x85_eb_ca_6b);
  mixed = Math.imul(mixed ^ (mixed >>> 13), 0xc2_b2_ae_35);
  return (mixed ^ (mixed >>> 16)) >>> 0;
}
