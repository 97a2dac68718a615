import { averageArea } from '@zinc-ladder/core/colour/picture/averageArea';
import type { PictureArea, Pixels } from '@zinc-ladder/core/colour/picture/averageArea';
import { MIDDLE_GREY } from '@zinc-ladder/core/colour/picture/neutralise';
import { tellDifference } from '@zinc-ladder/core/colour/differenceWords';
import { hexOfLab } from '@zinc-ladder/core/colour/lab';
import type { MatchViewing } from '@zinc-ladder/core/match/judgeMatch';
import { judgeMatch } from '@zinc-ladder/core/match/judgeMatch';
import type { MatchConditions, MatchSide, RegionMatch } from '@zinc-ladder/core/match/matchColours';
import { MATCH_HALF_WIDTHS, MATCH_REFUSAL_WORDS, matchColours } from '@zinc-ladder/core/match/matchColours';
import { lengthNoticeable } from '@zinc-ladder/core/match/noticed';
import type { Noticeable } from '@zinc-ladder/core/match/noticed';
import { registerPictures, REGISTRATION_REFUSAL_WORDS } from '@zinc-ladder/core/match/registerPictures';
import { dirname, resolve } from 'node:path';
import { LabError } from '../../labError';
import { readLab, roundLab } from '../../readColour';
import type { Fields } from '../../readFields';
import { fieldsAt, fieldsOf, hasField, listAt, numberAt, pointAt, textAt } from '../../readFields';
import { readJson } from '../../readFile';
import { readPicture } from '../../readPicture';
import type { LabCommand } from '../labCommand';

/**
 * `match FILE` → colours of regions on a reference and on one's own photograph with their intervals, and what a viewer notices first. File:
 * `{"reference":"a.png","own":"b.png","pairs":[{"reference":[x,y],"own":[x,y]}],"isFlat"?,"regions":[{"id","area":[x,y,width,height]}],
 * "patches":{"reference":[x,y,width,height],"own":[…],"known"?:"#hex"},"conditions"?,"viewing"?:{"distance" metres,"millimetresPerPixel"},
 * "lengths"?:[{"id","reference","own","relativeSd"}]}`. Pixels; regions lie on the reference; paths are from the file.
 */
export const match: LabCommand = {
  name: 'match',
  usage: 'match FILE',
  options: [],
  run: ({ files }) => {
    const file = { ...fieldsOf(readJson(files[0]), files[0] ?? 'the file'), path: '' };
    const beside = (name: string): string =>
      resolve(dirname(resolve(process.env['INIT_CWD'] ?? process.cwd(), files[0] ?? '')), textAt(file, name));
    const [reference, own] = [readPicture(beside('reference')), readPicture(beside('own'))];
    const pairs = listAt(file, 'pairs', (value, path) => {
      const pair = fieldsOf(value, path);
      return { reference: pointAt(pair, 'reference'), own: pointAt(pair, 'own') };
    });
    const registration = registerPictures(pairs, file.values['isFlat'] === true);
    if ('refusal' in registration)
      return {
        refusal: registration.refusal,
        reason: REGISTRATION_REFUSAL_WORDS[registration.refusal],
        registration: null,
        regions: [],
        noticed: [],
      };
    const patches = fieldsAt(file, 'patches');
    const known = hasField(patches, 'known') ? readLab('patches.known', textAt(patches, 'known')) : MIDDLE_GREY;
    const side = (pixels: Pixels, name: 'reference' | 'own'): MatchSide => ({
      pixels,
      known,
      patch: averageArea(pixels, areaAt(patches, name, pixels)),
    });
    const regions = listAt(file, 'regions', (value, path) => {
      const region = fieldsOf(value, path);
      return { id: textAt(region, 'id'), area: areaAt(region, 'area', reference) };
    });
    const found = matchColours(side(reference, 'reference'), side(own, 'own'), regions, registration, conditionsOf(file));
    const viewing = hasField(file, 'viewing') ? fieldsAt(file, 'viewing') : null;
    const seen: MatchViewing | null = viewing && {
      distanceMetres: numberAt(viewing, 'distance', { least: 0.01 }),
      millimetresPerPixel: numberAt(viewing, 'millimetresPerPixel', { least: 1e-6 }),
    };
    const lengths = listAt(file, 'lengths', (value, path): Noticeable => {
      const length = fieldsOf(value, path);
      const sd = numberAt(length, 'relativeSd', { least: 0, most: 1, usual: 0 });
      const [wanted, is] = [numberAt(length, 'reference', { least: 1e-6 }), numberAt(length, 'own', { least: 1e-6 })];
      return lengthNoticeable(textAt(length, 'id'), wanted, is, sd);
    });
    return {
      refusal: found.refusal,
      ...(found.refusal ? { reason: MATCH_REFUSAL_WORDS[found.refusal] } : {}),
      registration: {
        kind: registration.kind,
        press: registration.press,
        errorPixels: registration.errorPixels,
        suspects: registration.suspects,
      },
      commonShift: found.commonShift,
      halfWidth: found.half,
      regions: found.regions.map(tellRegion),
      noticed: judgeMatch(found, regions, reference, seen, lengths),
    };
  },
};

function tellRegion(region: RegionMatch): object {
  if ('refusal' in region) return { ...region, reason: MATCH_REFUSAL_WORDS[region.refusal] };
  const { id, reference, own, deltaE, low, high, isDoubtful } = region;
  const told = low > 0 ? tellDifference(own, reference).words : 'cannot tell: it lies within what such pictures err by';
  const colour = (lab: typeof reference) => ({ lab: roundLab(lab), hex: hexOfLab(lab) });
  return { id, deltaE, low, high, words: told, isDoubtful, reference: colour(reference), own: colour(own) };
}

function areaAt(fields: Fields, name: string, { width, height }: Pixels): PictureArea {
  const value = fields.values[name];
  const isArea = Array.isArray(value) && value.length === 4 && value.every((part) => typeof part === 'number' && Number.isFinite(part));
  const [x = 0, y = 0, wide = 0, high = 0] = isArea ? (value as number[]) : [];
  if (!isArea || wide <= 0 || high <= 0)
    throw new LabError(`${fields.path === '' ? name : `${fields.path}.${name}`} must be x, y, width, height`);
  return { x: x / width, y: y / height, width: wide / width, height: high / height };
}

function conditionsOf(file: Fields): MatchConditions {
  const name = textAt(file, 'conditions', 'otherLightAndCamera');
  if (!(name in MATCH_HALF_WIDTHS)) throw new LabError(`conditions must be one of ${Object.keys(MATCH_HALF_WIDTHS).join(', ')}`);
  return name as MatchConditions;
}
