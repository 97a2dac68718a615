import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect } from 'vitest';
import { runLab } from '../runLab';

const folder = mkdtempSync(join(tmpdir(), 'lab-'));

/** A file for the lab to read; what is no text is written as JSON. */
export function fileOf(content: unknown, name = 'file.json'): string {
  const path = join(folder, name);
  writeFileSync(path, typeof content === 'string' ? content : JSON.stringify(content));
  return path;
}

/** What the lab answers. */
export function answer(...words: string[]): Record<string, unknown> {
  return JSON.parse(runLab(words).out) as Record<string, unknown>;
}

/** The one line the lab says to bad input. */
export function fault(...words: string[]): string {
  const { exitCode, out, err } = runLab(words);
  expect([exitCode, out, err.trim().split('\n').length]).toEqual([2, '', 1]);
  return err;
}
