import { z } from 'zod';
import { storedMarkSchema } from '@/core/marks';
import { type PackageColumn, packageTables } from '@/data/exchange/packageTables';
import { reelShape } from '@/data/reels/reels';

/** Of which things a package is. */
export const packageScopes = ['everything', 'round', 'student'] as const;

export const manifestShape = z.object({
  format: z.literal('unhurried-owl-package'),
  version: z.literal(1),
  madeAt: z.iso.datetime(),
  scope: z.object({ kind: z.enum(packageScopes), title: z.string().max(300) }),
  /** Rows of each table. */
  tables: z.record(z.string(), z.number().int().min(0)),
  /** Whether the films are in it. */
  films: z.boolean(),
});
export type PackageManifest = z.output<typeof manifestShape>;

/** Names of stored films are made here: nothing else is taken for a path. */
const storageName = z.string().regex(/^[0-9a-f-]{36}(\.[a-z0-9]{1,5})?$/);
const contents: Readonly<Record<string, z.ZodType>> = {
  'mark.content': z.looseObject({}).refine((content) => storedMarkSchema.safeParse(content).success),
  'second_mark.content': z.looseObject({}).refine((content) => storedMarkSchema.safeParse(content).success),
  'reel.content': z.looseObject({}).refine((content) => reelShape.safeParse(content).success),
  'footage.storage_name': storageName,
};

function shapeOfColumn(table: string, { name, type }: PackageColumn): z.ZodType {
  const own = contents[`${table}.${name}`];
  if (own) return own;
  switch (type) {
    case 'uuid':
      return z.uuid();
    case 'boolean':
      return z.boolean();
    case 'integer':
    case 'smallint':
    case 'bigint':
      return z.number().int();
    case 'numeric':
    case 'real':
    case 'double precision':
      return z.number();
    case 'date':
      return z.string().regex(/^\d{4,6}-\d{2}-\d{2}$/);
    case 'timestamp with time zone':
      return z.string().regex(/^\d{4,6}-\d{2}-\d{2}T\d{2}:\d{2}:\d{2}(\.\d+)?(Z|[+-]\d{2}:\d{2})$/);
    case 'bytea':
      return z.string().regex(/^\\x([0-9a-f]{2})*$/);
    case 'jsonb':
    case 'ARRAY':
      return z.unknown();
    default:
      return z.string();
  }
}

/** The shape of a row of each table of a package: what is read must have it, and the published JSON Schema is made of it. */
export const rowShapes = (
  columns: ReadonlyMap<string, readonly PackageColumn[]>,
): ReadonlyMap<string, z.ZodType<Record<string, unknown>>> =>
  new Map(
    packageTables.map(({ name, key }) => [
      name,
      z.strictObject(
        Object.fromEntries(
          (columns.get(name) ?? []).map((column) => {
            const shape = shapeOfColumn(name, column);
            const whole = column.isNullable ? shape.nullable() : shape;
            // Another version may know a column less.
            return [column.name, key.includes(column.name) ? whole : whole.optional()];
          }),
        ),
      ) as z.ZodType<Record<string, unknown>>,
    ]),
  );

/** The JSON Schema (2020-12) of a package, one definition a table. */
export const jsonSchemaOf = (columns: ReadonlyMap<string, readonly PackageColumn[]>) => ({
  $schema: 'https://json-schema.org/draft/2020-12/schema',
  title: 'A package of Unhurried Owl, version 1',
  description: 'manifest.json has the shape of #/$defs/manifest; each line of tables/NAME.jsonl that of #/$defs/NAME.',
  $defs: {
    manifest: withoutDialect(manifestShape),
    ...Object.fromEntries([...rowShapes(columns)].map(([name, shape]) => [name, withoutDialect(shape)])),
  },
});

function withoutDialect(shape: z.ZodType): object {
  const { $schema: _dialect, ...rest } = z.toJSONSchema(shape, { unrepresentable: 'any', io: 'input' });
  return rest;
}
