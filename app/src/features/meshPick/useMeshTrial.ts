import { findMaterial } from '@zinc-ladder/core/ladder/materials';
import { beadShareOf } from '@zinc-ladder/core/surface/measure/layerRidges';
import type { MeshReference } from '@zinc-ladder/model/records/prop/meshReference';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { meshFormatOf, NO_MESH } from '../../data/changes/prop/meshChanges';
import { newId } from '../../base/newId';
import { getMeshApi } from '../../workers/mesh/meshClient';

/** A mesh file that was picked for a part that is not there yet, and what it says of the part. */
export interface MeshTrial {
  readonly file: File;
  readonly format: MeshReference['format'];
  /** surface of the piece, cm² */
  readonly areaSquareCentimetres: number;
  /** 95 % of the area is smoother, µm */
  readonly ridgeMicrometres: number;
}

/** Picks a mesh before its part is kept. */
export interface MeshPick {
  readonly trial: MeshTrial | null;
  readonly isReading: boolean;
  /** why the file gives nothing */
  readonly problem: string | null;
  /** null: none after all */
  readonly pick: (file: File | null) => void;
}

/** Reads a mesh file in the worker, for its area and ridges as the part would be printed; anew when material or layer change. */
export function useMeshTrial({ materialId, layerMillimetres }: Pick<Part, 'materialId' | 'layerMillimetres'>): MeshPick {
  const [file, setFile] = useState<File | null>(null);
  const query = useQuery({
    queryKey: ['mesh trial', file?.name, file?.size, file?.lastModified, materialId, layerMillimetres],
    enabled: file !== null,
    staleTime: Infinity,
    retry: false,
    networkMode: 'always',
    queryFn: () => (file ? readTrial(file, materialId, layerMillimetres) : null),
  });
  return {
    trial: file === null ? null : (query.data ?? null),
    isReading: query.isFetching,
    problem: file !== null && query.error ? query.error.message : null,
    pick: setFile,
  };
}

async function readTrial(file: File, materialId: Part['materialId'], layerMillimetres: number): Promise<MeshTrial> {
  const format = meshFormatOf(file);
  if (!format) throw new Error(NO_MESH);
  const setup = { layerMillimetres, up: [0, 0, 1] as const, beadShare: beadShareOf(findMaterial(materialId)) };
  const opened = await getMeshApi().open({ id: newId(), format, millimetres: 1, setup }, file);
  if (opened.kind === 'faulty') throw new Error(`${file.name} gives nothing: ${opened.message}`);
  const { areaSquareMillimetres, ridges } = opened.survey;
  return { file, format, areaSquareCentimetres: areaSquareMillimetres / 100, ridgeMicrometres: ridges.p95Micrometres };
}
