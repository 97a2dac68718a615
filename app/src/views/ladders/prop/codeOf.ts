import { create } from 'qrcode';

/** Modules of the QR code of an address, row by row; a reader makes up for an eighth of it being soiled (level M). */
export function codeOf(address: string): readonly (readonly boolean[])[] {
  const { modules } = create(address, { errorCorrectionLevel: 'M' });
  return Array.from({ length: modules.size }, (_, row) =>
    Array.from({ length: modules.size }, (__, column) => modules.get(row, column) === 1),
  );
}
