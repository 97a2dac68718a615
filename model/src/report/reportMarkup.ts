import { escapeXml } from '@zinc-ladder/core/svg/escapeXml';
import type { ProjectBundle } from '../file/zipProject';
import type { PictureReference } from '../records/prop/pictureReference';

/** Text of a record as text of the page. */
export const text = escapeXml;

/** Text with its line breaks. */
export function lines(words: string): string {
  return words.split('\n').map(text).join('<br>');
}

/** A table; its cells are markup already. */
export function table(head: readonly string[], rows: readonly (readonly string[])[]): string {
  const heads = head.map((cell) => `<th scope="col">${text(cell)}</th>`).join('');
  const body = rows.map((row) => `<tr>${row.map((cell) => `<td>${cell}</td>`).join('')}</tr>`).join('');
  return `<table><thead><tr>${heads}</tr></thead><tbody>${body}</tbody></table>`;
}

/** A patch of a colour. */
export function swatch(hex: string): string {
  return `<span class="swatch" style="background-color: ${text(hex)}"></span>`;
}

/** A picture with its bytes in the page, so that it opens anywhere; empty where the bytes are not there. */
export function figure({ attachments }: ProjectBundle, picture: PictureReference, caption: string): string {
  const bytes = attachments.get(picture.id);
  if (!bytes) return '';
  const address = `data:${picture.mediaType};base64,${toBase64(bytes)}`;
  return `<figure><img src="${address}" alt="${text(picture.name)}"><figcaption>${text(caption)}</figcaption></figure>`;
}

function toBase64(bytes: Uint8Array): string {
  let binary = '';
  for (let at = 0; at < bytes.length; at += 0x8000) binary += String.fromCharCode(...bytes.subarray(at, at + 0x8000));
  return btoa(binary);
}
