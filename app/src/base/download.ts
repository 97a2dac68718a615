/** Hands bytes to the browser as a file to save. */
export function download(bytes: Uint8Array<ArrayBuffer> | string | Blob, name: string, mediaType: string): void {
  const url = URL.createObjectURL(bytes instanceof Blob ? bytes : new Blob([bytes], { type: mediaType }));
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  // The browser has taken hold of the bytes once the click is through.
  setTimeout(() => URL.revokeObjectURL(url), 10_000);
}

/** A file name from a shop's name and a date: letters, digits and dashes only. */
export function fileName(shopName: string, date: string, extension: string): string {
  const base =
    shopName
      .normalize('NFKD')
      .replace(/[^A-Za-z0-9]+/gu, '-')
      .replace(/^-+|-+$/gu, '')
      .toLowerCase()
      .slice(0, 60) || 'shop';
  return `${base}-${date}.${extension}`;
}
