import type { DragEvent } from 'react';
import { useEffect } from 'react';

const pictureAmong = (files: FileList | undefined): File | undefined => [...(files ?? [])].find((entry) => entry.type.startsWith('image/'));

/** Takes a picture that is pasted anywhere on the page or dropped where the given handlers are. */
export function useArrivingPicture(onPicture: (file: File) => void): {
  readonly onDragOver: (event: DragEvent) => void;
  readonly onDrop: (event: DragEvent) => void;
} {
  useEffect(() => {
    const paste = (event: ClipboardEvent): void => {
      const file = pictureAmong(event.clipboardData?.files);
      if (file) onPicture(file);
    };
    document.addEventListener('paste', paste);
    return () => document.removeEventListener('paste', paste);
  });
  return {
    onDragOver: (event) => event.preventDefault(),
    onDrop: (event) => {
      const file = pictureAmong(event.dataTransfer.files);
      if (!file) return;
      event.preventDefault();
      onPicture(file);
    },
  };
}
