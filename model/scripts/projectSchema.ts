import { createRequire } from 'node:module';
import { getMetadataStorage } from 'class-validator';
import { validationMetadatasToSchemas } from 'class-validator-jsonschema';
import { FORMAT_VERSION, ProjectFile } from '../src/file/projectFile';

interface Schema {
  properties?: Record<string, Schema>;
  [key: string]: unknown;
}

/** The JSON Schema (2020-12) of a project file, made from the record classes' own rules. */
export function makeProjectSchema(): object {
  const { defaultMetadataStorage } = createRequire(import.meta.url)('class-transformer/cjs/storage.js') as {
    defaultMetadataStorage: never;
  };
  const schemas = validationMetadatasToSchemas({
    classTransformerMetadataStorage: defaultMetadataStorage,
    refPointerPrefix: '#/$defs/',
  }) as Record<string, Schema>;
  allowNulls(schemas);
  for (const schema of Object.values(schemas)) schema['additionalProperties'] = false;
  const { [ProjectFile.name]: root, ...all } = schemas;
  const defs = Object.entries(all).filter(([name]) => name !== 'Tracked');
  return {
    $schema: 'https://json-schema.org/draft/2020-12/schema',
    title: `Zinc Ladder project, version ${FORMAT_VERSION}`,
    description: 'Rules between records (references, times that belong together) are in file-format.md.',
    ...root,
    $defs: Object.fromEntries(defs.sort(([a], [b]) => a.localeCompare(b))),
  };
}

/** `@Nullable()` is a condition in class-validator's terms, which the schema maker does not translate. */
function allowNulls(schemas: Record<string, Schema>): void {
  for (const [name, schema] of Object.entries(schemas)) {
    for (const property of Object.keys(schema.properties ?? {})) {
      const field = schema.properties?.[property];
      if (schema.properties && field && isConditional(name, property)) schema.properties[property] = { anyOf: [field, { type: 'null' }] };
    }
  }
}

interface MetadataLike {
  readonly target: { readonly name: string };
  readonly type: string;
  readonly propertyName: string;
}

function isConditional(className: string, property: string): boolean {
  const storage = getMetadataStorage() as unknown as { validationMetadatas: ReadonlyMap<unknown, readonly MetadataLike[]> };
  return [...storage.validationMetadatas.values()]
    .flat()
    .some((entry) => entry.type === 'conditionalValidation' && entry.propertyName === property && entry.target.name === className);
}
