import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT } from './installed.mjs';

/** The packages of the workspace, as package.json lists them. */
export const PACKAGES = JSON.parse(readFileSync(join(ROOT, 'package.json'), 'utf8')).workspaces;

/** What types are checked of, by name: every package with its tests, and the tools with the configuration files, which belong to none. */
export const TYPE_PROJECTS = [...PACKAGES.map((name) => [name, name]), ['tools', '.']];
