import { readdir, readFile } from 'node:fs/promises';
import path from 'node:path';
import { z } from 'zod';

const digest = z.string().regex(/^[0-9a-f]{64}$/);
const bytes = z.number().int().min(0);
/** A path below the data folder, and never out of it. */
const inside = z
  .string()
  .min(1)
  .max(1000)
  .refine(
    (text) =>
      !text.startsWith('/') && !/[\\\0]/.test(text) && text.split('/').every((part) => !['', '.', '..'].includes(part)),
  );

/** What a backup is, written last: a folder without it was broken off. */
export const manifestShape = z.object({
  format: z.literal('unhurried-owl-backup'),
  version: z.literal(1),
  madeAt: z.iso.datetime(),
  migrations: z.array(z.string()),
  /** Rows of each table. */
  tables: z.record(z.string(), z.number().int().min(0)),
  database: z.object({ sha256: digest, bytes }),
  files: z.array(z.object({ path: inside, sha256: digest, bytes, mtimeMs: z.number() })),
});
export type Manifest = z.output<typeof manifestShape>;
export type KeptFile = Manifest['files'][number];

export const MANIFEST = 'manifest.json';
export const DUMP = 'database.dump';
const STORE = 'files';

/** Where a file of this content lies in a folder of backups: once, however many backups hold it. */
export const storePath = (folder: string, sha256: string): string =>
  path.join(folder, STORE, sha256.slice(0, 2), sha256);
export const storeFolder = (folder: string): string => path.join(folder, STORE);

/** The name of a backup is the moment at which it was begun. */
export const nameOf = (moment: Date): string =>
  moment
    .toISOString()
    .replace(/\.\d+Z$/, 'Z')
    .replaceAll(':', '-');
const NAMED = /^\d{4}-\d{2}-\d{2}T\d{2}-\d{2}-\d{2}Z$/;

export interface Backup {
  readonly name: string;
  /** Undefined where there is none, or none that can be read. */
  readonly manifest: Manifest | undefined;
  /** It was never finished. */
  readonly isBrokenOff: boolean;
}

/** The backups of a folder, the newest first. Throws where the folder cannot be read. */
export async function listBackups(folder: string): Promise<readonly Backup[]> {
  const names = (await readdir(folder)).filter((name) => NAMED.test(name)).sort((one, other) => (one < other ? 1 : -1));
  return Promise.all(
    names.map(async (name) => {
      const text = await readFile(path.join(folder, name, MANIFEST), 'utf8').catch(
        (error: NodeJS.ErrnoException) => error,
      );
      if (typeof text === 'string') return { name, manifest: parseManifest(text), isBrokenOff: false };
      return { name, manifest: undefined, isBrokenOff: text.code === 'ENOENT' };
    }),
  );
}

function parseManifest(text: string): Manifest | undefined {
  try {
    return manifestShape.parse(JSON.parse(text));
  } catch {
    return undefined;
  }
}
