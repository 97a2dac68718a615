import { createRequire } from 'node:module';
import { getMetadataStorage } from 'class-validator';
import { validationMetadatasToSchemas } from 'class-validator-jsonschema';
import { FORMAT_VERSION } from '../src/file/fileFormat';
import { ProjectFile } from '../src/file/projectFile';

interface Schema {
  properties?: Record<string, Schema>;
  required?: string[];
  anyOf?: Schema[];
  type?: string;
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
  for (const [name, schema] of Object.entries(schemas)) keepStrict(name, schema);
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

/** What the schema maker loses of the classes' rules: null where it is allowed, whole numbers, that no field is left out and none is added. */
function keepStrict(name: string, schema: Schema): void {
  const properties = schema.properties ?? {};
  for (const [property, field] of Object.entries(properties)) {
    // Bounds beside it turn a whole number into any number. Of a list the rule is about what is in it.
    if (field.type === 'number' && hasRule(name, property, (rule) => rule.name === 'isInt')) field.type = 'integer';
    // `@Nullable()` is a condition in class-validator's terms.
    if (hasRule(name, property, (rule) => rule.type === 'conditionalValidation'))
      properties[property] = { anyOf: [field, { type: 'null' }] };
  }
  schema.required = Object.keys(properties);
  schema['additionalProperties'] = false;
}

interface RuleLike {
  readonly target: { readonly name: string };
  readonly type: string;
  readonly name?: string;
  readonly propertyName: string;
}

/** Whether a field has such a rule, on its class or on one that class extends. */
function hasRule(className: string, property: string, isIt: (rule: RuleLike) => boolean): boolean {
  const storage = getMetadataStorage() as unknown as { validationMetadatas: ReadonlyMap<unknown, readonly RuleLike[]> };
  const rules = [...storage.validationMetadatas.values()].flat();
  const lineage = new Set<unknown>();
  let ancestor: unknown = rules.find(({ target }) => target.name === className)?.target;
  for (; typeof ancestor === 'function'; ancestor = Object.getPrototypeOf(ancestor) as unknown) lineage.add(ancestor);
  return rules.some((entry) => entry.propertyName === property && lineage.has(entry.target) && isIt(entry));
}
