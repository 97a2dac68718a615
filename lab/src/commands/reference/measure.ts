import type { MeasuredPicture, PictureLength } from '@zinc-ladder/core/reference/measureLengths';
import { measureLengths } from '@zinc-ladder/core/reference/measureLengths';
import type { KnownCircle, KnownRectangle } from '@zinc-ladder/core/reference/planeScale';
import { LENGTH_REFUSAL_WORDS } from '@zinc-ladder/core/reference/planeScale';
import { LabError } from '../../labError';
import type { Fields } from '../../readFields';
import { fieldsAt, fieldsOf, hasField, listAt, numberAt, pointAt, pointOf, textAt } from '../../readFields';
import { readJson } from '../../readFile';
import type { LabCommand } from '../labCommand';

/**
 * `measure FILE` → lengths with their 90 % intervals. File: `{"pictures":[{"id","known":[{"a":[x,y],"b":[x,y],"millimetres"}],
 * "rectangle":{"corners":[[x,y],…4],"proportion","sideMillimetres"?},"circle":{"rim":[[x,y],…],"centre"?,"diameterMillimetres"?},
 * "readingPixels"?,"tiltDegrees"?,"focalPixels"?,"widthPixels"?,"wanted":[{"id","a","b"}]}]}`.
 */
export const measure: LabCommand = {
  name: 'measure',
  usage: 'measure FILE',
  options: [],
  run: ({ files }) => {
    const file = fieldsOf(readJson(files[0]), files[0] ?? 'the file');
    const pictures = listAt({ ...file, path: '' }, 'pictures', readPicture);
    if (pictures.length === 0) throw new LabError(`${file.path} holds no pictures`);
    return {
      lengths: measureLengths(pictures).map(({ id, combined, byPicture }) => ({
        id,
        millimetres: combined?.millimetres ?? null,
        low: combined?.low ?? null,
        high: combined?.high ?? null,
        byPicture: byPicture.map(tellPicture),
        disagrees: combined?.disagrees ?? [],
      })),
    };
  },
};

function tellPicture(length: PictureLength): object {
  if ('refusal' in length) return { ...length, reason: LENGTH_REFUSAL_WORDS[length.refusal] };
  const { picture, millimetres, low, high, relativeSd } = length;
  return { picture, millimetres, low, high, relativeSd };
}

function readPicture(value: unknown, path: string): MeasuredPicture {
  const given = fieldsOf(value, path);
  const number = (name: string, least: number, most: number) =>
    hasField(given, name) ? { [name]: numberAt(given, name, { least, most }) } : {};
  return {
    id: textAt(given, 'id'),
    known: listAt(given, 'known', (entry, at) => {
      const known = fieldsOf(entry, at);
      const millimetres = numberAt(known, 'millimetres', { least: 0, most: 1e6 });
      const spread = hasField(known, 'spread') ? { spread: numberAt(known, 'spread', { least: 0, most: 1 }) } : {};
      const thing = hasField(known, 'thing') ? { thing: textAt(known, 'thing') } : {};
      return { a: pointAt(known, 'a'), b: pointAt(known, 'b'), millimetres, ...spread, ...thing };
    }),
    ...(hasField(given, 'rectangle') ? { rectangle: readRectangle(fieldsAt(given, 'rectangle')) } : {}),
    ...(hasField(given, 'circle') ? { circle: readCircle(fieldsAt(given, 'circle')) } : {}),
    wanted: listAt(given, 'wanted', (entry, at) => {
      const wanted = fieldsOf(entry, at);
      return { id: textAt(wanted, 'id'), a: pointAt(wanted, 'a'), b: pointAt(wanted, 'b') };
    }),
    ...number('readingPixels', 0, 1000),
    ...number('tiltDegrees', 0, 45),
    ...number('focalPixels', 1, 1e7),
    ...number('widthPixels', 1, 1e6),
  };
}

function readRectangle(given: Fields): KnownRectangle {
  const side = hasField(given, 'sideMillimetres') ? { sideMillimetres: numberAt(given, 'sideMillimetres', { least: 0, most: 1e6 }) } : {};
  return { corners: listAt(given, 'corners', pointOf), proportion: numberAt(given, 'proportion', { least: 0, most: 1e4 }), ...side };
}

function readCircle(given: Fields): KnownCircle {
  const diameter = hasField(given, 'diameterMillimetres')
    ? { diameterMillimetres: numberAt(given, 'diameterMillimetres', { least: 0, most: 1e6 }) }
    : {};
  return { rim: listAt(given, 'rim', pointOf), ...(hasField(given, 'centre') ? { centre: pointAt(given, 'centre') } : {}), ...diameter };
}
