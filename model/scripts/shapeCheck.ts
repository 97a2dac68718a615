import { Ajv2020 } from 'ajv/dist/2020.js';
import standaloneModule from 'ajv/dist/standalone/index.js';
import { makeProjectSchema } from './projectSchema';

type MakeStandalone = (ajv: Ajv2020, names: Readonly<Record<string, string>>) => string;
// The package is CommonJS: whether its function is what is imported, or its `default`, depends on who loads it.
const loaded = standaloneModule as unknown as MakeStandalone | { readonly default: MakeStandalone };
const makeStandalone = typeof loaded === 'function' ? loaded : loaded.default;

/**
 * The published schema as code: a module whose `isShaped` says whether something parsed is a project by its shape. Made ahead because the page's
 * content policy forbids compiling there.
 */
export function makeShapeCheck(): string {
  const ajv = new Ajv2020({
    code: { source: true, esm: true, lines: true },
    // Only yes or no is asked: the record classes word what is wrong.
    messages: false,
    // Lengths in UTF-16 units need no code of the package at run time, and are never looser than the classes' own.
    unicode: false,
    strictTypes: false,
    logger: false,
    schemas: [{ $id: 'project', ...makeProjectSchema() }],
  });
  return `// Made by \`npm run schema\` from the record classes.\n${makeStandalone(ajv, { isShaped: 'project' })}`;
}
