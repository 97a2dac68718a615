import exifr from 'exifr';

/** What a camera wrote into a photograph that is of use; where it was taken is not read. */
export interface PhotoFacts {
  /** epoch ms; null: not said */
  readonly takenAtMs: number | null;
  /** focal length over the picture's longer side; null: not said */
  readonly focalShare: number | null;
}

/** Nothing is said of the photograph. */
export const NO_FACTS: PhotoFacts = { takenAtMs: null, focalShare: null };

/** Longer side of the film that equivalent focal lengths are told for, mm. */
const FULL_FRAME = 36;
const [LEAST_FOCAL, MOST_FOCAL] = [4, 2000] as const;

/**
 * Date and lens of a photograph, as far as its camera wrote them. What is damaged there counts as not said: the picture itself may be sound.
 */
export async function readPhotoFacts(file: Blob): Promise<PhotoFacts> {
  try {
    const tags = ((await exifr.parse(await file.arrayBuffer(), { pick: ['DateTimeOriginal', 'FocalLengthIn35mmFormat'], gps: false })) ??
      {}) as { readonly DateTimeOriginal?: unknown; readonly FocalLengthIn35mmFormat?: unknown };
    const date = tags.DateTimeOriginal instanceof Date ? tags.DateTimeOriginal.getTime() : Number.NaN;
    const focal = Number(tags.FocalLengthIn35mmFormat);
    return {
      takenAtMs: Number.isFinite(date) ? date : null,
      focalShare: focal >= LEAST_FOCAL && focal <= MOST_FOCAL ? focal / FULL_FRAME : null,
    };
  } catch {
    return NO_FACTS;
  }
}
