import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { strToU8, zipSync } from 'fflate';
import { MeshFaultError } from '../../core/src/surface/mesh/mesh';
import { readMesh } from '../../core/src/surface/mesh/readMesh';
import { surveyMesh } from '../../core/src/surface/measure/surveyMesh';
import { OutlineFaultError } from '../../core/src/stencil/outline';
import { readSvg } from '../../core/src/stencil/readSvg';
import { readBusyTimes } from '../../model/src/calendar/readBusyTimes';
import { FileFaultsError } from '../../model/src/file/faults';
import { readBundle, writeProject, zipBundle } from '../../model/src/file/zipProject';
import { isSound } from '../../model/src/rules/mendProject';
import { drawer } from './drawer';

/** What came of reading mutated files of one kind. */
export interface FileCount {
  readonly kind: string;
  readonly read: number;
  readonly refused: number;
  /** read whole, and yet not sound: what is worst */
  readonly partial: number;
  readonly crashes: readonly string[];
  /** slower than a file may take, ms */
  readonly hangs: readonly string[];
}

/** Longer than this for a small file is a hang, on a slow machine too. */
const HANG_MS = 5_000;

interface Kind {
  readonly kind: string;
  readonly sample: Uint8Array;
  /** true where what was read is sound */
  readonly read: (bytes: Uint8Array) => boolean;
}

const CUBE_OBJ = `v 0 0 0\nv 9 0 0\nv 9 9 0\nv 0 9 0\nv 0 0 9\nv 9 0 9\nv 9 9 9\nv 0 9 9\nf 1 4 3 2\nf 5 6 7 8\nf 1 2 6 5\nf 2 3 7 6\nf 3 4 8 7\nf 4 1 5 8\n`;
const CUBE_STL = `solid c\n${'facet normal 0 0 1\nouter loop\nvertex 0 0 0\nvertex 9 0 0\nvertex 0 9 0\nendloop\nendfacet\n'.repeat(4)}endsolid c\n`;
const MODEL = `<?xml version="1.0"?><model unit="millimeter" xmlns="http://schemas.microsoft.com/3dmanufacturing/core/2015/02"><resources><object id="1"><mesh><vertices><vertex x="0" y="0" z="0"/><vertex x="9" y="0" z="0"/><vertex x="0" y="9" z="0"/><vertex x="0" y="0" z="9"/></vertices><triangles><triangle v1="0" v2="2" v3="1"/><triangle v1="0" v2="1" v3="3"/><triangle v1="1" v2="2" v3="3"/><triangle v1="2" v2="0" v3="3"/></triangles></mesh></object><object id="2"><components><component objectid="1"/><component objectid="1" transform="1 0 0 0 1 0 0 0 1 20 0 0"/></components></object></resources><build><item objectid="2"/></build></model>`;
const SVG = `<svg xmlns="http://www.w3.org/2000/svg" width="40mm" viewBox="0 0 40 20"><g transform="translate(2 2) rotate(5)"><path d="M0 0 C0 10 10 10 10 0 L5 5 Z"/><rect x="1" y="2" width="10" height="5" rx="2"/><circle cx="5" cy="5" r="4" style="display:none"/></g></svg>`;
const ICS = [
  'BEGIN:VCALENDAR',
  'VERSION:2.0',
  'BEGIN:VEVENT',
  'UID:1',
  'DTSTART;TZID=Europe/Copenhagen:20260601T180000',
  'DTEND;TZID=Europe/Copenhagen:20260601T190000',
  'RRULE:FREQ=WEEKLY;INTERVAL=2;BYDAY=MO,TH;COUNT=40',
  'EXDATE;TZID=Europe/Copenhagen:20260615T180000',
  'RDATE:20260620T080000Z',
  'SUMMARY:evening class',
  'END:VEVENT',
  'BEGIN:VEVENT',
  'UID:2',
  'DTSTART;VALUE=DATE:20260701',
  'RRULE:FREQ=MONTHLY;BYMONTHDAY=31;BYSETPOS=1',
  'END:VEVENT',
  'END:VCALENDAR',
  '',
].join('\r\n');
const PRINT = { layerMillimetres: 0.2, up: [0, 0, 1], beadShare: 0.1 } as const;
const START = Date.UTC(2026, 5, 1);

