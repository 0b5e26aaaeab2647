import { createInterface } from 'node:readline';
import type { Readable } from 'node:stream';
import yauzl from 'yauzl';
import { fail, type Result, succeed } from '@/core/kernel';
import type { PackageRow } from '@/data/exchange/packageRows';
import { manifestShape, type PackageManifest } from './packageShape';

/** More than years of an academy; a ZIP that claims more is none of ours. @source own decision: a million marks make about half a gigabyte */
const MOST_TABLE_BYTES = 4 * 1024 ** 3;
const MOST_MANIFEST_BYTES = 1024 * 1024;
const MOST_LINE_CHARACTERS = 4 * 1024 * 1024;
const MOST_ENTRIES = 200_000;

export type PackageProblem = { readonly code: 'no-zip' | 'no-package' | 'newer' | 'broken'; readonly words?: string };

export interface OpenPackage {
  readonly manifest: PackageManifest;
  /** The rows of a table, a thousand at a time; what is no JSON object is left out and counted. */
  readonly rowsOf: (table: string, onBad: () => void) => AsyncGenerator<readonly PackageRow[]>;
  readonly filmOf: (storageName: string) => Promise<Readable | undefined>;
  readonly close: () => void;
}

/** Opens a package for reading. Nothing of it is unpacked to the disk under a name of its own. */
export async function openPackage(file: string): Promise<Result<OpenPackage, PackageProblem>> {
  let zip: yauzl.ZipFile;
  try {
    zip = await openZip(file);
  } catch (error) {
    return fail({ code: 'no-zip', words: (error as Error).message });
  }
  try {
    const entries = await listEntries(zip);
    const streamOf = (name: string): Promise<Readable | undefined> => {
      const entry = entries.get(name);
      return entry ? openStream(zip, entry) : Promise.resolve(undefined);
    };
    const text = await readWhole(await streamOf('manifest.json'), MOST_MANIFEST_BYTES);
    const told = text === undefined ? undefined : parseJson(text);
    const manifest = manifestShape.safeParse(told);
    if (!manifest.success) {
      zip.close();
      const version = (told as { format?: unknown; version?: unknown } | undefined) ?? {};
      const isNewer =
        version.format === 'unhurried-owl-package' && typeof version.version === 'number' && version.version > 1;
      return fail({ code: isNewer ? 'newer' : 'no-package' });
    }
    return succeed({
      manifest: manifest.data,
      rowsOf: (table, onBad) => rowsIn(streamOf(`tables/${table}.jsonl`), onBad),
      filmOf: (name) => streamOf(`films/${name}`),
      close: () => zip.close(),
    });
  } catch (error) {
    zip.close();
    return fail({ code: 'broken', words: (error as Error).message });
  }
}

const openZip = (file: string): Promise<yauzl.ZipFile> =>
  new Promise((resolve, reject) => {
    yauzl.open(file, { lazyEntries: true, autoClose: false, validateEntrySizes: true }, (error, zip) =>
      error ? reject(error) : resolve(zip),
    );
  });

function listEntries(zip: yauzl.ZipFile): Promise<ReadonlyMap<string, yauzl.Entry>> {
  const entries = new Map<string, yauzl.Entry>();
  return new Promise((resolve, reject) => {
    zip.on('entry', (entry: yauzl.Entry) => {
      entries.set(entry.fileName, entry);
      if (entries.size > MOST_ENTRIES) reject(new Error('too many files'));
      else zip.readEntry();
    });
    zip.once('end', () => resolve(entries));
    zip.once('error', reject);
    zip.readEntry();
  });
}

const openStream = (zip: yauzl.ZipFile, entry: yauzl.Entry): Promise<Readable> =>
  new Promise((resolve, reject) => {
    if (entry.fileName.startsWith('tables/') && entry.uncompressedSize > MOST_TABLE_BYTES)
      return reject(new Error(`${entry.fileName} is too large`));
    zip.openReadStream(entry, (error, stream) => (error ? reject(error) : resolve(stream)));
  });

async function readWhole(stream: Readable | undefined, most: number): Promise<string | undefined> {
  if (!stream) return undefined;
  const pieces: Buffer[] = [];
  let bytes = 0;
  for await (const piece of stream as AsyncIterable<Buffer>) {
    bytes += piece.length;
    if (bytes > most) return undefined;
    pieces.push(piece);
  }
  return Buffer.concat(pieces).toString('utf8');
}

function parseJson(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}

const AT_ONCE = 1000;

async function* rowsIn(
  opening: Promise<Readable | undefined>,
  onBad: () => void,
): AsyncGenerator<readonly PackageRow[]> {
  const stream = await opening;
  if (!stream) return;
  let rows: PackageRow[] = [];
  for await (const line of createInterface({ input: stream, crlfDelay: Number.POSITIVE_INFINITY })) {
    if (line.trim() === '') continue;
    const row = line.length > MOST_LINE_CHARACTERS ? undefined : parseJson(line);
    if (typeof row === 'object' && row !== null && !Array.isArray(row)) rows.push(row as PackageRow);
    else onBad();
    if (rows.length === AT_ONCE) {
      yield rows;
      rows = [];
    }
  }
  if (rows.length > 0) yield rows;
}