/** Each kind of file the application reads, with a sound sample. */
export async function fileKinds(root: string): Promise<readonly Kind[]> {
  const bundle = readBundle(readFileSync(join(root, 'demo/files/tide-office.zip')));
  // The demo's own readings are most of its text and all alike.
  const project = { ...bundle.project, climateReadings: bundle.project.climateReadings.slice(0, 5) };
  const readProject = (bytes: Uint8Array): boolean => {
    const read = readBundle(bytes);
    return isSound(read.project, read.attachments.size > 0 ? new Set(read.attachments.keys()) : null);
  };
  const mesh =
    (format: 'stl' | 'obj' | '3mf') =>
    (bytes: Uint8Array): boolean => {
      const { survey } = surveyMesh(readMesh(bytes, format), PRINT);
      return (
        Number.isFinite(survey.areaSquareMillimetres) &&
        (survey.volumeCubicMillimetres === null || Number.isFinite(survey.volumeCubicMillimetres))
      );
    };
  return [
    { kind: 'JSON', sample: strToU8(writeProject({ ...project, logEntries: project.logEntries.slice(0, 12) })), read: readProject },
    { kind: 'zip', sample: await zipBundle({ project, attachments: bundle.attachments }), read: readProject },
    {
      kind: 'calendar',
      sample: strToU8(ICS),
      read: (bytes) =>
        readBusyTimes(new TextDecoder().decode(bytes), 'Europe/Copenhagen', START, START + 366 * 86_400_000).busy.every(
          (entry) => entry.endMs > entry.startMs,
        ),
    },
    { kind: 'SVG', sample: strToU8(SVG), read: (bytes) => readSvg(new TextDecoder().decode(bytes)).lines.length > 0 },
    { kind: 'STL', sample: strToU8(CUBE_STL), read: mesh('stl') },
    { kind: 'OBJ', sample: strToU8(CUBE_OBJ), read: mesh('obj') },
    { kind: '3MF', sample: zipSync({ '3D/3dmodel.model': [strToU8(MODEL), { level: 0 }] }), read: mesh('3mf') },
  ];
}

/** Reads mutated files of a kind and counts what comes of it. The same seed makes the same files. */
export function countMutated({ kind, sample, read }: Kind, files: number, seed: number): FileCount {
  const draw = drawer(seed);
  let isRead = 0;
  let refused = 0;
  let partial = 0;
  const crashes: string[] = [];
  const hangs: string[] = [];
  for (let turn = 0; turn < files; turn += 1) {
    const bytes = mutate(sample, draw);
    const start = performance.now();
    try {
      if (read(bytes)) isRead += 1;
      else partial += 1;
    } catch (error) {
      if (error instanceof FileFaultsError || error instanceof MeshFaultError || error instanceof OutlineFaultError) refused += 1;
      else crashes.push(`${kind} ${seed}/${turn}: ${String(error).slice(0, 200)}`);
    }
    if (performance.now() - start > HANG_MS) hangs.push(`${kind} ${seed}/${turn}`);
  }
  return { kind, read: isRead, refused, partial, crashes, hangs };
}

/** One to eight changes: bytes turned, cut, doubled, numbers made large, marks swapped. */
function mutate(sample: Uint8Array, draw: (most: number) => number): Uint8Array {
  let bytes = Uint8Array.from(sample);
  for (let changes = 1 + draw(8); changes > 0; changes -= 1) {
    const at = draw(bytes.length);
    switch (draw(6)) {
      case 0:
        bytes[at] = draw(256);
        break;
      case 1:
        if (draw(4) === 0) bytes = bytes.slice(0, at);
        break;
      case 2: {
        const length = 1 + draw(200);
        bytes = joined(bytes.subarray(0, at), bytes.subarray(at, at + length), bytes.subarray(at));
        break;
      }
      case 3:
        bytes = joined(bytes.subarray(0, at), bytes.subarray(Math.min(bytes.length, at + 1 + draw(60))));
        break;
      case 4:
        // A digit becomes a large number where there is text.
        if ((bytes[at] ?? 0) >= 48 && (bytes[at] ?? 0) <= 57)
          bytes = joined(
            bytes.subarray(0, at),
            strToU8(['999999999', '-1', '1e308', '0', '""', 'null'][draw(6)] ?? ''),
            bytes.subarray(at + 1),
          );
        break;
      default:
        bytes[at] = strToU8('[]{}",:<>/=;0-')[draw(14)] ?? 0;
    }
    if (bytes.length === 0) bytes = new Uint8Array([draw(256)]);
  }
  return bytes;
}

function joined(...parts: readonly Uint8Array[]): Uint8Array<ArrayBuffer> {
  const whole = new Uint8Array(parts.reduce((sum, part) => sum + part.length, 0));
  let at = 0;
  for (const part of parts) {
    whole.set(part, at);
    at += part.length;
  }
  return whole;
}
